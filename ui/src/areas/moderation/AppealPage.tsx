import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { useAppeals, useAssignAppeal } from "../../api/useAppeals";
import { useTray } from "../../api/useTray";
import { useUser } from "../../api/useSession";
import type { Appeal, Appeals } from "../../api/types";
import { Rail } from "../../app/Rail";
import { AppealLines } from "../../parts/AppealLines";
import { day, orOf } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Photos } from "../../parts/Photos";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";
import { DecideLine } from "./DecideLine";

/** The appeals against one result, for those who give them to somebody and who decide them. */
export function AppealPage() {
  const { attempt = "" } = useParams();
  const appeals = useAppeals(attempt);
  if (appeals.data === undefined)
    return appeals.isError ? (
      <ProblemNotice problem={appeals.error} onRetry={() => void appeals.refetch()} />
    ) : (
      <Loading what="the appeal" />
    );
  const [latest] = appeals.data.appeals;
  if (latest === undefined) return <Notice title="Nobody has appealed">There is no appeal against this result.</Notice>;

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1280, width: "100%", mx: "auto" }}>
      <Rail area="Appeal" steps={[{ label: `Appeal, station ${latest.station}` }]} />
      {appeals.data.appeals.map((it) => (
        <OneAppeal key={it.id} appeal={it} appeals={appeals.data} />
      ))}
    </Box>
  );
}

function OneAppeal({ appeal, appeals }: { appeal: Appeal; appeals: Appeals }) {
  const tray = useTray(appeal.attempt);

  return (
    <Box component="section" aria-label={`Appeal against version ${appeal.version}`} sx={{ mb: 4 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1, mb: 1 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{appeal.student}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            {appeal.practical}, station {appeal.station}, against version {appeal.version};{" "}
            {appeal.is_decided ? "decided" : `to be decided by ${day(appeal.answer_by)}`}
          </Typography>
        </Box>
        <Button component={Link} to={`/result/${appeal.attempt}?version=${appeal.version}`}>
          As it was released
        </Button>
        {(tray.data?.looks ?? []).length > 0 && (
          <Button component={Link} to={`/agree/${appeal.attempt}`}>
            Both looks
          </Button>
        )}
        <Button component={Link} to={`/tray/${appeal.attempt}`}>
          Tray and log
        </Button>
        <Button component="a" href={`/api/v1/appeals/${appeal.id}/file.pdf`} target="_blank">
          Whole file, PDF
        </Button>
      </Box>
      <Assign appeal={appeal} may={appeals.may_decide} />
      {tray.data !== undefined && <Photos attempt={appeal.attempt} photos={tray.data.holds.photos} />}
      <AppealLines appeal={appeal} {...(appeal.is_yours && { under: (line: number) => <DecideLine appeal={appeal} line={line} /> })} />
      {appeal.is_decided && appeal.lines.some((it) => it.outcome !== "not") && tray.data !== undefined && (
        <PutRight appeal={appeal} markedBy={appeals.marked_by} assessment={tray.data.assessment} />
      )}
    </Box>
  );
}

/** What is to be done about what was upheld, and by whom. */
function PutRight({ appeal, markedBy, assessment }: { appeal: Appeal; markedBy: Appeals["marked_by"]; assessment: string }) {
  const mayMark = useUser().may_capture;
  const byWhom = mayMark || markedBy.length === 0 ? "" : ` by ${orOf(markedBy.map((it) => it.name))}, who marked it`;
  const toRelease = <Link to={`/moderation/${assessment}/release`}>Before release</Link>;

  return (
    <Typography variant="body2" sx={{ mt: 1, maxWidth: "75ch" }}>
      {appeal.is_to_put_right ? (
        <>
          What was upheld is to be put right on the tray{byWhom}, as a new entry (a level agreed, a weight corrected). Until then it waits
          on the Bench. Then the result is issued again: {toRelease}.
        </>
      ) : (
        <>Something was taken down on this tray since the decision, or the result was issued again: {toRelease}.</>
      )}
    </Typography>
  );
}

/** Who decides; only those who marked in neither round are offered. */
function Assign({ appeal, may }: { appeal: Appeal; may: Appeals["may_decide"] }) {
  const mayAssign = useUser().may_release;
  const assign = useAssignAppeal(appeal.attempt);
  const [person, setPerson] = useState(may[0]?.id ?? "");
  if (!mayAssign || appeal.is_decided)
    return (
      <Typography sx={{ mb: 1 }}>
        {appeal.assignee === null ? "Nobody looks at it yet." : `${appeal.assignee.name} ${appeal.is_decided ? "decided" : "decides"} it.`}
      </Typography>
    );
  if (may.length === 0)
    return <Notice title="Nobody is left to decide">Everybody who works here marked this tray. Invite somebody under People.</Notice>;

  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1, mb: 1 }}>
      <Pick
        label={appeal.assignee === null ? "Give it to" : `${appeal.assignee.name} decides it; give it to`}
        value={person}
        options={may.map((it) => ({ key: it.id, title: it.name }))}
        onPick={setPerson}
      />
      <Button
        variant="contained"
        disabled={assign.isPending || person === "" || person === appeal.assignee?.id}
        onClick={() => assign.mutate({ appeal: appeal.id, person })}
      >
        Give
      </Button>
      {assign.error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(assign.error)}
        </Typography>
      )}
    </Box>
  );
}
