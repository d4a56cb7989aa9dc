import { expect, test } from "vitest";
import type { SchoolReport, StandardFinding } from "../../ui/src/api/types";
import { differenceInWords, valueTitle } from "../../ui/src/areas/look-back/factors";
import { findingInWords, placeInEditor } from "../../ui/src/areas/look-back/findings";
import { median } from "../../ui/src/areas/look-back/median";
import { reportSheets } from "../../ui/src/areas/look-back/reportSheets";
import { signed } from "../../ui/src/parts/signed";

/** What the look back says of figures that the core worked out. */

test("a figure has its sign, and what rounds to nothing has none", () => {
  expect([1.25, -0.4, 0, 0.04, -0.04, -12].map((it) => signed(it))).toEqual(["+1.3", "−0.4", "0.0", "0.0", "0.0", "−12.0"]);
  expect([0.004, -0.006].map((it) => signed(it, 2))).toEqual(["0.00", "−0.01"]);
});

test("how some trays lie beside the others is said with what it may as well be, or that they are too few", () => {
  expect(differenceInWords({ value: "2", trays: 2, points: null } as never)).toBe("too few");
  expect(differenceInWords({ value: "2", trays: 9, points: { value: -2.34, low: -4.96, high: 0.02 } } as never)).toBe("−2.3 (−5.0 to 0.0)");
  expect([valueTitle("extra_time", "extra"), valueTitle("extra_time", "usual")]).toEqual(["With extra time", "Usual time"]);
  expect([valueTitle("station", "4"), valueTitle("wave", "2"), valueTitle("tag", "Box 2")]).toEqual(["Station 4", "Wave 2", "Box 2"]);
});

test("the middle of values is the middle one, or the mean of the middle two", () => {
  expect([median([3]), median([1, 9]), median([1, 2, 30]), median([1, 2, 4, 100]), median([])]).toEqual([3, 5, 2, 3, 0]);
});

const finding = (over: Partial<StandardFinding>): StandardFinding => ({
  kind: "criterion_easy",
  place: "joints",
  title: "Joints",
  other: null,
  step: null,
  step_number: null,
  figure: 0.97,
  trays: 24,
  ...over,
});

test("every finding about a standard says of how many trays it is, and opens the editor where it is mended", () => {
  const kinds: Record<StandardFinding["kind"], { figure: number; says: string; tab: string }> = {
    criterion_easy: { figure: 0.97, says: "Joints: 97 % of its points are given (24 trays).", tab: "criteria" },
    criterion_hard: { figure: 0.21, says: "Joints: only 21 % of its points are given (24 trays).", tab: "criteria" },
    criterion_apart: { figure: -0.08, says: "Joints goes with the other criteria by −0.08 only (24 trays)", tab: "criteria" },
    level_never_given: { figure: 0, says: "Joints: step 2, “Clean, one cut”, was never given (24 trays).", tab: "criteria" },
    criteria_alike: { figure: 0.94, says: "Joints and Skin go up and down together (0.94, 24 trays)", tab: "criteria" },
    window_hardly_met: { figure: 0.19, says: "Joints: 19 % of 24 trays met the window.", tab: "cuts" },
    window_always_met: { figure: 0.99, says: "Joints: 99 % of 24 trays met the window.", tab: "cuts" },
    time_not_needed: { figure: 1, says: "100 % of 24 trays were done within the standard time", tab: "rules" },
    time_hardly_met: { figure: 0.04, says: "4 % of 24 trays were done within the standard time", tab: "rules" },
  };
  for (const [kind, { figure, says, tab }] of Object.entries(kinds)) {
    const found = finding({ kind: kind as StandardFinding["kind"], figure, other: "Skin", step: "Clean, one cut", step_number: 2 });
    expect(findingInWords(found)).toContain(says);
    expect(placeInEditor("id", found)).toBe(`/standards/id/edit?tab=${tab}&at=joints`);
  }
  expect(findingInWords(finding({ trays: 1 }))).toContain("(1 tray)");
  expect(placeInEditor("id", finding({ place: "wing.left & co" }))).toBe("/standards/id/edit?tab=criteria&at=wing.left%20%26%20co");
  expect(placeInEditor("id", finding({ kind: "time_not_needed", place: null }))).toBe("/standards/id/edit?tab=rules");
});

const report: SchoolReport = {
  school: "Tollgate Quay",
  from: "2026-09-01",
  to: "2026-12-18",
  currency: "EUR",
  students: 24,
  standards: [
    { title: "Eight pieces", classes: 2, trays: 24, passed: 22, total: 78.5, yield: 0.71, delivered_mg: 36_000_000, waste_mg: 1_250_000 },
    { title: "Rack", classes: 1, trays: 0, passed: 0, total: null, yield: null, delivered_mg: 0, waste_mg: 0 },
  ],
  bands: [
    { name: "Distinction", count: 5 },
    { name: "Pass", count: 17 },
  ],
  cost: {
    trays: 24,
    ap_mg: 36_000_000,
    ep_mg: 25_560_000,
    yield: 0.71,
    seconds: 50_400,
    ap_minor: 14_250,
    by_product_minor: 1_100,
    net_minor: 13_150,
    per_kg_minor: 514,
    cost_factor: 1.3,
    per_tray_minor: 594,
    labour_minor: null,
    parts_minor: null,
    saving_minor: null,
  },
  unpriced: 1,
  twice: 4,
  alike: 0.9,
  icc: null,
  incidents: [
    { name: "near_miss", count: 2 },
    { name: "flood", count: 1 },
  ],
  warm: 1,
  out_long: 0,
  refused: 1,
  withdrawn: 6,
  reissued: 1,
  appealed: 2,
  upheld: 1,
};

test("a report is a workbook of figures: kilograms, the school's currency, and empty cells where there is no figure", () => {
  const [results, bands, more] = reportSheets(report);
  expect(results?.rows[0]).toHaveLength(8);
  expect(results?.rows.slice(1)).toEqual([
    ["Eight pieces", 2, 24, 22, 78.5, 0.71, 36, 1.25],
    ["Rack", 1, 0, 0, null, null, 0, 0],
  ]);
  expect(bands?.rows).toEqual([
    ["Band", "Trays"],
    ["Distinction", 5],
    ["Pass", 17],
  ]);
  const figure = (what: string) => more?.rows.find(([it]) => it === what)?.[1];
  expect([figure("Carcasses, EUR"), figure("Cuts, EUR"), figure("The carcass of one tray, EUR")]).toEqual([142.5, 131.5, 5.94]);
  expect([figure("ICC(2,1) of totals"), figure("Share of steps alike"), figure("Appeals upheld")]).toEqual([null, 0.9, 1]);
  // A kind of incident that has no words yet keeps its name.
  expect([figure("Near misses"), figure("flood")]).toEqual([2, 1]);
});

test("money of a currency without smaller coins is not divided", () => {
  const more = reportSheets({ ...report, currency: "JPY", cost: { ...report.cost, per_tray_minor: null } }).at(-1);
  expect(more?.rows.find(([it]) => it === "Carcasses, JPY")?.[1]).toBe(14_250);
  expect(more?.rows.find(([it]) => it === "The carcass of one tray, JPY")?.[1]).toBeNull();
});
