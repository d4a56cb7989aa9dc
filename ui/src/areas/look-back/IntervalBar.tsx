import Box from "@mui/material/Box";
import type { Interval } from "../../api/types";

const WIDTH = 120;
const HEIGHT = 18;

/** A figure as a dot and what it may as well be as a line, to both sides of nothing at all. Its words stand beside it. */
export function IntervalBar({
  interval: { value, low, high },
  widest,
  standsOut,
}: {
  interval: Interval;
  widest: number;
  standsOut: boolean;
}) {
  const x = (at: number): number => WIDTH / 2 + (at / widest) * (WIDTH / 2 - 5);

  return (
    <Box
      component="svg"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      aria-hidden
      sx={{ width: "100%", minWidth: 80, display: "block", color: standsOut ? "error.main" : "text.primary" }}
    >
      <Box component="line" x1={WIDTH / 2} x2={WIDTH / 2} y1={0} y2={HEIGHT} stroke="currentColor" opacity={0.4} strokeDasharray="3 3" />
      <line x1={x(low)} x2={x(high)} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke="currentColor" strokeWidth={2} />
      <circle cx={x(value)} cy={HEIGHT / 2} r={4.5} fill="currentColor" />
    </Box>
  );
}
