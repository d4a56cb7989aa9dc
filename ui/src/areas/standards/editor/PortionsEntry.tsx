import type { PortionSet } from "../../../api/types";
import { shareOf } from "../../../parts/format";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { Fields } from "./Entry";

interface PortionsEntryProps {
  portions: PortionSet | undefined;
  onPortions: (portions: PortionSet | undefined) => void;
}

type Measure = "none" | "cv" | "range";

const USUAL_LIMIT = 0.15;

/** Whether a cut is a set, of how many, and how alike they must be. */
export function PortionsEntry({ portions, onPortions }: PortionsEntryProps) {
  const measure: Measure = portions?.cv !== undefined ? "cv" : portions?.range !== undefined ? "range" : "none";
  const limit = portions?.cv ?? portions?.range ?? USUAL_LIMIT;
  const set = (count: number, by: Measure, upTo: number): void =>
    onPortions(count < 2 ? undefined : { count: Math.round(count), ...(by === "none" ? {} : { [by]: upTo }) });

  return (
    <Fields>
      <NumberField label="Portions" value={portions?.count ?? 1} places={0} onNumber={(count) => set(count, measure, limit)} />
      {portions !== undefined && (
        <Pick
          label="Alike"
          value={measure}
          options={[
            { key: "none", title: "only counted" },
            { key: "cv", title: "spread over mean" },
            { key: "range", title: "range over mean" },
          ]}
          onPick={(by) => set(portions.count, by, limit)}
        />
      )}
      {portions !== undefined && measure !== "none" && (
        <NumberField label="Free up to, %" value={limit * 100} onNumber={(upTo) => set(portions.count, measure, shareOf(upTo))} />
      )}
    </Fields>
  );
}
