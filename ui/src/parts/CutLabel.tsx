import Box from "@mui/material/Box";
import type { Block, CutPlan, Point } from "./cutPlan";

const UNITS_A_LETTER = 0.46;
const SMALLEST = 1.4;
const TITLE = 3.1;
const PART = 2.2;

interface CutLabelProps {
  block: Block;
  toPoint: CutPlan["toPoint"];
  text: string;
  isTitle: boolean;
}

/** A name where there is room for it: along the block, or up it, or broken at a space; else none. */
export function CutLabel({ block, toPoint, text, isTitle }: CutLabelProps) {
  const room = roomIn(block, toPoint);
  const lines = fit(text, room, isTitle ? TITLE : PART);
  if (lines === null) return null;
  const { size, rows, isUpright } = lines;
  const [x, y] = isUpright ? room.channel.centre : room.middle.centre;

  return (
    <Box
      component="text"
      textAnchor="middle"
      dominantBaseline="central"
      fill="currentColor"
      fontSize={size}
      transform={isUpright ? `rotate(-90 ${x} ${y})` : undefined}
      sx={{ typography: "figure", "&&": { fontSize: size }, fontWeight: isTitle ? 600 : 500, opacity: isTitle ? 1 : 0.82 }}
    >
      {rows.map((row, index) => (
        <tspan key={row} x={x} y={y + (index - (rows.length - 1) / 2) * size * 1.05}>
          {row}
        </tspan>
      ))}
    </Box>
  );
}

interface Room {
  /** Across the block at half its height. */
  middle: { width: number; centre: Point };
  /** Straight down through most of the block. */
  channel: { width: number; length: number; centre: Point };
  height: number;
}

const CHANNEL = 0.7;

function roomIn({ left, right, top, bottom }: Block, toPoint: CutPlan["toPoint"]): Room {
  const across = (share: number): [Point, Point] => [
    toPoint(left, top + (bottom - top) * share),
    toPoint(right, top + (bottom - top) * share),
  ];
  const inMiddle = (share: number): Point => toPoint((left + right) / 2, top + (bottom - top) * share);
  const [[, above], [, below]] = [inMiddle(0), inMiddle(1)];
  const [start, end] = across(0.5);
  const samples = [(1 - CHANNEL) / 2, 0.35, 0.5, 0.65, (1 + CHANNEL) / 2].map(across);
  const [from, to] = [Math.max(...samples.map(([it]) => it[0])), Math.min(...samples.map(([, it]) => it[0]))];
  const [[, first], [, last]] = [inMiddle((1 - CHANNEL) / 2), inMiddle((1 + CHANNEL) / 2)];

  return {
    middle: { width: end[0] - start[0], centre: inMiddle(0.5) },
    channel: { width: to - from, length: last - first, centre: [(from + to) / 2, (first + last) / 2] },
    height: below - above,
  };
}

function fit(
  text: string,
  { middle, channel, height }: Room,
  largest: number,
): { size: number; rows: string[]; isUpright: boolean } | null {
  const space = text.indexOf(" ", Math.floor(text.length / 2) - 3);
  const choices = [[text], ...(space > 0 ? [[text.slice(0, space), text.slice(space + 1)]] : [])];
  for (const isUpright of [false, true]) {
    const [along, across] = isUpright ? [channel.length, channel.width] : [middle.width, height];
    for (const rows of choices) {
      const letters = Math.max(...rows.map((row) => row.length));
      const size = Math.min(largest, (along - 1) / (letters * UNITS_A_LETTER), (across - 0.4) / (rows.length * 1.1));
      if (size >= SMALLEST) return { size, rows, isUpright };
    }
  }

  return null;
}
