import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import type { KeyboardEvent, ReactNode } from "react";

interface OneOfProps<Key extends string> {
  label: string;
  chosen: Key | null;
  options: { key: Key; title: string; note?: ReactNode }[];
  disabled?: boolean;
  onChoose: (key: Key) => void;
}

const steps: Partial<Record<string, number>> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** One answer of a few, side by side. The arrows go from one to the next; space or Enter takes it, so that nothing is set on the way. */
export function OneOf<Key extends string>({ label, chosen, options, disabled = false, onChoose }: OneOfProps<Key>) {
  const reached = Math.max(
    0,
    options.findIndex((it) => it.key === chosen),
  );
  const go = (event: KeyboardEvent<HTMLElement>): void => {
    const radios = [...event.currentTarget.querySelectorAll<HTMLElement>('[role="radio"]')];
    const at = radios.indexOf(document.activeElement as HTMLElement);
    const step = steps[event.key] ?? 0;
    const to = { Home: 0, End: radios.length - 1 }[event.key] ?? (at + step + radios.length) % radios.length;
    if (at < 0 || to === at) return;
    event.preventDefault();
    radios[to]?.focus();
  };

  return (
    <Box role="radiogroup" aria-label={label} onKeyDown={go} sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
      {options.map(({ key, title, note }, index) => (
        <ButtonBase
          key={key}
          role="radio"
          aria-checked={key === chosen}
          tabIndex={index === reached ? 0 : -1}
          disabled={disabled}
          onClick={() => key !== chosen && onChoose(key)}
          sx={{
            typography: "label",
            minHeight: 48,
            px: 1.5,
            border: "2px solid",
            borderColor: key === chosen ? "text.primary" : "divider",
            bgcolor: "background.paper",
            gap: 1,
          }}
        >
          <Mark isChosen={key === chosen} />
          {title}
          {note}
        </ButtonBase>
      ))}
    </Box>
  );
}

/** A ring, with a pencil dot in the one that is chosen. */
function Mark({ isChosen }: { isChosen: boolean }) {
  return (
    <Box component="svg" viewBox="0 0 18 18" width={18} height={18} aria-hidden sx={{ color: "text.primary", flexShrink: 0 }}>
      <circle cx={9} cy={9} r={7.4} fill="none" stroke="currentColor" strokeWidth={1.4} />
      {isChosen && <circle cx={9} cy={9} r={4.2} fill="currentColor" />}
    </Box>
  );
}
