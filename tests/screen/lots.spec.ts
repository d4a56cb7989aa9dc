import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import type { LotProposal, SentLotFact, Week } from "../../ui/src/api/types";
import { lotsAfter, type LotState } from "../../ui/src/offline/lotsAfter";
import { putAwayFacts, shared, usualChoice } from "../../ui/src/areas/ledger/putAway";
import { flowLayout, HEIGHT, WIDTH } from "../../ui/src/areas/ledger/flowLayout";
import { coolingLeft } from "../../ui/src/areas/ledger/coolingLeft";
import { mondayOf } from "../../ui/src/areas/ledger/weeks";

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
});
const byId = (lots: LotState[]): LotState[] => [...lots].sort((one, other) => one.id.localeCompare(other.id));

test("lots after facts are what the core says they are", () => {
  const vectors = JSON.parse(readFileSync("tests/vectors/lots.json", "utf8")) as Vector[];
  expect(vectors.length).toBeGreaterThan(50);
  for (const { facts, lots } of vectors) expect(byId(lotsAfter([], facts, made))).toEqual(byId(lots));
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
