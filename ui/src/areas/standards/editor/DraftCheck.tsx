import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Problem } from "../../../api/problem";
import type { DraftChecked } from "../../../api/types";
import type { Draft } from "./draft";
import { useSchoolWords, type SchoolWords } from "./schoolWords";

interface DraftCheckProps {
  check: DraftChecked | undefined;
  problem: Error | null;
  isNew: boolean;
  draft: Draft;
}

/** The problem with every id in it said by its title. */
function named(detail: string, { carcass, pieces, bins = [], criteria = [] }: Draft, nameOf: SchoolWords["nameOf"]): string {
  const titles = new Map([...carcass.parts, ...pieces, ...bins, ...criteria].map((it) => [it.id as string, `“${nameOf(it)}”`]));

  return detail.replace(/[\w.-]*\w/g, (word) => titles.get(word) ?? word);
}

/** Whether the draft adds up, and what it would change: said as one goes. */
export function DraftCheck({ check, problem, isNew, draft }: DraftCheckProps) {
  const { nameOf } = useSchoolWords();
  const problems = check?.problems ?? [];
  const lines =
    problems.length > 0 ? problems.map((it) => `${named(it.detail, draft, nameOf)} (${it.path})`) : isNew ? [] : (check?.changes ?? []);
  const heading =
    problem !== null
      ? problem instanceof Problem
        ? problem.detail
        : "The server does not answer."
      : check === undefined
        ? "Checking …"
        : problems.length > 0
          ? "It does not add up yet:"
          : isNew
            ? "It adds up."
            : lines.length > 0
              ? "It adds up. What changes:"
              : "It adds up, and nothing is changed yet.";
  const isWrong = problem !== null || problems.length > 0;

  return (
    <Box
      role="status"
      aria-label="Check"
      sx={{
        borderLeft: "5px solid",
        borderColor: isWrong ? "error.main" : "secondary.main",
        bgcolor: "background.paper",
        px: 2,
        py: 1,
        mb: 2,
      }}
    >
      <Typography sx={{ fontWeight: 700, color: isWrong ? "error.main" : "text.primary" }}>{heading}</Typography>
      {lines.map((line) => (
        <Typography key={line} variant="body2">
          {line}
        </Typography>
      ))}
    </Box>
  );
}
