import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { AddByTitle } from "./AddByTitle";
import { dropped, replaced, without, type Draft, type Step } from "./draft";
import { Entry } from "./Entry";
import { useSchoolWords } from "./schoolWords";
import { WordsField } from "./WordsField";

const lines = { do: "what to do", look: "look and feel for", hand: "hands", fault: "usual fault" } as const;

/** The method card in the order it is taught, and the cautions of the standard. */
export function DraftMethod({ draft, onChange }: { draft: Draft; onChange: (draft: Draft) => void }) {
  const card = draft.card ?? [];
  const { say } = useSchoolWords();
  const cautions = draft.cautions ?? [];
  const setStep = (index: number, step: Step): void => onChange({ ...draft, card: replaced(card, index, step) });
  const raise = (index: number): void => {
    const [before, step] = [card[index - 1], card[index]];
    if (before && step) onChange({ ...draft, card: replaced(replaced(card, index - 1, step), index, before) });
  };

  return (
    <Box component="section" aria-label="Method of the draft">
      {card.map((step, index) => (
        <Entry
          key={index}
          title={`${index + 1}. ${say(step.do)}`}
          onRemove={() => onChange({ ...draft, card: without(card, index) })}
          note={
            index > 0 && (
              <Button size="small" aria-label={`Move step ${index + 1} up`} onClick={() => raise(index)}>
                ↑
              </Button>
            )
          }
        >
          {(Object.keys(lines) as (keyof typeof lines)[]).map((line) => (
            <WordsField
              key={line}
              label={`Step ${index + 1}: ${lines[line]}`}
              value={step[line]}
              multiline
              onWords={(words) => setStep(index, { ...step, [line]: words })}
            />
          ))}
          <WordsField
            label={`Step ${index + 1}: caution`}
            value={step.caution ?? ""}
            multiline
            onWords={(caution) => setStep(index, caution === "" ? dropped(step, "caution") : { ...step, caution })}
          />
        </Entry>
      ))}
      <AddByTitle
        label="Another step"
        onAdd={(title) => onChange({ ...draft, card: [...card, { do: title, look: "", hand: "", fault: "" }] })}
      />
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Cautions
      </Typography>
      {cautions.map((caution, index) => (
        <Box key={index} sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr) auto", gap: 1, alignItems: "end", mb: 1 }}>
          <WordsField
            label={`Caution ${index + 1}`}
            value={caution}
            multiline
            onWords={(words) => onChange({ ...draft, cautions: replaced(cautions, index, words) })}
          />
          <Button aria-label={`Take caution ${index + 1} away`} onClick={() => onChange({ ...draft, cautions: without(cautions, index) })}>
            ×
          </Button>
        </Box>
      ))}
      <AddByTitle label="Another caution" onAdd={(text) => onChange({ ...draft, cautions: [...cautions, text] })} />
    </Box>
  );
}
