import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Policy } from "../../../api/types";
import { shareOf } from "../../../parts/format";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { Section } from "../../../parts/Section";
import { Toggle } from "../../../parts/Toggle";
import { Fields } from "../editor/Entry";

type Moderation = NonNullable<Policy["moderation"]>;

const ways: { key: Moderation["combine"]; title: string; reason: string }[] = [
  { key: "mean", title: "Mean of the points", reason: "By the book: both looks count alike. Usual where two assessors stand level." },
  { key: "first", title: "The first", reason: "The second look is a check; it changes nothing while it lies near enough." },
  { key: "lower", title: "The lower", reason: "Both must have seen it. For products that are sold." },
  { key: "higher", title: "The higher", reason: "The doubt goes to the student." },
];

/** One step apart is how two careful people usually differ (common practice). */
const usual: Moderation = { tolerance_levels: 1, combine: "mean", share: 0.1 };

/** What becomes of two looks at one tray. */
export function ModerationFields({ policy, onChange }: { policy: Policy; onChange: (policy: Policy) => void }) {
  const { moderation, ...rest } = policy;
  const change = (next: Moderation): void => onChange({ ...policy, moderation: next });

  return (
    <Section title="When two assessors judge">
      <Box>
        <Toggle
          isOn={moderation !== undefined}
          onToggle={() => onChange(moderation === undefined ? { ...policy, moderation: usual } : rest)}
        >
          Two looks count
        </Toggle>
      </Box>
      {moderation === undefined ? (
        <Typography variant="body2" sx={{ mt: 1 }}>
          A second look is kept and shown beside the first; the first holds, unless both agree on another level.
        </Typography>
      ) : (
        <>
          <Fields least={180}>
            <NumberField
              label="Let pass, steps apart"
              value={moderation.tolerance_levels}
              places={0}
              onNumber={(it) => change({ ...moderation, tolerance_levels: it })}
            />
            <Pick
              label="Two that lie near"
              value={moderation.combine}
              options={ways}
              onPick={(combine) => change({ ...moderation, combine })}
            />
            <NumberField
              label="Drawn to mark twice, %"
              value={100 * (moderation.share ?? usual.share ?? 0)}
              places={1}
              onNumber={(it) => change({ ...moderation, share: shareOf(it) })}
            />
          </Fields>
          <Typography variant="body2" sx={{ my: 1 }}>
            {ways.find((it) => it.key === moderation.combine)?.reason} What lies further apart waits until both agree.
          </Typography>
          <Box>
            <Toggle
              isOn={moderation.third_agrees === true}
              onToggle={() => change({ ...moderation, third_agrees: moderation.third_agrees !== true })}
            >
              A third person writes down what is agreed
            </Toggle>
          </Box>
        </>
      )}
    </Section>
  );
}
