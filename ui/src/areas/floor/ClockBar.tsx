import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Floor, FloorStation } from "../../api/types";
import { clock } from "../../parts/format";

interface ClockBarProps {
  station: FloorStation;
  time: Floor["time"];
  now: number;
  large?: boolean;
}

/** What has run so far. */
export const elapsed = ({ running_ms: ran, running_since_ms: since }: FloorStation, now: number): number =>
  ran + (since === null ? 0 : Math.max(0, now - since));

/** The clock as a bar toward its limit: the standard is a blue mark on it, what is past the limit runs out in red. */
export function ClockBar({ station, time, now, large = false }: ClockBarProps) {
  const ms = elapsed(station, now);
  const standard = time === null ? null : time.standard_ms * station.time_factor;
  const limit = time === null ? null : time.limit_ms * station.time_factor;
  const isPast = limit !== null && ms > limit;
  const share = (of: number): string => `${Math.min(100, (100 * of) / (limit ?? 1))}%`;

  return (
    <Box sx={{ minWidth: 0 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 0.75 }}>
        <Typography
          variant="figure"
          role="timer"
          aria-label={`Clock of station ${station.station}`}
          sx={{
            fontSize: large ? "clamp(32px, min(31cqw, 42cqh), 110px)" : "clamp(24px, min(20cqh, 26cqw), 54px)",
            lineHeight: 1,
            color: isPast ? "error.main" : "text.primary",
          }}
        >
          {clock(ms)}
        </Typography>
        {standard !== null && (
          <Typography
            variant="figure"
            sx={{ color: "secondary.main", fontSize: large ? "clamp(14px, 9.5cqw, 30px)" : 15, fontWeight: 500 }}
          >
            /{clock(standard)}
          </Typography>
        )}
      </Box>
      {limit !== null && standard !== null && (
        <Box aria-hidden sx={{ position: "relative", height: large ? 14 : 8, border: "1px solid", borderColor: "steel.main", mt: "2px" }}>
          <Box sx={{ position: "absolute", inset: 0, width: share(ms), bgcolor: isPast ? "error.main" : "text.primary" }} />
          <Box sx={{ position: "absolute", top: -3, bottom: -3, left: share(standard), width: "3px", bgcolor: "secondary.main" }} />
        </Box>
      )}
    </Box>
  );
}
