import { Field } from "../../../parts/Field";
import { useSchoolWords } from "./schoolWords";

interface WordsFieldProps {
  label: string;
  value: string;
  multiline?: boolean;
  onWords: (words: string) => void;
}

/** A text of the draft, in the words of the book; where the school says it otherwise, that stands beneath it. */
export function WordsField({ label, value, multiline = false, onWords }: WordsFieldProps) {
  const said = useSchoolWords().say(value);

  return (
    <Field
      label={label}
      value={value}
      multiline={multiline}
      autoComplete="off"
      hint={said === value ? undefined : `Said here: ${said}`}
      onChange={({ target }) => onWords(target.value)}
    />
  );
}
