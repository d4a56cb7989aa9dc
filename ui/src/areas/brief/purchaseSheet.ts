import type { Brief, BriefDocument } from "../../api/types";
import { minorPerUnit } from "../../parts/money";

const columns = [
  "Product",
  "Specification",
  "Students",
  "Needed with spares",
  "On hand",
  "Per case",
  "Cases",
  "Ordered",
  "kg",
  "Cost",
  "Cost per student",
  "Into the refrigerator by",
];

/** What to buy as rows of a spreadsheet, figures as figures; money in the school's currency. */
export function purchaseRows(brief: Brief, document: BriefDocument, timeOf: (at: string) => string): (string | number | null)[][] {
  const money = (minor: number | null): number | null => (minor === null ? null : minor / minorPerUnit(brief.currency));
  const rows = brief.lists.flatMap(({ title, order, students }, index) => {
    const asked = document.lists[index]?.order;
    if (title === null || order == null || asked === undefined) return [];

    return [
      [
        title,
        asked.specification,
        students.length,
        order.needed,
        asked.on_hand,
        asked.per_case,
        order.cases,
        order.ordered,
        order.mass_mg / 1e6,
        money(order.cost_minor),
        money(order.cost_per_student_minor),
        order.thaw_from === null ? null : timeOf(order.thaw_from),
      ],
    ];
  });

  return [columns.map((it) => (it.startsWith("Cost") ? `${it}, ${brief.currency}` : it)), ...rows];
}
