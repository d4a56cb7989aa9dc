import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { lot as anyLot } from "./support/lots";
import type { Cost, CostSum, Lot, LotProposal, Need, Needs, Pots, PutAway, SentLotFact, Term, Week } from "../../ui/src/api/types";
import { needsWith, onHandWith, potsWith, putAwayWith } from "../../ui/src/offline/withLots";
import type { WaitingLots } from "../../ui/src/offline/store";
import { lotsAfter, type LotState } from "../../ui/src/offline/lotsAfter";
import { putAwayFacts, shared, usualChoice } from "../../ui/src/areas/ledger/putAway";
import { flowLayout, HEIGHT, WIDTH } from "../../ui/src/areas/ledger/flowLayout";
import { costSheets } from "../../ui/src/areas/ledger/costSheet";
import { termSheets } from "../../ui/src/areas/ledger/termSheets";
import { coolingLeft } from "../../ui/src/areas/ledger/coolingLeft";
import { mondayOf } from "../../ui/src/parts/weeks";

/** What the ledger works out on the device: lots after facts that wait, held to the core; how pieces are shared out; where bands are drawn. */

interface Vector {
  facts: SentLotFact[];
  lots: LotState[];
}

const made = (fact: SentLotFact & { kind: "put_away" }): LotState => ({
  id: fact.id,
  parent: null,
  container: fact.container ?? null,
  mass_mg: fact.mass_mg,
  on_hand_mg: fact.mass_mg,
  divided_mg: 0,
  moved: {},
  frozen_since: null,
  pan_off_mg: null,
  counted: [],
});
const byId = (lots: LotState[]): LotState[] => [...lots].sort((one, other) => one.id.localeCompare(other.id));

test("lots after facts are what the core says they are", () => {
  const vectors = JSON.parse(readFileSync("tests/vectors/lots.json", "utf8")) as Vector[];
  expect(vectors.length).toBeGreaterThan(50);
  for (const { facts, lots } of vectors) expect(byId(lotsAfter([], facts, made))).toEqual(byId(lots));
  // Facts that the server has counted by now and that still wait here change nothing, unless they are taken back.
  for (const { facts, lots } of vectors.filter((it) => it.facts.every(({ kind }) => kind !== "void")))
    expect(byId(lotsAfter(lots, facts, made))).toEqual(byId(lots));
});

test("pieces are shared out whole and evenly, in their order", () => {
  for (let count = 1; count <= 24; count++)
    for (let pans = 1; pans <= 6; pans++) {
      const pieces = Array.from({ length: count }, (_, index) => index);
      const parts = shared(pieces, pans);
      expect(parts.flat()).toEqual(pieces);
      expect(parts.length).toBe(Math.min(pans, count));
      const sizes = parts.map((it) => it.length);
      expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
    }
});

const thighs = (mg: number[]): LotProposal => ({
  product: "thigh",
  title: "Thigh",
  kind: "piece",
  is_off: false,
  mass_mg: mg.reduce((sum, it) => sum + it, 0),
  weights: mg.map((mass_mg, index) => ({ capture: `c${index}`, mass_mg })),
  destination: null,
  destinations: ["service", "waste"],
});

test("two pans are two lots whose masses are those of their pieces, and each goes where the row says", () => {
  const facts = putAwayFacts({ assessment: "a", held_on: "2026-03-02", date: "2026-03-03" }, thighs([150, 160, 170]), {
    place: "freezer",
    pans: 2,
    text: "",
  });
  const lots = facts.filter((it) => it.kind === "put_away");
  expect(lots.map((it) => [it.weights, it.mass_mg, it.container, it.made])).toEqual([
    [["c0"], 150, "Pan 1 of 2", "2026-03-02"],
    [["c1", "c2"], 330, "Pan 2 of 2", "2026-03-02"],
  ]);
  expect(facts.filter((it) => it.kind === "freeze").map((it) => [it.lot, it.on])).toEqual(lots.map((it) => [it.id, "2026-03-03"]));
});

test("what is thrown away has its reason from the start", () => {
  const waste = { ...thighs([20]), product: "waste", destination: "waste" as const };
  const facts = putAwayFacts({ assessment: "a", held_on: "2026-03-02", date: "2026-03-02" }, waste, usualChoice(waste));
  expect(facts.at(-1)).toMatchObject({ kind: "move", to: "waste", mass_mg: 20, text: "Cannot be used" });
  expect(usualChoice({ ...thighs([20]), is_off: true }).place).toBe("staff");
});

