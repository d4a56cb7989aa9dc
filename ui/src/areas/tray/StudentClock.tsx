import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Assessment, Tray } from "../../api/types";
import { useUser } from "../../api/useSession";
import { clock } from "../../parts/format";
import { useKey } from "../../parts/useKey";
import type { Desk } from "./useTakeDown";

type Event = "start" | "pause" | "resume" | "stop";

/** What the clock offers next, the likeliest first. */
function offers(tray: Tray): { event: Event; label: string }[] {
  if (tray.presented) return [{ event: "resume", label: "Run on" }];
  if (tray.running_since_ms !== null)
    return [
      { event: "stop", label: "Present" },
      { event: "pause", label: "Pause" },
    ];
  if (tray.result.time.running_ms > 0)
    return [
      { event: "resume", label: "Resume" },
      { event: "stop", label: "Present" },
    ];

  return [{ event: "start", label: "Start" }];
}

export function StudentClock({ tray, assessment, desk }: { tray: Tray; assessment: Assessment; desk: Desk }) {
  const { may_capture: mayCapture } = useUser();
  const now = useNow(tray.running_since_ms !== null);
  const elapsed = tray.result.time.running_ms + (tray.running_since_ms === null ? 0 : Math.max(0, now - tray.running_since_ms));
  const allowance = assessment.standard.time;
  const choices = mayCapture ? offers(tray) : [];
  const turn = (event: Event): void => void desk.take({ kind: "clock", event });
  useKey(" ", () => {
    const first = choices[0];
    if (first && !(tray.presented && first.event === "resume")) turn(first.event);
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
        {allowance !== null && (
          <Typography variant="caption" sx={{ color: "secondary.main" }}>
            {clock(allowance.standard_ms * tray.time_factor)} / {clock(allowance.limit_ms * tray.time_factor)}
          </Typography>
        )}
      </Box>
      {choices.map(({ event, label }, index) => (
        <Button key={event} variant={index === 0 && event !== "resume" ? "contained" : "outlined"} onClick={() => turn(event)}>
          {label}
        </Button>
      ))}
    </Box>
  );
}

const isPast = (elapsed: number, allowance: Assessment["standard"]["time"], tray: Tray): boolean =>
  allowance !== null && elapsed > allowance.limit_ms * tray.time_factor;

function useNow(runs: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!runs) return;
    const tick = setInterval(() => setNow(Date.now()), 500);

    return () => clearInterval(tick);
  }, [runs]);

  return now;
}
