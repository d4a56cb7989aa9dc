import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useRef, useState, type FormEvent } from "react";
import { Field } from "./Field";
import { useMassWords } from "./mass";
import { readMass } from "./readMass";
import { useKeys } from "./useKey";

interface TypedWeightProps {
  label: string;
  disabled: boolean;
  onMass: (massMg: number) => void;
}

/** A weight typed in any unit: a digit pressed anywhere begins it. */
export function TypedWeight({ label, disabled, onMass }: TypedWeightProps) {
  const mass = useMassWords();
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const write = (typed: string): void => {
    setProblem(null);
    setText(typed);
  };
  useKeys((key) => {
    if (disabled || !/^\d$/.test(key)) return false;
    write(key);
    input.current?.focus();

    return true;
  });
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (text.trim() === "") return;
    const read = readMass(text, mass);
    if ("problem" in read) {
      setProblem(read.problem);
      return;
    }
    setText("");
    input.current?.blur();
    onMass(read.mg);
  };

  return (
    <Box component="form" onSubmit={submit} sx={{ display: "grid", gridTemplateColumns: "1fr auto", gap: 1, alignItems: "end" }}>
      <Field
        label={label}
        value={text}
        disabled={disabled}
        inputRef={input}
        inputMode="decimal"
        autoComplete="off"
        placeholder={mass.unit === "g" ? "1820, 1.82 kg, 4 lb 3 oz" : "64, 4 lb 3 oz, 1820 g"}
        onChange={(event) => write(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && (write(""), input.current?.blur())}
        problem={problem ?? undefined}
      />
      <Button type="submit" disabled={disabled} sx={{ alignSelf: problem === null ? "end" : "center" }}>
        Enter
      </Button>
    </Box>
  );
}
