import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Floor, FloorStation } from "../../api/types";
import { clock, counted } from "../../parts/format";
import type { StationCaptures } from "./useStationCaptures";

const WARN_AT = 0.75;

export const outFor = ({ cold_ms: ms, cold_since_ms: since }: FloorStation, now: number): number =>
  ms + (since === null ? 0 : Math.max(0, now - since));

/** How long the product has been out of the refrigerator, the longest first to be told; warned before the limit of the school, and told when it is passed. */
export function ColdChain({ floor, now, entries }: { floor: Floor; now: number; entries: StationCaptures }) {
  const limit = floor.cold_limit_ms;
  const longest = Math.max(...floor.stations.map((it) => outFor(it, now)));
  const inside = floor.stations.filter((it) => it.cold_since_ms === null && it.stage !== "judged");
  const outside = floor.stations.filter((it) => it.cold_since_ms !== null);
  const all = (stations: FloorStation[], event: "out" | "in", words: string): Promise<boolean> =>
    entries.takeAll(
      `${words}, ${counted(stations.length, "station")}`,
      stations.map(({ attempt }) => ({ attempt, fact: { kind: "chill", event } })),
    );
  const isPast = longest > limit;
  const isNear = !isPast && longest > limit * WARN_AT;

  return (
    <Box role="group" aria-label="Cold chain" sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, mb: 1.5 }}>
      <Button disabled={inside.length === 0} onClick={() => void all(inside, "out", "Out of the refrigerator")}>
        Out of the refrigerator ({inside.length})
      </Button>
      <Button disabled={outside.length === 0} onClick={() => void all(outside, "in", "Back in the refrigerator")}>
        Back in ({outside.length})
      </Button>
      <Typography
        role={isPast || isNear ? "alert" : "status"}
        sx={{ fontWeight: isPast || isNear ? 700 : 400, color: isPast ? "error.main" : "text.primary" }}
      >
        {longest === 0
          ? `The limit of the school is ${Math.round(limit / 60_000)} min out; local codes decide.`
          : isPast
            ? `Out for ${clock(longest)}: past the limit of ${clock(limit)}. It is on record; local codes decide what may still be served.`
            : isNear
              ? `Out for ${clock(longest)}: the limit of ${clock(limit)} is near.`
              : `Out for ${clock(longest)} of ${clock(limit)}.`}
      </Typography>
    </Box>
  );
}
