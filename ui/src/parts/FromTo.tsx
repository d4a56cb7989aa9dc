import { Field } from "./Field";

interface FromToProps {
  from: string;
  to: string;
  onFrom: (day: string) => void;
  onTo: (day: string) => void;
}

/** They are days, and the first does not lie after the last. */
export const areDays = (from: string, to: string): boolean => from !== "" && to !== "" && from <= to;

/** The days one asks about. */
export function FromTo({ from, to, onFrom, onTo }: FromToProps) {
  return (
    <>
      <Field label="From" type="date" value={from} onChange={({ target }) => onFrom(target.value)} />
      <Field
        label="To"
        type="date"
        value={to}
        problem={from !== "" && to !== "" && from > to ? "Before the first day" : undefined}
        onChange={({ target }) => onTo(target.value)}
      />
    </>
  );
}
