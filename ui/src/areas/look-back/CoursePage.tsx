import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link, useParams } from "react-router";
import type { CourseStandard } from "../../api/types";
import { useCourse } from "../../api/useTrends";
import { Rail } from "../../app/Rail";
import { clock, counted, dayInShort, percent, points } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { TriesPicture } from "./TriesPicture";

const RECURRING = 2;
const TO_TALK_ABOUT = 3;

/** How one student came on over a course, for a talk with them: every standard, its tries, what keeps costing points. One page on paper. */
export function CoursePage() {
  const { student = "" } = useParams();
  const course = useCourse(student);
  if (course.isPending) return <Loading what="the course" />;
  if (course.isLoadingError) return <ProblemNotice problem={course.error} onRetry={() => void course.refetch()} />;
  const { name, group, from, to, standards } = course.data;
  const tries = standards.reduce((sum, it) => sum + it.tries.length, 0);

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1180, width: "100%", mx: "auto" }}>
      <Rail area="Roster" steps={[{ label: "Roster", to: "/roster" }, { label: name }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 240 }}>
          <Typography variant="h1">{name}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            {group}. {counted(tries, "released result")} from {dayInShort(from)} to {dayInShort(to)}.
          </Typography>
        </Box>
        <Button
          component="a"
          href={`/api/v1/students/${student}/record.csv?from=${from}&to=${to}`}
          download
          sx={{ "@media print": { display: "none" } }}
        >
          CSV
        </Button>
        <Button onClick={() => window.print()} sx={{ "@media print": { display: "none" } }}>
          Print
        </Button>
      </Box>
      {standards.length === 0 && (
        <Notice title="Nothing is released yet">What was released to them stands here, standard by standard.</Notice>
      )}
      <Box sx={{ display: "grid", gap: 3.5, gridTemplateColumns: "minmax(0, 1fr)" }}>
        {standards.map((it) => (
          <OneStandard key={it.id} standard={it} />
        ))}
      </Box>
    </Box>
  );
}

function OneStandard({ standard }: { standard: CourseStandard }) {
  const { title, tries, lost, components, compared } = standard;
  const recurring = lost.filter((it) => it.times >= Math.min(RECURRING, tries.length)).slice(0, TO_TALK_ABOUT);

  return (
    <Section title={title}>
      <Box
        sx={{
          display: "grid",
          gap: 3,
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 1fr)" },
          "@media print": {
            gridTemplateColumns: "minmax(0, 1fr) minmax(0, 1fr)",
            fontSize: 12,
            "& p, & td, & th, & li": { fontSize: 12 },
            "& svg": { maxHeight: 70 },
          },
        }}
      >
        <Box>
          <TriesPicture tries={tries} />
          <Typography sx={{ mb: 1 }}>{totalsInWords(tries)}</Typography>
          <Tries standard={standard} />
        </Box>
        <Box>
          <PlainTable
            label={`Components of ${title}`}
            heads={[
              { title: "Of a hundred" },
              { title: compared === 1 ? "First try" : `First ${compared}`, isFigure: true },
              ...(tries.length > 1 ? [{ title: compared === 1 ? "Last try" : `Last ${compared}`, isFigure: true }] : []),
            ]}
          >
            {components.map((it) => (
              <tr key={it.title}>
                <td>{it.title}</td>
                <FigureCell>{points(it.first, 0)}</FigureCell>
                {tries.length > 1 && <FigureCell>{it.last === null ? "–" : points(it.last, 0)}</FigureCell>}
              </tr>
            ))}
          </PlainTable>
          {recurring.length > 0 && (
            <Box
              component="ul"
              aria-label={`To talk about at ${title}`}
              sx={{ m: 0, mt: 1.5, p: 0, listStyle: "none", display: "grid", gap: 0.75 }}
            >
              {recurring.map((it) => (
                <Typography component="li" key={it.title}>
                  <b>{it.title}</b>, in {it.times} of {counted(it.trays, "try", "tries")}, −{points(it.points)} a try.
                  {it.aim !== null && ` ${it.aim}`}
                </Typography>
              ))}
            </Box>
          )}
        </Box>
      </Box>
    </Section>
  );
}

function Tries({ standard: { title, tries, standard_ms: standardMs } }: { standard: CourseStandard }) {
  return (
    <PlainTable
      label={`Tries at ${title}`}
      heads={[
        { title: "Day" },
        { title: "Total", isFigure: true },
        { title: "Band", isFigure: true },
        { title: "Yield", isFigure: true },
        { title: standardMs === null ? "Time" : `Time (${clock(standardMs)})`, isFigure: true },
      ]}
    >
      {tries.map((it) => (
        <tr key={it.attempt}>
          <Box component="td" sx={{ whiteSpace: "nowrap" }}>
            <Link to={`/result/${it.attempt}`}>{dayInShort(it.held_on)}</Link>
          </Box>
          <FigureCell>{it.total === null ? "–" : points(it.total)}</FigureCell>
          <FigureCell>{it.band ?? "–"}</FigureCell>
          <FigureCell>{it.yield === null ? "–" : percent(it.yield)}</FigureCell>
          <FigureCell>{it.running_ms === null ? "–" : clock(it.running_ms)}</FigureCell>
        </tr>
      ))}
    </PlainTable>
  );
}

/** What the totals say, first to last. */
function totalsInWords(tries: CourseStandard["tries"]): string {
  const totals = tries.flatMap((it) => (it.total === null ? [] : [it.total]));
  const [first, last] = [totals[0], totals.at(-1)];
  if (first === undefined || last === undefined) return "No total yet.";
  if (totals.length === 1) return `One try: ${points(first)}.`;
  const change = last - first;

  return `From ${points(first)} to ${points(last)} over ${counted(totals.length, "try", "tries")}: ${Math.abs(change) < 0.05 ? "the same" : `${points(Math.abs(change))} ${change > 0 ? "more" : "less"}`}.`;
}
