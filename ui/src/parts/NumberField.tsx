import { useState } from "react";
import type { InputBaseProps } from "@mui/material/InputBase";
import { Field } from "./Field";

interface NumberFieldProps extends Omit<InputBaseProps, "value" | "onChange" | "error"> {
  label: string;
  /** Null where none is written: the usual holds. */
  value: number | null;
  places?: number;
  onNumber: (value: number) => void;
  onClear?: () => void;
}

const parsed = (text: string): number => (text.trim() === "" ? NaN : Number(text.replace(",", ".")));

/** A figure to write over: what is typed stands while it is typed, and counts as soon as it is a number. */
export function NumberField({ label, value, places = 2, onNumber, onClear, ...input }: NumberFieldProps) {
  const shown = value === null ? "" : String(Number(value.toFixed(places)));
  const [typed, setTyped] = useState<string | null>(null);

  return (
    <Field
      label={label}
      inputMode="decimal"
      autoComplete="off"
      value={typed ?? shown}
      onChange={({ target }) => {
        setTyped(target.value);
        const number = parsed(target.value);
        if (Number.isFinite(number)) onNumber(number);
        if (target.value.trim() === "") onClear?.();
      }}
      onBlur={() => setTyped(null)}
      {...input}
    />
  );
}
