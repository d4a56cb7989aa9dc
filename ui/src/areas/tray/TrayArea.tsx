import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import type { Assessment, Tray } from "../../api/types";
import { useAssessment } from "../../api/useAssessment";
import { device } from "../../api/device";
import { useCursor } from "../../api/useCursor";
import { usePresence } from "../../api/useFloor";
import { useUser } from "../../api/useSession";
import { useTray } from "../../api/useTray";
import { Rail } from "../../app/Rail";
import { useWaiting } from "../../offline/useWaiting";
import { withWaiting } from "../../offline/withWaiting";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { stageWords } from "../../parts/stages";
import { Unseen } from "../../parts/Unseen";
import { useKeys } from "../../parts/useKey";
import { Inspect } from "./Inspect";
import { LogDrawer } from "./LogDrawer";
import { Receive } from "./Receive";
import { SecondLook } from "./SecondLook";
import { StudentClock } from "./StudentClock";
import { TermsSlip } from "./TermsSlip";
import { TwoHands } from "./TwoHands";
import { useTakeDown } from "./useTakeDown";
import { WeighIn } from "./WeighIn";

const steps = { receive: "Receive", weigh: "Weigh in", inspect: "Inspect", second: "Second look" } as const;
type Step = keyof typeof steps;

const isStep = (step: string | undefined): step is Step => step !== undefined && step in steps;

/** Where a tray of this stage goes on. */
const stepFor = (tray: Tray): Step => {
  if (tray.second_look.yours === "open") return "second";
  if (["waiting", "received", "running"].includes(tray.stage)) return "receive";

  return tray.stage === "weighed" || tray.stage === "judged" ? "inspect" : "weigh";
};

/** One attempt: receive, weigh in, inspect. */
export function TrayArea() {
  const { attempt = "", step } = useParams();
  const user = useUser();
  const tray = useTray(attempt);
  const waiting = useWaiting(attempt);
  const cursor = useCursor(tray.data?.assessment);
  usePresence(tray.data?.assessment, attempt);
  const assessment = useAssessment(tray.data?.assessment);
  const problem = tray.error ?? assessment.error;
  if (problem !== null && !(tray.data && assessment.data)) return <ProblemNotice problem={problem} onRetry={() => void tray.refetch()} />;
  if (!tray.data || !assessment.data) return <Loading what="the tray" />;

  return (
    <OpenTray
      key={attempt}
      tray={withWaiting(tray.data, waiting, user, assessment.data)}
      assessment={assessment.data}
      asked={step}
      others={(cursor.data?.present ?? [])
        .filter((it) => it.attempt === attempt && it.device !== device())
        .map((it) => (it.person === user.id ? "you (another device)" : it.name))}
    />
  );
}

interface OpenTrayProps {
  tray: Tray;
  assessment: Assessment;
  asked: string | undefined;
  /** Who else has this tray open. */
  others: string[];
}

