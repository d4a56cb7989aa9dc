import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { shareOf } from "../../../parts/format";
import { NumberField } from "../../../parts/NumberField";
import { Toggle } from "../../../parts/Toggle";
import { toggled } from "../../../parts/toggled";
import { replaced, without, type Draft } from "./draft";
import { useSchoolWords } from "./schoolWords";

type Match = { pieces: string[]; tolerance?: number };

/** A pair whose tolerance is the policy's is written as the two ids. */
const written = ({ pieces, tolerance }: Match): NonNullable<Draft["pairs"]>[number] => {
  const [one, other] = pieces;

  return tolerance === undefined && pieces.length === 2 && one !== undefined && other !== undefined
    ? [one, other]
    : { pieces, ...(tolerance === undefined ? {} : { tolerance }) };
};

/** Cuts that must weigh alike: a pair, or more of them, within the policy's tolerance or one of their own. */
export function DraftMatches({ draft, onChange }: { draft: Draft; onChange: (draft: Draft) => void }) {
  const pairs = draft.pairs ?? [];
  const { nameOf } = useSchoolWords();
  const matches = pairs.map((it): Match => (Array.isArray(it) ? { pieces: it } : it));
  const set = (index: number, match: Match): void => onChange({ ...draft, pairs: replaced(pairs, index, written(match)) });

  return (
    <Box role="group" aria-label="Weigh alike">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Weigh alike
      </Typography>
      {matches.map((match, index) => (
        <Box
          key={index}
          role="group"
          aria-label={`Group ${index + 1}`}
          sx={{
            display: "grid",
            gridTemplateColumns: "minmax(0, 1fr) 128px auto",
            gap: 1,
            alignItems: "end",
            py: 1,
            borderBottom: "1px solid",
            borderColor: "divider",
          }}
        >
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
            {draft.pieces.map((piece) => (
              <Toggle
                key={piece.id}
                isOn={match.pieces.includes(piece.id)}
                onToggle={() => set(index, { ...match, pieces: toggled(match.pieces, piece.id) })}
              >
                {nameOf(piece)}
              </Toggle>
            ))}
          </Box>
          <NumberField
            label="Within, %"
            value={match.tolerance === undefined ? null : 100 * match.tolerance}
            placeholder="policy"
            onNumber={(it) => set(index, { ...match, tolerance: shareOf(it) })}
            onClear={() => set(index, { pieces: match.pieces })}
          />
          <Button aria-label={`Take group ${index + 1} away`} onClick={() => onChange({ ...draft, pairs: without(pairs, index) })}>
            ×
          </Button>
        </Box>
      ))}
      <Button
        size="small"
        sx={{ mt: 1 }}
        disabled={draft.pieces.length < 2}
        onClick={() => onChange({ ...draft, pairs: [...pairs, written({ pieces: draft.pieces.slice(0, 2).map((it) => it.id) })] })}
      >
        Another group
      </Button>
    </Box>
  );
}
