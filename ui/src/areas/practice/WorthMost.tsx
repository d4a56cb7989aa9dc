import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { PracticeOf } from "../../api/types";
import { points } from "../../parts/format";
import { DrillLine } from "./DrillLine";

/** What would have given most points in the last tries, and the level above as the standard describes it. */
export function WorthMost({ standard, worth }: { standard: string; worth: PracticeOf["worth"] }) {
  const tries = worth[0]?.tries ?? 0;
  if (tries === 0) return null;

  return (
    <Box component="section" aria-label="What is worth most now" sx={{ mb: 2.5 }}>
      <Typography variant="h2">What is worth most now</Typography>
      <Typography sx={{ color: "text.secondary", mb: 0.5 }}>
        Each graded again with that one thing better{tries > 1 && `, the mean of your last ${tries} tries`}.
      </Typography>
      <Box component="ol" sx={{ m: 0, pl: 0, listStyle: "none" }}>
        {worth.map((it) => (
          <Box
            component="li"
            key={it.text}
            sx={{
              display: "grid",
              gridTemplateColumns: "76px minmax(0, 1fr)",
              gap: 1.5,
              py: 1,
              borderTop: "1px solid",
              borderColor: "divider",
            }}
          >
            <Typography variant="figure" sx={{ fontSize: 26, lineHeight: 1, textAlign: "right" }}>
              +{points(it.points)}
            </Typography>
            <Box>
              <Typography>
                {it.text}
                {it.tries > 1 && ` In ${it.times} of ${it.tries} tries.`}
              </Typography>
              {it.step !== null && <Link to={`/practice/${standard}/follow?step=${it.step + 1}`}>Step {it.step + 1} of the card</Link>}
              {it.next !== null && <Typography sx={{ fontWeight: 700 }}>One step up: {it.next}</Typography>}
              <DrillLine standard={standard} item={it} />
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
