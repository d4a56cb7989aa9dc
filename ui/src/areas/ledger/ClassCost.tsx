import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Cost, CostLine } from "../../api/types";
import { useUser } from "../../api/useSession";
import { clock, counted, day, percent } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { minorPerUnit, moneyWords } from "../../parts/money";
import { downloadSpreadsheet } from "../../parts/spreadsheet";
import { Section } from "../../parts/Section";
import { CostMap } from "./CostMap";
import { costSheets } from "./costSheet";
import { DeliverySlip } from "./DeliverySlip";
import { PriceSlip } from "./PriceSlip";

/** What a class cost: the delivery, the butcher's test, and each product with its price. */
export function ClassCost({ cost }: { cost: Cost }) {
  const mass = useMassWords();
  const { may_set_terms: mayPrice } = useUser();
  const [slip, setSlip] = useState<"delivery" | "wage" | CostLine | null>(null);
  const money = (minor: number): string => moneyWords(minor, cost.currency);
  const { delivery, test } = cost;
  const hasMap = test !== null && test.saving_minor !== null;
  const cuts = cost.lines.filter((it) => it.stage === "cuts");
  const byProducts = cost.lines.filter((it) => it.stage === "by_products");

  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 2.5 }}>
      <Typography>
        {counted(cost.trays, "tray")} weighed to the end, {mass.bulk(cost.ap_mg)} of carcass.{" "}
        {delivery === null
          ? "How they were delivered is not written down: without it there is no cost."
          : `Delivered by ${delivery.supplier}, invoice ${delivery.invoice}: ${counted(delivery.pieces, "piece")}, ${mass.bulk(delivery.mass_mg)}, ${money(delivery.cost_minor)}.`}
      </Typography>
      {cost.planned_minor !== null && (
        <Typography>
          The brief reckoned with {money(cost.planned_minor)}, spares included
          {delivery === null ? "." : `: ${against(delivery.cost_minor - cost.planned_minor, money)}.`}
        </Typography>
      )}
      {mayPrice && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, "@media print": { display: "none" } }}>
          <Button variant={delivery === null ? "contained" : "outlined"} onClick={() => setSlip("delivery")}>
            {delivery === null ? "Write the delivery down" : "Change the delivery"}
          </Button>
          <Button onClick={() => setSlip("wage")}>
            {cost.wage_minor === null ? "Set the wage" : `Wage ${money(cost.wage_minor)} an hour`}
          </Button>
          <Button component="a" href={`/api/v1/assessments/${cost.assessment}/cost.csv`}>
            CSV
          </Button>
          <Button onClick={() => void downloadSpreadsheet(`cost-${cost.held_on}.xlsx`, costSheets(cost))}>XLSX</Button>
        </Box>
      )}
      {test !== null && <TestFigures cost={cost} test={test} money={money} />}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: hasMap ? "minmax(0, 2fr) minmax(0, 3fr)" : "minmax(0, 1fr)" },
          gap: 2.5,
          alignItems: "start",
        }}
      >
        {hasMap && (
          <Section title="What a kilogram cost">
            <CostMap cost={cost} money={money} />
          </Section>
        )}
        <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 2.5 }}>
          <Section title="Cuts">
            <Lines lines={cuts} hasCost money={money} onPrice={mayPrice ? setSlip : null} />
          </Section>
          <Section title="By-products">
            <Lines lines={byProducts} hasCost={false} money={money} onPrice={mayPrice ? setSlip : null} />
          </Section>
        </Box>
      </Box>
      {slip === "delivery" && <DeliverySlip cost={cost} onClose={() => setSlip(null)} />}
      {slip === "wage" && (
        <PriceSlip
          title="What an hour of a cook costs"
          perUnit={minorPerUnit(cost.currency)}
          currency={cost.currency}
          price={{ species: "", product: "wage", minor: cost.wage_minor, source: "", found_on: "" }}
          onClose={() => setSlip(null)}
        />
      )}
      {slip !== null && typeof slip === "object" && (
        <PriceSlip
          title={`What a kilogram is worth: ${slip.title}`}
          perUnit={minorPerUnit(cost.currency)}
          currency={cost.currency}
          price={{
            species: cost.species,
            product: slip.product,
            minor: slip.per_kg_minor,
            source: slip.source ?? "",
            found_on: slip.found_on ?? "",
          }}
          onClose={() => setSlip(null)}
        />
      )}
    </Box>
  );
}

const against = (minor: number, money: (minor: number) => string): string =>
  minor === 0 ? "as it came" : `the delivery cost ${money(Math.abs(minor))} ${minor > 0 ? "more" : "less"}`;

/** "5 h 50 min" */
function worked(seconds: number): string {
  const minutes = Math.round(seconds / 60);

  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}

