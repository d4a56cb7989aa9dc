import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { Appeal } from "../api/types";
import { outcomeTitle } from "./outcomes";

interface AppealLinesProps {
  appeal: Appeal;
  /** Under each line, for whom decides it. */
  under?: (line: number) => ReactNode;
}

/** The lines of an appeal: what the result says, what the student says, and what was decided. */
export function AppealLines({ appeal, under }: AppealLinesProps) {
  return (
    <Box component="ol" aria-label="Lines of the appeal" sx={{ listStyle: "none", m: 0, p: 0 }}>
      {appeal.lines.map((line, index) => (
        <Box component="li" key={line.text} sx={{ py: 1, borderTop: "1px solid", borderColor: "divider" }}>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            {line.text} (−{line.lost.toFixed(2)})
          </Typography>
          <Typography sx={{ overflowWrap: "anywhere" }}>{line.why}</Typography>
          <Typography sx={{ borderLeft: "4px solid", borderColor: "secondary.main", pl: 1, mt: 0.5, overflowWrap: "anywhere" }}>
            {line.outcome === null ? "Not decided yet." : `${outcomeTitle(line.outcome)}, by ${line.decided_by}: ${line.reason}`}
          </Typography>
          {under?.(index)}
        </Box>
      ))}
    </Box>
  );
}
