import { Link } from "react-router";
import type { Cost } from "../../api/types";
import { dayInFull, percent } from "../../parts/format";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

interface HeldCostsProps {
  cost: Cost;
  test: NonNullable<Cost["test"]>;
  money: (minor: number) => string;
}

const WIDTH = 560;

/** A class held against what its standard expects of the same carcasses at the same prices, and against its own last time. */
export function HeldCosts({ cost, test, money }: HeldCostsProps) {
  const { expected, last } = cost;
  const rows = [
    { key: "this", title: "This class", test },
    ...(expected === null ? [] : [{ key: "expected", title: "The standard expects", test: expected }]),
    ...(last === null
      ? []
      : [
          {
            key: "last",
            title: (
              <Link to={`/ledger/money?practical=${last.assessment}`}>
                Last time: {last.title}, {dayInFull(last.held_on)}, {last.group}
              </Link>
            ),
            test: last.test,
          },
        ]),
  ];

  return (
    <PlainTable
      label="The class against its standard and its last time"
      minWidth={WIDTH}
      heads={[
        { title: "" },
        { title: "Yield", isFigure: true },
        { title: "By-products", isFigure: true },
        { title: "A kg of cuts", isFigure: true },
        { title: "Cost factor", isFigure: true },
        { title: "Saved", isFigure: true },
      ]}
    >
      {rows.map((it) => (
        <tr key={it.key}>
          <td>{it.title}</td>
          <FigureCell>{percent(it.test.yield)}</FigureCell>
          <FigureCell>{money(it.test.by_product_value_minor)}</FigureCell>
          <FigureCell>{it.test.ep_cost_per_kg_minor === null ? "–" : money(it.test.ep_cost_per_kg_minor)}</FigureCell>
          <FigureCell>{it.test.cost_factor === null ? "–" : it.test.cost_factor.toFixed(2)}</FigureCell>
          <FigureCell>{it.test.saving_fraction === null ? "–" : percent(it.test.saving_fraction)}</FigureCell>
        </tr>
      ))}
    </PlainTable>
  );
}
