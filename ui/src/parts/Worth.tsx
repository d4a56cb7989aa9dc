import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { VerdictPage } from "../api/types";

/** What to change first: what cost most, and how the standard describes the next step. */
export function Worth({ worth }: { worth: VerdictPage["worth"] }) {
  if (worth.length === 0) return null;

  return (
    <Box component="section" aria-label="What to change first" sx={{ mb: 2.5 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        What to change first
      </Typography>
      <Box component="ol" sx={{ m: 0, pl: 3 }}>
        {worth.map((it) => (
          <Box component="li" key={it.text} sx={{ py: 0.25 }}>
            <strong>{it.points.toFixed(1)} points:</strong> {it.text}
            {it.next !== null && (
              <Box component="span" sx={{ color: "secondary.main" }}>
                {" "}
                The next step: “{it.next}”
              </Box>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
