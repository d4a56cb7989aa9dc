import type { Cost, CostLine } from "../../api/types";
import { minorPerUnit } from "../../parts/money";
import type { SheetOfRows } from "../../parts/spreadsheet";

/** What a class cost as a workbook: the test, the cuts, the by-products. Masses in kg, money in the school's currency. */
export function costSheets(cost: Cost): SheetOfRows[] {
  const { currency, delivery, test } = cost;
  const money = (minor: number | null | undefined): number | null => (minor == null ? null : minor / minorPerUnit(currency));
  const kg = (mg: number): number => mg / 1e6;
  const rows = (lines: CostLine[]) =>
    lines.map((it) => [
      it.title,
      kg(it.mass_mg),
      money(it.per_kg_minor),
      it.source,
      it.found_on,
      money(it.cost_minor),
      money(it.cost_per_kg_minor),
    ]);
  const head = ["Product", "kg", `Worth a kg, ${currency}`, "Source", "Found on", `Cost, ${currency}`, `Cost a kg, ${currency}`];

  return [
    {
      title: "Test",
      rows: [
        [cost.title, cost.held_on],
        ["Trays weighed to the end", cost.trays],
        ["Carcasses, kg", kg(cost.ap_mg)],
        ["Supplier", delivery?.supplier ?? null],
        ["Invoice", delivery?.invoice ?? null],
        [`Carcasses, ${currency}`, money(test?.ap_cost_minor)],
        [`Reckoned in the brief, ${currency}`, money(cost.planned_minor)],
        [`By-products, ${currency}`, money(test?.by_product_value_minor)],
        [`Net cost of the cuts, ${currency}`, money(test?.net_cost_minor)],
        ["Cuts, kg", test === null ? null : kg(test.ep_mg)],
        ["Yield", test?.yield ?? null],
        [`A kilogram of cuts, ${currency}`, money(test?.ep_cost_per_kg_minor)],
        ["Cost factor", test?.cost_factor ?? null],
        ["Hours worked", cost.seconds / 3_600],
        [`Labour, ${currency}`, money(test?.labour_minor)],
        [`The cuts bought, ${currency}`, money(test?.parts_value_minor)],
        [`Saved, ${currency}`, money(test?.saving_minor)],
      ],
    },
    { title: "Cuts", rows: [head, ...rows(cost.lines.filter((it) => it.stage === "cuts"))] },
    {
      title: "By-products",
      rows: [head.slice(0, 5), ...rows(cost.lines.filter((it) => it.stage === "by_products")).map((it) => it.slice(0, 5))],
    },
  ];
}
