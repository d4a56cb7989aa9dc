import Typography from "@mui/material/Typography";
import type { CostSum, CutCost } from "../../api/types";
import { percent } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

interface CostSumsProps {
  label: string;
  /** What the rows are: the head of their column. */
  of: string;
  /** A sum is null where nobody wrote the delivery down. */
  rows: { key: string; title: string; sum: CostSum | null; cuts?: CutCost[] }[];
  total: CostSum;
  money: (minor: number) => string;
}

const WIDTH = 940;

/** Sums of what carcasses cost, one a row, with all of them beneath. */
export function CostSums({ label, of, rows, total, money }: CostSumsProps) {
  const heads = ["Trays", "Carcass", "Cost", "By-products", "Cuts cost", "Yield", "A kg", "Factor", "Saved"].map((title) => ({
    title,
    isFigure: true,
  }));

  return (
    <PlainTable label={label} minWidth={WIDTH} heads={[{ title: of }, ...heads]}>
      {rows.map((it) => (
        <tr key={it.key}>
          <td>
            {it.title}
            {it.cuts !== undefined && <Cuts cuts={it.cuts} money={money} />}
          </td>
          <Figures sum={it.sum} money={money} />
        </tr>
      ))}
      <tr>
        <th scope="row">All together</th>
        <Figures sum={total} money={money} />
      </tr>
    </PlainTable>
  );
}

/** What each cut came to, opened by a tap. */
function Cuts({ cuts, money }: { cuts: CutCost[]; money: (minor: number) => string }) {
  const mass = useMassWords();

  return (
    <Typography component="details" variant="body2" sx={{ color: "text.secondary" }}>
      <summary>What each cut cost</summary>
      {cuts.map((it) => (
        <div key={it.title}>
          {it.title}, {mass.bulk(it.mass_mg)}: {it.cost_minor === null ? "a cut has no price" : money(it.cost_minor)}
          {it.per_kg_minor !== null && `, ${money(it.per_kg_minor)} a kg`}
        </div>
      ))}
    </Typography>
  );
}

function Figures({ sum, money }: { sum: CostSum | null; money: (minor: number) => string }) {
  const mass = useMassWords();
  if (sum === null) return <td colSpan={9}>no delivery written down</td>;

  return (
    <>
      <FigureCell>{sum.trays}</FigureCell>
      <FigureCell>{mass.bulk(sum.ap_mg)}</FigureCell>
      <FigureCell>{money(sum.ap_minor)}</FigureCell>
      <FigureCell>{money(sum.by_product_minor)}</FigureCell>
      <FigureCell>{money(sum.net_minor)}</FigureCell>
      <FigureCell>{sum.yield === null ? "–" : percent(sum.yield)}</FigureCell>
      <FigureCell>{sum.per_kg_minor === null ? "–" : money(sum.per_kg_minor)}</FigureCell>
      <FigureCell>{sum.cost_factor === null ? "–" : sum.cost_factor.toFixed(2)}</FigureCell>
      <FigureCell>{sum.saving_minor === null || !sum.parts_minor ? "–" : percent(sum.saving_minor / sum.parts_minor)}</FigureCell>
    </>
  );
}
