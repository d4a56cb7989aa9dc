import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Cost, CostLine } from "../../api/types";
import { useUser } from "../../api/useSession";
import { counted } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { minorPerUnit, moneyWords } from "../../parts/money";
import { downloadSpreadsheet } from "../../parts/spreadsheet";
import { Section } from "../../parts/Section";
import { CostLines } from "./CostLines";
import { CostMap } from "./CostMap";
import { costSheets } from "./costSheet";
import { DeliverySlip } from "./DeliverySlip";
import { HeldCosts } from "./HeldCosts";
import { PriceSlip } from "./PriceSlip";
import { TestFigures } from "./TestFigures";

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
      {test !== null && <HeldCosts cost={cost} test={test} money={money} />}
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
            <CostLines label="Cuts and their prices" lines={cuts} hasCost money={money} onPrice={mayPrice ? setSlip : null} />
          </Section>
          <Section title="By-products">
            <CostLines
              label="By-products and their values"
              lines={byProducts}
              hasCost={false}
              money={money}
              onPrice={mayPrice ? setSlip : null}
            />
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
