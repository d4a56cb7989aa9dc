import type { Policy } from "../../../api/types";
import { shareOf } from "../../../parts/format";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { useMassWords } from "../../../parts/mass";
import { Fields } from "../editor/Entry";
import { Section } from "../../../parts/Section";

/** The scale a tray is weighed on, and how much of a carcass may go unaccounted for. */
export function WeighingFields({ policy, onChange }: { policy: Policy; onChange: (policy: Policy) => void }) {
  const mass = useMassWords();
  const { scale, balance } = policy;

  return (
    <Section title="Scale and balance">
      <Fields least={150}>
        <NumberField
          label={`Scale reads in steps of, ${mass.unit}`}
          value={scale.division_mg / mass.mgPerUnit}
          places={4}
          onNumber={(it) => onChange({ ...policy, scale: { ...scale, division_mg: Math.round(it * mass.mgPerUnit) } })}
        />
        <Pick
          label="Its error (OIML R 76)"
          value={scale.in_service ? "service" : "new"}
          options={[
            { key: "service", title: "in service: twice" },
            { key: "new", title: "as verified" },
          ]}
          onPick={(key) => onChange({ ...policy, scale: { ...scale, in_service: key === "service" } })}
        />
        <NumberField
          label="Handling, % of the mass"
          value={100 * scale.handling}
          places={4}
          onNumber={(it) => onChange({ ...policy, scale: { ...scale, handling: shareOf(it) } })}
        />
        <NumberField
          label={`Unaccounted up to, ${mass.unit}`}
          value={balance.absolute_mg / mass.mgPerUnit}
          onNumber={(it) => onChange({ ...policy, balance: { ...balance, absolute_mg: Math.round(it * mass.mgPerUnit) } })}
        />
        <NumberField
          label="or, % of the carcass"
          value={100 * balance.relative}
          places={4}
          onNumber={(it) => onChange({ ...policy, balance: { ...balance, relative: shareOf(it) } })}
        />
      </Fields>
    </Section>
  );
}
