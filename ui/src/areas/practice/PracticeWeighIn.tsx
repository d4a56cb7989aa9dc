import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Fact, PracticeTray } from "../../api/types";
import { BalanceStrip } from "../../parts/BalanceStrip";
import { lowerFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { binPlaces, piecePlaces, SCRAPE, weighed } from "../../parts/places";
import { PortionSteps } from "../../parts/PortionSteps";
import { Tray, type Place } from "../../parts/Tray";
import { TypedWeight } from "../../parts/TypedWeight";
import { usePortion } from "../../parts/usePortion";

interface PracticeWeighInProps {
  tray: PracticeTray;
  onTake: (...facts: Fact[]) => Promise<boolean>;
}

/** The weigh-in of a practice tray: read off any scale, and typed. */
export function PracticeWeighIn({ tray, onTake }: PracticeWeighInProps) {
  const words = useMassWords();
  const pieces = piecePlaces(tray, tray);
  const bins = binPlaces(tray, tray, words);
  const places = [...pieces, ...bins];
  const [chosen, setChosen] = useState<string | null>(null);
  const asPurchasedMg = tray.holds.as_purchased_mg;
  const isWhole = asPurchasedMg === null;
  const current = isWhole ? null : (chosen ?? places.find((it) => it.massMg === null)?.id ?? null);
  const place = places.find((it) => it.id === current) ?? null;
  const turn = usePortion(place);
  const takeMass = async (massMg: number): Promise<void> => {
    if (isWhole) return void (await onTake({ kind: "received", mass_mg: massMg, defects: [] }));
    if (place === null || !(await onTake(weighed(place.id, turn.number, massMg, tray)))) return;
    if (turn.goOn()) return setChosen(place.id);
    setChosen(nextOpen(places, place));
  };
  const usable = new Set((tray.standard.bins ?? []).filter((it) => it.usable).map((it) => it.id));
  const sum = (of: Place[]): number => of.reduce((total, it) => total + (it.massMg ?? 0), 0);

  return (
    <Box sx={{ display: "flex", flexDirection: "column", gap: 1.5, mt: 2 }}>
      <Box
        component="section"
        aria-label="Weigh"
        sx={{ bgcolor: "background.paper", border: "2px solid", borderColor: "text.primary", p: 2, display: "grid", gap: 1 }}
      >
        {place?.portions !== undefined && <PortionSteps turn={turn} mustBeEven={place.portions.mustBeEven} />}
        <TypedWeight label={asked(isWhole, place, turn.number)} disabled={!isWhole && place === null} onMass={(mg) => void takeMass(mg)} />
      </Box>
      <Tray layout={tray.layout} pieces={pieces} bins={bins} current={current} onChoose={setChosen} />
      <BalanceStrip
        asPurchasedMg={asPurchasedMg}
        cutsMg={sum(pieces)}
        usableMg={sum(bins.filter((it) => usable.has(it.id) || it.id === SCRAPE))}
        wasteMg={sum(bins.filter((it) => !usable.has(it.id) && it.id !== SCRAPE))}
        balance={tray.result.balance}
      />
      {tray.advice.length > 0 && (
        <Box role="alert" sx={{ borderLeft: "5px solid", borderColor: "error.main", bgcolor: "background.paper", px: 2, py: 1 }}>
          {tray.advice.map((line) => (
            <Typography key={line}>{line}</Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}

const nextOpen = (places: Place[], after: Place): string | null =>
  [...places.slice(places.indexOf(after) + 1), ...places].find((it) => it.massMg === null && it.id !== after.id)?.id ?? null;

function asked(isWhole: boolean, place: Place | null, portion: number | null): string {
  if (isWhole) return "What does the whole carcass weigh?";
  if (place === null) return "Everything is weighed; choose a place to weigh it again";

  return `What does this weigh: ${lowerFirst(place.title)}${portion === null ? "" : `, portion ${portion}`}?`;
}
