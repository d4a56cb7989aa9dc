import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Need } from "../../api/types";
import { counted, day, lowerFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { daysLeft } from "./daysLeft";
import type { TakeLots } from "./useTakeLots";

interface NeedCardProps {
  need: Need;
  mayRecord: boolean;
  lots: TakeLots;
}

/** One need: which lots to take for it, what lacks, and which practical should make it. */
export function NeedCard({ need, mayRecord, lots }: NeedCardProps) {
  const mass = useMassWords();
  const { of, pieces, wanted_mg: wanted, served_mg: served, short_mg: short } = need;
  const amount = pieces === null ? mass.full(wanted ?? 0) : counted(pieces, "piece");
  const name = `${of.title}, ${amount}, for ${need.text}`;
  const isDone = wanted !== null && served >= wanted;
  const take = (): void =>
    void lots.take(
      `${of.title} for ${need.text}`,
      need.lots.map(({ lot, mass_mg }) => ({ kind: "move", lot: lot.id, to: need.to, mass_mg, text: need.text, need: need.id })),
    );

  return (
    <Box
      role="group"
      aria-label={name}
      sx={{
        display: "grid",
        gap: 0.75,
        alignContent: "start",
        p: 1.25,
        border: "2px solid",
        borderColor: "text.primary",
        bgcolor: "background.paper",
      }}
    >
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <Typography variant="h3" sx={{ flex: 1, minWidth: 0, overflowWrap: "anywhere" }}>
          {of.title}, {lowerFirst(of.species)}
        </Typography>
        <Typography variant="figure" sx={{ fontSize: 20, whiteSpace: "nowrap" }}>
          {amount}
        </Typography>
      </Box>
      <Typography>
        {need.text}, {need.days_ahead === 0 ? "today" : day(need.on)}
        {pieces !== null && wanted !== null && `. About ${mass.full(wanted)}`}
        {served > 0 && `. ${mass.full(served)} is taken out`}.
      </Typography>
      {isDone ? (
        <Typography sx={{ fontWeight: 700 }}>All of it is taken out.</Typography>
      ) : (
        <>
          {need.lots.length > 0 && (
            <Box component="ol" aria-label="What must go first, first" sx={{ m: 0, pl: 2.5 }}>
              {need.lots.map(({ lot, mass_mg }) => (
                <li key={lot.id}>
                  {mass.full(mass_mg)} of {lot.practical ?? lot.title}
                  {lot.container !== null && `, ${lot.container}`}: {lot.frozen_since === null ? daysLeft(lot) : "frozen, thaw it first"}
                </li>
              ))}
            </Box>
          )}
          {wanted === null && <Typography>Nobody knows yet what a piece weighs: none is on hand.</Typography>}
          {short !== null && short > 0 && (
            <Typography sx={{ color: "error.main", fontWeight: 700 }}>
              {mass.full(short)} lacks{short === wanted ? ": nothing on hand is good until then" : ""}.
            </Typography>
          )}
          {short !== 0 &&
            need.coming.map((it) => (
              <Typography key={`${it.title} ${it.held_on}`}>
                {it.title}, {day(it.held_on)}, should make about {it.pieces > 0 ? counted(it.pieces, "piece") : mass.bulk(it.mass_mg)}.
              </Typography>
            ))}
        </>
      )}
      {mayRecord && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {need.lots.length > 0 && (
            <Button variant="contained" aria-label={`Take it out: ${name}`} onClick={take}>
              Take it out
            </Button>
          )}
          <Button
            aria-label={`Not needed any more: ${name}`}
            onClick={() => void lots.take(`Not needed: ${name}`, [{ kind: "void", target: need.id, reason: "Not needed any more" }])}
          >
            Not needed
          </Button>
        </Box>
      )}
    </Box>
  );
}
