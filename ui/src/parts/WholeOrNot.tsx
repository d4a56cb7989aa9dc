import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** A word in one line where there is room for all of it, and nothing where there is not: half a name is none. */
export function WholeOrNot({ children }: { children: ReactNode }) {
  return (
    // What does not fit beside the first, empty part goes to a second line, which is not shown.
    <Box
      component="span"
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignContent: "flex-start",
        height: "1lh",
        overflow: "hidden",
        whiteSpace: "nowrap",
        "&::before": { content: '""', width: "1px", height: "1lh" },
      }}
    >
      <span>{children}</span>
    </Box>
  );
}
