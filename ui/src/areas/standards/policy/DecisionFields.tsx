import Typography from "@mui/material/Typography";
import type { Policy } from "../../../api/types";
import { shareOf } from "../../../parts/format";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { Fields } from "../editor/Entry";
import { Section } from "../../../parts/Section";

const rules: { key: Policy["decision"]["rule"]; title: string; reason: string }[] = [
  {
    key: "benefit",
    title: "Benefit of the doubt",
    reason: "By the book: what a kitchen scale cannot tell never fails a student. Usual in teaching.",
  },
  { key: "simple", title: "As read", reason: "The reading decides. Simple to explain; a student may fail by what the scale cannot tell." },
  {
    key: "strict",
    title: "Strict",
    reason: "The doubt counts against the tray: what is called within is surely within. For products that are sold.",
  },
];

/** How the uncertainty of a weighing bears on a verdict, after JCGM 106. */
export function DecisionFields({ policy, onChange }: { policy: Policy; onChange: (policy: Policy) => void }) {
  const { decision } = policy;

  return (
    <Section title="When a weight is close to its limit">
      <Fields least={180}>
        <Pick
          label="Decision rule"
          value={decision.rule}
          options={rules}
          onPick={(rule) => onChange({ ...policy, decision: { ...decision, rule } })}
        />
        <NumberField
          label="Confidence, %"
          value={100 * decision.confidence}
          places={4}
          onNumber={(it) => onChange({ ...policy, decision: { ...decision, confidence: shareOf(it) } })}
        />
      </Fields>
      <Typography variant="body2" sx={{ mt: 1 }}>
        {rules.find((it) => it.key === decision.rule)?.reason}
      </Typography>
    </Section>
  );
}
