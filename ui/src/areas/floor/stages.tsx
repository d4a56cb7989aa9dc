import Box from "@mui/material/Box";
import type { FloorStation } from "../../api/types";

type Stage = FloorStation["stage"];

/** The way of a tray through the hour; each state has its own step, so that position tells it too. */
const way: Stage[][] = [["waiting"], ["mise"], ["received"], ["running", "paused"], ["presented", "weighing"], ["weighed"], ["judged"]];

/** How far along: one pencil stroke a step, the one reached drawn full height. */
export function WayMarks({ stage }: { stage: Stage }) {
  const reached = way.findIndex((it) => it.includes(stage));

  return (
    <Box component="svg" viewBox="0 0 70 14" aria-hidden sx={{ width: 84, height: 17, color: "text.primary" }}>
      {way.map((step, index) => (
        <line
          key={step[0]}
          x1={6 + index * 9.7}
          x2={6 + index * 9.7}
          y1={index === reached ? 1 : index < reached ? 5 : 10}
          y2={13}
          stroke="currentColor"
          strokeWidth={index === reached ? 5 : index < reached ? 3 : 1.2}
          opacity={index > reached ? 0.45 : 1}
        />
      ))}
    </Box>
  );
}

/** The state as a shape: empty box, list, scale pan, running wedge, two bars, raised tray, filled tray, ring. */
export function StageMark({ stage, size = 30 }: { stage: Stage; size?: number }) {
  return (
    <Box component="svg" viewBox="0 0 30 30" width={size} height={size} aria-hidden sx={{ color: "text.primary", flex: "none" }}>
      <path
        d={shapes[stage]}
        fill={filled.has(stage) ? "currentColor" : "none"}
        stroke="currentColor"
        strokeWidth={2.4}
        strokeLinejoin="round"
      />
    </Box>
  );
}

const filled = new Set<Stage>(["running", "paused", "weighed"]);

const shapes: Record<Stage, string> = {
  waiting: "M6 6 H24 V24 H6 Z",
  mise: "M5 8 H25 M5 15 H25 M5 22 H18",
  received: "M4 18 Q15 28 26 18 M15 4 V18 M9 4 H21",
  running: "M8 4 L25 15 L8 26 Z",
  paused: "M8 5 H13 V25 H8 Z M18 5 H23 V25 H18 Z",
  presented: "M3 20 H27 L24 26 H6 Z M15 4 V15 M10 9 L15 4 L20 9",
  weighing: "M3 20 H27 L24 26 H6 Z M9 14 H21",
  weighed: "M3 14 H27 L23 25 H7 Z",
  judged: "M15 4 A11 11 0 1 1 14.9 4",
};
