import { Field } from "./Field";

interface NewPasswordProps {
  label?: string;
  least: number;
  value: string;
  problem: string | undefined;
  onChange: (password: string) => void;
}

/** A password of one's own, shown while it is written: nobody finds a slip in fifteen dots. */
export function NewPassword({ label = "Password", least, value, problem, onChange }: NewPasswordProps) {
  return (
    <Field
      label={label}
      type="text"
      autoComplete="new-password"
      autoCapitalize="none"
      spellCheck={false}
      required
      value={value}
      hint={`${least} characters or more. Four words that do not belong together make a good one.`}
      problem={problem}
      onChange={({ target }) => onChange(target.value)}
    />
  );
}
