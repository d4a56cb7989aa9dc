import InputBase, { type InputBaseProps } from "@mui/material/InputBase";
import { useId } from "react";
import { Labelled, noteOf } from "./Labelled";

interface FieldProps extends Omit<InputBaseProps, "error"> {
  label: string;
  hint?: string | undefined;
  problem?: string | undefined;
}

/** A labelled line to write on; what is wrong stands beneath it. */
export function Field({ label, hint, problem, sx, id: given, ...input }: FieldProps) {
  const made = useId();
  const id = given ?? made;

  return (
    <Labelled id={id} label={label} hint={hint} problem={problem} sx={sx}>
      <InputBase id={id} error={problem !== undefined} aria-describedby={noteOf(id, problem ?? hint)} {...input} />
    </Labelled>
  );
}
