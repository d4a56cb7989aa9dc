import { expect, test } from "vitest";
import "./support/browser";
import type { Brief, Policy } from "../../ui/src/api/types";
import { startsWithGap, timeAt } from "../../ui/src/areas/brief/hour";
import { emptyList, newBrief, usualOrder } from "../../ui/src/areas/brief/newBrief";
import { purchaseRows } from "../../ui/src/areas/brief/purchaseSheet";
import { readStations, stationsInWords } from "../../ui/src/parts/stations";
import { isJudged, judgedComponent, settingOf, settingsOf, wholeWeight, withSetting } from "../../ui/src/areas/standards/policy/policy";
import { massWords } from "../../ui/src/parts/mass";
import { minorPerUnit, moneyWords } from "../../ui/src/parts/money";

/** What the brief and the policy page work out by themselves, without a page. */

test("station numbers are read as one writes them, and written as stretches", () => {
  const read: [string, number[] | null][] = [
    ["1-6", [1, 2, 3, 4, 5, 6]],
    ["1–3, 9", [1, 2, 3, 9]],
    ["9 1 2", [1, 2, 9]],
    ["4;4;4", [4]],
    ["", []],
    ["0", []],
    ["6-4", []],
    ["one", null],
    ["1-", null],
    ["1-2-3", null],
    ["1000", null],
  ];
  for (const [text, stations] of read) expect([text, readStations(text)]).toEqual([text, stations]);
  expect(stationsInWords([])).toBe("");
  expect(stationsInWords([7])).toBe("7");
  expect(stationsInWords([1, 2, 3, 5, 7, 8])).toBe("1–3, 5, 7–8");
});

test("what is written as stretches is read again as it was", () => {
  for (let bits = 0; bits < 512; bits++) {
    const stations = Array.from({ length: 9 }, (_, index) => index + 1).filter((it) => (bits >> (it - 1)) & 1);
    expect(readStations(stationsInWords(stations))).toEqual(stations);
  }
});

test("with another gap waves start so far apart, but none before its stations are ready", () => {
  // As far apart as the gap asks: all of them move.
  expect(startsWithGap([600, 1080, 1560], 480, 900)).toEqual([600, 1500, 2400]);
  expect(startsWithGap([600, 1080, 1560], 480, 0)).toEqual([600, 600, 600]);
  // The third waits for its stations, and follows the second.
  expect(startsWithGap([600, 1080, 4080], 480, 600)).toEqual([600, 1200, 4200]);
  expect(startsWithGap([600, 3480], 480, 900)).toEqual([600, 3480]);
  expect(startsWithGap([600, 3480], 480, 3600)).toEqual([600, 4200]);
  expect(startsWithGap([600], 480, 900)).toEqual([600]);
  expect(startsWithGap([], 480, 900)).toEqual([]);
});

test("a time in the hour is said by the clock, past midnight too", () => {
  expect(timeAt("09:00", 0)).toBe("09:00");
  expect(timeAt("09:00", 930)).toBe("09:16");
  expect(timeAt("09:00", 929)).toBe("09:15");
  expect(timeAt("23:50", 1200)).toBe("00:10");
  expect(timeAt(null, 3600)).toBe("01:00");
});

test("money is said with the decimals its currency has", () => {
  // ISO 4217: the euro has 2, the yen none, the Bahraini dinar 3.
  expect([minorPerUnit("EUR"), minorPerUnit("JPY"), minorPerUnit("BHD")]).toEqual([100, 1, 1000]);
  const said = ["EUR", "JPY", "BHD"].map((it) => moneyWords(16_484, it).replace(/\s/g, " "));
  expect(said).toEqual(["EUR 164.84", "JPY 16,484", "BHD 16.484"]);
});

test("what is bought is said in the larger unit", () => {
  // 1 lb is 453.592 37 g (international pound, 1959).
  expect([massWords("metric").bulk(33_300_000), massWords("us").bulk(33_300_000)]).toEqual(["33.3 kg", "73.4 lb"]);
  expect([massWords("metric").bulk(1_000_000), massWords("us").bulk(45_359_237)]).toEqual(["1 kg", "100 lb"]);
});

