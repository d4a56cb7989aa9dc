import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Cooling } from "../../api/types";
import { Picture } from "../../parts/Picture";
import { useTimeWords } from "../../parts/times";

const HOUR_MS = 3_600_000;
const SPAN_MS = 7 * HOUR_MS;
/** A stock is read as it comes off the boil. */
const TOP_C = 100;
const WIDTH = 620;
const HEIGHT = 220;
const LEFT = 40;
const RIGHT = 8;
const BOTTOM = 24;

const verdictWords = {
  open: "Cooling",
  within: "Cooled in time",
  too_slow_first: "Too slow: not at 21 °C within 2 hours",
  too_slow_total: "Too slow: not at 5 °C within 6 hours",
};

/** How a container cooled: its readings as a line, and the two limits in blue pencil, 57 to 21 °C in two hours and to 5 °C in six. */
export function CoolingChart({ cooling }: { cooling: Cooling }) {
  const times = useTimeWords();
  const first = cooling.readings[0]?.at_ms ?? 0;
  const start = cooling.from_57_ms ?? first;
  const from = Math.min(first, start);
  const x = (ms: number): number => LEFT + ((WIDTH - LEFT - RIGHT) * (ms - from)) / SPAN_MS;
  const y = (c: number): number => HEIGHT - BOTTOM - ((HEIGHT - BOTTOM - 8) * Math.max(0, c)) / TOP_C;
  const isBad = cooling.verdict === "too_slow_first" || cooling.verdict === "too_slow_total";
  const readings = cooling.readings.map((it) => `${times.timeOfDay(new Date(it.at_ms).toISOString()).slice(0, 5)} ${it.c} °C`);

  return (
    <Box>
      <Picture
        role="img"
        label={`${verdictWords[cooling.verdict]}: ${readings.join(", ")}`}
        width={WIDTH}
        height={HEIGHT}
        maxWidth={720}
        text={{ xs: 20, sm: 13 }}
      >
        {[57, 21, 5].map((c) => (
          <g key={c}>
            <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(c)} y2={y(c)} stroke="currentColor" strokeOpacity={0.25} />
            <text x={LEFT - 6} y={y(c) + 4} textAnchor="end">
              {c}°
            </text>
          </g>
        ))}
        {[0, 1, 2, 3, 4, 5, 6].map((hour) => (
          <text key={hour} x={x(start + hour * HOUR_MS)} y={HEIGHT - 6} textAnchor="middle">
            {hour} h
          </text>
        ))}
        <Box component="g" sx={{ color: "secondary.main" }}>
          <path
            d={`M${x(start + 2 * HOUR_MS)} ${y(75)} V${y(21)} H${x(start + 6 * HOUR_MS)} V${y(5)}`}
            fill="none"
            stroke="currentColor"
            strokeWidth={2.5}
          />
        </Box>
        <Box component="g" sx={{ color: isBad ? "error.main" : "text.primary" }}>
          <polyline
            points={cooling.readings.map((it) => `${x(it.at_ms)},${y(it.c)}`).join(" ")}
            fill="none"
            stroke="currentColor"
            strokeWidth={2.5}
          />
          {cooling.readings.map((it) => (
            <circle key={it.at_ms} cx={x(it.at_ms)} cy={y(it.c)} r={4} fill="currentColor" />
          ))}
        </Box>
      </Picture>
      <Typography variant="body2" sx={{ color: isBad ? "error.main" : "text.secondary" }}>
        <strong>{verdictWords[cooling.verdict]}.</strong> {readings.join(", ")}
      </Typography>
    </Box>
  );
}
