import Box from "@mui/material/Box";
import type { ReactNode } from "react";

interface UnseenProps {
  children: ReactNode;
  component?: "span" | "h1";
  "aria-live"?: "polite";
}

/** Said to a screen reader, not shown. */
export function Unseen({ children, component = "span", ...aria }: UnseenProps) {
  return (
    <Box
      component={component}
      {...aria}
      sx={{ position: "absolute", m: 0, width: "1px", height: "1px", overflow: "hidden", clipPath: "inset(50%)", whiteSpace: "nowrap" }}
    >
      {children}
    </Box>
  );
}
