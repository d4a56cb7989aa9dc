import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** Fields side by side, as many as there is room for. */
export function Fields({ children, least = 120 }: { children: ReactNode; least?: number }) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: `repeat(auto-fill, minmax(${least}px, 1fr))`, gap: 1.25, alignItems: "end" }}>
      {children}
    </Box>
  );
}
