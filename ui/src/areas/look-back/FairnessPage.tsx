import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link, useParams } from "react-router";
import type { Fairness, FairnessFactor } from "../../api/types";
import { useFairness } from "../../api/useStandardLook";
import { counted, lowerFirst, percent } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { signed } from "../../parts/signed";
import { differenceInWords, factorTitles, valueTitle } from "./factors";
import { IntervalBar } from "./IntervalBar";
import { LookFrame } from "./LookFrame";

/** Whether totals go with what they should not go with. */
export function FairnessPage() {
  const { standard = "" } = useParams();
  const fairness = useFairness(standard);
  if (fairness.isPending) return <Loading what="the differences" />;
  if (fairness.isLoadingError) return <ProblemNotice problem={fairness.error} onRetry={() => void fairness.refetch()} />;
  const { trays, at_least: atLeast, factors, size, pieces, key, standard: id } = fairness.data;
  const found = factors.flatMap(standingOut);
  const differences = factors.flatMap((it) => it.values.map((value) => value.points));
  const compared = [...differences, size.per_kg, ...pieces.map((it) => it.per_kg)].filter((it) => it !== null).length;

  return (
    <LookFrame look="fairness" standard={{ id, key }}>
      <Typography sx={{ fontSize: "1.1rem", maxWidth: 900 }}>
        {compared === 0
          ? `${counted(trays, "tray")} so far: too few on one side of everything to compare.`
          : found.length === 0
            ? `Nothing stands out over ${counted(trays, "tray")}.`
            : `Over ${counted(trays, "tray")} these stand out: ${found.join(", ")}.`}
      </Typography>
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 1, mb: 3, maxWidth: 900 }}>
        Trays are compared within their own class, so that a hard day does not look like a station; suppliers by the means of their classes.
        The line is what the difference may as well be (95 %). Of {counted(compared, "comparison")} one in twenty stands out by chance
        alone. A difference is a reason to look, never a verdict on a person: fewer than {atLeast} trays on one side are not compared.{" "}
        <a href={`/api/v1/standards/${id}/fairness.csv`}>CSV</a>
      </Typography>
      <Box sx={{ display: "grid", gap: 4, gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 1fr)" } }}>
        {factors
          .filter((it) => it.values.length > 0)
          .map((it) => (
            <FactorTable key={it.factor} factor={it} />
          ))}
        <Size fairness={fairness.data} />
      </Box>
    </LookFrame>
  );
}

/** Of two values one stands out as the other does: then the factor is named. */
function standingOut({ factor, values }: FairnessFactor): string[] {
  const found = values.filter((it) => it.stands_out);

  return values.length === 2 && found.length > 0 ? [lowerFirst(factorTitles[factor])] : found.map((it) => valueTitle(factor, it.value));
}

function FactorTable({ factor: { factor, values } }: { factor: FairnessFactor }) {
  const widest = Math.max(1, ...values.flatMap((it) => (it.points === null ? [] : [Math.abs(it.points.low), Math.abs(it.points.high)])));

  return (
    <Section title={factorTitles[factor]}>
      <PlainTable
        label={factorTitles[factor]}
        heads={[{ title: factorTitles[factor] }, { title: "Trays", isFigure: true }, { title: "Points", isFigure: true }, { title: "" }]}
      >
        {values.map((it) => (
          <Box component="tr" key={it.value} sx={it.stands_out ? { "& td": { fontWeight: 700 } } : {}}>
            <td>
              {valueTitle(factor, it.value)}
              {it.stands_out && ", stands out"}
            </td>
            <FigureCell>{it.trays}</FigureCell>
            <FigureCell>{differenceInWords(it)}</FigureCell>
            <Box component="td" sx={{ width: "26%", "&&": { verticalAlign: "middle" } }}>
              {it.points !== null && <IntervalBar interval={it.points} widest={widest} standsOut={it.stands_out} />}
            </Box>
          </Box>
        ))}
      </PlainTable>
    </Section>
  );
}

function Size({ fairness: { size, pieces, standard } }: { fairness: Fairness }) {
  const wrong = pieces.filter((it) => it.stands_out);
  const widest = Math.max(
    0.001,
    ...pieces.flatMap((it) => (it.per_kg === null ? [] : [Math.abs(it.per_kg.low), Math.abs(it.per_kg.high)])),
  );

  return (
    <Section title="Size of the carcass">
      <Typography>
        {size.per_kg === null
          ? "Too few trays say whether the total goes with the weight of the carcass."
          : size.stands_out
            ? `A carcass that is a kilogram heavier goes with ${signed(size.per_kg.value)} points (${signed(size.per_kg.low)} to ${signed(size.per_kg.high)}). It should not matter.`
            : `The weight of the carcass does not show in the total: ${signed(size.per_kg.value)} points for each kilogram (${signed(size.per_kg.low)} to ${signed(size.per_kg.high)}).`}
      </Typography>
      {wrong.length > 0 && (
        <Typography sx={{ mt: 1 }}>
          The share of {wrong.map((it) => it.title).join(", ")} goes with the size
          {size.stands_out
            ? ": there the windows, which are shares, do not fit every carcass."
            : `. Of ${pieces.length} pieces one may by chance; where the total goes with it too, the windows do not fit.`}{" "}
          <Link to={`/look-back/standards/${standard}/carcasses`}>Look at the lighter and the heavier half</Link>.
        </Typography>
      )}
      <Box sx={{ mt: 1.5 }}>
        <PlainTable
          label="Share of each piece for each kilogram more"
          heads={[
            { title: "Piece" },
            { title: "Trays", isFigure: true },
            { title: "Share for each kg more", isFigure: true },
            { title: "" },
          ]}
        >
          {pieces.map((it) => (
            <Box component="tr" key={it.title} sx={it.stands_out ? { "& td": { fontWeight: 700 } } : {}}>
              <td>
                {it.title}
                {it.stands_out && ", stands out"}
              </td>
              <FigureCell>{it.trays}</FigureCell>
              <FigureCell>{it.per_kg === null ? "too few" : `${it.per_kg.value < 0 ? "" : "+"}${percent(it.per_kg.value, 2)}`}</FigureCell>
              <Box component="td" sx={{ width: "26%", "&&": { verticalAlign: "middle" } }}>
                {it.per_kg !== null && <IntervalBar interval={it.per_kg} widest={widest} standsOut={it.stands_out} />}
              </Box>
            </Box>
          ))}
        </PlainTable>
      </Box>
    </Section>
  );
}
