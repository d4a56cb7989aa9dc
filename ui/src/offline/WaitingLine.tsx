import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { RefusedCapture } from "./RefusedCapture";
import { useLasting } from "./useLasting";
import { useOld } from "./useOld";
import { useOnline } from "./useOnline";
import { RefusedEntry } from "./RefusedEntry";
import { SaveWaiting } from "./SaveWaiting";
import { useCaptureQueue } from "./Sending";
import { isAside, type WaitingPractice } from "./store";
import { useWaiting, useWaitingLots, useWaitingPractice } from "./useWaiting";

const LATE_MS = 2_000;
/** The screen below is needed too. */
const MOST_SHOWN = 2;

/** The honest line: how much waits on this device, whether there is a network, and what the server will not have. */
export function WaitingLine() {
  const waiting = useWaiting();
  const lots = useWaitingLots();
  const practice = useWaitingPractice();
  const queue = useCaptureQueue();
  const isOnline = useOnline();
  const refused = waiting.filter((it) => it.refusal !== null);
  const entries = [
    ...lots.map(({ order = 0, words, refusal }) => ({
      key: `lots ${order}`,
      area: "Ledger",
      words,
      refusal,
      onRetry: () => queue.retryLots(order),
      onDrop: () => queue.dropLots(order),
    })),
    ...practice.map(({ order = 0, said, refusal }) => ({
      key: `practice ${order}`,
      area: "Practice",
      words: practiceInWords(said),
      refusal,
      onRetry: () => queue.retryPractice(order),
      onDrop: () => queue.dropPractice(order),
    })),
  ].filter((it) => it.refusal !== null);
  const aside = [...waiting, ...lots, ...practice].filter((it) => it.refusal === null && isAside(it)).length;
  const open = waiting.length + lots.length + practice.length - refused.length - entries.length - aside;
  // On a good network a capture is gone before a line about it could be read.
  const isLate = useLasting(open > 0, LATE_MS);
  const isOld = useLasting(useOld(), LATE_MS);
  const showsWaiting = !isOnline || isLate || isOld;
  const notTaken = refused.length + entries.length;
  if (!showsWaiting && notTaken + aside === 0) return null;

  return (
    <>
      {showsWaiting && (
        // Over the screen, not above it: what comes and goes by itself must not move a button from under a thumb.
        <Typography
          role="status"
          aria-label="Waiting captures"
          sx={{
            position: "fixed",
            right: 0,
            bottom: 0,
            zIndex: "appBar",
            pointerEvents: "none",
            maxWidth: "100vw",
            px: 2,
            py: 1,
            bgcolor: "text.primary",
            color: "background.paper",
            border: "2px solid",
            borderColor: "background.paper",
          }}
        >
          {!isOnline && <strong>No network. </strong>}
          {isOnline && isOld && <strong>The server does not answer: what is shown may be old. </strong>}
          {inWords(open, notTaken + aside, isOnline && !isOld)}
        </Typography>
      )}
      {aside > 0 && <Aside count={aside} />}
      {notTaken > 0 && (
        <Box sx={{ bgcolor: "background.paper", borderBottom: "3px solid", borderColor: "error.main" }}>
          {refused.slice(0, MOST_SHOWN).map((it) => (
            <RefusedCapture key={it.order} waiting={it} />
          ))}
          {entries.slice(0, Math.max(0, MOST_SHOWN - refused.length)).map(({ key, ...it }) => (
            <RefusedEntry key={key} {...it} />
          ))}
          {notTaken > MOST_SHOWN && <Typography sx={{ px: 3, py: 0.75 }}>And {notTaken - MOST_SHOWN} more behind these.</Typography>}
        </Box>
      )}
    </>
  );
}

/** What the server failed at: it is safe here, and somebody should know. */
function Aside({ count }: { count: number }) {
  const queue = useCaptureQueue();

  return (
    <Box
      role="alert"
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        gap: 1,
        px: 3,
        py: 0.75,
        bgcolor: "background.paper",
        borderBottom: "3px solid",
        borderColor: "error.main",
      }}
    >
      <Typography sx={{ flex: 1, minWidth: 200 }}>
        <strong>{count === 1 ? "The server failed at 1 capture" : `The server failed at ${count} captures`} three times.</strong>{" "}
        {count === 1 ? "It is" : "They are"} kept on this device and tried again every minute; everything else goes up.
      </Typography>
      <Button size="small" sx={{ minHeight: 48 }} onClick={() => void queue.sendAgain()}>
        Send all again
      </Button>
      <SaveWaiting size="small" />
    </Box>
  );
}

const practiceInWords = (said: WaitingPractice["said"]): string =>
  said.tray !== null
    ? "something weighed or judged on a practice tray"
    : said.fact.kind === "answer"
      ? "an answer"
      : "a card that was followed";

function inWords(open: number, others: number, isOnline: boolean): string {
  if (open === 0) return `Everything ${others > 0 ? "else " : ""}taken down so far is on the server.`;
  if (open === 1) return `1 capture waits. It is ${isOnline ? "going up." : "kept on this device and goes up by itself."}`;

  return `${open} captures wait. They are ${isOnline ? "going up." : "kept on this device and go up by themselves."}`;
}
