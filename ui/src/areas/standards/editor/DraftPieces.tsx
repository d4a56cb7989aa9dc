import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Expected } from "../../../api/types";
import { AddByTitle } from "./AddByTitle";
import { addBin, addPiece, movePart, type Draft } from "./draft";
import { useSchoolWords } from "./schoolWords";
import { PlaceEntry } from "./PlaceEntry";

interface DraftPiecesProps {
  draft: Draft;
  expected: Expected[];
  usualMg: number | null;
  chosen: string | null;
  onChoose: (part: string | null) => void;
  onChange: (draft: Draft) => void;
}

/** Every cut and container of the draft with its parts; the cut map in words, and as good to work with. */
export function DraftPieces({ draft, expected, usualMg, chosen, onChoose, onChange }: DraftPiecesProps) {
  const { nameOf } = useSchoolWords();
  const titleOf = (part: string): string => nameOf(draft.carcass.parts.find((it) => it.id === part) ?? { id: part });
  const held = new Set([...draft.pieces, ...(draft.bins ?? [])].flatMap((it) => it.parts ?? []));
  const loose = draft.carcass.parts.map((it) => it.id).filter((it) => !held.has(it));
  const parts = (ids: string[], where: string) => (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mt: 0.5 }} aria-label={`Parts ${where}`} role="list">
      {ids.map((part) => (
        <Box key={part} role="listitem">
          <Button
            size="small"
            aria-pressed={part === chosen}
            onClick={() => onChoose(part === chosen ? null : part)}
            sx={{
              minHeight: 30,
              px: 1,
              fontSize: 15,
              borderWidth: 1,
              ...(part === chosen && { color: "secondary.main", borderColor: "secondary.main", borderWidth: 2 }),
            }}
          >
            {titleOf(part)}
          </Button>
        </Box>
      ))}
    </Box>
  );
  const move = (to: string): void => {
    if (chosen === null) return;
    onChange(movePart(draft, chosen, to));
    onChoose(null);
  };

  return (
    <Box component="section" aria-label="Cuts of the draft">
      {[...draft.pieces, ...(draft.bins ?? [])].map((place) => {
        const name = nameOf(place);

        return (
          <PlaceEntry
            key={place.id}
            draft={draft}
            place={place}
            expected={expected.find((it) => it.id === place.id)}
            usualMg={usualMg}
            onChange={onChange}
            move={
              chosen !== null &&
              !(place.parts ?? []).includes(chosen) && (
                <Button size="small" onClick={() => move(place.id)} aria-label={`Move here, to ${name}: ${titleOf(chosen)}`}>
                  Move here
                </Button>
              )
            }
            parts={parts(place.parts ?? [], `of ${name}`)}
          />
        );
      })}
      {loose.length > 0 && (
        <Box role="group" aria-label="In no cut" sx={{ py: 1, color: "error.main" }}>
          In no cut and no container:
          {parts(loose, "in no cut")}
        </Box>
      )}
      <AddByTitle label="Another cut" onAdd={(title) => onChange(addPiece(draft, title))} />
      <AddByTitle label="Another container" onAdd={(title) => onChange(addBin(draft, title))} />
    </Box>
  );
}
