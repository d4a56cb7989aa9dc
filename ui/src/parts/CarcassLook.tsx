import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Fact, ReceivingItem } from "../api/types";
import { useProbe } from "../api/useScale";
import { Field } from "./Field";
import { Toggle } from "./Toggle";
import { toggled } from "./toggled";
import { useMeant } from "./useMeant";

interface CarcassLookProps {
  attempt: string;
  isSimulated: boolean;
  items: ReceivingItem[];
  /** A core over this speaks against taking it. */
  warmestC: number;
  /** What was seen so far; `not` is null while nobody has looked. */
  look: { not: string[] | null; coreC: number | null };
  /** False where this device cannot keep it. */
  onLook: (fact: Extract<Fact, { kind: "look" }>) => Promise<boolean>;
  /** With what speaks against taking it. */
  onRefuse: (reason: string) => void;
}

/** The look at a carcass as it comes in: one tap where all is as it should be, or what is not, and how cold its core is. */
export function CarcassLook({ attempt, isSimulated, items, warmestC, look: { not, coreC }, onLook, onRefuse }: CarcassLookProps) {
  const probe = useProbe(attempt);
  const change = useMeant({ not, coreC }, (now) =>
    onLook({ kind: "look", not: now.not ?? [], ...(now.coreC !== null && { core_c: now.coreC }) }),
  );
  if (items.length === 0) return null;
  const takeCore = (core: number | null): void => change((now) => ({ not: now.not ?? [], coreC: core }));
  const wrong = items.filter((it) => not?.includes(it.id));
  const against = [
    ...wrong.filter((it) => it.refuses).map((it) => it.otherwise),
    ...(coreC !== null && coreC > warmestC ? [`Core at ${coreC} °C`] : []),
  ].join("; ");
  const excusing = wrong.filter((it) => it.defects.length > 0);

  return (
    <Box component="section" aria-label="The look at the carcass" sx={{ mb: 2.5 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1, mb: 1 }}>
        <Button
          variant={not === null ? "contained" : "outlined"}
          aria-pressed={not?.length === 0}
          onClick={() => change((now) => ({ ...now, not: [] }))}
        >
          {not?.length === 0 ? "As it should be ✓" : "As it should be"}
        </Button>
        <CoreField key={coreC} coreC={coreC} disabled={probe.isPending} onCore={takeCore} />
        {isSimulated && (
          <Button disabled={probe.isPending} onClick={() => probe.mutate(undefined, { onSuccess: ({ core_c: core }) => takeCore(core) })}>
            Read the probe
          </Button>
        )}
      </Box>
      <Box role="group" aria-label="What is not as it should be" sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {items.map((it) => {
          const isWrong = not?.includes(it.id) === true;

          return (
            <Toggle key={it.id} isOn={isWrong} onToggle={() => change((now) => ({ ...now, not: toggled(now.not ?? [], it.id) }))}>
              {isWrong ? `× ${it.otherwise}` : it.title}
            </Toggle>
          );
        })}
      </Box>
      <Box role="status" aria-label="What follows from the look" sx={{ mt: 0.75, minHeight: "1.4em" }}>
        {not === null && <Typography sx={{ color: "text.secondary" }}>Nobody has looked at it yet.</Typography>}
        {against !== "" && (
          <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
            <Typography sx={{ color: "error.main", fontWeight: 700 }}>{against}: it should go back.</Typography>
            <Button size="small" onClick={() => onRefuse(against)}>
              Refuse it
            </Button>
          </Box>
        )}
        {excusing.length > 0 && (
          <Typography>
            {excusing.map((it) => it.otherwise).join("; ")}: choose the defect below, so that it costs the student nothing.
          </Typography>
        )}
        {probe.isError && (
          <Typography role="alert" sx={{ color: "error.main" }}>
            The probe does not answer; type what it shows.
          </Typography>
        )}
      </Box>
    </Box>
  );
}

const [COLDEST_C, HOTTEST_C] = [-40, 100];

interface CoreFieldProps {
  coreC: number | null;
  disabled: boolean;
  onCore: (coreC: number | null) => void;
}

/** What the probe shows: kept when it is written, not with every key. */
function CoreField({ coreC, disabled, onCore }: CoreFieldProps) {
  const [text, setText] = useState(coreC === null ? "" : String(coreC));
  const core = text.trim() === "" ? null : Number(text.trim().replace(",", "."));
  const isWrong = core !== null && !(core >= COLDEST_C && core <= HOTTEST_C);
  const keep = (): void => {
    if (!isWrong && core !== coreC) onCore(core);
  };

  return (
    <Field
      label="Core, °C"
      inputMode="decimal"
      autoComplete="off"
      value={text}
      disabled={disabled}
      problem={isWrong ? "degrees Celsius, such as 3.5" : undefined}
      onChange={({ target }) => setText(target.value)}
      onBlur={keep}
      onKeyDown={({ key }) => key === "Enter" && keep()}
      sx={{ width: 120 }}
    />
  );
}
