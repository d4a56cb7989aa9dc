import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState, type FormEvent } from "react";
import { coolingProbe } from "../../api/useLedger";
import { Field } from "../../parts/Field";

const COLDEST_C = -40;
const HOTTEST_C = 100;

interface TakeReadingProps {
  lot: string;
  name: string;
  hasProbe: boolean;
  onReading: (c: number) => void;
}

/** The temperature at the core of a container: typed, or from the probe. */
export function TakeReading({ lot, name, hasProbe, onReading }: TakeReadingProps) {
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    const c = Number(text.trim().replace(",", "."));
    const isTemperature = text.trim() !== "" && c >= COLDEST_C && c <= HOTTEST_C;
    setProblem(isTemperature ? undefined : `A temperature from ${COLDEST_C} to ${HOTTEST_C} °C`);
    if (!isTemperature) return;
    setText("");
    onReading(c);
  };
  const takeProbe = (): void =>
    void coolingProbe(lot).then(
      ({ core_c: c }) => onReading(c),
      () => setProblem("The probe does not answer: type it"),
    );

  return (
    <Box component="form" onSubmit={submit} sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "end" }}>
      <Field
        label={`Core of ${name}, °C`}
        value={text}
        inputMode="decimal"
        autoComplete="off"
        problem={problem}
        onChange={({ target }) => setText(target.value)}
        sx={{ width: 220 }}
      />
      <Button type="submit">Keep the reading</Button>
      {hasProbe && <Button onClick={takeProbe}>Take the probe</Button>}
    </Box>
  );
}
