import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Pot } from "../../api/types";
import { litres, lowerFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { useTimeWords } from "../../parts/times";
import { CoolingRow } from "./CoolingRow";
import { DrawSlip } from "./DrawSlip";
import type { TakeLots } from "./useTakeLots";

interface PotCardProps {
  pot: Pot;
  today: string;
  hasProbe: boolean;
  mayRecord: boolean;
  lots: TakeLots;
}

/** A pot: what is in it, when it is ready, what was done, what was drawn from it and how that cools. */
export function PotCard({ pot, today, hasProbe, mayRecord, lots }: PotCardProps) {
  const mass = useMassWords();
  const times = useTimeWords();
  const [draws, setDraws] = useState(false);
  const at = (instant: string): string => times.timeOfDay(instant).slice(0, 5);
  const name = `${pot.title}, ${lowerFirst(pot.species)}`;
  const isOn = pot.drawn.every((it) => it.on_hand_mg > 0 && !it.is_barred && it.cooling?.verdict !== "within");
  const step = (kind: "skimmed" | "strained"): void => void lots.take(`${name}: ${kind}`, [{ kind: "pot_step", pot: pot.id, step: kind }]);

  return (
    <Box
      role="group"
      aria-label={`${name}, ${times.dayOf(pot.started_at)}`}
      sx={{
        border: "2px solid",
        borderColor: isOn ? "text.primary" : "divider",
        bgcolor: "background.paper",
        p: 1.5,
        display: "grid",
        gap: 1,
      }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, alignItems: "baseline" }}>
        <Typography variant="h3" sx={{ flex: 1, minWidth: 200 }}>
          {name}
        </Typography>
        <Typography variant="label">
          {times.dayOf(pot.started_at)}, on at {at(pot.started_at)}
          {pot.ready_from !== null &&
            pot.ready_to !== null &&
            pot.drawn.length === 0 &&
            `, ready ${at(pot.ready_from)} to ${at(pot.ready_to)}`}
        </Typography>
      </Box>
      <Typography>
        {mass.bulk(pot.mass_mg)} in it. {made(pot, mass.bulk)} {done(pot, at)}
      </Typography>
      {mayRecord && isOn && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {pot.use === "stock" && <Button onClick={() => step("skimmed")}>Skimmed</Button>}
          {pot.is_hot && <Button onClick={() => step("strained")}>Strained</Button>}
          <Button variant="contained" onClick={() => setDraws(true)}>
            Into a container …
          </Button>
        </Box>
      )}
      {pot.drawn.map((it) => (
        <CoolingRow key={it.id} lot={it} isHot={pot.is_hot} hasProbe={hasProbe} mayRecord={mayRecord} lots={lots} />
      ))}
      {draws && (
        <DrawSlip
          pot={pot}
          name={name}
          onClose={() => setDraws(false)}
          onDraw={(drawn, container) =>
            lots.take(`${name} into ${container === "" ? "a container" : container}`, [
              { kind: "draw", pot: pot.id, made: today, ...drawn, ...(container !== "" && { container }) },
            ])
          }
        />
      )}
    </Box>
  );
}

function made(pot: Pot, bulk: (mg: number) => string): string {
  const expected = pot.expected_ml === null ? null : litres(pot.expected_ml);
  if (pot.made_mg === 0) return expected === null ? "" : `About ${expected} are to be expected.`;
  const amount = pot.made_ml === null ? bulk(pot.made_mg) : litres(pot.made_ml);

  return expected === null ? `Made ${amount}.` : `Made ${amount}; about ${expected} were to be expected.`;
}

function done(pot: Pot, at: (instant: string) => string): string {
  const steps = pot.steps.map((it) => `${it.step} ${at(it.at)}`).join(", ");

  return steps === "" ? "" : `${steps.charAt(0).toUpperCase()}${steps.slice(1)}.`;
}
