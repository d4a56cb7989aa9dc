import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";

/** One question of the brief under its heading. */
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

/** Fields side by side, as many as there is room for. */
export function Fields({ children, least = 120 }: { children: ReactNode; least?: number }) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: `repeat(auto-fill, minmax(${least}px, 1fr))`, gap: 1.25, alignItems: "end" }}>
      {children}
    </Box>
  );
}
