import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Floor, FloorStation } from "../../api/types";
import { clock, counted } from "../../parts/format";
import type { StationCaptures } from "./useStationCaptures";

/** Ready to start: a carcass is there, the gate of the mise en place is open, the clock has not run. */
const isReady = (it: FloorStation): boolean => it.received_mg !== null && it.started_ms === null && it.gate === null;

/** What keeps stations from starting; empty where one is ready. */
function waitsFor(stations: FloorStation[]): string {
  if (stations.some(isReady)) return "";
  const received = stations.filter((it) => it.received_mg !== null);
  const lacks: [number, string][] = [
    [stations.length - received.length, "without a carcass"],
    [received.filter((it) => it.gate?.looked === false).length, "with the mise not looked at"],
    [received.filter((it) => it.gate?.looked === true).length, "with the mise not in order"],
  ];

  return lacks.flatMap(([count, words]) => (count > 0 ? [`${count} ${words}`] : [])).join(", ");
}

/** Starts a wave, or all that are ready, says what the next of them wait for, and when the next wave is due. */
export function StartClocks({ floor, now, entries }: { floor: Floor; now: number; entries: StationCaptures }) {
  const waves = [...new Set(floor.stations.map((it) => it.wave))].sort((a, b) => a - b);
  const start = (stations: FloorStation[]): Promise<boolean> =>
    entries.takeAll(
      `Clock started, ${counted(stations.length, "station")}`,
      stations.map(({ attempt }) => ({ attempt, fact: { kind: "clock", event: "start" } })),
    );
  const groups =
    waves.length > 1
      ? waves.map((wave) => ({ label: `Start wave ${wave}`, of: floor.stations.filter((it) => it.wave === wave), wave }))
      : [{ label: "Start all", of: floor.stations, wave: 1 }];

  const waiting = groups.map(({ of }) => of.filter((it) => it.started_ms === null)).find((it) => it.length > 0);
  const lacking = waitsFor(waiting ?? []);

  return (
    <>
      {groups.map(({ label, of, wave }) => {
        const ready = of.filter(isReady);
        const first = floor.stations.flatMap((it) => (it.wave === wave - 1 && it.started_ms !== null ? [it.started_ms] : []));
        const due = wave > 1 && first.length > 0 && floor.wave_gap_ms > 0 ? Math.min(...first) + floor.wave_gap_ms - now : null;

        return (
          <Button key={label} disabled={ready.length === 0} onClick={() => void start(ready)}>
            {label} ({ready.length})
            {due !== null && due > 0 && (
              <Typography component="span" variant="figure" sx={{ ml: 1 }}>
                in {clock(due)}
              </Typography>
            )}
          </Button>
        );
      })}
      {lacking !== "" && (
        // It takes the room that is left in the bar: a row of its own would make the tiles lower.
        <Typography
          variant="caption"
          sx={{ color: "text.secondary", lineHeight: 1.25, flex: { xs: "1 1 100%", md: "99 1 0" }, minWidth: 0 }}
        >
          {lacking}
        </Typography>
      )}
    </>
  );
}
