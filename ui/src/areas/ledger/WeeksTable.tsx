import Typography from "@mui/material/Typography";
import type { Term } from "../../api/types";
import { counted, day, percent } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

interface WeeksTableProps {
  weeks: Term["weeks"];
  whole: Term["whole"];
  money: (minor: number) => string;
}

const WIDTH = 760;

/** Of what came in each week, the shares that were eaten, cooked, lost, and are still here; what was lost in money too. */
export function WeeksTable({ weeks, whole, money }: WeeksTableProps) {
  const mass = useMassWords();
  const heads = ["Delivered", "Eaten", "Cooked", "Lost", "Still here", "Lost, mass", "Lost, money"].map((title) => ({
    title,
    isFigure: true,
  }));
  const row = (of: Term["whole"]) => {
    const share = (mg: number): string => (of.delivered_mg === 0 ? "–" : percent(mg / of.delivered_mg));

    return (
      <>
        <FigureCell>{mass.bulk(of.delivered_mg)}</FigureCell>
        <FigureCell>{share(of.eaten_mg)}</FigureCell>
        <FigureCell>{share(of.cooked_mg)}</FigureCell>
        <FigureCell>{share(of.lost_mg)}</FigureCell>
        <FigureCell>{share(of.here_mg)}</FigureCell>
        <FigureCell>{mass.bulk(of.lost_mg)}</FigureCell>
        <FigureCell>{of.money.whole_minor === 0 ? "–" : money(of.money.lost_minor)}</FigureCell>
      </>
    );
  };

  return (
    <>
      <PlainTable label="Where the carcasses went, week by week" minWidth={WIDTH} heads={[{ title: "Week of" }, ...heads]}>
        {weeks.map((it) => (
          <tr key={it.from}>
            <td>{day(it.from)}</td>
            {row(it)}
          </tr>
        ))}
        <tr>
          <th scope="row">All together</th>
          {row(whole)}
        </tr>
      </PlainTable>
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
        Every gram at what a gram of its carcass cost.
        {whole.money.unpriced > 0 &&
          ` ${counted(whole.money.unpriced, "practical")} without a delivery written down: no money is said of it.`}
      </Typography>
    </>
  );
}
