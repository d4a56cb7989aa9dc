import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Assessment, LogEntry, Tray } from "../../api/types";
import { useFactWords } from "../../parts/factInWords";
import { useTimeWords } from "../../parts/times";

const MOST_SHOWN = 2;

/** Where two people took down different things for one place: both are kept, the later holds, and whoever is here sees both. */
export function TwoHands({ tray, assessment }: { tray: Tray; assessment: Assessment }) {
  const say = useFactWords(assessment);
  const { timeOfDay } = useTimeWords();
  const holderOf = (entry: LogEntry): LogEntry => {
    const later = tray.log.find((it) => it.entry.capture.id === entry.replaced_by);

    return later === undefined ? entry : holderOf(later);
  };
  const before = new Map<LogEntry, LogEntry>();
  for (const earlier of tray.log) {
    const holder = holderOf(earlier);
    if (holder.entry.capture.by !== earlier.entry.capture.by && say(holder.entry.capture) !== say(earlier.entry.capture))
      before.set(holder, earlier);
  }
  const pairs = [...before].map(([later, earlier]) => ({ later, earlier }));
  if (pairs.length === 0) return null;
  const told = ({ entry }: LogEntry): string => `${say(entry.capture)} (${entry.by}, ${timeOfDay(entry.capture.at)})`;

  return (
    <Box role="note" aria-label="Taken down by two" sx={{ px: 3, py: 0.75, borderLeft: "5px solid", borderColor: "secondary.main" }}>
      {pairs.slice(-MOST_SHOWN).map(({ earlier, later }) => (
        <Typography key={earlier.entry.seq} variant="body2">
          <strong>{told(later)} holds.</strong> Before it: {told(earlier)}. The log keeps both.
        </Typography>
      ))}
      {pairs.length > MOST_SHOWN && <Typography variant="body2">And {pairs.length - MOST_SHOWN} more in the log.</Typography>}
    </Box>
  );
}
