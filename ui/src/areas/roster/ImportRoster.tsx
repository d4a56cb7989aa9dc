import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import InputBase from "@mui/material/InputBase";
import Typography from "@mui/material/Typography";
import { useRef, useState } from "react";
import { Link } from "react-router";
import type { RosterPlan } from "../../api/types";
import { Problem } from "../../api/problem";
import { useImportRoster, usePlanRoster, type RosterSent } from "../../api/useRoster";
import { Rail } from "../../app/Rail";
import { Field } from "../../parts/Field";
import { counted } from "../../parts/format";
import { saidOf } from "../../parts/problems";
import { Toggle } from "../../parts/Toggle";
import { toggled } from "../../parts/toggled";
import { ColumnPicks } from "./ColumnPicks";
import { PlanTable } from "./PlanTable";

const nothing: RosterSent = { file: null, text: "", columns: null, hasHeader: null, course: "", group: "", term: "", only: [] };

/** A file or pasted cells, first planned and shown row by row, then brought in. */
export function ImportRoster() {
  const [sent, setSent] = useState(nothing);
  const plan = usePlanRoster();
  const bring = useImportRoster();
  const [planned, setPlanned] = useState<RosterPlan>();
  const chooser = useRef<HTMLInputElement>(null);
  const look = (next: RosterSent): void => {
    setSent(next);
    bring.reset();
    // What was planned before stays on the screen until the next plan is there, or is refused.
    if (next.file !== null || next.text.trim() !== "") plan.mutate(next, { onSuccess: setPlanned, onError: () => setPlanned(undefined) });
    else setPlanned(undefined);
  };
  const count = planned === undefined ? 0 : planned.new + planned.changed;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1180, display: "grid", gap: 2.5 }}>
      <Rail area="Roster" steps={[{ label: "Roster", to: "/roster" }, { label: "Bring in a file" }]} />
      <Box>
        <Typography variant="h1">Bring in a file</Typography>
        <Typography sx={{ color: "text.secondary", maxWidth: 760 }}>
          CSV from any spreadsheet or student system, a OneRoster zip, or cells pasted here. Nothing is written until you say so; the same
          file again changes nothing.
        </Typography>
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "auto minmax(0, 1fr)" }, gap: 2, alignItems: "start" }}>
        <Box sx={{ display: "grid", gap: 0.5 }}>
          <Button
            component="label"
            tabIndex={-1}
            onClick={() => chooser.current?.click()}
            variant={sent.file === null ? "contained" : "outlined"}
          >
            {sent.file === null ? "Choose a file" : "Another file"}
          </Button>
          <Box
            component="input"
            ref={chooser}
            type="file"
            aria-label="File"
            accept=".csv,.txt,.tsv,.zip,text/csv,text/plain,application/zip"
            onChange={({ target }: { target: HTMLInputElement }) => look({ ...nothing, file: target.files?.[0] ?? null })}
            sx={{ position: "absolute", width: "1px", height: "1px", overflow: "hidden", clipPath: "inset(50%)" }}
          />
          {sent.file !== null && (
            <Typography variant="body2" sx={{ overflowWrap: "anywhere" }}>
              {sent.file.name}
            </Typography>
          )}
        </Box>
        <Box sx={{ display: "grid", gap: 0.5 }}>
          <Typography component="label" variant="label" htmlFor="pasted">
            or paste cells
          </Typography>
          <InputBase
            id="pasted"
            multiline
            minRows={3}
            maxRows={8}
            value={sent.text}
            placeholder={"Number\tName\tGroup"}
            onChange={({ target }) => {
              setSent({ ...nothing, text: target.value });
              setPlanned(undefined);
            }}
          />
          <Button
            size="small"
            sx={{ justifySelf: "start" }}
            disabled={sent.text.trim() === "" || plan.isPending}
            onClick={() => look({ ...sent, file: null })}
          >
            Look at it
          </Button>
        </Box>
      </Box>
      {plan.error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(plan.error)}
        </Typography>
      )}
      {planned !== undefined && (
        <>
          <ColumnPicks
            plan={planned}
            onHeader={(hasHeader) => look({ ...sent, hasHeader, columns: hasHeader ? null : planned.columns })}
            onColumns={(columns) => look({ ...sent, columns, hasHeader: planned.has_header })}
          />
          <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr 1fr" }, gap: 2, maxWidth: 760 }}>
            {(["course", "group", "term"] as const).map((key) => (
              <Field
                key={key}
                label={`${key.charAt(0).toUpperCase()}${key.slice(1)}, where a row names none`}
                value={sent[key]}
                onChange={({ target }) => setSent({ ...sent, [key]: target.value })}
                onBlur={() => look(sent)}
              />
            ))}
          </Box>
          {planned.groups.length > 1 && (
            <Box role="group" aria-label="Only these groups" sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
              <Typography variant="label">Only</Typography>
              {planned.groups.map((name) => (
                <Toggle key={name} isOn={sent.only.includes(name)} onToggle={() => look({ ...sent, only: toggled(sent.only, name) })}>
                  {name}
                </Toggle>
              ))}
            </Box>
          )}
          <PlanTable plan={planned} />
          <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2 }}>
            {bring.data === undefined ? (
              <Button
                variant="contained"
                disabled={!planned.is_mapped || count === 0 || plan.isPending || bring.isPending}
                onClick={() => bring.mutate(sent)}
              >
                {count === 0 ? "Nothing to bring in" : `Bring in ${counted(count, "student")}`}
              </Button>
            ) : (
              <Button component={Link} to="/roster" variant="contained">
                To the roster
              </Button>
            )}
            <Typography role="status">
              {bring.data !== undefined
                ? `Done: ${bring.data.new} new, ${bring.data.changed} changed.`
                : planned.problems.length > 0 && count > 0
                  ? "Rows with a problem stay out; put them right in the file and bring it in again."
                  : ""}
            </Typography>
          </Box>
          {bring.error !== null && (
            <Typography role="alert" sx={{ color: "error.main" }}>
              {saidOf(bring.error)}
              {/* Where no answer came it may have been. */}
              {bring.error instanceof Problem && " Nothing was written."}
            </Typography>
          )}
        </>
      )}
    </Box>
  );
}
