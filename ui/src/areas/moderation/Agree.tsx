import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { Assessment, Tray } from "../../api/types";
import { useAssessment } from "../../api/useAssessment";
import { useUser } from "../../api/useSession";
import { useTray } from "../../api/useTray";
import { Rail } from "../../app/Rail";
import { useCaptureQueue } from "../../offline/Sending";
import { useWaiting } from "../../offline/useWaiting";
import { withWaiting } from "../../offline/withWaiting";
import { Field } from "../../parts/Field";
import { counted } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Photos } from "../../parts/Photos";
import { Toggle } from "../../parts/Toggle";
import { StepsRow } from "./StepsRow";

/** Both looks at one tray side by side, and what the two assessors agree on. */
export function Agree() {
  const { attempt = "" } = useParams();
  const user = useUser();
  const tray = useTray(attempt);
  const waiting = useWaiting(attempt);
  const assessment = useAssessment(tray.data?.assessment);
  const problem = tray.error ?? assessment.error;
  if (problem !== null && !(tray.data && assessment.data)) return <ProblemNotice problem={problem} onRetry={() => void tray.refetch()} />;
  if (!tray.data || !assessment.data) return <Loading what="both looks" />;

  return <BothLooks tray={withWaiting(tray.data, waiting, user, assessment.data)} assessment={assessment.data} />;
}

function BothLooks({ tray, assessment }: { tray: Tray; assessment: Assessment }) {
  const user = useUser();
  const queue = useCaptureQueue();
  const [reason, setReason] = useState("Looked at together");
  const [showsAll, setShowsAll] = useState(false);
  const looks = tray.looks.map((it) => ({ ...it, agreed: agreedIn(tray, it.criterion) ?? it.agreed }));
  const both = looks.filter((it) => it.first !== null && it.second !== null);
  const differing = both.filter((it) => it.first?.level !== it.second?.level);
  const shown = showsAll ? looks : differing;
  const isParty = tray.log.some(
    ({ entry: { capture } }) => capture.kind === "level" && capture.round !== "agreed" && capture.by === user.id,
  );
  const needsThird = assessment.policy.moderation?.third_agrees === true && isParty;
  const open = differing.filter((it) => it.to_agree && it.agreed === null).length;

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1280, width: "100%", mx: "auto" }}>
      <Rail
        area="Agree"
        steps={[{ label: assessment.title, to: `/moderation/${assessment.id}` }, { label: `Both looks, station ${tray.station}` }]}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 1 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">
            Station {tray.station}, {tray.student}
          </Typography>
          <Typography role="status" sx={{ color: open > 0 ? "error.main" : "text.secondary" }}>
            {both.length === 0
              ? "Nobody has finished a second look at this tray."
              : `${counted(both.length, "criterion", "criteria")} judged by both, ${differing.length} not alike, ${open} to agree on.`}
          </Typography>
        </Box>
        <Toggle isOn={showsAll} onToggle={() => setShowsAll(!showsAll)}>
          Every criterion
        </Toggle>
        <Button component={Link} to="/agreement">
          Between assessors
        </Button>
        <Button component={Link} to={`/verdict/${tray.attempt}`}>
          To the verdict
        </Button>
      </Box>
      {tray.second_look.yours === "open" && (
        <Notice title="Your second look is open">What the first assessor gave is shown when you have finished.</Notice>
      )}
      <Photos attempt={tray.attempt} photos={tray.holds.photos} />
      <Notes tray={tray} />
      {needsThird ? (
        <Typography sx={{ my: 1, pl: 1.5, borderLeft: "4px solid", borderColor: "secondary.main" }}>
          You marked this tray. By the policy of this practical a third person writes down what is agreed.
        </Typography>
      ) : (
        user.may_capture &&
        shown.length > 0 && (
          <Field
            label="Agreed, because"
            hint="Said with each level that is tapped below."
            value={reason}
            autoComplete="off"
            sx={{ maxWidth: 560, my: 1 }}
            onChange={({ target }) => setReason(target.value)}
          />
        )
      )}
      {shown.map((it) => {
        const criterion = assessment.standard.criteria?.find(({ id }) => id === it.criterion);

        return (
          criterion !== undefined && (
            <StepsRow
              key={it.criterion}
              criterion={criterion}
              answer={tray.holds.answers[it.criterion]}
              note={it.to_agree && it.agreed === null ? "too far apart: agree on a step" : `weight ${criterion.weight}`}
              isOpen={it.to_agree && it.agreed === null}
              said={it.agreed === null ? "" : `Agreed by ${it.agreed.by}: ${it.agreed.reason}`}
              marks={(["first", "second", "agreed"] as const).flatMap((round) => {
                const look = it[round];

                return look === null ? [] : [{ level: look.level, text: `${round}: ${look.by}` }];
              })}
              ringed={it.agreed?.level}
              isShut={needsThird || !user.may_capture || reason.trim() === ""}
              onStep={(level) =>
                void queue.take(tray.attempt, { kind: "level", criterion: it.criterion, level, round: "agreed", reason: reason.trim() })
              }
            />
          )
        );
      })}
      {both.length > 0 && shown.length === 0 && (
        <Notice title="Both see the same">Every criterion that both judged was given the same level.</Notice>
      )}
    </Box>
  );
}

/** What was agreed of a criterion, as this device knows it. */
function agreedIn({ log }: Tray, criterion: string) {
  const holding = log.filter(
    ({ entry: { capture }, state }) =>
      state === "holds" && capture.kind === "level" && capture.round === "agreed" && capture.criterion === criterion,
  );
  const last = holding.at(-1)?.entry;

  return last?.capture.kind === "level" ? { level: last.capture.level, by: last.by, reason: last.capture.reason ?? "" } : null;
}

function Notes({ tray }: { tray: Tray }) {
  const notes = tray.log.filter(({ entry: { capture }, state }) => state === "holds" && capture.kind === "note");
  if (notes.length === 0) return null;

  return (
    <Box component="ul" aria-label="Notes" sx={{ m: 0, pl: 2.5, maxWidth: "75ch" }}>
      {notes.map(({ entry }) => (
        <Typography key={entry.capture.id} component="li" variant="body2">
          {entry.capture.kind === "note" && entry.capture.text} ({entry.by})
        </Typography>
      ))}
    </Box>
  );
}
