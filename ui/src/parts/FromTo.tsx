import { Field } from "./Field";
import type { ChosenDays } from "./useDays";

/** The fields of the days one asks about. */
export function FromTo({ days: { chosen, choose } }: { days: ChosenDays }) {
  const { from, to } = chosen;

  return (
    <>
      <Field label="From" type="date" value={from} onChange={({ target }) => choose({ from: target.value })} />
      <Field
        label="To"
        type="date"
        value={to}
        problem={from !== "" && to !== "" && from > to ? "Before the first day" : undefined}
        onChange={({ target }) => choose({ to: target.value })}
      />
    </>
  );
}
