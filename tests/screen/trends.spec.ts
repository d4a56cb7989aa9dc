import { expect, test } from "vitest";
import type { TrendChart, TrendClass } from "../../ui/src/api/types";
import { inWords } from "../../ui/src/areas/look-back/inWords";
import { scaleOf } from "../../ui/src/areas/look-back/scaleOf";
import { massWords } from "../../ui/src/parts/mass";

const mass = massWords("metric");

const classes = (totals: (number | null)[]): TrendClass[] =>
  totals.map((total, at) => ({
    assessment: `class ${at}`,
    title: "Eight pieces",
    group: "Curlew",
    held_on: `2026-01-${String(at + 1).padStart(2, "0")}`,
    version: 1,
    trays: 8,
    means: { total },
  }));

const chart = (over: Partial<TrendChart>): TrendChart => ({
  measure: "total",
  classes: 10,
  mean: 70,
  lower: 60,
  upper: 80,
  signals: [],
  ...over,
});

test("a chart says where its classes lie, and that nothing stands out", () => {
  expect(inWords(chart({}), classes([70, 71]), [], mass)).toBe(
    "70.0 on average over 10 classes; classes like each other lie between 60.0 and 80.0. Nothing stands out.",
  );
  expect(inWords(chart({ classes: 3 }), classes([70, 71, 69]), [], mass)).toContain("That is few: the limits move");
});

test("a class beyond the limits is named with its day and its side", () => {
  const said = inWords(chart({ signals: [{ at: 1, rule: "beyond" }] }), classes([70, 48.2, 71]), [], mass);
  expect(said).toContain("Friday 2 January 2026: 48.2, below what the others would let expect.");
  expect(said).not.toContain("Nothing stands out");
});

test("a row on one side is said with what was written down just before it began", () => {
  const signals = [{ at: 9, rule: "run" as const }];
  const totals = classes([75, 74, 65, 66, 65, 64, 66, 65, 66, 65]);
  const note = (on: string) => ({ id: on, on, text: "Birds from another supplier", by: "Marit Oyelaran" });
  expect(inWords(chart({ signals }), totals, [note("2026-01-03")], mass)).toContain(
    "Up to Saturday 10 January 2026 eight or more in a row lie below the mean: something changed, after “Birds from another supplier”.",
  );
  // What was written down on another day has nothing to do with it.
  for (const on of ["2026-01-02", "2026-01-04"])
    expect(inWords(chart({ signals }), totals, [note(on)], mass)).toContain("something changed.");
});

test("the foot and the head of a picture are its least and its most; where all are alike they lie between", () => {
  const y = scaleOf([10, 20], 200, 0);
  expect([y(10), y(15), y(20)]).toEqual([200, 100, 0]);
  expect(scaleOf([7, 7], 200, 0)(7)).toBe(100);
  expect(scaleOf([0, 0], 200, 0)(0)).toBe(100);
});