const policy: Policy = {
  components: [
    { id: "portion", title: "Portion weights", weight: 30, fade: 1 },
    { id: "yield", title: "Portion yield", weight: 10, floor: 0.55, target: 0.65 },
    { id: "technique", title: "Technique", weight: 20 },
  ],
  decision: { rule: "benefit", confidence: 0.95 },
  scale: { division_mg: 1000, in_service: true, handling: 0.002 },
  balance: { absolute_mg: 15_000, relative: 0.015 },
  caps: [],
  bands: [{ label: "Pass", min: 0 }],
  places: 1,
};

test("a component shows its own figures, and only the one that is changed changes", () => {
  const [portion, target, technique] = policy.components;
  if (portion === undefined || target === undefined || technique === undefined) throw new Error("there are three");
  expect(wholeWeight(policy)).toBe(60);
  expect([settingsOf(portion).length, settingsOf(target).length, settingsOf(technique).length]).toEqual([1, 2, 0]);
  expect([isJudged(portion), isJudged(technique)]).toEqual([false, true]);
  expect(settingOf(target, "floor")).toBe(0.55);
  expect(withSetting(target, "floor", 0.5)).toEqual({ ...target, floor: 0.5 });
  expect(target).toEqual({ id: "yield", title: "Portion yield", weight: 10, floor: 0.55, target: 0.65 });
});

test("one more component is named by its title, and never takes a name that means something else", () => {
  expect(judgedComponent("Knife work, left hand", policy)).toEqual({
    id: "knife-work-left-hand",
    title: "Knife work, left hand",
    weight: 5,
  });
  expect(judgedComponent("Präzision", policy)?.id).toBe("präzision");
  for (const taken of ["Technique", "time", "Pairs", "frame", "  ", "—"]) expect(judgedComponent(taken, policy)).toBeNull();
});

const ordered = {
  title: "Chicken, eight pieces",
  students: ["s1", "s2", "s3"],
  order: {
    needed: 14,
    cases: 2,
    ordered: 12,
    mass_mg: 21_600_000,
    cost_minor: 8_640,
    cost_per_student_minor: 2_880,
    thaw_from: "2026-03-01T08:00:00.000Z",
  },
};

const purchase = (currency: string, lists: unknown[]): (string | number | null)[][] =>
  purchaseRows(
    { currency, lists } as unknown as Brief,
    { ...newBrief, lists: lists.map(() => ({ ...emptyList, order: { ...usualOrder, specification: "1.8 kg, whole", on_hand: 2 } })) },
    (at) => `at ${at.slice(11, 16)}`,
  );

test("what to buy is a row a product, with figures that a spreadsheet can add up and money in the school's currency", () => {
  const [head, row, ...more] = purchase("EUR", [ordered]);
  expect(more).toEqual([]);
  expect(head?.filter((it) => String(it).startsWith("Cost"))).toEqual(["Cost, EUR", "Cost per student, EUR"]);
  expect(row).toEqual(["Chicken, eight pieces", "1.8 kg, whole", 3, 14, 2, 6, 2, 12, 21.6, 86.4, 28.8, "at 08:00"]);
  expect(row).toHaveLength(head?.length ?? 0);
  // ISO 4217: the yen has no smaller unit, the Bahraini dinar a thousandth.
  expect(purchase("JPY", [ordered])[1]?.[9]).toBe(8_640);
  expect(purchase("BHD", [ordered])[1]?.[9]).toBe(8.64);
});

test("what has no price or nothing to thaw leaves its cell empty, and a list without a standard is no row", () => {
  const free = { ...ordered, order: { ...ordered.order, cost_minor: null, cost_per_student_minor: null, thaw_from: null } };
  const rows = purchase("EUR", [{ ...ordered, title: null }, free, { ...ordered, order: null }]);
  expect(rows).toHaveLength(2);
  expect(rows[1]?.slice(9)).toEqual([null, null, null]);
});

test("a brief begins with a room that can be planned, and no two begin with the same list", () => {
  expect(newBrief.lists).toHaveLength(1);
  expect(newBrief.waves * newBrief.benches).toBeGreaterThanOrEqual(24);
  expect(usualOrder).toMatchObject({ spare_fraction: 0.1, spare_at_least: 1, per_case: 6 });
});
