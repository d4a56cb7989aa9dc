import Box from "@mui/material/Box";
import { useState } from "react";
import type { Brief, BriefStudent } from "../../api/types";
import { counted } from "../../parts/format";
import { startsWithGap, timeAt } from "./hour";
import { WaveGrips } from "./WaveGrips";

const ROW = 17;
const LEFT = 30;
const RIGHT = 8;
const WIDTH = 700;
/** Narrower than this it is scrolled. */
const LEAST = 480;
const TICK_S = 900;
const MINUTE_S = 60;
/** How high the queue is drawn where it is longest. */
const QUEUE = 54;

interface HourChartProps {
  brief: Brief;
  /** The gap from one wave to the next as it is written now, and what changes it; without it no wave can be moved. */
  gap?: { s: number; onChange: (gapS: number) => void };
}

/** The hour drawn: a bar for each student at their station, with mise, work up to the standard time, time up to the limit, and cleaning. */
export function HourChart({ brief, gap }: HourChartProps) {
  const { document } = brief;
  const [tried, setTried] = useState<number | null>(null);
  const students = brief.lists.flatMap((it) => it.students);
  const kept = [...new Map(students.map((it) => [it.wave, it.start_s]))].sort(([one], [other]) => one - other).map(([, start]) => start);
  // A wave is drawn where it would start by the gap that is tried; what follows from that is worked out when it is kept.
  const starts = startsWithGap(kept, document.gap_s, tried ?? gap?.s ?? document.gap_s);
  const turns = students.map((it) => moved(it, (starts[it.wave - 1] ?? 0) - (kept[it.wave - 1] ?? 0)));
  const benches = Math.max(1, ...turns.map((it) => it.bench));
  const end = Math.max(brief.hour.free_s, brief.hour.p95_last_s ?? 0, TICK_S);
  const plot = WIDTH - LEFT - RIGHT;
  const x = (seconds: number): number => LEFT + (seconds / end) * plot;
  const floor = benches * ROW + 6;
  const most = Math.max(1, ...brief.hour.waiting);
  const queueTop = floor + 34;
  const height = queueTop + QUEUE + 40;
  const ticks = Array.from({ length: Math.floor(end / TICK_S) + 1 }, (_, index) => index * TICK_S);
  const marks = [
    { at: brief.hour.last_s ?? 0, label: "last weighed" },
    { at: brief.hour.free_s, label: "room free" },
  ];

  return (
    <Box sx={{ mt: 1.5, overflowX: "auto" }}>
      {gap !== undefined && starts.length > 1 && (
        <Box sx={{ minWidth: LEAST }}>
          <WaveGrips
            starts={starts}
            gapS={tried ?? gap.s}
            begins={document.start}
            shareOf={(seconds) => x(seconds) / WIDTH}
            secondsAt={(share) => ((share * WIDTH - LEFT) / plot) * end}
            onTry={setTried}
            onGap={gap.onChange}
          />
        </Box>
      )}
      <Box
        component="svg"
        role="img"
        aria-label={`The hour: ${counted(turns.length, "student")} in ${counted(brief.hour.waves, "wave")}; ${waveWords(brief)}`}
        viewBox={`0 0 ${WIDTH} ${height}`}
        sx={{
          width: "100%",
          minWidth: LEAST,
          display: "block",
          color: "text.primary",
          "& text": { typography: "figure", fontSize: 12.5, fontWeight: 500, fill: "currentColor" },
        }}
      >
        {ticks.map((at) => (
          <g key={at}>
            <Box component="line" x1={x(at)} x2={x(at)} y1={4} y2={queueTop + QUEUE} sx={{ stroke: "var(--mui-palette-divider)" }} />
            <text x={x(at)} y={floor + 14} textAnchor="middle">
              {timeAt(document.start, at)}
            </text>
          </g>
        ))}
        {Array.from({ length: benches }, (_, index) => (
          <text key={index} x={LEFT - 8} y={index * ROW + 17} textAnchor="end">
            {index + 1}
          </text>
        ))}
        {turns.map((it) => {
          const y = (it.bench - 1) * ROW + 6;

          return (
            <g key={it.id}>
              <title>{`${it.name}, station ${it.station}, wave ${it.wave}: ${timeAt(document.start, it.start_s)} to ${timeAt(document.start, it.limit_s)}`}</title>
              <Box
                component="rect"
                x={x(Math.max(0, it.start_s - document.mise_s))}
                y={y + 4}
                width={x(it.start_s) - x(Math.max(0, it.start_s - document.mise_s))}
                height={ROW - 11}
                sx={{ fill: "var(--mui-palette-divider)" }}
              />
              <Box
                component="rect"
                x={x(it.start_s)}
                y={y}
                width={x(it.standard_s) - x(it.start_s)}
                height={ROW - 4}
                sx={{ fill: "var(--mui-palette-secondary-main)" }}
              />
              <Box
                component="rect"
                x={x(it.standard_s)}
                y={y}
                width={x(it.limit_s) - x(it.standard_s)}
                height={ROW - 4}
                sx={{ fill: "none", stroke: "var(--mui-palette-secondary-main)", strokeWidth: 1.5 }}
              />
              <Box
                component="rect"
                x={x(it.limit_s)}
                y={y + 4}
                width={x(it.free_s) - x(it.limit_s)}
                height={ROW - 11}
                sx={{ fill: "var(--mui-palette-divider)" }}
              />
            </g>
          );
        })}
        <text x={LEFT} y={queueTop - 4}>
          trays waiting for the scale
        </text>
        <Box component="path" d={queuePath(brief.hour.waiting, x, queueTop, most)} sx={{ fill: "var(--mui-palette-steel-main)" }} />
        <Box component="line" x1={LEFT} x2={WIDTH - RIGHT} y1={queueTop + QUEUE} y2={queueTop + QUEUE} sx={{ stroke: "currentColor" }} />
        <text x={LEFT - 8} y={queueTop + 10} textAnchor="end">
          {most.toFixed(0)}
        </text>
        {marks.map(({ at, label }, index) => (
          <g key={label}>
            <line
              x1={x(at)}
              x2={x(at)}
              y1={2}
              y2={queueTop + QUEUE}
              stroke="currentColor"
              strokeWidth={2}
              strokeDasharray={index === 0 ? undefined : "3 3"}
            />
            <text x={x(at)} y={queueTop + QUEUE + 16 + index * 16} textAnchor={at > end * 0.8 ? "end" : "middle"}>
              {label}
            </text>
          </g>
        ))}
      </Box>
      <Box component="p" sx={{ typography: "caption", m: 0, color: "text.secondary" }}>
        Full: up to the standard time. Outlined: up to the limit. Grey before and after: mise and cleaning. Below: how many trays wait, on
        average.{gap !== undefined && starts.length > 1 && " A wave is moved by its grip, with the pointer or the arrow keys."}
      </Box>
    </Box>
  );
}

