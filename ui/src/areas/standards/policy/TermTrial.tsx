import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { usePolicyOverTerm } from "../../../api/usePolicy";
import type { Policy, TriedTerm } from "../../../api/types";
import { counted, day } from "../../../parts/format";
import { FigureCell, PlainTable } from "../../../parts/PlainTable";
import { saidOf } from "../../../parts/problems";
import { Section } from "../../../parts/Section";
import { downloadSpreadsheet } from "../../../parts/spreadsheet";
import { TriedClasses } from "../../../parts/TriedClasses";
import { termSheets } from "./termSheets";

interface TermTrialProps {
  document: Policy;
  isSound: boolean;
}

/** The whole of the last term under the policy as it stands on the page; nothing of it is stored. */
export function TermTrial({ document, isSound }: TermTrialProps) {
  const trial = usePolicyOverTerm();
  const tried = trial.data?.document === document ? trial.data.term : undefined;

  return (
    <Section title="The last term under it">
      <Typography sx={{ maxWidth: 720 }}>
        Every class of the last sixteen weeks graded once more under the policy as it stands above: bands before and after, who moves, and
        what the agreement between assessors becomes. Nothing is stored.
      </Typography>
      <Button disabled={!isSound || trial.isPending} onClick={() => trial.mutate(document)} sx={{ mt: 1.5 }}>
        {trial.isPending ? "Grading the term …" : "Grade the term under it"}
      </Button>
      {trial.isError && (
        <Typography role="alert" sx={{ color: "error.main", mt: 1 }}>
          {saidOf(trial.error)}
        </Typography>
      )}
      {trial.data !== undefined && tried === undefined && !trial.isPending && (
        <Typography role="status" sx={{ color: "text.secondary", mt: 1 }}>
          The policy was changed since; grade the term once more.
        </Typography>
      )}
      {tried !== undefined && <Result term={tried} places={document.places} />}
    </Section>
  );
}

const two = (figure: number | null): string => (figure === null ? "–" : figure.toFixed(2).replace("-", "−"));

function Result({ term, places }: { term: TriedTerm; places: number }) {
  const { from, to, results, bands, classes, twice, icc_before: before, icc_after: after } = term;
  const moved = classes.reduce((sum, it) => sum + it.bands.length, 0);
  const most = Math.max(1, ...bands.flatMap((it) => [it.before, it.after]));

  return (
    <Box role="group" aria-label="The term under this policy" sx={{ mt: 2 }}>
      <Typography sx={{ fontSize: "1.1rem" }}>
        {day(from)} to {day(to)}: of {counted(results, "final result")}, {moved} would be in another band.
      </Typography>
      <Button onClick={() => void downloadSpreadsheet(`policy-${from}.xlsx`, termSheets(term))} sx={{ mt: 1 }}>
        Spreadsheet
      </Button>
      <Box sx={{ maxWidth: 620, my: 1.5 }}>
        <PlainTable
          label="Bands before and after"
          heads={[{ title: "Band" }, { title: "Now", isFigure: true }, { title: "Under it", isFigure: true }, { title: "" }]}
        >
          {bands.map((it) => (
            <tr key={it.band}>
              <td>{it.band}</td>
              <FigureCell>{it.before}</FigureCell>
              <FigureCell>{it.after}</FigureCell>
              <Box component="td" aria-hidden sx={{ width: "50%" }}>
                <Box
                  sx={{ height: 8, width: `${(it.before / most) * 100}%`, border: "1.5px solid", borderColor: "text.primary", mb: "2px" }}
                />
                <Box sx={{ height: 8, width: `${(it.after / most) * 100}%`, bgcolor: "secondary.main" }} />
              </Box>
            </tr>
          ))}
        </PlainTable>
      </Box>
      <Typography>
        {twice < 2
          ? "Too few trays were totalled by two assessors to say what agreement becomes."
          : `Over ${twice} trays that two assessors totalled, the agreement of their totals, ICC(2,1), is ${two(before)} now and would be ${two(after)}.`}
      </Typography>
      <TriedClasses classes={classes.filter((it) => it.bands.length > 0 || it.problem !== null)} places={places} />
    </Box>
  );
}
