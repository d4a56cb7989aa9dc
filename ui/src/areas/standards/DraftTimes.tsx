import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Standard } from "../../api/types";
import { Field } from "../../parts/Field";

const MINUTE = 60_000;
const GRAM = 1_000;

/** Time and scrape limits of the draft. */
export function DraftTimes({ draft, onChange }: { draft: Standard; onChange: (draft: Standard) => void }) {
  const { time, frame } = draft;
  const number = (text: string, unit: number): number => Math.round((Number(text.replace(",", ".")) || 0) * unit);

  return (
    <Box component="section" aria-label="Limits of the draft" sx={{ mt: 2 }}>
      <Typography variant="h2" gutterBottom>
        Time and scrape
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(130px, 1fr))", gap: 1.5 }}>
        {time !== null && (
          <>
            <Field
              label="Time, min"
              inputMode="decimal"
              defaultValue={time.standard_ms / MINUTE}
              onChange={(event) => onChange({ ...draft, time: { ...time, standard_ms: number(event.target.value, MINUTE) } })}
            />
            <Field
              label="Limit, min"
              inputMode="decimal"
              defaultValue={time.limit_ms / MINUTE}
              onChange={(event) => onChange({ ...draft, time: { ...time, limit_ms: number(event.target.value, MINUTE) } })}
            />
          </>
        )}
        {frame !== null && (
          <>
            <Field
              label="Scrape clean to, g"
              inputMode="decimal"
              defaultValue={frame.clean_mg / GRAM}
              onChange={(event) => onChange({ ...draft, frame: { ...frame, clean_mg: number(event.target.value, GRAM) } })}
            />
            <Field
              label="Scrape limit, g"
              inputMode="decimal"
              defaultValue={frame.limit_mg / GRAM}
              onChange={(event) => onChange({ ...draft, frame: { ...frame, limit_mg: number(event.target.value, GRAM) } })}
            />
          </>
        )}
      </Box>
    </Box>
  );
}
