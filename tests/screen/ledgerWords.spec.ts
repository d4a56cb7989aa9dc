import { expect, test } from "vitest";
import "./support/browser";
import type { Destination, Lot, LotFact } from "../../ui/src/api/types";
import { daysLeft, isOver } from "../../ui/src/areas/ledger/daysLeft";
import { factOfLot } from "../../ui/src/areas/ledger/factOfLot";
import { placeWords, usualText, type Place } from "../../ui/src/areas/ledger/places";
import { whereItWent } from "../../ui/src/areas/ledger/whereItWent";
import { massWords } from "../../ui/src/parts/mass";

/** How the ledger says what was done with a lot and how long it keeps. */

const grams = massWords("metric");
const ounces = massWords("us");

const said = (fact: object, mass = grams): string =>
  factOfLot({ id: "f", at: "2026-03-02T09:00:00.000Z", by: "p", ...fact } as LotFact, mass);

test("a fact about a lot is said with what it was: its mass, where it went, its day, its reason", () => {
  const lot = "l";
  const putAway = { kind: "put_away", assessment: "a", product: "thigh", source: "piece", mass_mg: 1_250_000 } as const;
  const sayings: [object, string][] = [
    [{ ...putAway, weights: [] }, "Put away, 1250 g, weighed together"],
    [{ ...putAway, weights: ["w1", "w2"] }, "Put away, 1250 g from 2 weights"],
    [{ kind: "move", lot, to: "stock", mass_mg: 300_400 }, "300.4 g to the stock pot"],
    [{ kind: "move", lot, to: "waste", mass_mg: 12_000, text: "Fell on the floor" }, "12 g in the bin: Fell on the floor"],
    [{ kind: "weigh", lot, mass_mg: 840_000 }, "Container on the scale: 840 g"],
    [{ kind: "freeze", lot, on: "2026-03-02" }, "Into the freezer, Monday 2 March"],
    [{ kind: "thaw", lot, on: "2026-03-09" }, "Out of the freezer, Monday 9 March"],
    [{ kind: "raw", lot, treatment: "minus_20_7_days", text: "probe 3" }, "For raw service, −20 °C for 7 days: probe 3"],
    [{ kind: "raw", lot, treatment: "minus_35_15_hours", text: "blast" }, "For raw service, −35 °C for 15 hours: blast"],
    [{ kind: "raw", lot, treatment: "exempt", text: "farmed" }, "For raw service, exempt: farmed"],
    [{ kind: "cool", pot: lot, c: 4.5 }, "4.5 °C at the core"],
    [{ kind: "void", target: "f", reason: "wrong pan" }, "Taken back: wrong pan"],
  ];
  for (const [fact, words] of sayings) expect(said(fact)).toBe(words);
});

test("a pot is said by its steps, and what is drawn of it by its volume, or its mass where none was read", () => {
  const drawn = { kind: "draw", pot: "p" };
  const sayings: [object, string][] = [
    [{ kind: "pot", use: "stock" }, "Pot put on, for stock"],
    [{ kind: "pot_step", pot: "p", step: "skimmed" }, "Skimmed"],
    [{ kind: "pot_step", pot: "p", step: "strained" }, "Strained"],
    [{ ...drawn, volume_ml: 4_500 }, "Drawn, 4.5 l"],
    [{ ...drawn, mass_mg: 620_000, container: "Tub 2" }, "Drawn, 620 g, Tub 2"],
    [{ kind: "divide", lot: "l", mass_mg: 500_000 }, "500 g into another container"],
    [{ kind: "divide", lot: "l", mass_mg: 500_000, container: "Tray 7" }, "500 g into another container, Tray 7"],
    [{ kind: "need", text: "Larder 2", on: "2026-03-06" }, "Needed for Larder 2, Friday 6 March"],
  ];
  for (const [fact, words] of sayings) expect(said(fact)).toBe(words);
});

test("where the school weighs in ounces, so does what it reads", () => {
  // International avoirdupois pound of 453.59237 g (agreement of 1959), 16 ounces to it.
  expect(said({ kind: "move", lot: "l", to: "staff", mass_mg: 453_592.37 * 2.5 }, ounces)).toBe("2 lb 8 oz to the staff table");
  expect(said({ kind: "move", lot: "l", to: "staff", mass_mg: 28_349.523125 * 9 }, ounces)).toBe("9 oz to the staff table");
});

const kept: Parameters<typeof daysLeft>[0] = { days_left: 2, frozen_since: null, on_hand_mg: 500_000, is_barred: false };

test("how long a lot keeps is one thing: gone before barred, barred before frozen, frozen before its days", () => {
  const sayings: [Partial<typeof kept>, string][] = [
    [{}, "2 days left"],
    [{ days_left: 1 }, "1 day left"],
    [{ days_left: 0 }, "last day today"],
    [{ days_left: -1 }, "1 day over"],
    [{ days_left: -3 }, "3 days over"],
    [{ days_left: null }, ""],
    [{ frozen_since: "2026-03-02", days_left: -3 }, "frozen"],
    [{ frozen_since: "2026-03-02", is_barred: true }, "barred"],
    [{ is_barred: true, on_hand_mg: 0 }, "all gone"],
    [{ on_hand_mg: 0, days_left: -3 }, "all gone"],
  ];
  for (const [change, words] of sayings) expect(daysLeft({ ...kept, ...change })).toBe(words);
});

test("a lot is over once its last day has passed and something of it is left", () => {
  expect(isOver({ days_left: -1, on_hand_mg: 1 })).toBe(true);
  expect(isOver({ days_left: 0, on_hand_mg: 1 })).toBe(false);
  expect(isOver({ days_left: -1, on_hand_mg: 0 })).toBe(false);
  expect(isOver({ days_left: null, on_hand_mg: 1 })).toBe(false);
});

test("everything that left a lot is told, containers last, and every place is called something of its own", () => {
  const lot = (moved: Lot["moved"], divided_mg = 0): Pick<Lot, "moved" | "divided_mg"> => ({ moved, divided_mg });
  expect(whereItWent(lot({}), grams)).toEqual([]);
  expect(whereItWent(lot({ service: 300_000, waste: 20_000 }, 1_200_000), grams)).toEqual([
    "300 g to service",
    "20 g in the bin",
    "1200 g in other containers",
  ]);
  const places = Object.keys(placeWords) as Place[];
  expect(new Set(Object.values(placeWords)).size).toBe(places.length);
  const gone = places.filter((it): it is Destination => it !== "cold" && it !== "freezer");
  const words = gone.flatMap((it) => whereItWent(lot({ [it]: 1_000 }), grams));
  expect(new Set(words).size).toBe(gone.length);
  // Only waste is asked for its reason, and begins with one.
  expect(places.filter((it) => usualText(it) !== "")).toEqual(["waste"]);
});
