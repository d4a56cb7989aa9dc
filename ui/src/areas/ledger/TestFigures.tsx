import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Cost } from "../../api/types";
import { clock, percent } from "../../parts/format";
import { FigureBox } from "../../parts/FigureBox";

interface TestFiguresProps {
  cost: Cost;
  test: NonNullable<Cost["test"]>;
  money: (minor: number) => string;
}

/** What the butcher's test comes to, and whether it paid to cut it here. */
export function TestFigures({ cost, test, money }: TestFiguresProps) {
  const { ep_cost_per_kg_minor: perKg, cost_factor: factor, saving_minor: saving, saving_fraction: share } = test;

  return (
    <Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(170px, 1fr))", gap: 1 }}>
        <FigureBox title="Carcasses" figure={money(test.ap_cost_minor)} note="as purchased" />
        <FigureBox title="By-products" figure={`− ${money(test.by_product_value_minor)}`} note="what they are worth" />
        <FigureBox title="Cuts cost" figure={money(test.net_cost_minor)} note={`yield ${percent(test.yield)}`} />
        {perKg !== null && (
          <FigureBox title="A kilogram" figure={money(perKg)} note={factor === null ? "of cuts" : `cost factor ${factor.toFixed(2)}`} />
        )}
        {saving !== null && share !== null && (
          <FigureBox
            title={saving < 0 ? "Dearer by" : "Saved"}
            figure={money(Math.abs(saving))}
            note={`${percent(Math.abs(share))} against buying the cuts`}
          />
        )}
      </Box>
      <Box component="ul" sx={{ mt: 1.5, mb: 0, pl: 2.5 }}>
        {test.labour_minor !== null && (
          <li>
            {worked(cost.seconds)} were worked: {money(test.labour_minor)}
            {test.ep_cost_with_labour_per_kg_minor !== null &&
              `, with which a kilogram costs ${money(test.ep_cost_with_labour_per_kg_minor)}`}
            .
          </li>
        )}
        {test.break_even_wage_per_hour_minor !== null && (
          <li>At a wage of {money(Math.max(0, test.break_even_wage_per_hour_minor))} an hour the work costs as much as it saves.</li>
        )}
        {test.scrape_break_even_s !== null && (
          <li>The meat left on the frames would pay a cook {clock(test.scrape_break_even_s * 1_000)} min in all.</li>
        )}
      </Box>
      {saving === null && <Typography>One cut has no price: what was saved against buying the cuts cannot be said.</Typography>}
    </Box>
  );
}

/** "5 h 50 min" */
function worked(seconds: number): string {
  const minutes = Math.round(seconds / 60);

  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}
