import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Floor, FloorStation } from "../../api/types";
import { clockOffers, clockTurn, setsRunning } from "../../parts/clockOffers";
import { clock } from "../../parts/format";
import { useTimeWords } from "../../parts/times";
import { StartAnyway } from "../../parts/StartAnyway";
import { useKeys } from "../../parts/useKey";
import { MarkedBy } from "../../parts/MarkedBy";
import { ClockBar } from "./ClockBar";
import { MarkPanel } from "./MarkPanel";
import { SafetyStop } from "./SafetyStop";
import type { StationCaptures } from "./useStationCaptures";

interface StationPanelProps {
  floor: Floor;
  station: FloorStation;
  now: number;
  entries: StationCaptures;
  onClose: () => void;
}

const turned = { start: "Clock started", pause: "Clock paused", resume: "Clock runs on", stop: "Presented" };

const pauses = [
  ["Injury", "injury"],
  ["Equipment", "equipment"],
  ["Announcement", "announcement"],
] as const;

/** The picked station: its clock, its marks, and the one large control that stops it. */
export function StationPanel({ floor, station, now, entries, onClose }: StationPanelProps) {
  const { timeOfDay } = useTimeWords();
  const [isStopping, setStopping] = useState(false);
  const [asked, setAsked] = useState<"start" | "resume" | null>(null);
  const { attempt, stage } = station;
  const who = `station ${station.station}`;
  const isRunning = station.running_since_ms !== null;
  const turn = (event: keyof typeof turned): void => {
    if (setsRunning(event) && station.gate !== null) setAsked(event);
    else void entries.take(attempt, `${turned[event]}, ${who}`, { kind: "clock", event });
  };
  useKeys((key) => {
    const event = key === " " ? clockTurn(station) : undefined;
    if (event !== undefined) turn(event);
    if (key === "m") document.querySelector<HTMLElement>("#floor-marks button")?.focus();

    return event !== undefined || key === "m";
  });
  const stop = (): void => {
    if (isRunning) void entries.take(attempt, `${turned.pause}, ${who}`, { kind: "clock", event: "pause", reason: "safety stop" });
    setStopping(true);
  };
  const next = floor.checkpoints.find((it) => !station.splits.some((split) => split.checkpoint === it.id));

  return (
    <Box
      component="aside"
      aria-label={`Station ${station.station}`}
      sx={{
        display: "grid",
        gap: 1.25,
        alignContent: "start",
        p: 1.5,
        pb: 7,
        bgcolor: "background.paper",
        borderLeft: "2px solid",
        borderColor: "text.primary",
        overflowY: "auto",
      }}
    >
      {/* Whatever is scrolled to: who it is, and the way to stop. */}
      <Box
        sx={{
          position: "sticky",
          top: -12,
          zIndex: 1,
          mx: -1.5,
          mt: -1.5,
          px: 1.5,
          py: 1,
          bgcolor: "background.paper",
          display: "grid",
          gap: 1,
        }}
      >
        <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
          <Typography variant="figure" sx={{ fontSize: 38, lineHeight: 1 }}>
            {station.station}
          </Typography>
          <Typography variant="h2" component="p" sx={{ flex: 1, minWidth: 0, overflowWrap: "anywhere" }}>
            {station.student}
          </Typography>
          <Button size="small" onClick={onClose} aria-label="Close the station">
            ×
          </Button>
        </Box>
        <Button
          onClick={stop}
          sx={{
            minHeight: 64,
            fontSize: "1.4rem",
            bgcolor: "error.main",
            color: "background.paper",
            borderColor: "error.main",
            "&:hover": { bgcolor: "error.main" },
          }}
        >
          Safety stop
        </Button>
      </Box>
      <MarkedBy assessors={floor.assessors.filter((it) => it.stations.includes(station.station))} />
      <ClockBar station={station} time={floor.time} now={now} />
      {station.splits.map((split) => (
        <Typography key={split.checkpoint} variant="label">
          {split.title}: {clock(split.running_ms)}
        </Typography>
      ))}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {clockOffers(station)
          .filter(({ event }) => event !== "pause")
          .map(({ event, label }, index) => (
            <Button key={event} variant={index === 0 && !station.presented ? "contained" : "outlined"} onClick={() => turn(event)}>
              {label}
            </Button>
          ))}
        {isRunning && next !== undefined && (
          <Button onClick={() => void entries.take(attempt, `${next.title}, ${who}`, { kind: "checkpoint", checkpoint: next.id })}>
            {next.title}
          </Button>
        )}
        {isRunning &&
          pauses.map(([word, reason]) => (
            <Button
              key={reason}
              size="small"
              sx={{ minHeight: 48 }}
              onClick={() => void entries.take(attempt, `${turned.pause}, ${who}`, { kind: "clock", event: "pause", reason })}
            >
              Pause: {word.toLowerCase()}
            </Button>
          ))}
        <Button component={Link} to={`/tray/${attempt}`}>
          {stage === "presented" ? "To the scale" : "Tray"}
        </Button>
      </Box>
      <MarkPanel
        marks={floor.marks}
        praise={floor.praise}
        onFault={(fault, title) => void entries.take(attempt, `${title}, ${who}`, { kind: "fault", fault })}
        onWell={(text) => void entries.take(attempt, `${text}, ${who}`, { kind: "well", text })}
        onNote={(text) => entries.take(attempt, `Note, ${who}`, { kind: "note", text })}
      />
      <Box component="ol" aria-label="Last marks" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {station.last.map((it) => (
          <Typography key={it.id} component="li" variant="body2" sx={{ borderTop: "1px solid", borderColor: "divider", py: 0.25 }}>
            {timeOfDay(it.at)} {it.text}
          </Typography>
        ))}
      </Box>
      {isStopping && (
        <SafetyStop
          floor={floor}
          station={station}
          onRecord={(incident) => entries.take(attempt, `Incident recorded, ${who}`, incident)}
          onClose={() => setStopping(false)}
        />
      )}
      {asked !== null && station.gate !== null && (
        <StartAnyway
          station={station.station}
          gate={station.gate}
          mise={floor.mise}
          open={station.mise_open}
          event={asked}
          onStart={(...facts) => entries.take(attempt, `${turned[asked]}, ${who}`, ...facts)}
          onClose={() => setAsked(null)}
        />
      )}
    </Box>
  );
}
