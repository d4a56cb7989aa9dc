import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import type { VerdictPage } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useReleasedVerdict, useCurrentVerdict } from "../../api/useVerdict";
import { Rail } from "../../app/Rail";
import { MiniTray } from "../../parts/MiniTray";
import { Photos } from "../../parts/Photos";
import { PieceTable } from "../../parts/PieceTable";
import { Reasons } from "../../parts/Reasons";
import { Worth } from "../../parts/Worth";
import { UnitsContext, useMassWords } from "../../parts/mass";
import { TimeZoneContext } from "../../parts/times";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { clock, dayInFull, percent, points } from "../../parts/format";
import { useKey, useKeys } from "../../parts/useKey";
import { Appeal } from "./Appeal";
import { HandedIn } from "./HandedIn";
import { ComponentStrips } from "./ComponentStrips";
import { ChangedSince, Releases, ShownVersion } from "./Releases";

/** The result as it stands now, for staff. */
export function CurrentVerdict() {
  const { attempt = "" } = useParams();

  return <VerdictOf verdict={useCurrentVerdict(attempt)} />;
}

/** The sealed copy, as the student was shown it. */
export function ReleasedVerdict() {
  const { attempt = "" } = useParams();
  const [search] = useSearchParams();
  const version = Number(search.get("version"));

  return <VerdictOf verdict={useReleasedVerdict(attempt, version > 0 ? version : null)} />;
}

function VerdictOf({ verdict }: { verdict: ReturnType<typeof useCurrentVerdict> }) {
  if (verdict.isPending) return <Loading what="the verdict" />;
  if (verdict.isLoadingError) return <ProblemNotice problem={verdict.error} onRetry={() => void verdict.refetch()} />;

  return (
    <UnitsContext value={verdict.data.units}>
      <TimeZoneContext value={verdict.data.time_zone}>
        <VerdictPageView page={verdict.data} />
      </TimeZoneContext>
    </UnitsContext>
  );
}

function VerdictPageView({ page }: { page: VerdictPage }) {
  const isSealed = page.version !== null;
  const isStudent = useUser().role === "student";
  const { result } = page;
  const navigate = useNavigate();
  useKey("p", () => window.print());
  useKeys((key) => {
    const step = { r: "receive", w: "weigh", i: "inspect" }[key];
    if (isStudent || step === undefined) return false;
    void navigate(`/tray/${page.attempt}/${step}`);

    return true;
  });

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1280, width: "100%", mx: "auto" }}>
      <Rail
        area="Verdict"
        steps={
          isStudent
            ? [{ label: page.practical }]
            : [{ label: page.practical, to: `/sheet/${page.assessment}` }, { label: `Verdict, station ${page.station}` }]
        }
      />{" "}
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "340px minmax(0, 1fr)" }, columnGap: 4, rowGap: 2 }}>
        <Box>
          <Typography variant="h1">{page.student}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            {page.practical}, {dayInFull(page.held_on)}, station {page.station}
          </Typography>
          <ShownVersion page={page} />
          <Total page={page} />
          <MiniTray layout={page.layout} verdicts={Object.fromEntries(page.result.pieces.map((it) => [it.id, it.verdict]))} />
          <ChangedSince page={page} />
          {(result.remarks ?? []).map((remark) => (
            <RemarkNote key={remark.text} remark={remark} page={page} />
          ))}
          <ComponentStrips page={page} />
          <Yields page={page} />
          <Splits page={page} />
          <Releases page={page} />
          {isSealed && <Appeal page={page} />}
        </Box>
        <Box>
          {page.well.length > 0 && (
            <Typography sx={{ mb: 1.5 }}>
              <strong>Done well:</strong> {page.well.join("; ").toLowerCase()}.
            </Typography>
          )}
          <Worth worth={page.worth} />
          <HandedIn answers={page.answers} />
          <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, mb: 1 }}>
            <Typography variant="h2" sx={{ flex: 1 }}>
              What it cost, largest first
            </Typography>
            {isSealed && <Prints page={page} />}
            {!isStudent && (
              <Button size="small" component={Link} to={`/tray/${page.attempt}`}>
                To the tray
              </Button>
            )}
            {!isStudent && page.releases.length > 0 && (
              <Button size="small" component={Link} to={isSealed ? `/verdict/${page.attempt}` : `/result/${page.attempt}`}>
                {isSealed ? "As it stands now" : "Sealed copy"}
              </Button>
            )}
          </Box>
          <Reasons result={result} policy={page.policy} />
          <Photos attempt={page.attempt} photos={page.photos} />
          <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
            Pieces
          </Typography>
          <PieceTable result={result} standard={page.standard} />
        </Box>
      </Box>
    </Box>
  );
}

