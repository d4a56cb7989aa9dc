import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link, useParams } from "react-router";
import type { Fact, PracticeTray } from "../../api/types";
import { useFollowAlong, usePracticeTray } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { useCaptureQueue } from "../../offline/Sending";
import { TakePhoto } from "../../offline/TakePhoto";
import { useWaitingPractice, useWaitingPracticePhotos } from "../../offline/useWaiting";
import { WaitingPhotos } from "../../offline/WaitingPhotos";
import { withPractice } from "../../offline/withPractice";
import { clockOffers } from "../../parts/clockOffers";
import { clock } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { Photos } from "../../parts/Photos";
import { useNow } from "../../parts/useNow";
import { Cautions } from "./Cautions";
import { OwnLook } from "./OwnLook";
import { PracticeWeighIn } from "./PracticeWeighIn";
import { photosOf, Reference } from "./Reference";
import { Splits } from "./Splits";

/** A tray one cut for oneself: weighed like any, judged by oneself, marked by nobody. */
export function PracticeTrayPage() {
  const { standard = "", tray: id = "" } = useParams();
  const practice = useFollowAlong(standard);
  const asked = usePracticeTray(standard, id);
  const waiting = useWaitingPractice();
  const waitingPhotos = useWaitingPracticePhotos(id);
  const queue = useCaptureQueue();
  if (asked.tray === undefined)
    return asked.problem === null ? (
      <Loading what="the tray" />
    ) : (
      <ProblemNotice problem={asked.problem} onRetry={() => void asked.refetch()} />
    );
  const tray = withPractice({ ...asked.tray, tray: id }, waiting);
  // One that was begun by an earlier version of the standard is of that version.
  const take = (...facts: Fact[]): Promise<boolean> => queue.takeOnPracticeTray(tray.standard_id, id, facts);
  const title = practice.data?.title ?? tray.standard.title ?? "";
  const steps = practice.data?.steps ?? [];

  return (
    <Box sx={{ px: { xs: 2, md: 3 }, py: 2, maxWidth: 1180, width: "100%", mx: "auto" }}>
      <Rail area="Practice" steps={[{ label: title, to: `/practice/${standard}` }, { label: "Practice tray" }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2 }}>
        <Box sx={{ flex: 1, minWidth: 220 }}>
          <Typography variant="h1">Practice tray</Typography>
          <Typography sx={{ color: "text.secondary" }}>{title}. The same windows as in a practical; it counts for nothing.</Typography>
        </Box>
        <PracticeClock tray={tray} onTake={take} />
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5, mt: 1.5 }}>
        {steps.length > 0 && (
          <Button component={Link} to={`/practice/${standard}/follow?tray=${id}`}>
            Cut it along the card, timed
          </Button>
        )}
        <TakePhoto onPhoto={(photo) => queue.takePracticePhoto(tray.standard_id, id, photo)} />
      </Box>
      <Photos folder={photosOf(tray.standard_id, id)} photos={tray.holds.photos} />
      <WaitingPhotos waiting={waitingPhotos} />
      <PracticeWeighIn tray={tray} onTake={take} />
      <OwnLook tray={tray} onTake={take} />
      <Splits steps={steps} own={tray.splits} reference={tray.reference?.tray === id ? null : tray.reference} />
      <Reference tray={tray} />
      <Box sx={{ mt: 3 }}>
        <Cautions cautions={tray.cautions} />
      </Box>
    </Box>
  );
}

interface PracticeClockProps {
  tray: PracticeTray;
  onTake: (...facts: Fact[]) => Promise<boolean>;
}

function PracticeClock({ tray, onTake }: PracticeClockProps) {
  const now = useNow(tray.running_since_ms !== null);
  const { running_ms: ran } = tray.result.time;
  const elapsed = ran + (tray.running_since_ms === null ? 0 : Math.max(0, now - tray.running_since_ms));
  const presented = tray.captures.some((it) => it.kind === "clock") && tray.running_since_ms === null && isStopped(tray);
  const offers = clockOffers({ running_since_ms: tray.running_since_ms, presented, running_ms: ran });

  return (
    <Box role="group" aria-label="Clock" sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5 }}>
      <Box>
        <Typography role="timer" variant="figure" sx={{ fontSize: 34, lineHeight: 1 }}>
          {clock(elapsed)}
        </Typography>
        {tray.standard.time !== null && (
          <Typography variant="caption" component="p">
            standard {clock(tray.standard.time.standard_ms)}
          </Typography>
        )}
      </Box>
      {offers.map(({ event, label }) => (
        <Button key={event} onClick={() => void onTake({ kind: "clock", event })}>
          {label}
        </Button>
      ))}
    </Box>
  );
}

const isStopped = ({ captures }: PracticeTray): boolean => captures.findLast((it) => it.kind === "clock")?.event === "stop";
