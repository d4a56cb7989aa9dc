import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** Said to a screen reader, not shown. */
export function Unseen({ children, ...aria }: { children: ReactNode; "aria-live"?: "polite" }) {
  return (
    <Box
      component="span"
      {...aria}
      sx={{ position: "absolute", width: 1, height: 1, overflow: "hidden", clipPath: "inset(50%)", whiteSpace: "nowrap" }}
    >
      {children}
    </Box>
  );
}
