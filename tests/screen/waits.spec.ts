import { beforeEach, expect, test } from "vitest";
import { storage } from "./support/browser";
import type { PracticeTray, SentCapture } from "../../ui/src/api/types";
import { stillWaits } from "../../ui/src/offline/stillWaits";
import { store, type Waiting, type WaitingLots, type WaitingPractice } from "../../ui/src/offline/store";
import { waitingFile } from "../../ui/src/offline/waitingFile";
import { withPractice } from "../../ui/src/offline/withPractice";

/** What waits on the device: how much of it a person is told of at signing out, the file it is saved as, and how a practice tray shows it. */

const at = "2026-03-02T09:00:00.000Z";
const network = navigator as { onLine: boolean };

const capture = (id: string, of: object = { kind: "note", text: id }): SentCapture => ({ id, at, ...of }) as SentCapture;
const row = (id: string, of: Partial<Waiting> = {}): Waiting => ({
  user: "marit",
  attempt: "one",
  capture: capture(id),
  offsetMs: 0,
  refusal: null,
  ...of,
});
const lots: WaitingLots = {
  user: "marit",
  facts: [{ kind: "freeze", id: "l", at, lot: "pan", on: "2026-03-02" }],
  words: "Into the freezer",
  offsetMs: -2_000,
  refusal: null,
};
const practised = (id: string, of: object, more: Partial<WaitingPractice> = {}): WaitingPractice =>
  ({
    user: "marit",
    standard: "s",
    said: { tray: "mine", capture: capture(id, of) },
    offsetMs: 0,
    refusal: null,
    ...more,
  }) as WaitingPractice;

beforeEach(async () => {
  network.onLine = true;
  await Promise.all([store.waiting.clear(), store.lots.clear(), store.practice.clear()]);
});

test("where nothing is on its way, what waits is told at once: what was refused or stepped aside, and only one's own", async () => {
  expect(await stillWaits("marit", 60_000)).toBe(0);
  await store.waiting.bulkAdd([
    row("refused", { refusal: "No such piece" }),
    row("aside", { failures: 3 }),
    row("theirs", { user: "teodor" }),
  ]);
  expect(await stillWaits("marit", 60_000)).toBe(2);
  expect(await stillWaits("teodor", 0)).toBe(1);
});

test("without a network nobody is kept waiting", async () => {
  network.onLine = false;
  await store.waiting.add(row("later"));
  await store.lots.add(lots);
  expect(await stillWaits("marit", 60_000)).toBe(2);
});

test("what is on its way is given time, and as soon as it went up the rest is told", async () => {
  await store.waiting.bulkAdd([row("goes"), row("stays", { refusal: "No such piece" })]);
  await store.practice.add(practised("too", { kind: "scrape", mass_mg: 1 }));
  const told = stillWaits("marit", 60_000);
  await store.waiting.filter((it) => it.capture.id === "goes").delete();
  await store.practice.clear();
  expect(await told).toBe(1);
});

test("what does not go up in its time is told", async () => {
  await store.waiting.bulkAdd([row("slow"), row("slower")]);
  expect(await stillWaits("marit", 50)).toBe(2);
});

test("the file holds everything of one person in its order, as it would be sent, and no photograph", async () => {
  storage.set("deft-blade.device", "Tablet 7");
  const photograph = new Blob(["bytes"]);
  await store.waiting.bulkAdd([
    row("first", { blob: photograph, offsetMs: 1_500 }),
    row("theirs", { user: "teodor" }),
    row("second", { refusal: "only one frame" }),
  ]);
  await store.lots.add(lots);
  await store.practice.bulkAdd([
    practised("tried", { kind: "scrape", mass_mg: 12_000 }),
    { ...practised("read", {}), said: { tray: null, fact: { kind: "followed", id: "read", at } } } as WaitingPractice,
  ]);
  const file = await waitingFile("marit");
  expect(file.type).toBe("application/json");
  expect(JSON.parse(await file.text())).toEqual({
    format: "deft-blade.waiting/1",
    device: "Tablet 7",
    user: "marit",
    captures: [
      { attempt: "one", offset_ms: 1_500, capture: capture("first"), refusal: null },
      { attempt: "one", offset_ms: 0, capture: capture("second"), refusal: "only one frame" },
    ],
    practice: [
      { standard: "s", offset_ms: 0, tray: "mine", capture: capture("tried", { kind: "scrape", mass_mg: 12_000 }), refusal: null },
      { standard: "s", offset_ms: 0, tray: null, fact: { kind: "followed", id: "read", at }, refusal: null },
    ],
    lots: [{ offset_ms: -2_000, words: "Into the freezer", facts: lots.facts, refusal: null }],
  });
});

const tray = {
  tray: "mine",
  standard: { pieces: [{ id: "wing" }, { id: "dice", portions: { count: 2 } }] },
  captures: [
    capture("came", { kind: "received", mass_mg: 1_800_000, defects: [] }),
    capture("known", { kind: "piece", piece: "wing", mass_mg: 90_000 }),
  ],
  holds: { as_purchased_mg: 1_800_000 },
  result: {
    pieces: [
      { id: "wing", mass_mg: 90_000, verdict: "within" },
      { id: "dice", mass_mg: null, verdict: "pending" },
    ],
    balance: { state: "balanced", unaccounted_mg: 4_000 },
    time: { running_ms: 0 },
    splits: [],
  },
  running_since_ms: null,
} as unknown as PracticeTray;

test("a practice tray shows what waits for it: weights at once, their verdicts once the server said them", () => {
  const shown = withPractice(tray, [
    practised("wing", { kind: "piece", piece: "wing", mass_mg: 85_000 }),
    practised("dice", { kind: "portion", piece: "dice", portion: 2, mass_mg: 15_000 }),
  ]);
  expect(shown.result.pieces[0]).toMatchObject({ mass_mg: 85_000, verdict: "pending" });
  expect(shown.result.balance).toEqual({ state: "open", unaccounted_mg: null });
  expect(shown.holds.portions).toEqual({ dice: [null, 15_000] });
  expect(shown.holds.as_purchased_mg).toBe(1_800_000);
  expect(shown.captures.map((it) => it.id)).toEqual(["came", "known", "wing", "dice"]);
});

test("its clock runs without a network, and the balance stands while nothing was weighed", () => {
  const shown = withPractice(tray, [practised("go", { kind: "clock", event: "start" })]);
  expect(shown.running_since_ms).toBe(Date.parse(at));
  expect(shown.result.balance.state).toBe("balanced");
  expect(shown.result.pieces[0]).toMatchObject({ verdict: "within" });
});

test("what is of another tray, was refused, is known already or is only a step followed changes nothing", () => {
  const said = (id: string, of: object = { kind: "scrape", mass_mg: 9_000 }, tray = "mine"): WaitingPractice =>
    ({ ...practised(id, of), said: { tray, capture: capture(id, of) } }) as WaitingPractice;
  const nothing = [
    said("elsewhere", undefined, "another"),
    { ...said("no"), refusal: "Too heavy" },
    said("came"),
    said("step", { kind: "step", step: 3 }),
    { ...said("read"), said: { tray: null, fact: { kind: "followed", id: "read", at } } } as WaitingPractice,
  ];
  expect(withPractice(tray, nothing)).toBe(tray);
  expect(withPractice(tray, [...nothing, said("new")]).captures.map((it) => it.id)).toEqual(["came", "known", "new"]);
});
