import type { Draft } from "./draft";
import { NumberField } from "../../../parts/NumberField";
import { Fields } from "./Entry";

type Allowance = NonNullable<Draft["time"]>;

const MINUTE = 60_000;

/** A time that scores in full, and the limit where nothing is left of it. */
export function AllowanceFields({
  what,
  allowance,
  onChange,
}: {
  what: string;
  allowance: Allowance;
  onChange: (allowance: Allowance) => void;
}) {
  return (
    <Fields>
      <NumberField
        label={`${what}, min`}
        value={allowance.standard_ms / MINUTE}
        onNumber={(it) => onChange({ ...allowance, standard_ms: Math.round(it * MINUTE) })}
      />
      <NumberField
        label={`${what}, limit, min`}
        value={allowance.limit_ms / MINUTE}
        onNumber={(it) => onChange({ ...allowance, limit_ms: Math.round(it * MINUTE) })}
      />
    </Fields>
  );
}
