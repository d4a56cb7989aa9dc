import { useState } from "react";
import { Field } from "./Field";
import { upperFirst } from "./format";
import { useMassWords } from "./mass";
import { readMass } from "./readMass";

interface MassFieldProps {
  label: string;
  /** What stands there at first. */
  initialMg?: number;
  hint?: string;
  autoFocus?: boolean;
  /** Null while what is typed is no weight. */
  onMass: (massMg: number | null) => void;
}

/** A line to type a weight on, in any unit. */
export function MassField({ label, initialMg, hint, autoFocus = false, onMass }: MassFieldProps) {
  const mass = useMassWords();
  const [text, setText] = useState(initialMg === undefined ? "" : mass.full(initialMg));
  const [problem, setProblem] = useState<string | null>(null);

  return (
    <Field
      label={label}
      value={text}
      inputMode="decimal"
      autoComplete="off"
      autoFocus={autoFocus}
      hint={hint ?? (mass.unit === "g" ? "1820, 1.82 kg" : "64, 4 lb 3 oz")}
      problem={problem === null ? undefined : upperFirst(problem)}
      onChange={({ target }) => {
        setText(target.value);
        const read = target.value.trim() === "" ? { mg: null } : readMass(target.value, mass);
        setProblem("problem" in read ? read.problem : null);
        onMass("problem" in read ? null : read.mg);
      }}
    />
  );
}
