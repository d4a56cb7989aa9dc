import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Expected, Standard } from "../../api/types";
import { Field } from "../../parts/Field";
import { percent } from "../../parts/format";
import { addPiece, removePiece, setWindow } from "./draft";

interface DraftPiecesProps {
  draft: Standard;
  expected: Expected[];
  chosen: string | null;
  titleOf: (part: string) => string;
  onMove: (part: string, to: string) => void;
  onChoose: (part: string | null) => void;
  onChange: (draft: Standard) => void;
}

/** Every cut and container of the draft with its parts; the cut map in words, and as good to work with. */
export function DraftPieces({ draft, expected, chosen, titleOf, onMove, onChoose, onChange }: DraftPiecesProps) {
  const [title, setTitle] = useState("");
  const places = [...draft.pieces.map((it) => ({ ...it, isPiece: true })), ...(draft.bins ?? []).map((it) => ({ ...it, isPiece: false }))];

  return (
    <Box component="section" aria-label="Cuts of the draft">
      {places.map((place) => {
        const what = expected.find((it) => it.id === place.id);
        const name = place.title ?? place.id;

        return (
          <Box key={place.id} role="group" aria-label={name} sx={{ borderBottom: "1px solid", borderColor: "divider", py: 1 }}>
            <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
              <Typography variant="h3" component="p" sx={{ flex: 1, minWidth: 150 }}>
                {name}
              </Typography>
              <Typography variant="figure" sx={{ fontWeight: 500 }}>
                {what === undefined ? "–" : percent(what.share, 2)}
              </Typography>
              {place.isPiece && what !== undefined && (
                <WindowField
                  key={`${place.id} ${what.low ?? ""} ${what.high ?? ""}`}
                  name={name}
                  expected={what}
                  isOwn={"window" in place}
                  onWindow={(window) => onChange(setWindow(draft, place.id, window))}
                />
              )}
              {chosen !== null && !(place.parts ?? []).includes(chosen) && (
                <Button size="small" onClick={() => onMove(chosen, place.id)} aria-label={`Move ${titleOf(chosen)} to ${name}`}>
                  Move here
                </Button>
              )}
              {place.isPiece && (place.parts ?? []).length === 0 && (
                <Button size="small" onClick={() => onChange(removePiece(draft, place.id))} aria-label={`Take ${name} away`}>
                  Take away
                </Button>
              )}
            </Box>
            <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mt: 0.5 }}>
              {(place.parts ?? []).map((part) => (
                <Button
                  key={part}
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
              ))}
            </Box>
          </Box>
        );
      })}
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          if (title.trim() !== "") onChange(addPiece(draft, title.trim()));
          setTitle("");
        }}
        sx={{ display: "grid", gridTemplateColumns: "1fr auto", gap: 1, alignItems: "end", my: 2 }}
      >
        <Field label="Another cut" value={title} onChange={(event) => setTitle(event.target.value)} autoComplete="off" />
        <Button type="submit" disabled={title.trim() === ""}>
          Add
        </Button>
      </Box>
    </Box>
  );
}

interface WindowFieldProps {
  name: string;
  expected: Expected;
  isOwn: boolean;
  onWindow: (window: { basis: "share"; low: number; high: number } | null) => void;
}

/** The window in per cent of the carcass: proposed from the carcass until it is written over. */
function WindowField({ name, expected, isOwn, onWindow }: WindowFieldProps) {
  const shown = (limit: number | null): string => (limit === null ? "" : String(Number((100 * limit).toFixed(2))));
  const [low, setLow] = useState(shown(expected.low));
  const [high, setHigh] = useState(shown(expected.high));
  const write = (): void => {
    const [from, to] = [Number(low.replace(",", ".")) / 100, Number(high.replace(",", ".")) / 100];
    const isChanged = low !== shown(expected.low) || high !== shown(expected.high);
    if (isChanged && Number.isFinite(from) && Number.isFinite(to)) onWindow({ basis: "share", low: from, high: to });
  };
  if (expected.basis !== "share") return null;

  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 0.5, color: isOwn ? "text.primary" : "secondary.main" }}>
      {[
        { side: "from", value: low, set: setLow },
        { side: "to", value: high, set: setHigh },
      ].map(({ side, value, set }) => (
        <Box
          key={side}
          component="input"
          aria-label={`${name}, window ${side}, per cent`}
          inputMode="decimal"
          value={value}
          onChange={(event) => set(event.target.value)}
          onBlur={write}
          onKeyDown={(event) => event.key === "Enter" && write()}
          sx={{
            width: 62,
            height: 36,
            px: 0.75,
            typography: "figure",
            fontWeight: 500,
            fontSize: 17,
            textAlign: "right",
            color: "inherit",
            bgcolor: "background.paper",
            border: "1.5px solid",
            borderColor: "steel.main",
            borderRadius: "2px",
          }}
        />
      ))}
      <Typography variant="label">%</Typography>
      {isOwn && (
        <Button size="small" onClick={() => onWindow(null)} aria-label={`${name}: window from the carcass again`}>
          Propose
        </Button>
      )}
    </Box>
  );
}