test("bands are drawn to scale: as wide as they weigh, and those of a place fill it", () => {
  const week: Pick<Week, "places" | "bands"> = {
    places: [
      { id: "Chicken", title: "Chicken", mass_mg: 1_000 },
      { id: "cuts", title: "Cuts", mass_mg: 700 },
      { id: "loss", title: "Loss", mass_mg: 300 },
      { id: "service", title: "Service", mass_mg: 700 },
    ],
    bands: [
      { from: "Chicken", to: "cuts", mass_mg: 700 },
      { from: "Chicken", to: "loss", mass_mg: 300 },
      { from: "cuts", to: "service", mass_mg: 700 },
    ],
  };
  const { places, bands } = flowLayout(week);
  const scale = (places.find((it) => it.id === "Chicken")?.height ?? 0) / 1_000;
  for (const band of bands) expect(band.width).toBeCloseTo(band.mass_mg * scale, 6);
  for (const place of places) {
    expect(place.height).toBeCloseTo(place.mass_mg * scale, 6);
    expect(place.x >= 0 && place.x + place.width <= WIDTH && place.y >= 0 && place.y + place.height <= HEIGHT + 1e-6).toBe(true);
  }
});

test("a container that cools says what is next and how long there is for it", () => {
  const hour = 3_600_000;
  const cooling = {
    readings: [],
    from_57_ms: 0,
    to_21_ms: null,
    to_5_ms: null,
    verdict: "open" as const,
    first_by_ms: 2 * hour,
    cold_by_ms: 6 * hour,
  };
  expect(coolingLeft(cooling, 0.5 * hour)).toEqual({ words: "1:30 h left to 21 °C", isLate: false });
  expect(coolingLeft(cooling, 1.75 * hour)).toEqual({ words: "0:15 h left to 21 °C", isLate: true });
  expect(coolingLeft(cooling, 2 * hour + 1).isLate).toBe(true);
  expect(coolingLeft({ ...cooling, to_21_ms: hour }, 2 * hour)).toEqual({ words: "4:00 h left to 5 °C", isLate: false });
  expect(coolingLeft({ ...cooling, verdict: "too_slow_first" }, 0)).toEqual({ words: "Too slow: barred", isLate: true });
});

test("a week begins on its Monday", () => {
  expect(["2026-11-23", "2026-11-26", "2026-11-29", "2026-11-30", "2027-01-01", "2028-03-01"].map(mondayOf)).toEqual([
    "2026-11-23",
    "2026-11-23",
    "2026-11-23",
    "2026-11-30",
    "2026-12-28",
    "2028-02-28",
  ]);
});

const at = "2026-03-02T12:00:00.000Z";
const waiting = (facts: SentLotFact[], refusal: string | null = null): WaitingLots => ({
  user: "marit",
  facts,
  words: "",
  offsetMs: 0,
  refusal,
});

const lot = (id: string, mg: number): Lot =>
  anyLot("Thigh", {
    id,
    assessment: "a",
    practical: "Monday",
    marked: "{Thigh}",
    use_by: "2026-03-03",
    days_left: 1,
    mass_mg: mg,
    on_hand_mg: mg,
    destinations: ["service", "waste"],
  });

test("without a network the tables are as this device left them: what is put away leaves its row, what the server refused does not", () => {
  const tables: PutAway = {
    assessment: "a",
    title: "Monday",
    held_on: "2026-03-02",
    date: "2026-03-02",
    account: { delivered_mg: 0, cuts_mg: 0, by_products_mg: 0, waste_mg: 0, open_mg: 0, loss_mg: 0, put_away_mg: 0 },
    proposals: [thighs([150, 160])],
    giblets: [{ product: "liver", title: "Livers", destinations: ["service"] }],
    lots: [],
    changed: [],
    cold_limit_ms: 7_200_000,
    cold: [],
  };
  const put = (id: string, weights: string[], product = "thigh"): SentLotFact => ({
    kind: "put_away",
    id,
    at,
    assessment: "a",
    product,
    off: false,
    weights,
    mass_mg: 150,
    made: "2026-03-02",
  });
  const one = putAwayWith(tables, [waiting([put("l1", ["c0"])])]);
  expect(one.proposals.map((it) => [it.mass_mg, it.weights.length])).toEqual([[160, 1]]);
  expect(one.lots.map((it) => [it.id, it.title, it.on_hand_mg])).toEqual([["l1", "Thigh", 150]]);
  const both = putAwayWith(tables, [waiting([put("l1", ["c0", "c1"]), put("l2", [], "liver")])]);
  expect([both.proposals, both.lots.map((it) => it.title)]).toEqual([[], ["Thigh", "Livers"]]);
  expect(putAwayWith(tables, [waiting([put("l1", ["c0"])], "is put away already")])).toEqual(tables);
  const undone = putAwayWith(tables, [waiting([put("l1", ["c0"])]), waiting([{ kind: "void", id: "v", at, target: "l1", reason: "x" }])]);
  expect(undone).toEqual(tables);
});

