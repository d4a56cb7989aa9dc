import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState, type MouseEvent } from "react";
import { useNavigate, useParams } from "react-router";
import type { MethodStep, PracticeOf } from "../../api/types";
import { useFollowAlong } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { useCaptureQueue } from "../../offline/Sending";
import { lowerFirst } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Toggle } from "../../parts/Toggle";
import { useKeys } from "../../parts/useKey";
import { Cautions } from "./Cautions";
import { canSpeak, readAloud, stopReading } from "./readAloud";
import { useAwake } from "./useAwake";

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

function Steps({ practice: { id, title, steps, cautions } }: { practice: PracticeOf }) {
  const navigate = useNavigate();
  const [reads, setReads] = useState(false);
  // Before the first step stand the cautions.
  const [at, setAt] = useState(-1);
  const step = steps[at];
  const { takePractice } = useCaptureQueue();
  useAwake();
  const go = (by: number): void => {
    if (at + by >= steps.length) {
      void takePractice(id, { kind: "followed" });
      void navigate(`/practice/${id}`);
    } else setAt(Math.max(-1, at + by));
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
          {canSpeak() && (
            <Toggle isOn={reads} onToggle={() => setReads(!reads)}>
              Read aloud
            </Toggle>
          )}
        </Box>
      </Box>
      <Box aria-live="polite" sx={{ flex: 1, display: "flex", flexDirection: "column", justifyContent: "center", gap: 2, py: 2 }}>
        {step === undefined ? (
          <>
            <Typography variant="h1">Before you begin</Typography>
            <Cautions cautions={cautions} />
          </>
        ) : (
          <Step step={step} at={at} />
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

function Step({ step, at }: { step: MethodStep; at: number }) {
  return (
    <>
      <Box sx={{ display: "grid", gridTemplateColumns: "auto minmax(0, 1fr)", gap: { xs: 1.5, sm: 3 }, alignItems: "start" }}>
        <Typography variant="figure" aria-hidden sx={{ fontSize: "clamp(56px, 14vw, 120px)", lineHeight: 0.85, color: "secondary.main" }}>
          {at + 1}
        </Typography>
        <Typography variant="h1" sx={{ fontSize: "clamp(30px, 6.4vw, 56px)", lineHeight: 1.08 }}>
          {step.do}
        </Typography>
      </Box>
      <Typography sx={{ fontSize: "clamp(19px, 3.4vw, 28px)", lineHeight: 1.35 }}>{step.look}</Typography>
      <Typography sx={{ fontSize: "clamp(19px, 3.4vw, 28px)", lineHeight: 1.35 }}>{step.hand}</Typography>
      {step.caution !== null && (
        <Typography
          sx={{ borderLeft: "6px solid", borderColor: "secondary.main", pl: 2, fontWeight: 700, fontSize: "clamp(18px, 3vw, 25px)" }}
        >
          {step.caution}
        </Typography>
      )}
      <Typography sx={{ color: "text.secondary", fontSize: "clamp(17px, 2.6vw, 22px)" }}>Usual fault: {lowerFirst(step.fault)}</Typography>
    </>
  );
}

/** How far along: a stroke for each step. */
function Progress({ at, count }: { at: number; count: number }) {
  return (
    <Box
      role="img"
      aria-label={at < 0 ? `${count} steps` : `Step ${at + 1} of ${count}`}
      sx={{ flex: 1, minWidth: 140, display: "flex", gap: "4px" }}
    >
      {Array.from({ length: count }, (_, index) => (
        <Box
          key={index}
          sx={{ flex: 1, height: index === at ? 20 : 12, alignSelf: "end", bgcolor: index <= at ? "text.primary" : "divider" }}
        />
      ))}
    </Box>
  );
}

const spoken = (step: MethodStep, at: number): string =>
  [`Step ${at + 1}.`, step.do, step.look, step.hand, step.caution ?? "", `The usual fault: ${step.fault}`].join(" ");
