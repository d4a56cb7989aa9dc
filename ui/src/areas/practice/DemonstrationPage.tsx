import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams } from "react-router";
import type { MethodStep, PracticeOf } from "../../api/types";
import { useFollowAlong } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { now } from "../../offline/clock";
import { clock, day } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Photos } from "../../parts/Photos";
import { SmallMap } from "../../parts/SmallMap";
import { useKeys } from "../../parts/useKey";
import { useNow } from "../../parts/useNow";
import { photosOf } from "./Reference";
import { useAwake } from "./useAwake";

/** The reference tray of a standard by the clock, on the wall: where it was at this second, and how whoever demonstrates stands to it. */
export function DemonstrationPage() {
  const { standard = "" } = useParams();
  const practice = useFollowAlong(standard);
  if (practice.isPending) return <Loading what="the reference" />;
  if (practice.isLoadingError) return <ProblemNotice problem={practice.error} onRetry={() => void practice.refetch()} />;
  const { reference } = practice.data;
  if (reference === null || reference.splits.length === 0)
    return (
      <Notice title="No reference with its times">
        An instructor cuts a practice tray along the method card and makes it the reference; then it plays here.
      </Notice>
    );

  return <Playing practice={practice.data} reference={reference} />;
}

interface PlayingProps {
  practice: PracticeOf;
  reference: NonNullable<PracticeOf["reference"]>;
}

function Playing({ practice: { id, title, steps, map }, reference }: PlayingProps) {
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [done, setDone] = useState<number[]>([]);
  const isOver = done.length === steps.length;
  const moment = useNow(startedAt !== null && !isOver);
  const elapsed = startedAt === null ? 0 : isOver ? (done.at(-1) ?? 0) : Math.max(0, moment - startedAt);
  const of = new Map(reference.splits.map((it) => [it.step, it.running_ms]));
  const isAtEnd = elapsed >= Math.max(...of.values());
  const reached = isAtEnd ? steps.length : steps.findIndex((_, at) => (of.get(at) ?? 0) > elapsed);
  useAwake();
  const tap = (): void => {
    if (startedAt === null) setStartedAt(now());
    else if (!isOver) setDone([...done, now() - startedAt]);
  };
  useKeys((key) => {
    if (key !== " ") return false;
    tap();

    return true;
  });
  const at = steps[Math.min(reached, steps.length - 1)];

  return (
    <Box sx={{ px: { xs: 2, sm: 4 }, py: 2 }}>
      <Rail area="Practice" steps={[{ label: title, to: `/practice/${id}` }, { label: "The reference by the clock" }]} />
      <Typography variant="h1">{title}</Typography>
      <Box
        sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 5fr) minmax(0, 6fr)" }, gap: { xs: 2, md: 5 } }}
      >
        <Box>
          <Typography role="timer" variant="figure" component="p" sx={{ fontSize: "clamp(72px, 14vw, 168px)", lineHeight: 0.95 }}>
            {clock(elapsed)}
          </Typography>
          <Typography sx={{ color: "text.secondary" }}>
            {reference.by}, {day(reference.on)}, {clock(Math.max(...of.values()))} in all.
          </Typography>
          <Button variant="contained" disabled={isOver} onClick={tap} sx={{ minHeight: 72, fontSize: "1.3rem", my: 2, width: 1 }}>
            {startedAt === null ? "Start the clock" : isOver ? "Done" : `Step ${done.length + 1} is done`}
          </Button>
          {at !== undefined && startedAt !== null && !isAtEnd && (
            <>
              <Typography variant="label">The reference is at</Typography>
              <Typography variant="h1" component="p" sx={{ fontSize: "clamp(26px, 4vw, 42px)", lineHeight: 1.1 }}>
                {reached + 1}. {at.do}
              </Typography>
              {at.parts.length > 0 && <SmallMap map={map} height={220} lit={at.parts} />}
            </>
          )}
          {isAtEnd && startedAt !== null && <Typography variant="h2">The reference is done.</Typography>}
          {(startedAt === null || isAtEnd) && <Photos folder={photosOf(id, reference.tray)} photos={reference.photos} />}
        </Box>
        <Box component="ol" aria-label="Steps" sx={{ m: 0, p: 0, listStyle: "none" }}>
          <Box component="li" aria-hidden sx={{ ...columns, borderColor: "text.primary" }}>
            <span />
            <Typography variant="label" sx={{ textAlign: "right" }}>
              Reference
            </Typography>
            <Typography variant="label" sx={{ textAlign: "right" }}>
              Here
            </Typography>
          </Box>
          {steps.map((step, index) => (
            <SplitLine
              key={step.do}
              step={step}
              at={index}
              isReached={startedAt !== null && index === reached}
              reference={of.get(index)}
              own={done[index]}
            />
          ))}
        </Box>
      </Box>
    </Box>
  );
}

const columns = {
  display: "grid",
  gridTemplateColumns: "minmax(0, 1fr) 5em 5em",
  gap: 1,
  alignItems: "baseline",
  px: 1,
  py: 0.8,
  borderBottom: "1px solid",
  borderColor: "divider",
} as const;

const large = "clamp(17px, 1.9vw, 26px)";

interface SplitLineProps {
  step: MethodStep;
  at: number;
  isReached: boolean;
  reference: number | undefined;
  own: number | undefined;
}

function SplitLine({ step, at, isReached, reference, own }: SplitLineProps) {
  return (
    <Box
      component="li"
      aria-current={isReached ? "step" : undefined}
      sx={{
        ...columns,
        ...(isReached && { bgcolor: "background.paper", borderLeft: "6px solid", borderLeftColor: "secondary.main", fontWeight: 700 }),
      }}
    >
      <Typography sx={{ fontWeight: "inherit", fontSize: large, lineHeight: 1.25 }}>
        {at + 1}. {step.do}
      </Typography>
      <Typography variant="figure" sx={{ textAlign: "right", fontSize: large }}>
        {reference === undefined ? "–" : clock(reference)}
      </Typography>
      <Typography
        variant="figure"
        sx={{ textAlign: "right", fontSize: large, color: own !== undefined && own > (reference ?? own) ? "error.main" : "text.primary" }}
      >
        {own === undefined
          ? ""
          : reference === undefined
            ? clock(own)
            : `${own > reference ? "+" : "−"}${clock(Math.abs(own - reference))}`}
      </Typography>
    </Box>
  );
}
