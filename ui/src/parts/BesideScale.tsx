import Box from "@mui/material/Box";
import type { ReactNode } from "react";

/** Two columns: what is worked on, and the scale beside it; on a phone the scale stands below. */
export function BesideScale({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) 372px" },
        gap: 2,
        px: { xs: 2, md: 3 },
        py: 1.75,
        alignItems: "start",
      }}
    >
      {children}
    </Box>
  );
}
