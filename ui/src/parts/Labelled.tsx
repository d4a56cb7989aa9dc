import Box from "@mui/material/Box";
import type { SxProps, Theme } from "@mui/material/styles";
import type { ReactNode } from "react";

interface LabelledProps {
  id: string;
  label: string;
  hint?: string | undefined;
  problem?: string | undefined;
  sx?: SxProps<Theme> | undefined;
  children: ReactNode;
}

/** The id of the note beneath a line to write on; undefined where there is none. */
export const noteOf = (id: string, note: string | undefined): string | undefined => (note === undefined ? undefined : `${id}-note`);

/** A line to write on with its label above it; what is wrong stands beneath it. */
export function Labelled({ id, label, hint, problem, sx, children }: LabelledProps) {
  const note = problem ?? hint;

  return (
    <Box sx={[{ display: "flex", flexDirection: "column", gap: 0.5 }, ...(Array.isArray(sx) ? sx : [sx])]}>
      <Box component="label" htmlFor={id} sx={{ typography: "label" }}>
        {label}
      </Box>
      {children}
      {note !== undefined && (
        <Box
          component="span"
          id={noteOf(id, note)}
          role={problem === undefined ? undefined : "alert"}
          sx={{ typography: "caption", color: problem === undefined ? "text.secondary" : "error.main" }}
        >
          {note}
        </Box>
      )}
    </Box>
  );
}
