import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { SchoolReport } from "../../api/types";
import { useSchoolReport } from "../../api/useTrends";
import { Rail } from "../../app/Rail";
import { useToday } from "../../offline/useToday";
import { counted, day, dayInFull, percent, points } from "../../parts/format";
import { FromTo } from "../../parts/FromTo";
import { Loading } from "../../parts/Loading";
import { moneyWords } from "../../parts/money";
import { ProblemNotice } from "../../parts/Notice";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { downloadSpreadsheet } from "../../parts/spreadsheet";
import { USUAL_DAYS_BACK, useDays } from "../../parts/useDays";
import { daysAfter, mondayOf } from "../../parts/weeks";
import { incidentTitles, reportSheets } from "./reportSheets";

const LAST_DAY = 6;

/** What the school did over a term, for whoever answers for it: on a page, as PDF, as a workbook. Nobody is named. */
export function SchoolReportPage() {
  const today = useToday();
  const days = useDays({ from: daysAfter(mondayOf(today), -USUAL_DAYS_BACK), to: daysAfter(mondayOf(today), LAST_DAY) });
  const report = useSchoolReport(days.asked);

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1180, width: "100%", mx: "auto" }}>
      <Rail area="Look back" steps={[{ label: "Look back", to: "/look-back" }, { label: "School report" }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 2 }}>
        <Typography variant="h1" sx={{ flex: 1, minWidth: 240 }}>
          School report
        </Typography>
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, "@media print": { display: "none" } }}>
          <FromTo days={days} />
          <Button component="a" href={`/api/v1/school-report.pdf?from=${days.asked.from}&to=${days.asked.to}`} target="_blank">
            PDF
          </Button>
          <Button
            disabled={report.data === undefined}
            onClick={() => report.data && void downloadSpreadsheet(`report-${report.data.from}.xlsx`, reportSheets(report.data))}
          >
            Spreadsheet
          </Button>
        </Box>
      </Box>
      {report.data !== undefined ? (
        <Report report={report.data} />
      ) : report.isError ? (
        <ProblemNotice problem={report.error} onRetry={() => void report.refetch()} />
      ) : (
        <Loading what="the term" />
      )}
    </Box>
  );
}

const share = (part: number, whole: number): string => (whole === 0 ? "–" : percent(part / whole));

function Report({ report }: { report: SchoolReport }) {
  const { standards, bands, students, from, to, cost, currency, unpriced } = report;
  const sum = (of: (it: SchoolReport["standards"][number]) => number): number => standards.reduce((total, it) => total + of(it), 0);
  const trays = sum((it) => it.trays);

  return (
    <Box sx={{ display: "grid", gap: 4, gridTemplateColumns: "minmax(0, 1fr)" }}>
      <Typography sx={{ fontSize: "1.1rem" }}>
        {day(from)} to {dayInFull(to)}:{" "}
        {counted(
          sum((it) => it.classes),
          "practical",
        )}
        , {counted(trays, "tray")} marked to the end of {counted(students, "student")}; {sum((it) => it.passed)} passed (
        {share(
          sum((it) => it.passed),
          trays,
        )}
        ).
      </Typography>
      <Section title="Results">
        <PlainTable
          label="Results"
          heads={[
            { title: "Standard" },
            { title: "Practicals", isFigure: true },
            { title: "Trays", isFigure: true },
            { title: "Passed", isFigure: true },
            { title: "Mean total", isFigure: true },
            { title: "Yield", isFigure: true },
            { title: "Waste", isFigure: true },
          ]}
          minWidth={640}
        >
          {standards.map((it) => (
            <tr key={it.title}>
              <td>{it.title}</td>
              <FigureCell>{it.classes}</FigureCell>
              <FigureCell>{it.trays}</FigureCell>
              <FigureCell>{it.passed}</FigureCell>
              <FigureCell>{it.total === null ? "–" : points(it.total)}</FigureCell>
              <FigureCell>{it.yield === null ? "–" : percent(it.yield)}</FigureCell>
              <FigureCell>{share(it.waste_mg, it.delivered_mg)}</FigureCell>
            </tr>
          ))}
        </PlainTable>
        <Typography sx={{ mt: 1 }}>
          {bands.map((it) => `${it.name} ${it.count}`).join(", ")}. Passed is what is not in the lowest band; rehearsals are left out.
        </Typography>
      </Section>
      <Box sx={{ display: "grid", gap: 4, gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "repeat(3, minmax(0, 1fr))" } }}>
        <Section title="Cost">
          <Lines
            label="Cost"
            lines={[
              ["Carcasses", moneyWords(cost.ap_minor, currency)],
              ["Cuts, by-products taken off", moneyWords(cost.net_minor, currency)],
              ["The carcass of one tray", cost.per_tray_minor === null ? "–" : moneyWords(cost.per_tray_minor, currency)],
              ["Yield of what was paid for", cost.yield === null ? "–" : percent(cost.yield)],
            ]}
          />
          {unpriced > 0 && (
            <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
              {counted(unpriced, "practical")} without a delivery written down {unpriced === 1 ? "is" : "are"} not counted here.
            </Typography>
          )}
        </Section>
        <Section title="Marking">
          <Lines
            label="Marking"
            lines={[
              ["Trays marked twice", String(report.twice)],
              ["Steps both looks gave alike", report.alike === null ? "–" : percent(report.alike, 0)],
              ["Agreement of totals, ICC(2,1)", report.icc === null ? "–" : report.icc.toFixed(2).replace("-", "−")],
              ["Facts taken back", String(report.withdrawn)],
              ["Results issued again", String(report.reissued)],
              ["Appeals, of them upheld", `${report.appealed}, ${report.upheld}`],
            ]}
          />
        </Section>
        <Section title="Safety and cold">
          <Lines
            label="Safety and cold"
            lines={[
              ...(report.incidents.length === 0
                ? [["Incidents", "0"] as const]
                : report.incidents.map((it) => [incidentTitles[it.name] ?? it.name, String(it.count)] as const)),
              ["Carcasses above 5 °C", String(report.warm)],
              ["Trays out of the cold too long", String(report.out_long)],
              ["Carcasses sent back", String(report.refused)],
            ]}
          />
        </Section>
      </Box>
    </Box>
  );
}

function Lines({ label, lines }: { label: string; lines: (readonly [string, string])[] }) {
  return (
    <PlainTable label={label} heads={[]}>
      {lines.map(([title, figure]) => (
        <tr key={title}>
          <td>{title}</td>
          <FigureCell>{figure}</FigureCell>
        </tr>
      ))}
    </PlainTable>
  );
}
