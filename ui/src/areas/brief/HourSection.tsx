import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Brief, BriefDocument } from "../../api/types";
import type { BriefKeeping } from "../../api/useBriefs";
import { Field } from "../../parts/Field";
import { NumberField } from "../../parts/NumberField";
import { percent } from "../../parts/format";
import { HourChart } from "./HourChart";
import { timeAt } from "./hour";
import { Section } from "../../parts/Section";
import { Fields } from "./Fields";

interface BriefPart {
  document: BriefDocument;
  brief: Brief;
  onChange: BriefKeeping["change"];
}

const MINUTE = 60;

/** When and where, in how many waves, and how it goes at the scale. */
export function HourSection({ document, brief, onChange }: BriefPart) {
  const number = (key: "benches" | "scales" | "waves", value: number): void =>
    onChange((before) => ({ ...before, [key]: Math.max(1, Math.round(value)) }));
  const minutes = (key: "gap_s" | "mise_s" | "clean_s" | "wait_s", value: number): void =>
    onChange((before) => ({ ...before, [key]: Math.max(0, Math.round(value * MINUTE)) }));

  return (
    <Section title="When and where">
      <Fields least={150}>
        <Field
          label="Day"
          type="date"
          value={document.day ?? ""}
          onChange={({ target }) => onChange((before) => ({ ...before, day: target.value === "" ? null : target.value }))}
        />
        <Field
          label="Begins"
          type="time"
          value={document.start ?? ""}
          onChange={({ target }) => onChange((before) => ({ ...before, start: target.value === "" ? null : target.value }))}
        />
        <Field
          label="Room"
          value={document.room}
          autoComplete="off"
          inputProps={{ list: "rooms" }}
          onChange={({ target }) => {
            const room = brief.rooms.find((it) => it.name === target.value);
            onChange((before) => ({
              ...before,
              room: target.value,
              benches: room !== undefined && room.benches > 0 ? room.benches : before.benches,
            }));
          }}
        />
        <datalist id="rooms">
          {brief.rooms.map((it) => (
            <option key={it.name} value={it.name} />
          ))}
        </datalist>
      </Fields>
      <Box sx={{ mt: 1.25 }}>
        <Fields least={92}>
          <NumberField label="Stations there" places={0} value={document.benches} onNumber={(it) => number("benches", it)} />
          <NumberField label="Scales" places={0} value={document.scales} onNumber={(it) => number("scales", it)} />
          <NumberField label="Waves" places={0} value={document.waves} onNumber={(it) => number("waves", it)} />
          <NumberField label="Gap, min" places={1} value={document.gap_s / MINUTE} onNumber={(it) => minutes("gap_s", it)} />
          <NumberField label="Mise, min" places={1} value={document.mise_s / MINUTE} onNumber={(it) => minutes("mise_s", it)} />
          <NumberField label="Cleaning, min" places={1} value={document.clean_s / MINUTE} onNumber={(it) => minutes("clean_s", it)} />
          <NumberField label="Wait up to, min" places={1} value={document.wait_s / MINUTE} onNumber={(it) => minutes("wait_s", it)} />
        </Fields>
      </Box>
      {brief.hour.p95_wait_s !== null && (
        <>
          <HourChart brief={brief} gap={{ s: document.gap_s, onChange: (gap_s) => onChange((before) => ({ ...before, gap_s })) }} />
          <AtTheScale gapS={document.gap_s} brief={brief} onGap={(gap_s) => onChange((before) => ({ ...before, gap_s }))} />
        </>
      )}
    </Section>
  );
}

/** How long trays wait, when the last is weighed, whether a gap would help; and what that rests on. */
function AtTheScale({ gapS, brief, onGap }: { gapS: number; brief: Brief; onGap: (gapS: number) => void }) {
  // What follows is said of what was last kept, not of what is being typed.
  const { hour, document } = brief;
  const wait = hour.p95_wait_s ?? 0;
  const isLong = wait > document.wait_s;
  const minutes = (seconds: number): string => `${(seconds / MINUTE).toFixed(1)} min`;
  const at = (seconds: number | null): string => timeAt(document.start, seconds ?? 0);

  return (
    <Box sx={{ mt: 1 }}>
      <Typography>
        A tray waits {minutes(hour.mean_wait_s ?? 0)} for the scale on average;{" "}
        <Box component="span" sx={{ fontWeight: 600, color: isLong ? "error.main" : "inherit" }}>
          19 in 20 wait no longer than {minutes(wait)}
        </Box>
        . The last tray is weighed about {at(hour.last_s)}, in 19 of 20 such hours by {at(hour.p95_last_s)}; the last station is clean at{" "}
        {at(hour.free_s)}. The {document.scales === 1 ? "scale is" : "scales are"} busy {percent(hour.utilisation ?? 0, 0)} of the time.
      </Typography>
      {isLong && (
        <Typography variant="body2" sx={{ borderLeft: "4px solid", borderColor: "error.main", pl: 1, mt: 0.75 }}>
          Raw product stands while it waits, and its waiting counts on the cold-chain clock: keep it short, or keep trays cold. Local codes
          and the school&rsquo;s own licensed staff decide.
        </Typography>
      )}
      {hour.smallest_gap_s !== null && hour.smallest_gap_s !== gapS && (
        <Typography component="div" sx={{ mt: 0.75 }}>
          The smallest gap that keeps 19 in 20 under {minutes(document.wait_s)} is {Math.round(hour.smallest_gap_s / MINUTE)} min.{" "}
          <Button size="small" onClick={() => onGap(hour.smallest_gap_s ?? gapS)}>
            Take it
          </Button>
        </Typography>
      )}
      {hour.waves > 1 && hour.smallest_gap_s === null && (
        <Typography sx={{ mt: 0.75 }}>No gap keeps the wait under {minutes(document.wait_s)}: more waves, or another scale.</Typography>
      )}
      <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 0.75 }}>
        {hour.is_own
          ? `From ${hour.weighed_trays} trays weighed here: ${minutes(hour.weighing_s)} each on average.`
          : `A usual figure, from memory: ${minutes(hour.weighing_s)} a tray; the school's own times count from 20 trays on (${hour.weighed_trays} so far).`}{" "}
        Trays of a wave are taken to come evenly between standard time and limit (common practice).
      </Typography>
    </Box>
  );
}