function TestFigures({ cost, test, money }: { cost: Cost; test: NonNullable<Cost["test"]>; money: (minor: number) => string }) {
  const figures: [string, string, string][] = [
    ["Carcasses", money(test.ap_cost_minor), "as purchased"],
    ["By-products", `− ${money(test.by_product_value_minor)}`, "what they are worth"],
    ["Cuts cost", money(test.net_cost_minor), `yield ${percent(test.yield)}`],
    ...(test.ep_cost_per_kg_minor === null
      ? []
      : [
          ["A kilogram", money(test.ep_cost_per_kg_minor), `cost factor ${test.cost_factor?.toFixed(2) ?? "–"}`] as [
            string,
            string,
            string,
          ],
        ]),
    ...(test.saving_minor === null || test.saving_fraction === null
      ? []
      : [
          [
            test.saving_minor < 0 ? "Dearer by" : "Saved",
            money(Math.abs(test.saving_minor)),
            `${percent(Math.abs(test.saving_fraction))} against buying the cuts`,
          ] as [string, string, string],
        ]),
  ];

  return (
    <Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(170px, 1fr))", gap: 1 }}>
        {figures.map(([title, figure, note]) => (
          <Box key={title} sx={{ border: "2px solid", borderColor: "text.primary", bgcolor: "background.paper", p: 1.25 }}>
            <Typography variant="label">{title}</Typography>
            <Typography variant="figure" component="p" sx={{ fontSize: 26, lineHeight: 1.15 }}>
              {figure}
            </Typography>
            <Typography variant="body2" sx={{ color: "text.secondary" }}>
              {note}
            </Typography>
          </Box>
        ))}
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
          <li>
            The meat left on the frames would pay a cook {clock(test.scrape_break_even_s * 1_000)} min in all,{" "}
            {clock((test.scrape_break_even_s * 1_000) / Math.max(1, cost.trays))} min a carcass.
          </li>
        )}
        {test.saving_minor === null && <li>One cut has no price: what was saved against buying the cuts cannot be said.</li>}
      </Box>
    </Box>
  );
}

interface LinesProps {
  lines: CostLine[];
  /** Cuts bear the net cost; by-products only take from it. */
  hasCost: boolean;
  money: (minor: number) => string;
  /** Null for who may not set prices. */
  onPrice: ((line: CostLine) => void) | null;
}

function Lines({ lines, hasCost, money, onPrice }: LinesProps) {
  const mass = useMassWords();
  const head = { textAlign: "right !important" };

  return (
    <Box sx={{ overflowX: "auto" }} tabIndex={0} role="region" aria-label="Products and their prices">
      <Box
        component="table"
        sx={{
          borderCollapse: "collapse",
          width: "100%",
          minWidth: 620,
          "& th, & td": { textAlign: "left", py: 0.5, pr: 2, borderBottom: "1px solid", borderColor: "divider" },
        }}
      >
        <thead>
          <tr>
            <th>Product</th>
            <Box component="th" sx={head}>
              Mass
            </Box>
            <Box component="th" sx={head}>
              Worth a kg
            </Box>
            <th>Found</th>
            {hasCost && (
              <>
                <Box component="th" sx={head}>
                  Cost
                </Box>
                <Box component="th" sx={head}>
                  Cost a kg
                </Box>
              </>
            )}
          </tr>
        </thead>
        <tbody>
          {lines.map((it) => (
            <tr key={it.product}>
              <td>{it.title}</td>
              <Figure>{mass.full(it.mass_mg)}</Figure>
              <Figure>
                {onPrice === null ? (
                  it.per_kg_minor === null ? (
                    "–"
                  ) : (
                    money(it.per_kg_minor)
                  )
                ) : (
                  <Button
                    size="small"
                    aria-label={`Price of ${it.title}: ${it.per_kg_minor === null ? "none" : money(it.per_kg_minor)}`}
                    onClick={() => onPrice(it)}
                  >
                    {it.per_kg_minor === null ? "Set a price" : money(it.per_kg_minor)}
                  </Button>
                )}
              </Figure>
              <td>{it.source === null || it.found_on === null ? "" : `${it.source}, ${day(it.found_on)}`}</td>
              {hasCost && (
                <>
                  <Figure>{it.cost_minor === null ? "–" : money(it.cost_minor)}</Figure>
                  <Figure>{it.cost_per_kg_minor === null ? "–" : money(it.cost_per_kg_minor)}</Figure>
                </>
              )}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function Figure({ children }: { children: React.ReactNode }) {
  return (
    <Box component="td" sx={{ typography: "figure", textAlign: "right !important", whiteSpace: "nowrap" }}>
      {children}
    </Box>
  );
}
