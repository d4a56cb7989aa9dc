import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState, type KeyboardEvent } from "react";
import type { Student } from "../../api/types";
import { useAllow, useEndAllowance, type AllowanceSent } from "../../api/useRoster";
import { useToday } from "../../offline/useToday";
import { Field } from "../../parts/Field";
import { dayInShort } from "../../parts/format";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";
import { allowanceKinds, allowanceWords } from "./allowances";

interface AllowancesProps {
  student: Student;
  /** Another one is being written. */
  isWriting: boolean;
  onWriting: (isWriting: boolean) => void;
}

/** What a student works under, each from a day to a day, with its reason. */
export function Allowances({ student, isWriting, onWriting }: AllowancesProps) {
  const allow = useAllow(student.id);
  const end = useEndAllowance(student.id);
  const usual = { kind: "more_time" as AllowanceSent["kind"], time_factor: "1.25", from: useToday(), until: "", reason: "" };
  const [says, setSays] = useState(usual);
  const problem = saidOf(allow.error ?? end.error);
  const isWhole = says.from !== "" && says.reason.trim() !== "" && (says.kind !== "more_time" || Number(says.time_factor) > 1);
  const add = (): void =>
    allow.mutate(
      {
        kind: says.kind,
        time_factor: says.kind === "more_time" ? Number(says.time_factor) : null,
        from: says.from,
        until: says.until === "" ? null : says.until,
        reason: says.reason.trim(),
      },
      {
        onSuccess: () => {
          onWriting(false);
          setSays(usual);
        },
      },
    );
  // Enter in a line of it would send the slip around it, which closes, and what was typed here would be gone.
  const addOnEnter = (event: KeyboardEvent<HTMLElement>): void => {
    if (event.key !== "Enter" || !(event.target instanceof HTMLInputElement)) return;
    event.preventDefault();
    if (isWhole && !allow.isPending) add();
  };

  return (
    <Box role="group" aria-label="Works under" sx={{ borderTop: "1px solid", borderColor: "divider", pt: 1.5, display: "grid", gap: 1 }}>
      <Typography variant="label" component="p">
        Works under
      </Typography>
      {student.accommodations.map((it) => (
        <Box key={it.id} sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
          <Typography variant="body2" sx={{ flex: "1 1 240px" }}>
            {allowanceWords(it)}, from {dayInShort(it.from)}: {it.reason}
          </Typography>
          <Button size="small" disabled={end.isPending} onClick={() => end.mutate(it.id)} aria-label={`End it: ${allowanceWords(it)}`}>
            End it
          </Button>
        </Box>
      ))}
      {student.accommodations.length === 0 && !isWriting && <Typography variant="body2">Nothing out of the ordinary.</Typography>}
      {isWriting ? (
        <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 1 }} onKeyDown={addOnEnter}>
          <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "minmax(0, 1fr) minmax(0, 1fr)" }, gap: 1 }}>
            <Pick label="What" value={says.kind} options={allowanceKinds} onPick={(kind) => setSays({ ...says, kind })} />
            <Field
              label="Times"
              inputMode="decimal"
              disabled={says.kind !== "more_time"}
              value={says.kind === "more_time" ? says.time_factor : ""}
              onChange={({ target }) => setSays({ ...says, time_factor: target.value.replace(",", ".") })}
            />
            <Field label="From" type="date" value={says.from} onChange={({ target }) => setSays({ ...says, from: target.value })} />
            <Field label="Until" type="date" value={says.until} onChange={({ target }) => setSays({ ...says, until: target.value })} />
          </Box>
          <Field
            label="Because"
            hint="Only who keeps the roster sees it."
            value={says.reason}
            onChange={({ target }) => setSays({ ...says, reason: target.value })}
          />
          <Box sx={{ display: "flex", gap: 1 }}>
            <Button size="small" disabled={!isWhole || allow.isPending} onClick={add}>
              Allow it
            </Button>
            <Button size="small" onClick={() => onWriting(false)}>
              Leave it
            </Button>
          </Box>
        </Box>
      ) : (
        <Button size="small" sx={{ justifySelf: "start" }} onClick={() => onWriting(true)}>
          Allow something
        </Button>
      )}
      {problem !== undefined && (
        <Typography role="alert" variant="body2" sx={{ color: "error.main" }}>
          {problem}
        </Typography>
      )}
    </Box>
  );
}
