import Button from "@mui/material/Button";
import type { CostLine } from "../../api/types";
import { day } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { FigureCell, PlainTable } from "../../parts/PlainTable";

interface CostLinesProps {
  label: string;
  lines: CostLine[];
  /** Cuts bear the net cost; by-products only take from it. */
  hasCost: boolean;
  money: (minor: number) => string;
  /** Null for who may not set prices. */
  onPrice: ((line: CostLine) => void) | null;
}

const WIDTH = 620;

/** Products of a class: what there is, what it is worth elsewhere and where that was found, and what it cost here. */
export function CostLines({ label, lines, hasCost, money, onPrice }: CostLinesProps) {
  const mass = useMassWords();
  const orDash = (minor: number | null): string => (minor === null ? "–" : money(minor));
  const costs = hasCost
    ? [
        { title: "Cost", isFigure: true },
        { title: "Cost a kg", isFigure: true },
      ]
    : [];

  return (
    <PlainTable
      label={label}
      minWidth={WIDTH}
      heads={[
        { title: "Product" },
        { title: "Mass", isFigure: true },
        { title: "Worth a kg", isFigure: true },
        { title: "Found" },
        ...costs,
      ]}
    >
      {lines.map((it) => (
        <tr key={it.product}>
          <td>{it.title}</td>
          <FigureCell>{mass.full(it.mass_mg)}</FigureCell>
          <FigureCell>
            {onPrice === null ? (
              orDash(it.per_kg_minor)
            ) : (
              <Button size="small" aria-label={`Price of ${it.title}: ${priceOf(it, money)}`} onClick={() => onPrice(it)}>
                {priceOf(it, money)}
              </Button>
            )}
          </FigureCell>
          <td>{it.source === null || it.found_on === null ? "" : `${it.source}, ${day(it.found_on)}`}</td>
          {hasCost && <FigureCell>{orDash(it.cost_minor)}</FigureCell>}
          {hasCost && <FigureCell>{orDash(it.cost_per_kg_minor)}</FigureCell>}
        </tr>
      ))}
    </PlainTable>
  );
}

const priceOf = (line: CostLine, money: (minor: number) => string): string =>
  line.per_kg_minor === null ? "Set a price" : money(line.per_kg_minor);
