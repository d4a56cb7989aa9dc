import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { NumberField } from "../../../parts/NumberField";
import { layPiece, type Draft } from "./draft";
import { useSchoolWords } from "./schoolWords";

const MOST_COLUMNS = 12;

/** How the tray is laid: choose a cut, then the spot it should lie on; what lies there changes places with it. */
export function DraftTray({ draft, onChange }: { draft: Draft; onChange: (draft: Draft) => void }) {
  const [inHand, setInHand] = useState<string | null>(null);
  const { columns, places } = draft.tray ?? { columns: 4, places: [] };
  const { nameOf } = useSchoolWords();
  const titleOf = (piece: string): string => nameOf(draft.pieces.find((it) => it.id === piece) ?? { id: piece });
  const rows = Math.max(0, ...places.map((it) => it.row)) + 1;
  const spots = Array.from({ length: rows * columns }, (_, index) => ({
    column: (index % columns) + 1,
    row: Math.floor(index / columns) + 1,
  }));
  const unlaid = draft.pieces.filter((piece) => !places.some((it) => it.place === piece.id));
  const tap = (place: string | undefined, column: number, row: number): void => {
    if (inHand === null) {
      setInHand(place ?? null);
      return;
    }
    if (inHand !== place) onChange(layPiece(draft, inHand, column, row));
    setInHand(null);
  };

  return (
    <Box component="section" aria-label="Tray of the draft">
      <Typography role="status" aria-label="Cut in hand" sx={{ mb: 1, color: inHand === null ? "text.secondary" : "secondary.main" }}>
        {inHand === null ? "Choose a cut, then the spot it should lie on." : `${titleOf(inHand)}: choose the spot it should lie on.`}
      </Typography>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
          gap: "6px",
          p: "10px",
          border: "3px solid",
          borderColor: "steel.main",
          borderRadius: "10px",
          bgcolor: "background.paper",
        }}
      >
        {spots.map(({ column, row }) => {
          const place = places.find((it) => it.column === column && it.row === row)?.place;
          const isInHand = place !== undefined && place === inHand;

          return (
            <ButtonBase
              key={`${column}/${row}`}
              onClick={() => tap(place, column, row)}
              aria-pressed={isInHand}
              aria-label={`${place === undefined ? "Free" : titleOf(place)}, row ${row}, column ${column}`}
              sx={{
                typography: "label",
                lineHeight: 1.15,
                minHeight: 62,
                px: 0.5,
                border: "1px dashed",
                borderColor: "divider",
                borderRadius: "3px",
                textAlign: "center",
                ...(isInHand && { outline: "3px solid", outlineColor: "secondary.main" }),
              }}
            >
              {place === undefined ? "" : titleOf(place)}
            </ButtonBase>
          );
        })}
      </Box>
      {unlaid.length > 0 && (
        <Typography sx={{ mt: 1, color: "error.main" }}>
          Not on the tray yet:{" "}
          {unlaid.map((it) => (
            <ButtonBase key={it.id} onClick={() => setInHand(it.id)} sx={{ typography: "label", textDecoration: "underline", mr: 1 }}>
              {nameOf(it)}
            </ButtonBase>
          ))}
        </Typography>
      )}
      <Box sx={{ maxWidth: 160, mt: 2 }}>
        <NumberField
          label="Columns"
          value={columns}
          places={0}
          onNumber={(wide) => {
            const least = Math.max(1, ...places.map((it) => it.column));
            if (Number.isInteger(wide)) onChange({ ...draft, tray: { columns: Math.min(MOST_COLUMNS, Math.max(least, wide)), places } });
          }}
        />
      </Box>
    </Box>
  );
}
