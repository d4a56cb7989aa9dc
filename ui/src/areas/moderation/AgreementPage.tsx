import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { useAgreement } from "../../api/useModeration";
import type { Agreement } from "../../api/types";
import { Rail } from "../../app/Rail";
import { useToday } from "../../offline/useToday";
import { FromTo } from "../../parts/FromTo";
import { counted, percent, points } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { USUAL_DAYS_BACK, useDays } from "../../parts/useDays";
import { daysAfter } from "../../parts/weeks";
import { CriteriaStrip } from "./CriteriaStrip";
import { DifferencePicture } from "./DifferencePicture";
import { kappaWords } from "./kappaWords";
import { signed } from "../../parts/signed";

/** How far assessors lie apart over some days: criterion by criterion, pair by pair, and in the totals. */
export function AgreementPage() {
  const today = useToday();
  const days = useDays({ from: daysAfter(today, -USUAL_DAYS_BACK), to: today });
  const agreement = useAgreement(days.asked);

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1280, width: "100%", mx: "auto" }}>
      <Rail area="Agreement" steps={[{ label: "Between assessors" }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">Between assessors</Typography>
          <Typography sx={{ color: "text.secondary", maxWidth: "65ch" }}>
            How alike two people judge the same tray. It says where to talk and which descriptor to rewrite; it is no mark of anybody.
          </Typography>
        </Box>
        <Button component={Link} to="/standardising">
          Standardising sets
        </Button>
        <FromTo days={days} />
      </Box>
      {agreement.data !== undefined ? (
        <AgreementOf agreement={agreement.data} />
      ) : agreement.isError ? (
        <ProblemNotice problem={agreement.error} onRetry={() => void agreement.refetch()} />
      ) : (
        <Loading what="what was marked twice" />
      )}
    </Box>
  );
}

function AgreementOf({ agreement }: { agreement: Agreement }) {
  if (agreement.trays === 0)
    return <Notice title="Nothing was marked twice in these days">Second looks are asked for under Mark twice of a practical.</Notice>;

  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 1fr)" },
        gap: 4,
        alignItems: "start",
      }}
    >
      <Box sx={{ display: "grid", gap: 3, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Totals agreement={agreement} />
        <Severities agreement={agreement} />
        <Pairs agreement={agreement} />
      </Box>
      <CriteriaStrip criteria={agreement.criteria} />
    </Box>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

function Totals({ agreement: { totals, trays } }: { agreement: Agreement }) {
  if (totals === null)
    return (
      <Part title="Totals">
        <Typography>
          {counted(trays, "tray")} marked twice; fewer than two of them by both in every criterion, so nothing is said of totals.
        </Typography>
      </Part>
    );
  const { icc, low, high, bias, lower, upper } = totals;

  return (
    <Part title="Totals">
      <Typography>
        On {counted(totals.points.length, "tray")} that both judged in every criterion
        {bias !== null &&
          `, the second look gave ${Math.abs(bias) < 0.05 ? "the same total" : `${points(Math.abs(bias))} points ${bias > 0 ? "more" : "less"}`} on average`}
        {lower !== null && upper !== null && `; about 19 of 20 differences lie between ${signed(lower)} and ${signed(upper)} points`}.
      </Typography>
      {totals.points.length > 0 && <DifferencePicture totals={totals} />}
      {icc !== null && (
        <Typography variant="body2">
          Of the scatter of totals, {percent(Math.max(0, icc), 0)} lies between trays, the rest between assessors
          {low !== null && high !== null && ` (likely ${percent(Math.max(0, low), 0)} to ${percent(high, 0)})`}.
        </Typography>
      )}
      <Formula>
        ICC(2,1), two-way random effects, absolute agreement of a single mark (Shrout and Fleiss 1979),{" "}
        {icc === null ? "–" : icc.toFixed(2)}; its 95 % interval after McGraw and Wong 1996, case A,1. Limits of agreement: mean difference
        ± 1.96 standard deviations of the differences (Bland and Altman 1986).
      </Formula>
    </Part>
  );
}

function Severities({ agreement: { severities } }: { agreement: Agreement }) {
  if (severities.length === 0) return null;

  return (
    <Part title="Stricter or kinder">
      <PlainTable
        label="Each assessor against the others"
        heads={[{ title: "Assessor" }, { title: "Trays", isFigure: true }, { title: "Against the others" }]}
      >
        {severities.map((it) => (
          <tr key={it.name}>
            <td>{it.name}</td>
            <FigureCell>{it.trays}</FigureCell>
            <td>
              {it.difference === null
                ? "nothing is said on fewer than 10 trays"
                : Math.abs(it.difference) < 0.05
                  ? "the same on average"
                  : `${points(Math.abs(it.difference))} points ${it.difference > 0 ? "more" : "less"} on average`}
            </td>
          </tr>
        ))}
      </PlainTable>
    </Part>
  );
}

function Pairs({ agreement: { pairs } }: { agreement: Agreement }) {
  const heads = ["Levels", "Alike", "Levels apart", "Kappa", "Trays", "Points apart", "19 of 20 within"].map((title) => ({
    title,
    isFigure: true,
  }));

  return (
    <Part title="Pair by pair">
      <PlainTable label="Pairs of assessors" minWidth={640} heads={[{ title: "Pair" }, ...heads]}>
        {pairs.map((it) => (
          <tr key={`${it.one} ${it.other}`}>
            <td>
              {it.one}, {it.other}
            </td>
            <FigureCell>{it.levels}</FigureCell>
            <FigureCell>{it.exact === null ? "–" : percent(it.exact, 0)}</FigureCell>
            <FigureCell>{it.mean_difference === null ? "–" : signed(it.mean_difference, 2)}</FigureCell>
            <FigureCell>{it.kappa === null ? "–" : it.kappa.toFixed(2)}</FigureCell>
            <FigureCell>{it.trays}</FigureCell>
            <FigureCell>{it.bias === null ? "–" : signed(it.bias)}</FigureCell>
            <FigureCell>{it.lower === null || it.upper === null ? "–" : `${signed(it.lower)} to ${signed(it.upper)}`}</FigureCell>
          </tr>
        ))}
      </PlainTable>
      <Formula>Differences are the second named less the first named. Kappa with quadratic weights (Cohen 1968): {kappaWords}.</Formula>
    </Part>
  );
}

/** How a figure is made, one tap away. */
function Formula({ children }: { children: ReactNode }) {
  return (
    <Box component="details" sx={{ mt: 1 }}>
      <Typography component="summary" variant="label">
        How this is worked out
      </Typography>
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        {children}
      </Typography>
    </Box>
  );
}