const moved = (turn: BriefStudent, by: number): BriefStudent => ({
  ...turn,
  start_s: turn.start_s + by,
  standard_s: turn.standard_s + by,
  limit_s: turn.limit_s + by,
  free_s: turn.free_s + by,
});

/** The queue as an outline over its base line, a step a minute. */
function queuePath(waiting: number[], x: (seconds: number) => number, top: number, most: number): string {
  const base = top + QUEUE;
  const steps = waiting.map((trays, minute) => {
    const y = base - (trays / most) * QUEUE;

    return `L${x(minute * MINUTE_S).toFixed(1)},${y.toFixed(1)} L${x((minute + 1) * MINUTE_S).toFixed(1)},${y.toFixed(1)}`;
  });

  return `M${x(0).toFixed(1)},${base} ${steps.join(" ")} V${base} Z`;
}

/** The waves in words: when each starts and who is in it. */
function waveWords(brief: Brief): string {
  const turns = brief.lists.flatMap((it) => it.students);
  const waves = [...new Set(turns.map((it) => it.wave))];

  return waves
    .map((wave) => {
      const members = turns.filter((it) => it.wave === wave);

      return `wave ${wave} at ${timeAt(brief.document.start, members[0]?.start_s ?? 0)}, ${counted(members.length, "student")}`;
    })
    .join("; ");
}
