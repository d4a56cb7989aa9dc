import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { Expected } from "../../../api/types";
import { percent } from "../../../parts/format";
import { NumberField } from "../../../parts/NumberField";
import { Toggle } from "../../../parts/Toggle";
import { changeBin, changePiece, dropped, removeBin, removePiece, setUse, type Bin, type Draft, type Piece } from "./draft";
import { Entry, Fields } from "./Entry";
import { useSchoolWords } from "./schoolWords";
import { PortionsEntry } from "./PortionsEntry";
import { WindowEntry } from "./WindowEntry";
import { windowInWords } from "./windowInWords";
import { WordsField } from "./WordsField";
import { useMassWords } from "../../../parts/mass";

interface PlaceEntryProps {
  draft: Draft;
  place: Piece | Bin;
  expected: Expected | undefined;
  usualMg: number | null;
  move: ReactNode;
  parts: ReactNode;
  onChange: (draft: Draft) => void;
}

/** One cut or container of the draft: its name, its parts, its window, its portions, where it goes. */
export function PlaceEntry({ draft, place, expected, usualMg, move, parts, onChange }: PlaceEntryProps) {
  const mass = useMassWords();
  const { nameOf } = useSchoolWords();
  const isPiece = !("usable" in place);
  const isEmpty = (place.parts ?? []).length === 0;
  const setTitle = (title: string): void =>
    onChange(isPiece ? changePiece(draft, place.id, (it) => ({ ...it, title })) : changeBin(draft, place.id, (it) => ({ ...it, title })));
  const remove = (): void => onChange(isPiece ? removePiece(draft, place.id) : removeBin(draft, place.id));

  return (
    <Entry
      id={place.id}
      title={nameOf(place)}
      onRemove={isEmpty ? remove : undefined}
      note={
        <>
          <Typography variant="figure" sx={{ fontWeight: 500 }}>
            {expected === undefined ? "–" : percent(expected.share, 2)}
          </Typography>
          {expected !== undefined && isPiece && (
            <Typography variant="figure" sx={{ fontWeight: 500, color: "window" in place ? "text.primary" : "secondary.main" }}>
              {windowInWords(expected, mass)}
            </Typography>
          )}
          {move}
        </>
      }
      always={parts}
    >
      <Fields least={200} align="start">
        <WordsField label="Name" value={place.title ?? ""} onWords={setTitle} />
        <WordsField label="Use" value={draft.uses?.[place.id] ?? ""} onWords={(use) => onChange(setUse(draft, place.id, use))} />
      </Fields>
      {isPiece ? (
        <>
          {(expected ?? place.window) !== undefined && (
            <WindowEntry
              expected={expected}
              own={place.window}
              usualMg={usualMg}
              onWindow={(window) =>
                onChange(changePiece(draft, place.id, (it) => (window === null ? dropped(it, "window") : { ...it, window })))
              }
            />
          )}
          <PortionsEntry
            portions={place.portions}
            onPortions={(portions) =>
              onChange(changePiece(draft, place.id, (it) => (portions === undefined ? dropped(it, "portions") : { ...it, portions })))
            }
          />
        </>
      ) : (
        <Fields>
          <Toggle isOn={place.usable} onToggle={() => onChange(changeBin(draft, place.id, (it) => ({ ...it, usable: !it.usable })))}>
            {place.usable ? "Usable" : "Waste"}
          </Toggle>
          <NumberField
            label="Pieces counted"
            value={place.portions?.count ?? 1}
            places={0}
            onNumber={(count) =>
              onChange(
                changeBin(draft, place.id, (it) =>
                  count < 2 ? dropped(it, "portions") : { ...it, portions: { count: Math.round(count) } },
                ),
              )
            }
          />
        </Fields>
      )}
    </Entry>
  );
}
