import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Assessment, Criterion, Fault, Tray } from "../../api/types";
import { clock, lowerFirst } from "../../parts/format";
import { useCaptureQueue } from "../../offline/Sending";
import { useWaitingPhotos } from "../../offline/useWaiting";
import { WaitingPhotos } from "../../offline/WaitingPhotos";
import { Photos } from "../../parts/Photos";
import { useKeys } from "../../parts/useKey";
import { TakePhoto } from "../../offline/TakePhoto";
import { CriterionRow } from "../../parts/CriterionRow";
import { FaultMarks } from "./FaultMarks";
import { FinishLook } from "./FinishLook";
import { useFactWords } from "../../parts/factInWords";
import type { Entries } from "./useTakeDown";

interface InspectProps {
  /** Whose levels these are: the second look's stand beside the first's. */
  round?: "first" | "second";
  tray: Tray;
  assessment: Assessment;
  entries: Entries;
}

interface Group {
  component: string;
  title: string;
  note?: string;
  criteria: Criterion[];
  faults: Fault[];
}

export function Inspect({ tray, assessment, entries, round = "first" }: InspectProps) {
  const { faults, defects } = tray.holds;
  const isSecond = round === "second";
  const levels = isSecond ? tray.holds.second_levels : tray.holds.levels;
  const say = useFactWords(assessment);
  const queue = useCaptureQueue();
  const waitingPhotos = useWaitingPhotos(tray.attempt);
  const excused = new Set(
    (assessment.standard.defects ?? [])
      .filter((it) => defects.includes(it.id))
      .flatMap((it) => it.excuses)
      .map((it) => it.replace(/^criterion:/, "")),
  );
  const groups = [...checkpointGroups(tray, assessment), ...groupsOf(assessment)];
  const criteria = groups.flatMap((it) => it.criteria);
  const [chosen, setChosen] = useState<string | null>(null);
  const current = chosen ?? criteria.find((it) => !(it.id in levels))?.id ?? criteria[0]?.id ?? null;
  const step = (by: number): void => {
    const next = criteria[criteria.findIndex((it) => it.id === current) + by];
    if (next === undefined) return;
    setChosen(next.id);
    document.getElementById(`criterion-${next.id}`)?.scrollIntoView({ block: "nearest" });
  };
  const judge = (criterion: Criterion, level: number): void => {
    if (levels[criterion.id] !== level) void entries.take({ kind: "level", criterion: criterion.id, level, ...(isSecond && { round }) });
  };
  useKeys((key) => {
    const criterion = criteria.find((it) => it.id === current);
    if (key === "ArrowDown" || key === "ArrowUp") {
      step(key === "ArrowDown" ? 1 : -1);

      return true;
    }
    const level = Number(key) - 1;
    if (criterion?.levels[level] === undefined) return false;
    judge(criterion, level);
    step(1);

    return true;
  });
  const open = criteria.filter((it) => !(it.id in levels) && !excused.has(it.id)).length;

  return (
    <Box sx={{ px: 3, pb: 3 }}>
      <Box
        sx={{
          position: "sticky",
          top: 0,
          zIndex: 1,
          display: "flex",
          alignItems: "center",
          flexWrap: "wrap",
          columnGap: 2,
          rowGap: 0.5,
          py: 1,
          bgcolor: "background.default",
          borderBottom: "2px solid",
          borderColor: "text.primary",
        }}
      >
        <Typography variant="label" sx={{ flex: 1 }} role="status">
          {open === 0 ? "Every criterion is judged." : `${open} of ${criteria.length} criteria to judge.`}
        </Typography>
        {isSecond ? (
          <FinishLook tray={tray} entries={entries} open={criteria.filter((it) => !(it.id in levels) && !excused.has(it.id))} />
        ) : (
          <TakePhoto onPhoto={(photo) => queue.takePhoto(tray.attempt, photo)} />
        )}
        <Button
          size="small"
          disabled={entries.lastEntry === undefined}
          onClick={() => void entries.undo()}
          sx={{ minHeight: 44, maxWidth: "min(460px, 100%)" }}
        >
          <Box component="span" sx={{ overflow: "hidden", textOverflow: "ellipsis", whiteSpace: "nowrap" }}>
            {entries.lastEntry === undefined ? "Undo" : `Undo: ${say(entries.lastEntry.entry.capture)}`}
          </Box>
        </Button>
      </Box>
      <Photos attempt={tray.attempt} photos={tray.holds.photos} />
      <WaitingPhotos waiting={waitingPhotos} />
      {groups.map((group) => (
        <Box component="section" key={group.component} aria-label={group.title} sx={{ mt: 2.5 }}>
          <Typography variant="h2" sx={{ mb: group.note === undefined ? 1 : 0 }}>
            {group.title}
          </Typography>
          {group.note !== undefined && <Typography sx={{ color: "text.secondary", mb: 1 }}>{group.note}</Typography>}
          {group.criteria.map((criterion) => (
            <CriterionRow
              key={criterion.id}
              criterion={criterion}
              level={levels[criterion.id]}
              isCurrent={criterion.id === current}
              isExcused={excused.has(criterion.id)}
              answer={tray.holds.answers[criterion.id]}
              note={isSecond ? evidenceWords[assessment.evidence[criterion.id] ?? "photograph"] : ""}
              onJudge={(level) => {
                setChosen(criterion.id);
                judge(criterion, level);
              }}
            />
          ))}
          {isSecond ? (
            <MarkedFaults faults={group.faults} counts={faults} />
          ) : (
            <FaultMarks faults={group.faults} counts={faults} onMark={(fault) => void entries.take({ kind: "fault", fault })} />
          )}
        </Box>
      ))}
    </Box>
  );
}

