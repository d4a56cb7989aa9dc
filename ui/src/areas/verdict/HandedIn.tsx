import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { VerdictPage } from "../../api/types";

/** What was written before the clock, and judged. */
export function HandedIn({ answers }: { answers: VerdictPage["answers"] }) {
  if (answers.length === 0) return null;

  return (
    <Box component="section" aria-label="Written before the clock" sx={{ mb: 2 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Written before the clock
      </Typography>
      {answers.map((it) => (
        <Box key={it.criterion} sx={{ borderLeft: "4px solid", borderColor: "divider", pl: 1.5, mb: 1.5 }}>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            {it.question}
          </Typography>
          <Typography sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere" }}>{it.answer}</Typography>
        </Box>
      ))}
    </Box>
  );
}
