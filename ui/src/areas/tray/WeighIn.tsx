import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Assessment, Tray as TrayState } from "../../api/types";
import { BesideScale } from "../../parts/BesideScale";
import { BalanceStrip } from "../../parts/BalanceStrip";
import { useMassWords } from "../../parts/mass";
import { ScaleCheckNote } from "../../parts/ScaleCheckNote";
import { Tray, type Place } from "../../parts/Tray";
import { useKeys } from "../../parts/useKey";
import { moveOn } from "./moveOn";
import { PortionSteps } from "../../parts/PortionSteps";
import { SharedPan } from "./SharedPan";
import { binPlaces, piecePlaces, SCRAPE, weighed } from "../../parts/places";
import { ScalePanel } from "../../parts/ScalePanel";
import { usePortion, type PortionTurn } from "../../parts/usePortion";
import type { Entries } from "./useTakeDown";

interface WeighInProps {
  tray: TrayState;
  assessment: Assessment;
  entries: Entries;
}

export function WeighIn({ tray, assessment, entries }: WeighInProps) {
  const asPurchasedMg = tray.holds.as_purchased_mg;
  const pieces = piecePlaces(tray, assessment);
  const bins = binPlaces(tray, assessment, useMassWords());
  const places = [...pieces, ...bins];
  const [chosen, setChosen] = useState<string | null>(null);
  const current = chosen ?? places.find((it) => it.massMg === null)?.id ?? null;
  const place = places.find((it) => it.id === current) ?? null;
  const turn = usePortion(place);
  useKeys((key) => {
    const next = moveOn(key, current ?? places[0]?.id ?? null, assessment.layout, bins);
    if (next === null) return false;
    setChosen(next);

    return true;
  });
  const takeMass = async (massMg: number): Promise<void> => {
    if (place === null) return;
    // On the device first: who looks at the next place takes this one for done.
    if (!(await entries.take(weighed(place.id, turn.number, massMg, assessment)))) return;
    if (turn.goOn()) return setChosen(place.id);
    const open = [...places.slice(places.indexOf(place) + 1), ...places].find((it) => it.massMg === null && it.id !== place.id);
    setChosen(open?.id ?? null);
  };
  const usable = new Set((assessment.standard.bins ?? []).filter((it) => it.usable).map((it) => it.id));
  const sum = (of: { massMg: number | null }[]): number => of.reduce((total, it) => total + (it.massMg ?? 0), 0);

  return (
    <BesideScale>
      <Box sx={{ minWidth: 0, display: "flex", flexDirection: "column", gap: 1.5 }}>
        {asPurchasedMg === null && (
          <Box
            sx={{
              display: "flex",
              alignItems: "center",
              gap: 2,
              borderLeft: "5px solid",
              borderColor: "error.main",
              bgcolor: "background.paper",
              px: 2,
              py: 1,
            }}
          >
            <Typography sx={{ flex: 1 }}>The carcass has no AP weight yet, so no window can be drawn.</Typography>
            <Button size="small" component={Link} to={`/tray/${tray.attempt}/receive`}>
              Receive it
            </Button>
          </Box>
        )}
        {tray.scale_check?.is_within === false && <ScaleCheckNote check={tray.scale_check} />}
        <SharedPan tray={tray} assessment={assessment} isWeighed={places.every((it) => it.massMg !== null)} />
        <Tray layout={assessment.layout} pieces={pieces} bins={bins} current={current} onChoose={setChosen} />
        <BalanceStrip
          asPurchasedMg={asPurchasedMg}
          cutsMg={sum(pieces)}
          usableMg={sum(bins.filter((it) => usable.has(it.id) || it.id === SCRAPE))}
          wasteMg={sum(bins.filter((it) => !usable.has(it.id) && it.id !== SCRAPE))}
          balance={tray.result.balance}
        />
        <BalanceAdvice tray={tray} />
      </Box>
      <ScalePanel
        attempt={tray.attempt}
        isSimulated={assessment.scale_is_simulated}
        place={onScale(place, turn)}
        idle={{ button: "Everything is weighed", hint: "Choose a place on the tray to weigh it again." }}
        said={entries.said}
        onMass={(mg) => void takeMass(mg)}
      >
        {place?.portions !== undefined && <PortionSteps turn={turn} mustBeEven={place.portions.mustBeEven} />}
      </ScalePanel>
    </BesideScale>
  );
}

/** What the scale asks for: a place, or one portion of it. */
function onScale(place: Place | null, { number, count }: PortionTurn): { id: string; title: string } | null {
  if (place === null || number === null) return place;

  return { id: `${place.id}:${number}`, title: `${place.title}, ${number} of ${count}` };
}

/** By how much the weights are out, which way, what to check, and which other tray may have been mixed up with this one. */
function BalanceAdvice({ tray }: { tray: TrayState }) {
  if (tray.advice.length === 0) return null;

  return (
    <Box role="alert" sx={{ borderLeft: "5px solid", borderColor: "error.main", bgcolor: "background.paper", px: 2, py: 1 }}>
      {tray.advice.map((line, index) => (
        <Typography key={line} sx={{ fontWeight: index === 0 ? 700 : 400, color: index === 0 ? "error.main" : "text.primary" }}>
          {line}
        </Typography>
      ))}
      {tray.mix_ups.map((mixUp) => (
        <Typography key={mixUp.text}>
          {mixUp.text} <Link to={`/tray/${mixUp.other_attempt}/weigh`}>Open that tray</Link>
        </Typography>
      ))}
    </Box>
  );
}
