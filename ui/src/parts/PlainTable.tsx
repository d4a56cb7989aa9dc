import Box from "@mui/material/Box";
import type { ReactNode } from "react";

interface PlainTableProps {
  /** Said of it to a screen reader. */
  label: string;
  /** Heads of columns; those of figures stand to the right. */
  heads: { title: string; isFigure?: boolean }[];
  minWidth?: number;
  children: ReactNode;
}

/** A table of rows that are read, in its own frame where the screen is narrower. */
export function PlainTable({ label, heads, minWidth = 0, children }: PlainTableProps) {
  return (
    <Box role="group" aria-label={label} tabIndex={0} sx={{ overflowX: "auto" }}>
      <Box
        component="table"
        sx={{
          borderCollapse: "collapse",
          width: "100%",
          minWidth,
          "& th, & td": { textAlign: "left", verticalAlign: "baseline", py: 0.5, pr: 2, borderBottom: "1px solid", borderColor: "divider" },
        }}
      >
        <thead>
          <tr>
            {heads.map(({ title, isFigure = false }) => (
              <Box key={title} component="th" sx={isFigure ? { "&&": { textAlign: "right" }, whiteSpace: "nowrap" } : {}}>
                {title}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </Box>
    </Box>
  );
}

/** A cell of a figure. */
export function FigureCell({ children }: { children: ReactNode }) {
  return (
    <Box component="td" sx={{ typography: "figure", "&&": { textAlign: "right", whiteSpace: "nowrap" } }}>
      {children}
    </Box>
  );
}
