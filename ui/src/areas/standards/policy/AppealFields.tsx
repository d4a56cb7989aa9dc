import Typography from "@mui/material/Typography";
import type { Policy } from "../../../api/types";
import { NumberField } from "../../../parts/NumberField";
import { Section } from "../../../parts/Section";
import { Fields } from "../editor/Entry";

/** Two weeks, as schools usually give (common practice). */
const USUAL_DAYS = 14;

/** How long a student may appeal against a released result. */
export function AppealFields({ policy, onChange }: { policy: Policy; onChange: (policy: Policy) => void }) {
  return (
    <Section title="Appeals">
      <Fields least={180}>
        <NumberField
          label="Days after release"
          value={policy.appeal_days ?? USUAL_DAYS}
          places={0}
          onNumber={(it) => onChange({ ...policy, appeal_days: it })}
        />
      </Fields>
      <Typography variant="body2" sx={{ mt: 1 }}>
        The last day counts to its end. An appeal should be decided within as many days again; with 0 there is none.
      </Typography>
    </Section>
  );
}
