import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useRef } from "react";
import { Link, useParams } from "react-router";
import { useCalled, useSay, type Said } from "../../api/useCalled";
import { useUser } from "../../api/useSession";
import type { Called } from "../../api/types";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { saidOf } from "../../parts/problems";
import { useKeys } from "../../parts/useKey";
import { Cautions } from "./Cautions";
import { Progress } from "./Progress";
import { Step } from "./Step";
import { useAwake } from "./useAwake";

/** A method card that is called to a class: whoever teaches goes to a step, here or on the wall, and every screen follows. */
export function CalledPage() {
  const { called: id = "" } = useParams();
  const called = useCalled(id);
  if (called.isPending) return <Loading what="what is called" />;
  if (called.isLoadingError) return <ProblemNotice problem={called.error} onRetry={() => void called.refetch()} />;
  if (called.data.over)
    return (
      <Notice title={`${called.data.title} is not called any more`}>
        <Link to={`/practice/${called.data.standard}`}>Practise it by yourself</Link>
      </Notice>
    );

  return <Running called={called.data} />;
}

function Running({ called }: { called: Called }) {
  const { may_capture: mayCall } = useUser();
  const { mutate: say, error, isPaused } = useSay(called.id);
  const { title, step, steps, cautions, map } = called;
  const hasJoined = useRef(false);
  useAwake();
  useEffect(() => {
    if (mayCall || hasJoined.current) return;
    hasJoined.current = true;
    say({ kind: "joined" });
  }, [mayCall, say]);
  const now = steps[step];

  return (
    <Box sx={{ flex: 1, display: "flex", flexDirection: "column", px: { xs: 2, sm: 4 }, py: 2, maxWidth: 1100, width: "100%", mx: "auto" }}>
      <Rail area="Practice" steps={[{ label: title, to: `/practice/${called.standard}` }, { label: "Called" }]} />
      <Box sx={{ display: "flex", alignItems: "center", gap: 2, flexWrap: "wrap" }}>
        <Progress at={step} count={steps.length} />
        <Standing called={called} />
      </Box>
      <Box aria-live="polite" sx={{ flex: 1, display: "flex", flexDirection: "column", justifyContent: "center", gap: 2, py: 2 }}>
        {now === undefined ? (
          <>
            <Typography variant="h1">Before you begin</Typography>
            <Cautions cautions={cautions} />
          </>
        ) : (
          <Step step={now} at={step} map={map} />
        )}
      </Box>
      <Box sx={{ position: "sticky", bottom: 0, bgcolor: "background.default", py: 1 }}>
        {error !== null && (
          <Typography role="alert" sx={{ color: "error.main", pb: 1 }}>
            {saidOf(error)}
          </Typography>
        )}
        {isPaused && (
          <Typography role="alert" sx={{ pb: 1 }}>
            There is no network. What you tapped last is said when it is back.
          </Typography>
        )}
        {mayCall ? <Calling called={called} onSay={say} /> : <Answering called={called} onSay={say} />}
      </Box>
    </Box>
  );
}

/** How many are done; and by name who needs help, where one may know. */
function Standing({ called: { following, done, help } }: { called: Called }) {
  return (
    <Box role="status" aria-label="The class" sx={{ display: "flex", alignItems: "baseline", gap: 2, flexWrap: "wrap" }}>
      <Typography variant="figure" sx={{ fontSize: 30, lineHeight: 1 }}>
        {done} of {following} done
      </Typography>
      {help !== null && help.length > 0 && (
        <Typography sx={{ fontWeight: 700, color: "error.main", fontSize: "1.25rem" }}>Help: {help.join(", ")}</Typography>
      )}
    </Box>
  );
}

interface Saying {
  called: Called;
  onSay: (said: Said) => void;
}

const ahead = new Set([" ", "ArrowRight", "PageDown"]);
const back = new Set(["ArrowLeft", "PageUp"]);

function Calling({ called: { step, steps }, onSay }: Saying) {
  const go = (by: number): void => {
    const to = Math.min(steps.length - 1, Math.max(-1, step + by));
    if (to !== step) onSay({ kind: "step", step: to });
  };
  useKeys((key) => {
    const by = ahead.has(key) ? 1 : back.has(key) ? -1 : 0;
    if (by !== 0) go(by);

    return by !== 0;
  });
  const isLast = step + 1 >= steps.length;

  return (
    <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 2fr", sm: "1fr 2fr 1fr" }, gap: 1.5 }}>
      <Button disabled={step < 0} onClick={() => go(-1)} sx={{ minHeight: 64 }}>
        Back
      </Button>
      <Button variant="contained" disabled={isLast} onClick={() => go(1)} sx={{ minHeight: 64, fontSize: "1.3rem" }}>
        {step < 0 ? "Call the first step" : "Call the next step"}
      </Button>
      <Button onClick={() => onSay({ kind: "ended" })} sx={{ minHeight: 64, gridColumn: { xs: "1 / -1", sm: "auto" } }}>
        End
      </Button>
    </Box>
  );
}

function Answering({ called: { step, own }, onSay }: Saying) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
      <Button
        aria-pressed={own === "help"}
        disabled={step < 0}
        onClick={() => onSay({ kind: "help", step })}
        sx={{
          minHeight: 72,
          fontSize: "1.2rem",
          ...(own === "help" && { borderWidth: 4, borderColor: "error.main", color: "error.main" }),
        }}
      >
        {own === "help" ? "Somebody comes" : "I need help"}
      </Button>
      <Button
        variant={own === "done" ? "outlined" : "contained"}
        aria-pressed={own === "done"}
        disabled={step < 0}
        onClick={() => onSay({ kind: "done", step })}
        sx={{ minHeight: 72, fontSize: "1.2rem", ...(own === "done" && { borderWidth: 4 }) }}
      >
        {own === "done" ? "Done: wait for the next" : "Done"}
      </Button>
    </Box>
  );
}
