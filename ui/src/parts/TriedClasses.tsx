import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { TriedClass } from "../api/types";
import { counted, day, points } from "./format";

/** Classes graded by something that is not published: whose band would be another, class by class. */
export function TriedClasses({ classes, places }: { classes: TriedClass[]; places: number }) {
  return classes.map((it) => <TriedClassPart key={it.assessment} tried={it} places={places} />);
}

function TriedClassPart({ tried, places }: { tried: TriedClass; places: number }) {
  const { assessment, title, held_on, results, totals, bands, problem } = tried;

  return (
    <Box role="group" aria-label={title} sx={{ mt: 2 }}>
      <Typography variant="h3" sx={{ fontSize: "1.1rem" }}>
        <Link to={`/sheet/${assessment}`}>{title}</Link>, {day(held_on)}
      </Typography>
      {problem !== null && (
        <Typography variant="body2" sx={{ color: "error.main" }}>
          {problem}
        </Typography>
      )}
      {problem === null && (
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          {counted(results, "final result")}:{" "}
          {totals === 0 && bands.length === 0 ? "none would change" : `${totals} would have another total, ${bands.length} another band`}
        </Typography>
      )}
      {bands.length > 0 && (
        <Box
          component="table"
          sx={{
            borderCollapse: "collapse",
            width: "100%",
            maxWidth: 620,
            mt: 0.5,
            "& td": { py: 0.25, pr: 1, borderBottom: "1px solid", borderColor: "divider" },
          }}
        >
          <tbody>
            {bands.map((it) => (
              <tr key={it.attempt}>
                <Box component="td" sx={{ typography: "label" }}>
                  {it.student}
                </Box>
                <Box component="td" sx={{ typography: "figure", whiteSpace: "nowrap", textAlign: "right" }}>
                  {it.total === null ? "–" : points(it.total, 1)} {it.band}
                </Box>
                <Box component="td" sx={{ typography: "figure", whiteSpace: "nowrap", textAlign: "right", fontWeight: 600 }}>
                  → {it.new_total === null ? "–" : points(it.new_total, places)} {it.new_band}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
    </Box>
  );
}
