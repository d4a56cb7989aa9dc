import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Lot } from "../../api/types";
import { useMassWords } from "../../parts/mass";
import { MassField } from "../../parts/MassField";
import { Section } from "../../parts/Section";
import { useTaking } from "../../parts/useTaking";
import { isOver } from "./daysLeft";
import { PlaceChoice } from "./PlaceChoice";
import { goesTo, type Place } from "./places";
import { placed } from "./putAway";
import type { TakeLots } from "./useTakeLots";

/** Mass out of a lot, to where it goes: all of it unless less is said. */
export function TakeOut({ lot, lots }: { lot: Lot; lots: TakeLots }) {
  const mass = useMassWords();
  const over = isOver(lot) || lot.is_barred;
  const [massMg, setMassMg] = useState<number | null>(lot.on_hand_mg);
  const [place, setPlace] = useState<Place>(over ? "waste" : "service");
  const [text, setText] = useState(lot.is_barred ? "Cooled too slowly" : over ? "Spoilt" : "");
  const { isTaking, taking } = useTaking();
  const isTooMuch = massMg !== null && massMg > lot.on_hand_mg;
  const isReady = massMg !== null && massMg > 0 && !isTooMuch;
  const submit = (): void => {
    if (!isReady || place === "cold" || place === "freezer") return;
    const words = `${lot.title}: ${mass.full(massMg)} ${goesTo[place]}`;
    taking(lots.take(words, placed(lot.id, massMg, { place, text }, lot.made_on)), () => {});
  };

  return (
    <Section title="Take out">
      <Box
        component="form"
        onSubmit={(event) => (event.preventDefault(), submit())}
        sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "180px 1fr auto" }, gap: 2, alignItems: "start" }}
      >
        <MassField
          label="How much"
          initialMg={lot.on_hand_mg}
          hint={isTooMuch ? `Only ${mass.full(lot.on_hand_mg)} is on hand` : "All of it, unless you write less"}
          onMass={setMassMg}
        />
        <PlaceChoice
          of={lot.title}
          place={place}
          text={text}
          offered={lot.destinations}
          keeps={[]}
          onChoose={(to, said) => (setPlace(to), setText(said))}
        />
        <Button type="submit" variant="contained" disabled={!isReady || isTaking}>
          Take out
        </Button>
      </Box>
    </Section>
  );
}
