import type { CostSum, Term } from "../../api/types";
import { minorPerUnit } from "../../parts/money";
import type { Row, SheetOfRows } from "../../parts/spreadsheet";

/** What a term cost as a workbook: practicals, standards, courses, students, weeks. Masses in kg, money in the school's currency. */
export function termSheets(term: Term): SheetOfRows[] {
  const { currency } = term;
  const money = (minor: number | null): number | null => (minor === null ? null : minor / minorPerUnit(currency));
  const kg = (mg: number): number => mg / 1e6;
  const figures = (sum: CostSum | null): Row =>
    sum === null
      ? []
      : [
          sum.trays,
          kg(sum.ap_mg),
          kg(sum.ep_mg),
          sum.yield,
          money(sum.ap_minor),
          money(sum.by_product_minor),
          money(sum.net_minor),
          money(sum.per_kg_minor),
          sum.cost_factor,
          sum.seconds / 3_600,
          money(sum.labour_minor),
          money(sum.parts_minor),
          money(sum.saving_minor),
        ];
  const head = [
    "Trays",
    "Carcasses, kg",
    "Cuts, kg",
    "Yield",
    `Carcasses, ${currency}`,
    `By-products, ${currency}`,
    `Cuts, ${currency}`,
    `Cuts a kg, ${currency}`,
    "Cost factor",
    "Hours worked",
    `Labour, ${currency}`,
    `The cuts bought, ${currency}`,
    `Saved, ${currency}`,
  ];
  const named = (title: string, of: string, rows: { title: string; sum: CostSum }[]): SheetOfRows => ({
    title,
    rows: [[of, ...head], ...rows.map((it) => [it.title, ...figures(it.sum)]), ["All together", ...figures(term.total)]],
  });
  const cuts = (of: string, rows: Term["students"]): Row[] =>
    rows.flatMap((row) => row.cuts.map((it) => [of, row.title, it.title, kg(it.mass_mg), money(it.cost_minor), money(it.per_kg_minor)]));

  return [
    {
      title: "Practicals",
      rows: [
        ["Practical", "Group", "Date", ...head],
        ...term.classes.map((it) => [it.title, it.group, it.held_on, ...figures(it.sum)]),
        ["All together", null, null, ...figures(term.total)],
      ],
    },
    named("Standards", "Standard", term.standards),
    named("Courses", "Course", term.courses),
    named("Students", "Student", term.students),
    {
      title: "Cuts",
      rows: [
        ["Of", "Name", "Cut", "kg", `Cost, ${currency}`, `A kg, ${currency}`],
        ...cuts("Standard", term.standards),
        ...cuts("Course", term.courses),
        ...cuts("Student", term.students),
      ],
    },
    {
      title: "Weeks",
      rows: [
        ["Week of", "Delivered, kg", "Eaten, kg", "Cooked, kg", "Lost, kg", "Still here, kg", `Costed, ${currency}`, `Lost, ${currency}`],
        ...term.weeks.map((it) => [
          it.from,
          kg(it.delivered_mg),
          kg(it.eaten_mg),
          kg(it.cooked_mg),
          kg(it.lost_mg),
          kg(it.here_mg),
          money(it.money.whole_minor),
          money(it.money.lost_minor),
        ]),
      ],
    },
  ];
}
