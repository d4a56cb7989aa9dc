import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { Toggle } from "../../../parts/Toggle";
import { toggled } from "../../../parts/toggled";
import { AddByTitle } from "./AddByTitle";
import { freeId, replaced, without, type Draft } from "./draft";
import { Entry, Fields } from "./Entry";
import { useSchoolWords } from "./schoolWords";
import { useJudged, withNamed } from "./useJudged";
import { WordsField } from "./WordsField";

interface DraftFaultsProps {
  draft: Draft;
  onChange: (draft: Draft) => void;
}

/** One-tap marks with what they cost, and the defects on arrival with what they excuse. */
export function DraftFaults({ draft, onChange }: DraftFaultsProps) {
  return (
    <>
      <Faults draft={draft} onChange={onChange} />
      <Defects draft={draft} onChange={onChange} />
    </>
  );
}

function Faults({ draft, onChange }: DraftFaultsProps) {
  const faults = draft.faults ?? [];
  const judged = useJudged();
  const { nameOf } = useSchoolWords();
  const add = (title: string): void =>
    onChange({
      ...draft,
      faults: [
        ...faults,
        {
          id: freeId(
            title,
            faults.map((it) => it.id),
          ),
          title,
          component: judged[0]?.key ?? "technique",
          deduct: 3,
          max: 9,
          critical: false,
        },
      ],
    });

  return (
    <Box component="section" aria-label="Faults of the draft">
      {faults.map((fault, index) => {
        const change = (changed: Partial<typeof fault>): void =>
          onChange({ ...draft, faults: replaced(faults, index, { ...fault, ...changed }) });

        return (
          <Entry
            key={fault.id}
            title={nameOf(fault)}
            onRemove={() => onChange({ ...draft, faults: without(faults, index) })}
            note={
              <Typography variant="caption" sx={{ color: fault.critical === true ? "error.main" : "text.secondary" }}>
                {fault.component}, {fault.deduct} a mark, at most {fault.max}
                {fault.critical === true && ", critical"}
              </Typography>
            }
          >
            <Fields>
              <WordsField label="Name" value={fault.title ?? fault.id} onWords={(title) => change({ title })} />
              <Pick
                label="Component"
                value={fault.component}
                options={withNamed(judged, fault.component)}
                onPick={(component) => change({ component })}
              />
              <NumberField label="Points a mark" value={fault.deduct} onNumber={(deduct) => change({ deduct })} />
              <NumberField label="At most" value={fault.max} onNumber={(max) => change({ max })} />
              <Toggle isOn={fault.critical === true} onToggle={() => change({ critical: fault.critical !== true })}>
                Critical
              </Toggle>
            </Fields>
          </Entry>
        );
      })}
      <AddByTitle label="Another fault" onAdd={add} />
    </Box>
  );
}

function Defects({ draft, onChange }: DraftFaultsProps) {
  const defects = draft.defects ?? [];
  const { nameOf } = useSchoolWords();
  const excusable = [
    ...draft.pieces.map((it) => ({ key: `piece:${it.id}`, title: nameOf(it) })),
    ...(draft.criteria ?? []).map((it) => ({ key: `criterion:${it.id}`, title: nameOf(it) })),
  ];
  const add = (title: string): void =>
    onChange({
      ...draft,
      defects: [
        ...defects,
        {
          id: freeId(
            title,
            defects.map((it) => it.id),
          ),
          title,
          excuses: [],
        },
      ],
    });

  return (
    <Box component="section" aria-label="Defects of the draft" sx={{ mt: 3 }}>
      <Typography variant="h2">Defects on arrival</Typography>
      {defects.map((defect, index) => {
        const change = (changed: Partial<typeof defect>): void =>
          onChange({ ...draft, defects: replaced(defects, index, { ...defect, ...changed }) });

        return (
          <Entry
            key={defect.id}
            title={nameOf(defect)}
            onRemove={() => onChange({ ...draft, defects: without(defects, index) })}
            note={
              <Typography variant="caption" sx={{ color: "text.secondary" }}>
                excuses {defect.excuses.length === 0 ? "nothing yet" : defect.excuses.length}
              </Typography>
            }
          >
            <WordsField label="Name" value={defect.title ?? defect.id} onWords={(title) => change({ title })} />
            <Box role="group" aria-label={`${nameOf(defect)} excuses`} sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
              {excusable.map((it) => (
                <Toggle
                  key={it.key}
                  isOn={defect.excuses.includes(it.key)}
                  onToggle={() => change({ excuses: toggled(defect.excuses, it.key) })}
                >
                  {it.title}
                </Toggle>
              ))}
            </Box>
          </Entry>
        );
      })}
      <AddByTitle label="Another defect" onAdd={add} />
    </Box>
  );
}
