import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Drawer from "@mui/material/Drawer";
import Typography from "@mui/material/Typography";
import { useLayoutEffect, useRef, useState } from "react";
import type { Assessment, LogEntry, Tray } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useFactWords } from "../../parts/factInWords";
import { NoteLine } from "../../parts/NoteLine";
import { useTimeWords } from "../../parts/times";
import type { Entries } from "./useTakeDown";
import { WithdrawDialog } from "./WithdrawDialog";

interface LogDrawerProps {
  onClose: () => void;
  tray: Tray;
  assessment: Assessment;
  entries: Entries;
}

/** Everything that was taken down at this tray, newest first; nothing in it is ever rubbed out. */
export function LogDrawer({ onClose, tray, assessment, entries }: LogDrawerProps) {
  const { may_capture: mayCapture } = useUser();
  const say = useFactWords(assessment);
  const [leaving, setLeaving] = useState<LogEntry | null>(null);
  const close = useRef<HTMLButtonElement>(null);
  // When a line loses its button, or the slip over the log closes, the focus is nowhere and Escape is not heard: it is moved here before the next key.
  useLayoutEffect(() => {
    if (document.activeElement === document.body) close.current?.focus();
  });
  const lines = [...tray.log].sort((a, b) => b.entry.capture.at.localeCompare(a.entry.capture.at) || b.entry.seq - a.entry.seq);

  return (
    <Drawer anchor="right" open onClose={onClose} slotProps={{ paper: { role: "dialog", "aria-label": "Log of this tray" } }}>
      <Box sx={{ width: { xs: "100vw", sm: 480 }, p: 3 }}>
        <Box sx={{ display: "flex", alignItems: "center", mb: 1 }}>
          <Typography variant="h2" sx={{ flex: 1 }}>
            Log
          </Typography>
          <Button ref={close} size="small" onClick={onClose}>
            Close
          </Button>
        </Box>
        {mayCapture && (
          <Box sx={{ mb: 2 }}>
            <NoteLine onNote={(text) => entries.take({ kind: "note", text })} />
          </Box>
        )}
        {lines.length === 0 && <Typography sx={{ color: "text.secondary" }}>Nothing has been taken down for this tray yet.</Typography>}
        <Box component="ol" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {lines.map((line) => (
            <LogLine
              key={line.entry.seq}
              line={line}
              assessment={assessment}
              onWithdraw={() => setLeaving(line)}
              withdrawal={lines.find(({ entry }) => entry.capture.kind === "void" && entry.capture.target === line.entry.capture.id)}
            />
          ))}
        </Box>
      </Box>
      {leaving !== null && (
        <WithdrawDialog
          what={say(leaving.entry.capture)}
          onClose={() => setLeaving(null)}
          onWithdraw={(reason) => entries.take({ kind: "void", target: leaving.entry.capture.id, reason })}
        />
      )}
    </Drawer>
  );
}

interface LogLineProps {
  line: LogEntry;
  withdrawal: LogEntry | undefined;
  assessment: Assessment;
  onWithdraw: () => void;
}

function LogLine({ line: { entry, state }, withdrawal, assessment, onWithdraw }: LogLineProps) {
  const { may_capture: mayCapture, may_set_terms: maySetTerms } = useUser();
  const isTerm = entry.capture.kind === "allowance" || entry.capture.kind === "resit";
  const mayWithdraw = isTerm ? maySetTerms : mayCapture;
  const say = useFactWords(assessment);
  const { timeOfDay } = useTimeWords();
  const isFixed = entry.capture.kind === "void" || entry.capture.kind === "standard" || entry.capture.kind === "station";
  const isGone = state === "withdrawn";
  const isReplaced = state === "replaced";

  return (
    <Box component="li" sx={{ display: "flex", gap: 1.5, py: 1, borderBottom: "1px solid", borderColor: "divider" }}>
      <Typography variant="figure" sx={{ fontWeight: 500, width: 62, flex: "none" }}>
        {timeOfDay(entry.capture.at)}
      </Typography>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography
          sx={{ textDecoration: isGone ? "line-through" : "none", color: isGone || isReplaced ? "text.secondary" : "text.primary" }}
        >
          {say(entry.capture)}
        </Typography>
        <Typography variant="caption" sx={{ color: "text.secondary" }}>
          {entry.by}, {entry.device}
          {isReplaced && ", replaced by a later entry"}
          {isGone &&
            withdrawal?.entry.capture.kind === "void" &&
            `, withdrawn by ${withdrawal.entry.by}: ${withdrawal.entry.capture.reason}`}
        </Typography>
      </Box>
      {mayWithdraw && !isGone && !isFixed && (
        <Button size="small" onClick={onWithdraw} aria-label={`Withdraw ${say(entry.capture)}`}>
          Withdraw
        </Button>
      )}
    </Box>
  );
}
