import Box from "@mui/material/Box";
import { Field } from "../../parts/Field";
import { Pick } from "../../parts/Pick";
import { Toggle } from "../../parts/Toggle";
import type { Destination } from "../../api/types";
import { placeWords, usualText, wasteReasons, type Place } from "./places";

interface PlaceChoiceProps {
  /** What is placed, for who does not see the row. */
  of: string;
  place: Place;
  text: string;
  offered: Destination[];
  /** Whether it may stay where it is: in the cold, or in the freezer. */
  keeps: ("cold" | "freezer")[];
  onChoose: (place: Place, text: string) => void;
}

/** Where something goes, one tap; of waste also why. */
export function PlaceChoice({ of, place, text, offered, keeps, onChoose }: PlaceChoiceProps) {
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Box role="group" aria-label={`Where ${of} goes`} sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
        {[...keeps, ...offered].map((it) => (
          <Toggle key={it} isOn={it === place} onToggle={() => onChoose(it, usualText(it))}>
            {placeWords[it]}
          </Toggle>
        ))}
      </Box>
      {place === "waste" && (
        <Pick
          label={`Why ${of} is thrown away`}
          value={text}
          options={wasteReasons.map((it) => ({ key: it, title: it }))}
          onPick={(it) => onChoose(place, it)}
        />
      )}
      {(place === "practical" || place === "service") && (
        <Field
          label={place === "practical" ? "For which class" : "For which menu (may be left empty)"}
          value={text}
          autoComplete="off"
          onChange={({ target }) => onChoose(place, target.value)}
        />
      )}
    </Box>
  );
}
