import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { useMakeAppeal } from "../../api/useAppeals";
import type { VerdictPage } from "../../api/types";
import { Field } from "../../parts/Field";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { Toggle } from "../../parts/Toggle";

/** Which lines of a result are not right, and why; sent once. */
export function AppealSlip({ page, onClose }: { page: VerdictPage; onClose: () => void }) {
  const make = useMakeAppeal(page.attempt);
  const [id] = useState(() => uuid());
  const [why, setWhy] = useState<ReadonlyMap<number, string>>(new Map());
  const lines = [...why].map(([reason, said]) => ({ reason, why: said.trim() }));
  const isReady = lines.length > 0 && lines.every((it) => it.why !== "");
  const write = (reason: number, said: string | null): void => {
    const next = new Map(why);
    if (said === null) next.delete(reason);
    else next.set(reason, said);
    setWhy(next);
  };

  return (
    <Slip
      title="Which lines are not right?"
      width="md"
      onClose={onClose}
      onSubmit={() => {
        if (isReady) make.mutate({ id, version: page.version ?? 1, lines }, { onSuccess: onClose });
      }}
      actions={
        <>
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" variant="contained" disabled={!isReady || make.isPending}>
            Send the appeal
          </Button>
        </>
      }
    >
      <Typography variant="body2">It is sent once for this version: choose every line you mean, and say of each what you saw.</Typography>
      <Box sx={{ display: "grid", gap: 1 }}>
        {page.result.reasons.map((it, reason) => {
          const said = why.get(reason);

          return (
            <Box key={reason} sx={{ display: "grid", gap: 0.5 }}>
              <Toggle isWide isOn={said !== undefined} onToggle={() => write(reason, said === undefined ? "" : null)}>
                −{it.lost.toFixed(2)} {it.text}
              </Toggle>
              {said !== undefined && (
                <Field
                  label="Why it is not right"
                  value={said}
                  multiline
                  autoFocus
                  autoComplete="off"
                  onChange={({ target }) => write(reason, target.value)}
                />
              )}
            </Box>
          );
        })}
      </Box>
      {make.error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(make.error)}
        </Typography>
      )}
    </Slip>
  );
}
