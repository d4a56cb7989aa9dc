import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { LotHistory as History } from "../../api/types";
import { useMassWords } from "../../parts/mass";
import { useTimeWords } from "../../parts/times";
import { factOfLot } from "./factOfLot";
import type { TakeLots } from "./useTakeLots";

interface LotHistoryProps {
  history: History;
  mayRecord: boolean;
  lots: TakeLots;
}

/** Everything that was taken down about a lot and those divided from it, the last first; nothing of it is rubbed out. */
export function LotHistory({ history: { lot, entries }, mayRecord, lots }: LotHistoryProps) {
  const mass = useMassWords();
  const times = useTimeWords();

  return (
    <Box component="ol" reversed sx={{ m: 0, p: 0, listStyle: "none" }}>
      {[...entries].reverse().map(({ fact, by, seq, is_withdrawn: isWithdrawn }) => {
        const isElsewhere = "lot" in fact && fact.lot !== lot.id && fact.id !== lot.id;

        return (
          <Box
            component="li"
            key={seq}
            sx={{
              display: "flex",
              flexWrap: "wrap",
              gap: 1,
              alignItems: "center",
              py: 0.75,
              borderBottom: "1px solid",
              borderColor: "divider",
            }}
          >
            <Box sx={{ flex: 1, minWidth: 220 }}>
              <Typography sx={{ textDecoration: isWithdrawn ? "line-through" : "none" }}>
                {factOfLot(fact, mass)}
                {isElsewhere && " (another container)"}
              </Typography>
              <Typography variant="caption" sx={{ color: "text.secondary" }}>
                {by}, {times.dayOf(fact.at)}, {times.timeOfDay(fact.at)}
                {isWithdrawn && ", taken back"}
              </Typography>
            </Box>
            {mayRecord && !isWithdrawn && fact.kind !== "void" && (
              <Button
                size="small"
                aria-label={`Take back: ${factOfLot(fact, mass)}`}
                onClick={() =>
                  void lots.take(`Taken back: ${factOfLot(fact, mass)}`, [
                    { kind: "void", target: fact.id, reason: "Taken back in the history" },
                  ])
                }
              >
                Take back
              </Button>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
