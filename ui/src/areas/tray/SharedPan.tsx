import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Assessment, Tray } from "../../api/types";
import { PanMap } from "./PanMap";

interface SharedPanProps {
  tray: Tray;
  assessment: Assessment;
  /** Everything of this student is weighed. */
  isWeighed: boolean;
}

/** Whose pieces are whose, where students present on one pan: one zone is weighed whole, then the next. */
export function SharedPan({ tray, assessment, isWeighed }: SharedPanProps) {
  const { pan } = tray.on_floor;
  if (pan === null || pan.of < 2) return null;
  const zones = assessment.stations
    .flatMap((it) => (it.pan?.pan === pan.pan ? [{ ...it, zone: it.pan.zone }] : []))
    .sort((one, other) => one.zone.localeCompare(other.zone));
  const next = zones[zones.findIndex((it) => it.attempt === tray.attempt) + 1];

  return (
    <Box component="section" aria-label="Shared pan" sx={{ display: "flex", flexDirection: "column", gap: 1 }}>
      <Typography>
        Zone <b>{pan.zone}</b> of pan {pan.pan} is {tray.student}&rsquo;s. Weigh all of it before another zone is touched.
      </Typography>
      <PanMap
        pan={pan.pan}
        current={pan.zone}
        zones={zones.map(({ zone, station, student, attempt }) => ({ zone, station, student, to: `/tray/${attempt}/weigh` }))}
      />
      {isWeighed && next !== undefined && (
        <Button variant="contained" component={Link} to={`/tray/${next.attempt}/weigh`} sx={{ alignSelf: "flex-start" }}>
          Next: zone {next.zone}, {next.student}
        </Button>
      )}
    </Box>
  );
}
