import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import type { PutAway, UntimedLotFact } from "../../api/types";
import { MassField } from "../../parts/MassField";
import { Slip } from "../../parts/Slip";
import { useTaking } from "../../parts/useTaking";
import { Toggle } from "../../parts/Toggle";
import { PlaceChoice } from "./PlaceChoice";
import { placed } from "./putAway";
import type { Place } from "./places";

interface GibletSlipProps {
  tables: PutAway;
  /** False where this device cannot keep it. */
  onTake: (words: string, facts: UntimedLotFact[]) => Promise<boolean>;
  onClose: () => void;
}

/** Livers, hearts, gizzards and necks: weighed together, apart from the carcasses they came in. */
export function GibletSlip({ tables, onTake, onClose }: GibletSlipProps) {
  const [product, setProduct] = useState(tables.giblets[0]?.product ?? "");
  const [massMg, setMassMg] = useState<number | null>(null);
  const [place, setPlace] = useState<Place>("cold");
  const [text, setText] = useState("");
  const { isTaking, taking } = useTaking();
  const giblet = tables.giblets.find((it) => it.product === product);
  if (giblet === undefined) return null;
  const submit = (): void => {
    if (massMg === null || massMg === 0) return;
    const lot = uuid();
    const made: UntimedLotFact = {
      kind: "put_away",
      id: lot,
      assessment: tables.assessment,
      product,
      off: false,
      weights: [],
      mass_mg: massMg,
      made: tables.held_on,
    };
    taking(onTake(`${giblet.title} put away`, [made, ...placed(lot, massMg, { place, text }, tables.date)]), onClose);
  };

  return (
    <Slip
      title="Giblets"
      width="md"
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={massMg === null || massMg === 0 || isTaking}>
            Put away
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </>
      }
    >
      <Typography>They are not part of the AP weight. The liver is kept apart: it clouds a stock.</Typography>
      <div role="group" aria-label="What it is" style={{ display: "flex", flexWrap: "wrap", gap: 4 }}>
        {tables.giblets.map((it) => (
          <Toggle key={it.product} isOn={it.product === product} onToggle={() => (setProduct(it.product), setPlace("cold"))}>
            {it.title}
          </Toggle>
        ))}
      </div>
      <MassField label={`${giblet.title} weigh`} onMass={setMassMg} autoFocus />
      <PlaceChoice
        of={giblet.title}
        place={place}
        text={text}
        offered={giblet.destinations}
        keeps={["cold", "freezer"]}
        onChoose={(to, said) => (setPlace(to), setText(said))}
      />
    </Slip>
  );
}
