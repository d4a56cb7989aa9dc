import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useRef, useState, type MouseEvent } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import type { MethodStep, PracticeOf } from "../../api/types";
import { useFollowAlong } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { now } from "../../offline/clock";
import { useCaptureQueue } from "../../offline/Sending";
import { clock } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Toggle } from "../../parts/Toggle";
import { useKeys } from "../../parts/useKey";
import { useNow } from "../../parts/useNow";
import { Cautions } from "./Cautions";
import { Progress } from "./Progress";
import { canSpeak, readAloud, stopReading } from "./readAloud";
import { Step } from "./Step";
import { useAwake } from "./useAwake";
import { useTimedSteps } from "./useTimedSteps";

/** A method card, one step a screen, for somebody whose hands are on the carcass. */
export function FollowAlong() {
  const { standard = "" } = useParams();
  const practice = useFollowAlong(standard);
  if (practice.isPending) return <Loading what="the method card" />;
  if (practice.isLoadingError) return <ProblemNotice problem={practice.error} onRetry={() => void practice.refetch()} />;
  if (practice.data.steps.length === 0) return <Notice title="This standard has no method card">Ask your instructor for one.</Notice>;

  return <Steps practice={practice.data} />;
}

const ahead = new Set([" ", "Enter", "ArrowRight", "ArrowDown", "PageDown"]);
const back = new Set(["ArrowLeft", "ArrowUp", "PageUp", "Backspace"]);

function Steps({ practice: { id, title, steps, cautions, map, standard_ms: standardMs } }: { practice: PracticeOf }) {
  const navigate = useNavigate();
  const [reads, setReads] = useState(false);
  const [isPaced, setPaced] = useState(false);
  // Before the first step stand the cautions.
  const [at, setAt] = useState(-1);
  // Whoever comes for one step reads the cautions before it too.
  const [address] = useSearchParams();
  const first = Math.min(steps.length, Math.max(1, Number(address.get("step")) || 1)) - 1;
  const step = steps[at];
  const timed = useTimedSteps(id, address.get("tray"));
  const { takePractice } = useCaptureQueue();
  useAwake();
  const isDone = useRef(false);
  const go = (by: number): void => {
    // The last step stays in sight until the next page has come; a second tap on it is none.
    if (isDone.current) return;
    if (by > 0) timed?.passed(at, at + by >= steps.length);
    if (at + by >= steps.length) {
      isDone.current = true;
      void takePractice(id, { kind: "followed" });
      void navigate(timed === null ? `/practice/${id}` : `/practice/${id}/tray/${timed.tray}`);
    } else setAt(at < 0 && by > 0 ? first : Math.max(-1, at + by));
  };
  useKeys((key) => {
    const by = ahead.has(key) ? 1 : back.has(key) ? -1 : 0;
    if (by !== 0) go(by);

    return by !== 0;
  });
  useEffect(() => {
    if (reads) readAloud(step === undefined ? cautions.join(" ") : spoken(step, at));

    return stopReading;
  }, [reads, step, at, cautions]);
  const stay = (event: MouseEvent): void => event.stopPropagation();

  return (
    <Box
      // Anywhere, with an elbow: the button below is for everybody else.
      onClick={() => go(1)}
      sx={{
        flex: 1,
        display: "flex",
        flexDirection: "column",
        px: { xs: 2, sm: 4 },
        py: 2,
        maxWidth: 1000,
        width: "100%",
        mx: "auto",
        cursor: "pointer",
        userSelect: "none",
      }}
    >
      <Box onClick={stay} sx={{ cursor: "auto" }}>
        <Rail area="Practice" steps={[{ label: title, to: `/practice/${id}` }, { label: "Follow along" }]} />
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
          <Progress at={at} count={steps.length} />
          {timed !== null && <Typography sx={{ fontWeight: 700 }}>Timed on your practice tray</Typography>}
          {standardMs !== null && timed === null && (
            <Toggle isOn={isPaced} onToggle={() => setPaced(!isPaced)}>
              By the clock, {clock(standardMs)} in all
            </Toggle>
          )}
          {canSpeak() && (
            <Toggle isOn={reads} onToggle={() => setReads(!reads)}>
              Read aloud
            </Toggle>
          )}
        </Box>
      </Box>
      {isPaced && standardMs !== null && step !== undefined && at + 1 < steps.length && (
        <Pace key={at} forMs={standardMs / steps.length} onOver={() => go(1)} />
      )}
      <Box aria-live="polite" sx={{ flex: 1, display: "flex", flexDirection: "column", justifyContent: "center", gap: 2, py: 2 }}>
        {step === undefined ? (
          <>
            <Typography variant="h1">Before you begin</Typography>
            <Cautions cautions={cautions} />
          </>
        ) : (
          <Step step={step} at={at} map={map} />
        )}
      </Box>
      <Box
        onClick={stay}
        sx={{
          display: "grid",
          gridTemplateColumns: "1fr 2fr",
          gap: 1.5,
          position: "sticky",
          bottom: 0,
          bgcolor: "background.default",
          py: 1,
        }}
      >
        <Button disabled={at < 0} onClick={() => go(-1)} sx={{ minHeight: 64 }}>
          Back
        </Button>
        <Button variant="contained" onClick={() => go(1)} sx={{ minHeight: 64, fontSize: "1.3rem" }}>
          {at < 0 ? "Begin" : at + 1 < steps.length ? "Next step" : "Done"}
        </Button>
      </Box>
    </Box>
  );
}

/** The next step comes by itself when this one has had its share of the standard time. */
function Pace({ forMs, onOver }: { forMs: number; onOver: () => void }) {
  const [until] = useState(() => now() + forMs);
  const left = until - useNow(true);
  const over = useRef(onOver);
  useEffect(() => {
    over.current = onOver;
  });
  const isOver = left <= 0;
  useEffect(() => {
    if (isOver) over.current();
  }, [isOver]);

  return (
    <Typography role="timer" variant="figure" sx={{ fontSize: 24, mt: 1 }}>
      Next step in {clock(left)}
    </Typography>
  );
}

const spoken = (step: MethodStep, at: number): string =>
  [`Step ${at + 1}.`, step.do, step.look, step.hand, step.caution ?? "", `The usual fault: ${step.fault}`].join(" ");