/** Faults are facts that both assessors share. */
function MarkedFaults({ faults, counts }: { faults: Fault[]; counts: Record<string, number> }) {
  const marked = faults.filter((it) => (counts[it.id] ?? 0) > 0);
  if (marked.length === 0) return null;

  return (
    <Typography variant="body2" sx={{ borderLeft: "4px solid", borderColor: "error.main", pl: 1.5, my: 1 }}>
      Marked on the floor:{" "}
      {marked.map((it) => `${lowerFirst(it.title ?? it.id)}${(counts[it.id] ?? 0) > 1 ? ` × ${counts[it.id] ?? 0}` : ""}`).join("; ")}.
    </Typography>
  );
}

/** What a second assessor cannot tell from a photograph. */
const evidenceWords: Record<Assessment["evidence"][string], string> = {
  watching: "only if you saw it at work",
  tray: "best from the tray itself",
  photograph: "",
  writing: "",
};

/** Stops on the way, first: what is judged there, and when it was passed. */
function checkpointGroups(tray: Tray, { standard }: Assessment): Group[] {
  return (standard.checkpoints ?? []).map(({ id, title, criteria = [], time }) => {
    const split = tray.result.splits?.find((it) => it.checkpoint === id);
    const allowed = time ? `, ${clock(time.standard_ms * tray.time_factor)} allowed, limit ${clock(time.limit_ms * tray.time_factor)}` : "";

    return {
      component: `checkpoint ${id}`,
      title: `Checkpoint: ${(title ?? id).toLowerCase()}`,
      note: `${split === undefined ? "Not passed yet" : `Passed at ${clock(split.running_ms)}`}${allowed}.`,
      criteria: (standard.criteria ?? []).filter((it) => criteria.includes(it.id)),
      faults: [],
    };
  });
}

/** Judged components in the order of the policy, each with its criteria and faults. */
function groupsOf({ standard, policy }: Assessment): Group[] {
  const titles = new Map(policy.components.map((it) => [it.id as string, it.title ?? it.id]));
  const items = [...(standard.criteria ?? []), ...(standard.faults ?? [])];
  const atCheckpoints = new Set((standard.checkpoints ?? []).flatMap((it) => it.criteria ?? []));
  const components = [...new Set([...titles.keys(), ...items.map((it) => it.component)])];

  return components
    .map((component) => ({
      component,
      title: titles.get(component) ?? component,
      criteria: (standard.criteria ?? []).filter((it) => it.component === component && !atCheckpoints.has(it.id)),
      faults: (standard.faults ?? []).filter((it) => it.component === component),
    }))
    .filter((group) => group.criteria.length + group.faults.length > 0);
}
