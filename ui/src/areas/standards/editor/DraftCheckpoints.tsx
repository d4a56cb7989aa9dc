import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Toggle } from "../../../parts/Toggle";
import { toggled } from "../../../parts/toggled";
import { AddByTitle } from "./AddByTitle";
import { AllowanceFields } from "./AllowanceFields";
import { dropped, freeId, replaced, without, type Checkpoint, type Draft } from "./draft";
import { Entry } from "./Entry";
import { useSchoolWords } from "./schoolWords";
import { WordsField } from "./WordsField";

/** Stops on the way: what is judged there before the student goes on, and the split time. */
export function DraftCheckpoints({ draft, onChange }: { draft: Draft; onChange: (draft: Draft) => void }) {
  const checkpoints = draft.checkpoints ?? [];
  const { nameOf } = useSchoolWords();
  const set = (list: Checkpoint[]): void => onChange(list.length === 0 ? dropped(draft, "checkpoints") : { ...draft, checkpoints: list });

  return (
    <Box role="group" aria-label="Checkpoints">
      <Typography variant="h2">Checkpoints</Typography>
      {checkpoints.map((checkpoint, index) => {
        const name = nameOf(checkpoint);
        const change = (changed: Checkpoint): void => set(replaced(checkpoints, index, changed));

        return (
          <Entry key={checkpoint.id} title={name} onRemove={() => set(without(checkpoints, index))}>
            <WordsField label="Name" value={checkpoint.title ?? checkpoint.id} onWords={(title) => change({ ...checkpoint, title })} />
            <Box role="group" aria-label={`Judged at ${name}`} sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
              {(draft.criteria ?? []).map((it) => (
                <Toggle
                  key={it.id}
                  isOn={(checkpoint.criteria ?? []).includes(it.id)}
                  onToggle={() => change({ ...checkpoint, criteria: toggled(checkpoint.criteria ?? [], it.id) })}
                >
                  {nameOf(it)}
                </Toggle>
              ))}
            </Box>
            <Box>
              <Toggle
                isOn={checkpoint.time !== undefined}
                onToggle={() =>
                  change(
                    checkpoint.time === undefined
                      ? { ...checkpoint, time: { standard_ms: 300_000, limit_ms: 480_000 } }
                      : dropped(checkpoint, "time"),
                  )
                }
              >
                Split time
              </Toggle>
            </Box>
            {checkpoint.time !== undefined && (
              <AllowanceFields what={name} allowance={checkpoint.time} onChange={(time) => change({ ...checkpoint, time })} />
            )}
          </Entry>
        );
      })}
      <AddByTitle
        label="Another checkpoint"
        onAdd={(title) =>
          set([
            ...checkpoints,
            {
              id: freeId(
                title,
                checkpoints.map((it) => it.id),
              ),
              title,
            },
          ])
        }
      />
    </Box>
  );
}
