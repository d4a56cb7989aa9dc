import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Student } from "../../api/types";
import { useAllow, useEndAllowance, type AllowanceSent } from "../../api/useRoster";
import { Field } from "../../parts/Field";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";
import { allowanceKinds, allowanceWords } from "./allowances";

/** What a student works under, each from a day to a day, with its reason. */
export function Allowances({ student }: { student: Student }) {
  const allow = useAllow(student.id);
  const end = useEndAllowance(student.id);
  const [adds, setAdds] = useState(false);
  const [says, setSays] = useState({ kind: "more_time" as AllowanceSent["kind"], time_factor: "1.25", from: "", until: "", reason: "" });
  const problem = saidOf(allow.error ?? end.error);
  const isWhole = says.from !== "" && says.reason.trim() !== "" && (says.kind !== "more_time" || Number(says.time_factor) > 1);

  return (
    <Box role="group" aria-label="Works under" sx={{ borderTop: "1px solid", borderColor: "divider", pt: 1.5, display: "grid", gap: 1 }}>
      <Typography variant="label" component="p">
        Works under
      </Typography>
      {student.accommodations.map((it) => (
        <Box key={it.id} sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
          <Typography variant="body2" sx={{ flex: "1 1 240px" }}>
            {allowanceWords(it)}, from {it.from}: {it.reason}
          </Typography>
          <Button size="small" disabled={end.isPending} onClick={() => end.mutate(it.id)} aria-label={`End it: ${allowanceWords(it)}`}>
            End it
          </Button>
        </Box>
      ))}
      {student.accommodations.length === 0 && !adds && <Typography variant="body2">Nothing out of the ordinary.</Typography>}
      {adds ? (
        <>
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
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
          <Button
            size="small"
            sx={{ justifySelf: "start" }}
            disabled={!isWhole || allow.isPending}
            onClick={() =>
              allow.mutate(
                {
                  kind: says.kind,
                  time_factor: says.kind === "more_time" ? Number(says.time_factor) : null,
                  from: says.from,
                  until: says.until === "" ? null : says.until,
                  reason: says.reason.trim(),
                },
                { onSuccess: () => setAdds(false) },
              )
            }
          >
            Allow it
          </Button>
        </>
      ) : (
        <Button size="small" sx={{ justifySelf: "start" }} onClick={() => setAdds(true)}>
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
