import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

/** One part of a page under its heading. */
export function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" sx={{ borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5, mb: 1.25 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}