/** The sealed result as a page to print. */
function Prints({ page: { attempt, version } }: { page: VerdictPage }) {
  const address = `/api/v1/attempts/${attempt}/released.pdf?version=${version ?? 1}`;

  return (
    <Box sx={{ display: "flex", gap: 1, "@media print": { display: "none" } }}>
      <Button size="small" component="a" href={address} target="_blank">
        PDF
      </Button>
      <Button size="small" component="a" href={`${address}&print=large`} target="_blank">
        Large print
      </Button>
    </Box>
  );
}

function RemarkNote({ remark, page }: { remark: NonNullable<VerdictPage["result"]["remarks"]>[number]; page: VerdictPage }) {
  const criteria = Array.isArray(remark.figures.criteria) ? remark.figures.criteria : [];
  const titles = criteria.map((id) => page.standard.criteria?.find((it) => it.id === id)?.title ?? id);

  return (
    <Box sx={{ borderLeft: "4px solid", borderColor: "secondary.main", pl: 1.5, my: 1, typography: "body2" }}>
      {titles.length < 2 ? (
        remark.text
      ) : (
        <details>
          <summary>{remark.text}</summary>
          {titles.join("; ")}
        </details>
      )}
    </Box>
  );
}

const statusWords = { provisional: "Provisional: not everything is in yet", final: "Final", void: "Nothing was received or weighed" };

function Total({ page: { result, policy } }: { page: VerdictPage }) {
  return (
    <Box
      sx={{
        display: "flex",
        alignItems: "end",
        gap: 2,
        my: 2,
        py: 1.5,
        borderTop: "3px solid",
        borderBottom: "1px solid",
        borderColor: "text.primary",
      }}
    >
      <Typography
        variant="figure"
        sx={{ fontSize: 92, lineHeight: 0.85, color: result.status === "final" ? "text.primary" : "text.disabled" }}
        data-testid="total"
      >
        {result.total === null ? "–" : points(result.total, policy.places)}
      </Typography>
      <Box>
        <Typography variant="h2" component="p" data-testid="band">
          {result.band ?? "No band"}
        </Typography>
        <Typography variant="body2" sx={{ color: result.status === "final" ? "text.secondary" : "error.main" }}>
          {statusWords[result.status]}
        </Typography>
      </Box>
    </Box>
  );
}

/** When each checkpoint was passed, on the student's own clock. */
function Splits({ page: { result, standard } }: { page: VerdictPage }) {
  const splits = result.splits ?? [];
  if (splits.length === 0) return null;

  return (
    <Box component="dl" aria-label="Checkpoints" sx={{ display: "grid", gridTemplateColumns: "1fr auto", m: 0, mt: 1 }}>
      {splits.map((split) => [
        <Typography key={split.checkpoint} component="dt" variant="label">
          {standard.checkpoints?.find((it) => it.id === split.checkpoint)?.title ?? split.checkpoint}
        </Typography>,
        <Typography key={`${split.checkpoint} time`} component="dd" variant="figure" sx={{ m: 0, textAlign: "right" }}>
          {clock(split.running_ms)}
        </Typography>,
      ])}
    </Box>
  );
}

function Yields({ page: { result } }: { page: VerdictPage }) {
  const mass = useMassWords();
  const { portion, utilisation, waste, loss } = result.yields;
  const rows = [
    ["Portion yield", portion],
    ["Usable yield", utilisation],
    ["Waste", waste],
    ["Loss", loss],
  ] as const;

  return (
    <Box component="dl" sx={{ display: "grid", gridTemplateColumns: "1fr auto", m: 0, mt: 2, rowGap: 0.25 }}>
      {rows.map(([label, share]) => [
        <Typography key={label} component="dt" variant="label">
          {label}
        </Typography>,
        <Typography key={`${label} share`} component="dd" variant="figure" sx={{ m: 0, textAlign: "right" }}>
          {share === null ? "–" : percent(share)}
        </Typography>,
      ])}
      <Typography component="dt" variant="label">
        Balance
      </Typography>
      <Typography
        component="dd"
        variant="figure"
        sx={{ m: 0, textAlign: "right", color: ["short", "over"].includes(result.balance.state) ? "error.main" : "text.primary" }}
      >
        {result.balance.state}
        {result.balance.unaccounted_mg !== null && result.balance.state !== "open" && `, ${mass.signed(-result.balance.unaccounted_mg)}`}
      </Typography>
    </Box>
  );
}
