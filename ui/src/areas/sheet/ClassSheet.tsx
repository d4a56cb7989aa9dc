import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { Sheet, SheetRow } from "../../api/types";
import { useAssessment, useSheet } from "../../api/useAssessment";
import { useUser } from "../../api/useSession";
import { Rail } from "../../app/Rail";
import { FlagMark } from "../../parts/FlagMark";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { dayInFull, percent, points } from "../../parts/format";
import { ReleaseSlip } from "../../parts/ReleaseSlip";
import { downloadSpreadsheet } from "../../parts/spreadsheet";
import { Standing } from "../../parts/Standing";
import { compareBy, type Order } from "./order";
import { HoldAgainst } from "../../parts/HoldAgainst";
import { sheetBook } from "./sheetBook";
import { SheetHead } from "./SheetHead";

export function ClassSheet() {
  const { assessment = "" } = useParams();
  const sheet = useSheet(assessment);
  if (sheet.isPending) return <Loading what="the class sheet" />;
  if (sheet.isLoadingError) return <ProblemNotice problem={sheet.error} onRetry={() => void sheet.refetch()} />;

  return <SheetPage sheet={sheet.data} assessment={assessment} />;
}

function SheetPage({ sheet, assessment }: { sheet: Sheet; assessment: string }) {
  const [order, setOrder] = useState<Order>({ column: "station", isDown: false });
  const held = useAssessment(assessment);
  const { may_set_terms: maySetTerms } = useUser();
  const rows = [...sheet.rows].sort(compareBy(order));

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Class sheet" steps={[{ label: `${sheet.title}, class sheet` }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{sheet.title}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            Group {sheet.group}, {dayInFull(sheet.held_on)}
            {held.data !== undefined &&
              `, held against ${held.data.standard.title ?? held.data.standard_key}, version ${held.data.standard_version}`}
          </Typography>
          <Standing practical={sheet} />
        </Box>
        <Button component="a" href={`/api/v1/assessments/${assessment}/sheet.csv`} download>
          Export CSV
        </Button>
        <Button onClick={() => void downloadSpreadsheet(`class-sheet-${sheet.held_on}.xlsx`, sheetBook(sheet))}>Export XLSX</Button>
        <Button component="a" href={`/api/v1/assessments/${assessment}/results.zip`} download>
          OneRoster results
        </Button>
        <Button component="a" href={`/api/v1/assessments/${assessment}/package`} download>
          Export package
        </Button>
        {held.data !== undefined && <HoldAgainst assessment={held.data} />}
        {maySetTerms && (
          <Button component={Link} to={`/moderation/${assessment}`}>
            Moderate
          </Button>
        )}
        <Release sheet={sheet} assessment={assessment} />
      </Box>
      {rows.length === 0 ? (
        <Notice title="Nobody is on this sheet">The group of this practical has no students yet.</Notice>
      ) : (
        <Box
          sx={{ overflowX: "auto", bgcolor: "background.paper", border: "2px solid", borderColor: "text.primary" }}
          tabIndex={0}
          role="region"
          aria-label="Class sheet, scrolls sideways"
        >
          <Box
            component="table"
            sx={{
              width: "100%",
              borderCollapse: "collapse",
              "& td, & th": { px: 0.75, py: 0.4, borderBottom: "1px solid", borderColor: "divider" },
            }}
          >
            <SheetHead components={sheet.components} order={order} onOrder={setOrder} />
            <tbody>
              {rows.map((row) => (
                <Row key={row.attempt} row={row} sheet={sheet} />
              ))}
            </tbody>
          </Box>
        </Box>
      )}
    </Box>
  );
}

function Row({ row, sheet }: { row: SheetRow; sheet: Sheet }) {
  const isProvisional = row.status !== "final";

  return (
    <Box
      component="tr"
      sx={{
        "& td": { typography: "figure", fontWeight: 500, fontSize: 17, textAlign: "right", whiteSpace: "nowrap" },
        "&:hover": { bgcolor: "background.default" },
      }}
    >
      <td>{row.station}</td>
      <Typography
        component="th"
        scope="row"
        variant="label"
        sx={{ "&&": { textAlign: "left", whiteSpace: "normal" }, minWidth: 150, lineHeight: 1.2 }}
      >
        <Link to={`/verdict/${row.attempt}`} style={{ color: "inherit" }}>
          {row.student}
        </Link>
      </Typography>
      {sheet.components.map((component) => (
        <td key={component.id}>{row.scores[component.id] == null ? "–" : points(row.scores[component.id] ?? 0, 0)}</td>
      ))}
      <Box component="td" sx={{ "&&": { fontWeight: 600, fontSize: 20, color: isProvisional ? "text.secondary" : "text.primary" } }}>
        {row.total === null ? "–" : points(row.total)}
      </Box>
      <Box component="td" sx={{ "&&": { textAlign: "left", color: isProvisional ? "text.secondary" : "text.primary" } }}>
        {row.band ?? "–"}
      </Box>
      <td>{row.portion_yield === null ? "–" : percent(row.portion_yield)}</td>
      <td>{row.loss === null ? "–" : percent(row.loss)}</td>
      <Box component="td" sx={{ "&&": { textAlign: "left", whiteSpace: "normal", minWidth: 150 } }}>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5 }}>
          {row.flags.map((flag) => (
            <FlagMark key={flag.flag} flag={flag} />
          ))}
          <Released row={row} />
        </Box>
      </Box>
    </Box>
  );
}

/** Which version the student sees, and whether the facts have moved on since. */
function Released({ row: { release, release_state: state, total } }: { row: SheetRow }) {
  if (release === null) return null;

  return (
    <Box
      component="span"
      sx={{ typography: "label", fontSize: 15, px: 0.75, color: state === "changed" ? "error.main" : "secondary.main" }}
    >
      {state === "changed"
        ? `changed since release: ${total === null ? "–" : points(total)}, released ${release.total === null ? "–" : points(release.total)}`
        : "released"}
      {release.version > 1 && `, version ${release.version}`}
      {state === "entries_since" && ", entries since"}
    </Box>
  );
}

/** First issues, and next versions where results changed since. */
function Release({ sheet, assessment }: { sheet: Sheet; assessment: string }) {
  const mayRelease = useUser().may_release;
  const [issued, setIssued] = useState<SheetRow[] | null>(null);
  const final = sheet.rows.filter((row) => row.status === "final");
  const ready = final.filter((row) => row.release_state === "unreleased");
  const changed = final.filter((row) => row.release_state === "changed" || row.release_state === "entries_since");
  if (!mayRelease || sheet.is_rehearsal || sheet.cancelled !== null) return null;

  return (
    <>
      {changed.length > 0 && <Button onClick={() => setIssued(changed)}>{`Issue ${changed.length} again`}</Button>}
      <Button variant="contained" disabled={ready.length === 0} onClick={() => setIssued(ready)}>
        {ready.length === 0 ? "Nothing to release" : `Release ${ready.length} final`}
      </Button>
      {issued !== null && <ReleaseSlip assessment={assessment} results={issued} onClose={() => setIssued(null)} />}
    </>
  );
}