test("without a network a lot that is taken out whole leaves its shelf", () => {
  const shelves = { date: "2026-03-02", lots: [lot("l1", 500), lot("l2", 800)], has_more: false, on_hand_mg: 1_300, next: 1 };
  const move = (mass_mg: number): SentLotFact => ({ kind: "move", id: `m${mass_mg}`, at, lot: "l1", to: "service", mass_mg });
  expect(onHandWith(shelves, [waiting([move(200)])]).lots.map((it) => it.on_hand_mg)).toEqual([300, 800]);
  expect(onHandWith(shelves, [waiting([move(200)]), waiting([move(300)])]).lots.map((it) => it.id)).toEqual(["l2"]);
});

test("without a network what is taken out for a need counts at once, and one that is not needed any more is gone", () => {
  const thigh = { species: "chicken", product: "thigh", marked: "{Thigh}", title: "Thigh" };
  const need = (id: string): Need => ({
    id,
    of: thigh,
    pieces: null,
    on: "2026-03-03",
    days_ahead: 1,
    to: "service",
    text: "Lunch",
    wanted_mg: 900,
    served_mg: 100,
    short_mg: 0,
    lots: [
      { lot: lot("l1", 500), mass_mg: 500 },
      { lot: lot("l2", 800), mass_mg: 300 },
    ],
    coming: [],
  });
  const needs: Needs = { date: "2026-03-02", needs: [need("n1"), need("n2")], spare: [], products: [thigh] };
  const move = (id: string, of: string): SentLotFact => ({ kind: "move", id, at, lot: of, to: "service", mass_mg: 500, need: "n1" });
  const after = needsWith(needs, [waiting([move("m1", "l1")])]);
  expect(after.needs.map((it) => [it.served_mg, it.lots.map(({ lot: { id } }) => id)])).toEqual([
    [600, ["l2"]],
    [100, ["l1", "l2"]],
  ]);
  const back: SentLotFact = { kind: "void", id: "v", at, target: "m1", reason: "Undone at once" };
  expect(needsWith(needs, [waiting([move("m1", "l1")]), waiting([back])])).toEqual(needs);
  expect(needsWith(needs, [waiting([{ ...back, target: "n1" }])]).needs.map((it) => it.id)).toEqual(["n2"]);
  expect(needsWith(needs, [waiting([move("m1", "l1")], "only 300 g of it is on hand")])).toEqual(needs);
});

test("a term is a workbook: a sheet each for practicals, standards, courses, students and weeks, with the sums beneath", () => {
  const sum: CostSum = {
    trays: 2,
    ap_mg: 4_000_000,
    ep_mg: 2_600_000,
    yield: 0.65,
    seconds: 5_400,
    ap_minor: 2_000,
    by_product_minor: 162,
    net_minor: 1_838,
    per_kg_minor: 707,
    cost_factor: 1.41,
    per_tray_minor: 1_000,
    labour_minor: null,
    parts_minor: 2_600,
    saving_minor: 762,
  };
  const money = { whole_minor: 2_000, eaten_minor: 1_500, cooked_minor: 400, lost_minor: 100, here_minor: 0, unpriced: 1 };
  const week = {
    from: "2026-03-02",
    delivered_mg: 4_000_000,
    eaten_mg: 3_000_000,
    cooked_mg: 800_000,
    lost_mg: 200_000,
    here_mg: 0,
    money,
  };
  const term: Term = {
    from: "2026-03-02",
    to: "2026-03-08",
    currency: "EUR",
    terms: [],
    total: sum,
    classes: [
      { assessment: "a", title: "Monday", held_on: "2026-03-02", group: "Larder 2, Sandpiper", sum },
      { assessment: "b", title: "Tuesday", held_on: "2026-03-03", group: "Larder 2, Sandpiper", sum: null },
    ],
    standards: [{ title: "Eight pieces", sum, cuts: [{ title: "Breast", mass_mg: 1_200_000, cost_minor: 1_188, per_kg_minor: 990 }] }],
    courses: [{ title: "Larder 2, Sandpiper", sum, cuts: [] }],
    students: [{ title: "Amina", sum, cuts: [{ title: "Wing", mass_mg: 200_000, cost_minor: null, per_kg_minor: null }] }],
    weeks: [week],
    whole: week,
  };
  const sheets = termSheets(term);
  expect(sheets.map((it) => it.title)).toEqual(["Practicals", "Standards", "Courses", "Students", "Cuts", "Weeks"]);
  expect(sheets[0]?.rows[1]).toEqual([
    "Monday",
    "Larder 2, Sandpiper",
    "2026-03-02",
    2,
    4,
    2.6,
    0.65,
    20,
    1.62,
    18.38,
    7.07,
    1.41,
    1.5,
    null,
    26,
    7.62,
  ]);
  expect(sheets[0]?.rows[2]).toEqual(["Tuesday", "Larder 2, Sandpiper", "2026-03-03"]);
  expect(sheets[3]?.rows.map((it) => it[0])).toEqual(["Student", "Amina", "All together"]);
  expect(sheets[4]?.rows.slice(1)).toEqual([
    ["Standard", "Eight pieces", "Breast", 1.2, 11.88, 9.9],
    ["Student", "Amina", "Wing", 0.2, null, null],
  ]);
  expect(sheets[5]?.rows[1]).toEqual(["2026-03-02", 4, 3, 0.8, 0.2, 0, 20, 1]);
});

