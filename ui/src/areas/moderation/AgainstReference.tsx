import type { Standardising } from "../../api/types";
import { percent } from "../../parts/format";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { signed } from "../../parts/signed";

/** Everybody's levels against those the lead fixed; kept with the set. */
export function AgainstReference({ against }: { against: Standardising["against"] }) {
  if (against.length === 0) return null;

  return (
    <PlainTable
      label="Against the reference"
      heads={[
        { title: "Against the reference" },
        { title: "Levels", isFigure: true },
        { title: "Alike", isFigure: true },
        { title: "Steps apart", isFigure: true },
        { title: "Kappa", isFigure: true },
      ]}
    >
      {against.map((it) => (
        <tr key={it.name}>
          <td>{it.name}</td>
          <FigureCell>{it.levels}</FigureCell>
          <FigureCell>{it.exact === null ? "–" : percent(it.exact, 0)}</FigureCell>
          <FigureCell>{it.mean_difference === null ? "–" : signed(it.mean_difference, 2)}</FigureCell>
          <FigureCell>{it.kappa === null ? "–" : it.kappa.toFixed(2)}</FigureCell>
        </tr>
      ))}
    </PlainTable>
  );
}
