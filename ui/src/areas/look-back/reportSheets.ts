import type { SchoolReport } from "../../api/types";
import { minorPerUnit } from "../../parts/money";
import type { SheetOfRows } from "../../parts/spreadsheet";

const MG_PER_KG = 1e6;

export const incidentTitles: Partial<Record<string, string>> = {
  cut: "Cuts",
  slip: "Slips",
  near_miss: "Near misses",
  burn: "Burns",
  other: "Other incidents",
};

/** A report as a workbook: results by standard, bands, and the rest as lines. Masses in kg, money in the school's currency. */
export function reportSheets(report: SchoolReport): SheetOfRows[] {
  const { currency, cost } = report;
  const money = (minor: number | null): number | null => (minor === null ? null : minor / minorPerUnit(currency));

  return [
    {
      title: "Results",
      rows: [
        ["Standard", "Practicals", "Trays", "Passed", "Mean total", "Yield", "Delivered, kg", "Waste, kg"],
        ...report.standards.map((it) => [
          it.title,
          it.classes,
          it.trays,
          it.passed,
          it.total,
          it.yield,
          it.delivered_mg / MG_PER_KG,
          it.waste_mg / MG_PER_KG,
        ]),
      ],
    },
    { title: "Bands", rows: [["Band", "Trays"], ...report.bands.map((it) => [it.name, it.count])] },
    {
      title: "More",
      rows: [
        ["What", "Figure"],
        ["From", report.from],
        ["To", report.to],
        ["Students", report.students],
        [`Carcasses, ${currency}`, money(cost.ap_minor)],
        [`Cuts, ${currency}`, money(cost.net_minor)],
        [`The carcass of one tray, ${currency}`, money(cost.per_tray_minor)],
        ["Practicals without a delivery", report.unpriced],
        ["Trays marked twice", report.twice],
        ["Share of steps alike", report.alike],
        ["ICC(2,1) of totals", report.icc],
        ["Facts taken back", report.withdrawn],
        ["Results issued again", report.reissued],
        ["Appeals", report.appealed],
        ["Appeals upheld", report.upheld],
        ...report.incidents.map((it) => [incidentTitles[it.name] ?? it.name, it.count]),
        ["Carcasses above 5 °C", report.warm],
        ["Trays out of the cold too long", report.out_long],
        ["Carcasses sent back", report.refused],
      ],
    },
  ];
}