test("without a network a pot that is on leaves those that wait, and its steps stand by it", () => {
  const pots: Pots = {
    date: "2026-03-02",
    waiting: [{ use: "stock", title: "Bones", species: "chicken", mass_mg: 5, moves: ["m1", "m2"], from: [], plan: null, cautions: [] }],
    pots: [
      {
        id: "p",
        use: "stock",
        is_hot: true,
        title: "Stock",
        species: "chicken",
        started_at: at,
        mass_mg: 5,
        plan: null,
        ready_from: null,
        ready_to: null,
        expected_ml: 5,
        made_mg: 0,
        made_ml: 0,
        steps: [],
        drawn: [lot("tin", 2_000)],
      },
    ],
    has_probe: true,
  };
  const after = potsWith(pots, [
    waiting([{ kind: "pot", id: "q", at, use: "stock", moves: ["m1", "m2"] }]),
    waiting([{ kind: "pot_step", id: "s", at, pot: "p", step: "skimmed" }]),
    waiting([{ kind: "move", id: "m", at, lot: "tin", to: "service", mass_mg: 500 }]),
  ]);
  expect(after.waiting).toEqual([]);
  expect(after.pots[0]?.steps.map((it) => [it.step, it.at])).toEqual([["skimmed", at]]);
  expect(after.pots[0]?.drawn[0]?.on_hand_mg).toBe(1_500);
});

test("a class that cost something is a workbook of figures in kilograms and whole money", () => {
  const line = {
    product: "thigh",
    places: ["thigh.left"],
    title: "Thigh",
    mass_mg: 1_500_000,
    per_kg_minor: 780,
    source: "List",
    found_on: "2026-03-01",
  };
  const cost: Cost = {
    assessment: "a",
    standard: "s",
    title: "Monday",
    held_on: "2026-03-02",
    species: "chicken",
    currency: "EUR",
    trays: 2,
    ap_mg: 4_000_000,
    seconds: 5_400,
    delivery: { supplier: "Saltmarsh", invoice: "7", pieces: 2, mass_mg: 4_000_000, cost_minor: 2_080 },
    planned_minor: 2_400,
    wage_minor: null,
    lines: [
      { ...line, stage: "cuts", cost_minor: 900, cost_per_kg_minor: 600 },
      { ...line, product: "stock", title: "Stock bones", stage: "by_products", cost_minor: null, cost_per_kg_minor: null },
      { ...line, product: "waste", title: "Waste", stage: "waste", cost_minor: null, cost_per_kg_minor: null },
    ],
    test: null,
    expected: null,
    last: null,
  };
  const [test, cuts, byProducts] = costSheets(cost);
  expect(test?.rows.find(([what]) => what === "Hours worked")).toEqual(["Hours worked", 1.5]);
  expect(test?.rows.find(([what]) => what === "Reckoned in the brief, EUR")).toEqual(["Reckoned in the brief, EUR", 24]);
  expect(cuts?.rows).toEqual([
    ["Product", "kg", "Worth a kg, EUR", "Source", "Found on", "Cost, EUR", "Cost a kg, EUR"],
    ["Thigh", 1.5, 7.8, "List", "2026-03-01", 9, 6],
  ]);
  expect(byProducts?.rows.map((it) => it[0])).toEqual(["Product", "Stock bones"]);
  expect(costSheets({ ...cost, currency: "JPY" })[1]?.rows[1]?.[2]).toBe(780);
});
