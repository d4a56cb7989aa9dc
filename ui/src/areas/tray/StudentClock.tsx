import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Assessment, Tray } from "../../api/types";
import { useUser } from "../../api/useSession";
import { clockOffers, clockTurn, setsRunning } from "../../parts/clockOffers";
import { clock } from "../../parts/format";
import { StartAnyway } from "../../parts/StartAnyway";
import { useKey } from "../../parts/useKey";
import { useNow } from "../../parts/useNow";
import type { Entries } from "./useTakeDown";

export function StudentClock({ tray, assessment, entries }: { tray: Tray; assessment: Assessment; entries: Entries }) {
  const { may_capture: mayCapture } = useUser();
  const now = useNow(tray.running_since_ms !== null);
  const elapsed = tray.result.time.running_ms + (tray.running_since_ms === null ? 0 : Math.max(0, now - tray.running_since_ms));
  const allowance = assessment.standard.time;
  const checkpoints = assessment.standard.checkpoints ?? [];
  const passed = tray.result.splits ?? [];
  const next = checkpoints.find(({ id }) => !passed.some((it) => it.checkpoint === id));
  const state = { ...tray, running_ms: tray.result.time.running_ms };
  const choices = mayCapture ? clockOffers(state) : [];
  const [asked, setAsked] = useState<"start" | "resume" | null>(null);
  const turn = (event: (typeof choices)[number]["event"]): void => {
    if (setsRunning(event) && tray.gate !== null) setAsked(event);
    else void entries.take({ kind: "clock", event });
  };
  useKey("k", () => {
    if (mayCapture && next !== undefined && tray.running_since_ms !== null) void entries.take({ kind: "checkpoint", checkpoint: next.id });
  });
  useKey(" ", () => {
    const event = clockTurn(state);
    if (mayCapture && event !== undefined) turn(event);
  });

  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 1, ml: "auto" }} role="group" aria-label="Clock">
      <Box sx={{ textAlign: "right" }}>
        <Typography
          variant="figure"
          sx={{ fontSize: 30, lineHeight: 1, display: "block", color: isPast(elapsed, allowance, tray) ? "error.main" : "text.primary" }}
          role="timer"
        >
          {clock(elapsed)}
        </Typography>
        {passed.map((it) => (
          <Typography key={it.checkpoint} variant="caption" component="p" sx={{ fontWeight: 700 }}>
            {(checkpoints.find(({ id }) => id === it.checkpoint)?.title ?? it.checkpoint).toLowerCase()} {clock(it.running_ms)}
          </Typography>
        ))}
        {allowance !== null && (
          <Typography variant="caption" sx={{ color: "secondary.main" }}>
            {clock(allowance.standard_ms * tray.time_factor)} / {clock(allowance.limit_ms * tray.time_factor)}
          </Typography>
        )}
      </Box>
      {mayCapture && next !== undefined && tray.running_since_ms !== null && (
        <Button onClick={() => void entries.take({ kind: "checkpoint", checkpoint: next.id })} title="Checkpoint">
          {next.title ?? next.id}
        </Button>
      )}
      {choices.map(({ event, label }, index) => (
        <Button key={event} variant={index === 0 && event !== "resume" ? "contained" : "outlined"} onClick={() => turn(event)}>
          {label}
        </Button>
      ))}
      {asked !== null && tray.gate !== null && (
        <StartAnyway
          station={tray.station}
          gate={tray.gate}
          mise={assessment.mise}
          open={tray.holds.mise_open}
          event={asked}
          onStart={(...facts) => entries.take(...facts)}
          onClose={() => setAsked(null)}
        />
      )}
    </Box>
  );
}

const isPast = (elapsed: number, allowance: Assessment["standard"]["time"], tray: Tray): boolean =>
  allowance !== null && elapsed > allowance.limit_ms * tray.time_factor;
