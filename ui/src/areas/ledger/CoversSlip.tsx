import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useServing } from "../../api/useLedger";
import type { Lot, Serving, UntimedLotFact } from "../../api/types";
import { counted, percent } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { MassField } from "../../parts/MassField";
import { NumberField } from "../../parts/NumberField";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { useTaking } from "../../parts/useTaking";
import { daysLeft } from "./daysLeft";

const USUAL_MG = 180_000;
const USUAL_GUESTS = 12;

interface CoversSlipProps {
  lots: Lot[];
  mayRecord: boolean;
  /** False where this device cannot keep it. */
  onTake: (words: string, facts: UntimedLotFact[]) => Promise<boolean>;
  onClose: () => void;
}

/** So many guests from what is on hand: how many plates it makes, which lots come first, and where a breast is halved. */
export function CoversSlip({ lots, mayRecord, onTake, onClose }: CoversSlipProps) {
  const products = [...new Map(lots.filter((it) => !it.is_barred).map((it) => [`${it.species}/${it.product}/${it.marked}`, it])).values()];
  const [picked, setPicked] = useState(products[0] === undefined ? "" : products[0].id);
  const [targetMg, setTargetMg] = useState<number | null>(USUAL_MG);
  const [guests, setGuests] = useState(USUAL_GUESTS);
  const of = products.find((it) => it.id === picked);
  const isAsked = of !== undefined && targetMg !== null && targetMg > 0;
  const serving = useServing(isAsked ? { species: of.species, product: of.product, marked: of.marked, target_mg: targetMg, guests } : null);
  const { isTaking, taking } = useTaking();
  const take = (): void => {
    if (serving.data === undefined || of === undefined) return;
    taking(
      onTake(
        `${of.title} for ${counted(guests, "guest")}`,
        serving.data.lots.map(({ lot, mass_mg }) => ({
          kind: "move",
          lot: lot.id,
          to: "service",
          mass_mg,
          text: counted(guests, "guest"),
        })),
      ),
      onClose,
    );
  };

  return (
    <Slip
      title="Covers"
      width="md"
      onClose={onClose}
      actions={
        <>
          {mayRecord && (
            <Button variant="contained" disabled={serving.data === undefined || serving.data.lots.length === 0 || isTaking} onClick={take}>
              Take it out, to service
            </Button>
          )}
          <Button onClick={onClose}>Close</Button>
        </>
      }
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr 1fr" }, gap: 2, alignItems: "start" }}>
        <Pick
          label="Of what"
          value={picked}
          options={products.map((it) => ({ key: it.id, title: `${it.title}, ${it.species}` }))}
          onPick={setPicked}
        />
        <MassField label="For a guest" initialMg={USUAL_MG} onMass={setTargetMg} />
        <NumberField label="Guests" value={guests} places={0} onNumber={(it) => setGuests(Math.min(10_000, Math.max(0, Math.round(it))))} />
      </Box>
      {serving.data !== undefined && <Plan serving={serving.data} guests={guests} />}
      {serving.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(serving.error)}
        </Typography>
      )}
    </Slip>
  );
}

function Plan({ serving, guests }: { serving: Serving; guests: number }) {
  const mass = useMassWords();
  const plate =
    serving.per_plate === 0 ? mass.full(serving.plate_mg) : `${counted(serving.per_plate, "piece")}, about ${mass.full(serving.plate_mg)}`;

  return (
    <Box role="status" sx={{ display: "grid", gap: 0.75 }}>
      <Typography>
        A plate: {plate}. There is enough for <strong>{counted(serving.covers, "cover")}</strong>
        {serving.short_mg > 0
          ? `; for ${counted(guests, "guest")} ${mass.full(serving.short_mg)} lacks.`
          : `; ${mass.full(serving.over_mg)} is left when ${counted(guests, "guest")} are served.`}
      </Typography>
      {serving.halve_at !== null && (
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          To halve a breast so that both halves weigh the same, cut at about {percent(serving.halve_at, 0)} of its length from the thick
          end.
        </Typography>
      )}
      {serving.lots.length > 0 && <Typography variant="label">What must go first, first:</Typography>}
      <Box component="ol" sx={{ m: 0, pl: 3 }}>
        {serving.lots.map(({ lot, mass_mg }) => (
          <li key={lot.id}>
            {mass.full(mass_mg)} of {lot.title}
            {lot.container !== null && `, ${lot.container}`}, {lot.practical}:{" "}
            {lot.frozen_since === null ? daysLeft(lot) : "frozen, thaw it first"}
          </li>
        ))}
      </Box>
    </Box>
  );
}
