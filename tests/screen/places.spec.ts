import { expect, test } from "vitest";
import type { Assessment, Tray, TrayLayout } from "../../ui/src/api/types";
import { allowanceWords } from "../../ui/src/areas/roster/allowances";
import { holdersOf } from "../../ui/src/parts/holders";
import { moveOn } from "../../ui/src/areas/tray/moveOn";
import { binPlaces, piecePlaces, weighed } from "../../ui/src/parts/places";
import { currencyName } from "../../ui/src/parts/format";
import { massWords } from "../../ui/src/parts/mass";

/** Where things lie, and in which order they are weighed: no page is needed for it. */

const layout = {
  columns: 4,
  places: [
    { place: "breast.left", column: 1, row: 1 },
    { place: "breast.right", column: 4, row: 1 },
    { place: "wing.right", column: 3, row: 3 },
    { place: "wing.left", column: 2, row: 3 },
    { place: "thigh", column: 4, row: 3 },
  ],
} as unknown as TrayLayout;
const bins = [{ id: "stock" }, { id: "fat" }];
const go = (key: string, from: string | null): string | null => moveOn(key, from, layout, bins);

test("arrows lead through the tray as it lies, then to the containers", () => {
  const along: string[] = ["breast.left"];
  for (let press = 0; press < 6; press++) along.push(go("ArrowRight", along.at(-1) ?? null) ?? "");
  expect(along).toEqual(["breast.left", "breast.right", "wing.left", "wing.right", "thigh", "stock", "fat"]);
  expect(go("ArrowRight", "fat")).toBe("fat");
  expect(along.toReversed().map((it) => go("ArrowLeft", it))).toEqual([
    "stock",
    "thigh",
    "wing.right",
    "wing.left",
    "breast.right",
    "breast.left",
    "breast.left",
  ]);
});

test("up and down lead to what lies nearest, and nowhere past the edge", () => {
  expect([go("ArrowDown", "breast.left"), go("ArrowDown", "breast.right")]).toEqual(["wing.left", "thigh"]);
  expect([go("ArrowDown", "wing.left"), go("ArrowDown", "thigh")]).toEqual(["stock", "fat"]);
  expect([go("ArrowUp", "stock"), go("ArrowUp", "thigh"), go("ArrowUp", "breast.left")]).toEqual([
    "wing.left",
    "breast.right",
    "breast.left",
  ]);
  expect([go("Enter", "stock"), go("ArrowUp", null), go("ArrowUp", "gone")]).toEqual([null, null, null]);
});

const practical = {
  scrape_title: "Frame scrape",
  standard: {
    pieces: [
      { id: "wing.left", title: "Left wing" },
      { id: "dice", portions: { count: 3, cv: 0.15 } },
      { id: "strips", portions: { count: 2 }, window: { basis: "mass" } },
    ],
    bins: [{ id: "stock", title: "Stock bones", usable: true }],
    frame: { clean_mg: 20_000, limit_mg: 50_000 },
  },
} as unknown as Assessment;
const tray = {
  result: {
    pieces: [
      { id: "wing.left", mass_mg: 86_000, low: 0.04, high: 0.06, verdict: "within" },
      { id: "strips", mass_mg: null, low: 100_000, high: 140_000, verdict: "pending" },
    ],
  },
  holds: { as_purchased_mg: 1_800_000, portions: { dice: [16_000, null] }, bins: { stock: 510_000 }, scrape_mg: null },
} as unknown as Tray;

test("each place shows its weight, in the window for this carcass", () => {
  const [wing, dice, strips] = piecePlaces(tray, practical);
  expect(wing).toEqual({ id: "wing.left", title: "Left wing", massMg: 86_000, window: { low: 72_000, high: 108_000 }, verdict: "within" });
  expect(dice?.portions).toEqual({ massesMg: [16_000, null, null], mustBeEven: true });
  expect([dice?.window, dice?.verdict]).toEqual([null, null]);
  expect(strips?.portions).toEqual({ massesMg: [null, null], mustBeEven: false });
  expect(strips?.window).toEqual({ low: 100_000, high: 140_000 });
  const unweighed = { ...tray, holds: { ...tray.holds, as_purchased_mg: null } };
  expect(piecePlaces(unweighed, practical)[0]?.window).toBeNull();
});

test("containers come after the cuts, and the scrape last, with its limits", () => {
  const places = binPlaces(tray, practical, massWords("metric"));
  expect(places.map((it) => [it.title, it.massMg, it.note])).toEqual([
    ["Stock bones", 510_000, undefined],
    ["Frame scrape", null, "to 20, limit 50 g"],
  ]);
  const whole = { ...practical, standard: { ...practical.standard, frame: null } } as Assessment;
  expect(binPlaces(tray, whole, massWords("metric"))).toHaveLength(1);
});

test("a mass in a place is a fact of its kind", () => {
  expect(weighed("wing.left", null, 1, practical)).toEqual({ kind: "piece", piece: "wing.left", mass_mg: 1 });
  expect(weighed("dice", 2, 1, practical)).toEqual({ kind: "portion", piece: "dice", portion: 2, mass_mg: 1 });
  expect(weighed("stock", null, 1, practical)).toEqual({ kind: "bin", bin: "stock", mass_mg: 1 });
  expect(weighed("scrape", null, 1, practical)).toEqual({ kind: "scrape", mass_mg: 1 });
});

test("a cut, what is used and what is thrown away are told apart on the map", () => {
  const pieces = [{ id: "wing", parts: ["wing.tip"] }];
  const kinds = holdersOf({
    pieces,
    bins: [
      { id: "stock", usable: true },
      { id: "waste", title: "Waste", usable: false, parts: ["kidney"] },
    ],
  } as never);
  expect(kinds.map((it) => [it.title, it.kind, it.parts])).toEqual([
    ["wing", "piece", ["wing.tip"]],
    ["stock", "usable", []],
    ["Waste", "waste", ["kidney"]],
  ]);
  expect(holdersOf({ pieces } as never)).toHaveLength(1);
});

test("allowances and currencies in words", () => {
  const allowance = { id: "1", from: "2026-03-02", reason: "x" };
  expect(allowanceWords({ ...allowance, kind: "more_time", time_factor: 1.25, until: "2026-03-06" })).toBe(
    "more time × 1.25, until 2026-03-06",
  );
  expect(allowanceWords({ ...allowance, kind: "large_print", time_factor: null, until: null })).toBe("large print");
  expect([currencyName("EUR"), currencyName("NZD")]).toEqual(["EUR, Euro", "NZD, New Zealand Dollar"]);
});
