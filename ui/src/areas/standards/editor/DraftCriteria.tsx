import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { AddByTitle } from "./AddByTitle";
import { freeId, removeCriterion, replaced, without, type Criterion, type Draft } from "./draft";
import { Entry, Fields } from "./Entry";
import { useSchoolWords } from "./schoolWords";
import { useJudged, withNamed } from "./useJudged";
import { WordsField } from "./WordsField";

interface DraftCriteriaProps {
  draft: Draft;
  onChange: (draft: Draft) => void;
}

/** What is judged by looking, each in steps that can be seen, lowest first. */
export function DraftCriteria({ draft, onChange }: DraftCriteriaProps) {
  const criteria = draft.criteria ?? [];
  const judged = useJudged();
  const add = (title: string): void => {
    const levels = [
      { points: 0, text: `${title}: not met` },
      { points: 1, text: `${title}: met` },
    ];
    const id = freeId(
      title,
      criteria.map((it) => it.id),
    );
    onChange({ ...draft, criteria: [...criteria, { id, title, component: judged[0]?.key ?? "technique", weight: 1, levels }] });
  };

  return (
    <Box component="section" aria-label="Criteria of the draft">
      {criteria.map((criterion, index) => (
        <CriterionEntry
          key={criterion.id}
          criterion={criterion}
          components={withNamed(judged, criterion.component)}
          onChange={(changed) => onChange({ ...draft, criteria: replaced(criteria, index, changed) })}
          onRemove={() => onChange(removeCriterion(draft, criterion.id))}
        />
      ))}
      <AddByTitle label="Another criterion" onAdd={add} />
    </Box>
  );
}

function withoutQuestion(criterion: Criterion): Criterion {
  const rest = { ...criterion };
  delete rest.question;

  return rest;
}

interface CriterionEntryProps {
  criterion: Criterion;
  components: { key: string; title: string }[];
  onChange: (criterion: Criterion) => void;
  onRemove: () => void;
}

function CriterionEntry({ criterion, components, onChange, onRemove }: CriterionEntryProps) {
  const { levels, weight, component } = criterion;
  const name = useSchoolWords().nameOf(criterion);

  return (
    <Entry
      id={criterion.id}
      title={name}
      onRemove={onRemove}
      note={
        <Typography variant="caption" sx={{ color: "text.secondary" }}>
          {component}, weight {weight}, {levels.length} steps
        </Typography>
      }
    >
      <Fields>
        <WordsField label="Name" value={criterion.title ?? criterion.id} onWords={(title) => onChange({ ...criterion, title })} />
        <Pick label="Component" value={component} options={components} onPick={(it) => onChange({ ...criterion, component: it })} />
        <NumberField label="Weight" value={weight} onNumber={(it) => onChange({ ...criterion, weight: it })} />
      </Fields>
      <Box sx={{ my: 1 }}>
        <WordsField
          label="Asked in writing before the clock (nothing if it is only seen)"
          value={criterion.question ?? ""}
          multiline
          onWords={(question) => onChange(question.trim() === "" ? withoutQuestion(criterion) : { ...criterion, question })}
        />
      </Box>
      {levels.map((level, index) => (
        <Box key={index} sx={{ display: "grid", gridTemplateColumns: "84px minmax(0, 1fr) auto", gap: 1, alignItems: "end" }}>
          <NumberField
            label={`Points ${index + 1}`}
            value={level.points}
            onNumber={(points) => onChange({ ...criterion, levels: replaced(levels, index, { ...level, points }) })}
          />
          <WordsField
            label={`Step ${index + 1}: what is seen`}
            value={level.text}
            multiline
            onWords={(text) => onChange({ ...criterion, levels: replaced(levels, index, { ...level, text }) })}
          />
          <Button
            size="small"
            disabled={levels.length < 2}
            aria-label={`Take step ${index + 1} of ${name} away`}
            onClick={() => onChange({ ...criterion, levels: without(levels, index) })}
            sx={{ minHeight: 48 }}
          >
            ×
          </Button>
        </Box>
      ))}
      <Button
        size="small"
        sx={{ justifySelf: "start" }}
        onClick={() => onChange({ ...criterion, levels: [...levels, { points: (levels.at(-1)?.points ?? 0) + 1, text: "" }] })}
      >
        Another step
      </Button>
    </Entry>
  );
}
