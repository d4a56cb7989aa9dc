import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useParams } from "react-router";
import { useStandardise, useStandardisingSet } from "../../api/useStandardising";
import { useUser } from "../../api/useSession";
import type { Standardising } from "../../api/types";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { Photos } from "../../parts/Photos";
import { PieceTable } from "../../parts/PieceTable";
import { saidOf } from "../../parts/problems";
import { Tabs } from "../../parts/Tabs";
import { Toggle } from "../../parts/Toggle";
import { AgainstReference } from "./AgainstReference";
import { Compared } from "./Compared";
import { JudgeAlone } from "./JudgeAlone";

/** A set of trays without names: judged alone, then compared. */
export function StandardisingPage() {
  const { set = "" } = useParams();
  const asked = useStandardisingSet(set);
  if (asked.data === undefined)
    return asked.isError ? <ProblemNotice problem={asked.error} onRetry={() => void asked.refetch()} /> : <Loading what="the set" />;

  return <OneSet set={asked.data} />;
}

function OneSet({ set }: { set: Standardising }) {
  const { may_set_terms: isLead } = useUser();
  const take = useStandardise(set.id);
  const [label, setLabel] = useState(set.trays[0]?.label ?? "");
  const tray = set.trays.find((it) => it.label === label) ?? set.trays[0];
  const given = set.trays.flatMap((it) => it.looks).filter((it) => it.yours !== null).length;
  const whole = set.trays.flatMap((it) => it.looks).length;

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1280, width: "100%", mx: "auto" }}>
      <Rail area="Standardising" steps={[{ label: "Standardising sets", to: "/standardising" }, { label: set.title }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 1 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{set.title}</Typography>
          <Typography role="status" sx={{ color: "text.secondary" }}>
            {set.is_open
              ? "Open: everybody sees what everybody gave."
              : `${set.is_finished ? "You have finished" : `You have judged ${given} of ${whole}`}; ${
                  set.finished.length === 0 ? "nobody has finished yet" : `finished: ${set.finished.join(", ")}`
                }.`}
          </Typography>
        </Box>
        {!set.is_open && !set.is_finished && (
          <Button variant="contained" disabled={given === 0 || take.isPending} onClick={() => take.say({ kind: "finished" })}>
            Finish
          </Button>
        )}
        {!set.is_open && isLead && (
          <Button disabled={take.isPending} onClick={() => take.say({ kind: "opened" })}>
            Open it to everybody
          </Button>
        )}
        {set.is_open && isLead && (
          <Toggle isOn={set.is_shown} onToggle={() => take.say({ kind: "shown", shown: !set.is_shown })}>
            Students practise with it
          </Toggle>
        )}
      </Box>
      {set.is_open && isLead && (
        <Typography variant="body2" sx={{ mb: 1, maxWidth: 760 }}>
          Where students practise with it, its photographs are asked about, without names, with the levels fixed below. Make sure that no
          photograph shows a face or a name, and that your school allows it.
        </Typography>
      )}
      {take.problem !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(take.problem)}
        </Typography>
      )}
      <Box sx={{ mb: 2 }}>
        <AgainstReference against={set.against} />
      </Box>
      <Tabs
        label="Trays of the set"
        tabs={Object.fromEntries(set.trays.map((it) => [it.label, `Tray ${it.label}`]))}
        current={label}
        onTurn={setLabel}
      />
      {tray !== undefined && (
        <Box component="section" aria-label={`Tray ${tray.label}`} sx={{ mt: 2 }}>
          <Photos folder={`/api/v1/standardising/${set.id}/photos`} photos={tray.photos} />
          {tray.faults.length > 0 && <Typography variant="body2">Marked on the floor: {tray.faults.join("; ")}.</Typography>}
          {tray.notes.map((it) => (
            <Typography key={it} variant="body2">
              Note: {it}
            </Typography>
          ))}
          <Box component="details" sx={{ my: 1 }}>
            <Typography component="summary" variant="label">
              What was weighed
            </Typography>
            <PieceTable result={tray.result} standard={set.standard} />
          </Box>
          {set.is_open ? (
            <Compared
              tray={tray}
              standard={set.standard}
              isLead={isLead}
              onFix={(criterion, level, reason) => take.say({ kind: "reference", tray: tray.label, criterion, level, reason })}
            />
          ) : (
            <JudgeAlone
              key={tray.label}
              tray={tray}
              standard={set.standard}
              isShut={set.is_finished}
              onJudge={(criterion, level) => take.say({ kind: "level", tray: tray.label, criterion, level })}
            />
          )}
        </Box>
      )}
    </Box>
  );
}