function OpenTray({ tray, assessment, asked, others }: OpenTrayProps) {
  const user = useUser();
  const navigate = useNavigate();
  const entries = useTakeDown(tray, assessment);
  const [showsLog, setShowsLog] = useState(false);
  const [setsTerms, setSetsTerms] = useState(false);
  // An address without a step stays where the tray stood when it was opened, so that the screen does not change under one's hands.
  const [first] = useState(() => stepFor(tray));
  const isSecond = tray.second_look.yours === "open";
  const gone = isStep(asked) ? asked : first;
  // Whoever is at the second look has no other inspection.
  const step = isSecond && gone === "inspect" ? "second" : gone;
  const offersSecond = gone === "second" || (tray.second_look.yours !== "gave_first" && Object.keys(tray.holds.levels).length > 0);
  const shown = (Object.keys(steps) as Step[]).filter((it) => (it === "inspect" ? !isSecond : it !== "second" || isSecond || offersSecond));
  const goTo = (next: Step): void => void navigate(`/tray/${tray.attempt}/${next}`, { replace: true });
  const neighbour = (by: number) => assessment.stations[assessment.stations.findIndex((it) => it.attempt === tray.attempt) + by];
  const goToNeighbour = (by: number): void => {
    const other = neighbour(by);
    if (other) void navigate(`/tray/${other.attempt}`);
  };
  useKeys((key) => {
    const acts: Record<string, () => void> = {
      r: () => goTo("receive"),
      w: () => goTo("weigh"),
      i: () => goTo("inspect"),
      s: () => goTo("second"),
      v: () => void navigate(`/verdict/${tray.attempt}`),
      l: () => setShowsLog(true),
      u: () => void entries.undo(),
      "[": () => goToNeighbour(-1),
      "]": () => goToNeighbour(1),
    };
    acts[key]?.();

    return key in acts;
  });
  const railSteps = [{ label: assessment.title, to: `/sheet/${assessment.id}` }, { label: `Station ${tray.station}, ${tray.student}` }];

  return (
    <Box sx={{ display: "flex", flexDirection: "column", flex: 1 }}>
      <Rail area="Tray" steps={railSteps} />
      <Box
        sx={{
          display: "flex",
          flexWrap: "wrap",
          alignItems: "center",
          columnGap: 2,
          rowGap: 1,
          px: { xs: 2, sm: 3 },
          py: 1,
          borderBottom: "1px solid",
          borderColor: "divider",
        }}
      >
        <Button size="small" aria-label="Tray before" disabled={!neighbour(-1)} onClick={() => goToNeighbour(-1)}>
          ‹
        </Button>
        <Typography variant="figure" sx={{ fontSize: 38, lineHeight: 1 }} aria-hidden>
          {tray.station}
        </Typography>
        <Button size="small" aria-label="Tray after" disabled={!neighbour(1)} onClick={() => goToNeighbour(1)}>
          ›
        </Button>
        <Box sx={{ minWidth: 0, flex: "1 1 150px" }}>
          <Typography variant="h2" component="h1" sx={{ overflowWrap: "anywhere" }}>
            {tray.student}
          </Typography>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            {stageWords[tray.stage]}
            {tray.resit && ", resit"}
            {tray.time_factor !== 1 && `, time × ${tray.time_factor}`}
            {tray.release_state !== "unreleased" && ", released"}
            {tray.release_state === "changed" && ", changed since"}
            {others.length > 0 && (
              <Box component="span" sx={{ color: "secondary.main", fontWeight: 700 }}>
                {`, ${others.join(" and ")} here too`}
              </Box>
            )}
          </Typography>
        </Box>
        <Box
          component="nav"
          aria-label="Steps of this tray"
          sx={{ display: "flex", flexWrap: "wrap", rowGap: 0.5, pl: "2px", "@media (max-width: 400px)": { "& > *": { px: 1.5 } } }}
        >
          {shown.map((it) => (
            <Button
              key={it}
              onClick={() => goTo(it)}
              aria-current={it === step ? "step" : undefined}
              sx={{
                ml: "-2px",
                borderRadius: 0,
                ...(it === step && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
              }}
            >
              {steps[it]}
            </Button>
          ))}
          {!isSecond && (
            <Button component={Link} to={`/verdict/${tray.attempt}`} sx={{ ml: "-2px", borderRadius: 0 }}>
              Verdict
            </Button>
          )}
        </Box>
        <StudentClock tray={tray} assessment={assessment} entries={entries} />
        {user.may_set_terms && (
          <Button size="small" onClick={() => setSetsTerms(true)}>
            Terms
          </Button>
        )}
        <Button size="small" onClick={() => setShowsLog(true)}>
          Log
        </Button>
      </Box>
      <TwoHands tray={tray} assessment={assessment} />
      {user.may_capture ? (
        <>
          {step === "receive" && <Receive tray={tray} assessment={assessment} entries={entries} />}
          {step === "weigh" && <WeighIn tray={tray} assessment={assessment} entries={entries} />}
          {step === "inspect" && <Inspect tray={tray} assessment={assessment} entries={entries} />}
          {step === "second" && <SecondLook tray={tray} assessment={assessment} entries={entries} />}
        </>
      ) : (
        <Notice
          title="You may read this tray, not mark it"
          action={
            <Button component={Link} to={`/verdict/${tray.attempt}`}>
              To the verdict
            </Button>
          }
        >
          Its log opens above; its result and reasons are in the verdict.
        </Notice>
      )}
      {showsLog && <LogDrawer onClose={() => setShowsLog(false)} tray={tray} assessment={assessment} entries={entries} />}
      {setsTerms && (
        <TermsSlip
          tray={tray}
          onClose={() => setSetsTerms(false)}
          onSet={(...facts) => {
            setSetsTerms(false);
            void entries.take(...facts);
          }}
        />
      )}
      <Unseen aria-live="polite">{entries.said}</Unseen>
    </Box>
  );
}
