import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { PutAway } from "../../api/types";
import { clock } from "../../parts/format";
import { useNow } from "../../parts/useNow";

/** How long the carcasses of a class were out of the refrigerator: the longest, and those past the limit of the school. */
export function ColdTimes({ tables: { cold, cold_limit_ms: limit } }: { tables: PutAway }) {
  const now = useNow(cold.some((it) => it.since_ms !== null));
  if (cold.length === 0) return null;
  const times = cold.map((it) => ({ station: it.station, ms: it.out_ms + (it.since_ms === null ? 0 : Math.max(0, now - it.since_ms)) }));
  const longest = times.reduce((one, other) => (other.ms > one.ms ? other : one));
  const past = times.filter((it) => it.ms > limit);

  return (
    <Box>
      <Typography sx={past.length > 0 ? { color: "error.main", fontWeight: 700 } : {}}>
        Out of the cold: station {longest.station} the longest, {clock(longest.ms)} of {clock(limit)}.
        {past.length > 0 &&
          ` Past the limit: ${past.map((it) => `station ${it.station}`).join(", ")}. Local codes and the school’s licensed staff decide what may be used.`}
      </Typography>
      <Typography component="details" variant="body2">
        <summary>Every tray</summary>
        {times.map((it) => `station ${it.station}: ${clock(it.ms)}`).join("; ")}
      </Typography>
    </Box>
  );
}
