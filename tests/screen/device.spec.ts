import "./support/browser";
import { expect, test } from "vitest";
import type { Assessment, Floor, FloorStation, SentCapture, Tray } from "../../ui/src/api/types";
import { withCaptures } from "../../ui/src/areas/floor/withCaptures";
import { mendableFields, mended, type Mendable } from "../../ui/src/offline/mendable";
import { plainJpeg } from "../../ui/src/offline/plainJpeg";
import type { Waiting } from "../../ui/src/offline/store";
import { withWaiting } from "../../ui/src/offline/withWaiting";
import { massWords } from "../../ui/src/parts/mass";
import { readMass } from "../../ui/src/parts/readMass";

/** What the device decides by itself, without a network: no page is needed for it. */

test("a weight that is typed is read as it is on the server", () => {
  const [grams, ounces] = [massWords("metric"), massWords("us")];
  // 453.592 37 g to the pound, 16 ounces to it (NIST Handbook 44, appendix C).
  const read: [string, typeof grams, number][] = [
    ["1820", grams, 1_820_000],
    ["1820 g", ounces, 1_820_000],
    ["1.82 kg", grams, 1_820_000],
    ["1,82 KG", grams, 1_820_000],
    ["1 lb", grams, 453_592],
    ["64 oz", grams, 1_814_369],
    ["64", ounces, 1_814_369],
    ["4 lb 3 oz", grams, 1_899_418],
    [" 4lbs 3oz. ", grams, 1_899_418],
    ["0", grams, 0],
  ];
  for (const [text, words, mg] of read) expect(readMass(text, words), text).toEqual({ mg });
  for (const text of ["", "4 stone", "1.8.2", "1820 g g", "1e3", "٣"]) expect(readMass(text, grams), text).toHaveProperty("problem");
  expect(readMass("-5", grams)).toEqual({ problem: "a weight cannot be negative" });
  expect(readMass("1001 kg", grams)).toEqual({ problem: "a weight cannot be over 1000 kg" });
});

const at = "2026-03-02T09:00:00.000Z";
const fact = (capture: object): SentCapture => ({ id: "0", at, ...capture }) as SentCapture;

test("of a refused capture what a person said can be put right, and its id and time stay", () => {
  const standard = {
    pieces: [{ id: "wing.left", title: "Left wing" }, { id: "wing.right" }],
    criteria: [{ id: "skin", levels: [{}, {}, {}] }],
    faults: [{ id: "sawing", title: "Sawing" }],
  };
  const fields = (capture: SentCapture): Mendable[] => mendableFields(capture, { standard } as unknown as Assessment);
  const write = (capture: SentCapture, key: string, value: string | number): SentCapture => {
    const field = fields(capture).find((it) => it.key === key);
    if (field === undefined) throw new Error(`${key} cannot be put right`);

    return mended(capture, { ...field, value } as Mendable);
  };
  const piece = fact({ kind: "piece", piece: "wing.left", mass_mg: 95_000_000 });
  expect(write(write(piece, "mass_mg", 95_000), "piece", "wing.right")).toEqual({ ...piece, piece: "wing.right", mass_mg: 95_000 });
  expect(fields(piece)[0]).toMatchObject({ options: [{ title: "Left wing" }, { title: "wing.right" }] });
  const level = fact({ kind: "level", criterion: "skin", level: 3 });
  expect(write(level, "level", "2")).toEqual({ ...level, level: 2 });
  const start = fact({ kind: "clock", event: "start" });
  expect(write(start, "reason", "Knife changed")).toEqual({ ...start, reason: "Knife changed" });
  expect(write(fact({ kind: "clock", event: "start", reason: "x" }), "reason", " ")).toEqual(start);
  expect(write(fact({ kind: "received", mass_mg: 1, tag: "A1" }), "tag", "")).toEqual(fact({ kind: "received", mass_mg: 1 }));
  expect(fields(fact({ kind: "photo", file: "a.jpg", sha256: "0" }))).toEqual([]);
});

test("a photograph says nothing of device and place, even where the browser writes it in again", () => {
  const segment = (marker: number, text: string): number[] => [0xff, marker, 0, text.length + 2, ...Buffer.from(text, "latin1")];
  const [start, table, scan] = [[0xff, 0xd8], segment(0xdb, "table"), [...segment(0xda, "scan"), 1, 2, 0xff, 0xe1, 3, 0xff, 0xd9]];
  const [header, profile] = [segment(0xe0, "JFIF\0\x01"), segment(0xe2, "ICC_PROFILE\0p")];
  const telling = [segment(0xe1, "Exif\0\0MM"), segment(0xed, "Photoshop 3.0\0"), segment(0xe2, "MPF\0"), segment(0xfe, "Larder")].flat();
  const bytes = (...parts: number[][]) => new Uint8Array(parts.flat());
  expect(plainJpeg(bytes(start, header, telling, profile, table, scan))).toEqual(bytes(start, header, profile, table, scan));
  expect(plainJpeg(bytes(start, [0xff]))).toEqual(bytes(start, [0xff]));
});

const practical = {
  standard: { pieces: [{ id: "wing.left" }, { id: "dice", portions: { count: 3 } }] },
  mise: [{ id: "knife", title: "Knife", is_safety: true }],
} as unknown as Assessment;

test("a weight that waits is shown and not graded: whether the tray balances is for the core to say", () => {
  const known = [
    fact({ id: "a", kind: "received", mass_mg: 1_800_000 }),
    fact({ id: "b", kind: "clock", event: "start", reason: "late" }),
    fact({ id: "c", kind: "portion", piece: "dice", portion: 1, mass_mg: 16_000 }),
    fact({ id: "wing", kind: "piece", piece: "wing.left", mass_mg: 91_000 }),
  ];
  const tray = {
    stage: "weighing",
    log: known.map((capture, index) => ({ entry: { seq: 4 + index, by: "Marit", capture }, state: "holds", replaced_by: null })),
    holds: {},
    result: {
      pieces: [
        { id: "wing.left", mass_mg: 91_000, verdict: "within" },
        { id: "dice", mass_mg: null, verdict: "pending" },
      ],
      balance: { state: "balanced", unaccounted_mg: 9_000 },
      time: { running_ms: 0 },
    },
  } as unknown as Tray;
  const later = new Date(Date.parse(at) + 30_000).toISOString();
  const marit = { id: "m", name: "Marit" };
  const over = (...facts: object[]): Tray =>
    withWaiting(
      tray,
      facts.map((it, index) => ({ attempt: "a", capture: fact({ id: String(index), at: later, ...it }), refusal: null }) as Waiting),
      marit,
      practical,
    );
  const again = over({ kind: "piece", piece: "wing.left", mass_mg: 86_000 });
  expect(again.result.pieces[0]).toMatchObject({ mass_mg: 86_000, verdict: "pending" });
  expect(again.result.balance).toEqual({ state: "open", unaccounted_mg: null });
  expect(again.log.slice(-2).map((it) => [it.entry.seq, it.entry.by, it.state])).toEqual([
    [7, "Marit", "replaced"],
    [8, "Marit", "holds"],
  ]);
  expect(over({ kind: "portion", piece: "dice", portion: 3, mass_mg: 15_000 }).holds.portions).toEqual({ dice: [16_000, null, 15_000] });
  expect(over({ kind: "note", text: "Steady" }).result.balance).toEqual({ state: "balanced", unaccounted_mg: 9_000 });
  expect(over({ kind: "refused", reason: "Warm" }).holds.as_purchased_mg).toBeNull();
  expect(over({ kind: "checkpoint", checkpoint: "trussed" }).result.splits).toEqual([{ checkpoint: "trussed", running_ms: 30_000 }]);
  expect(over({ kind: "level", criterion: "edge", level: 1 }).second_look.yours).toBe("gave_first");
  const asked = { kind: "second_look", event: "asked", marker: "m" };
  expect(over(asked).second_look.yours).toBe("open");
  const notes = (log: Tray["log"]): string[] => log.flatMap(({ entry: { capture } }) => (capture.kind === "note" ? [capture.text] : []));
  const noted = [
    fact({ id: "n1", kind: "note", text: "Own", by: "m" }),
    fact({ id: "n2", kind: "note", text: "Of another Marit", by: "n" }),
  ];
  const withNotes = {
    ...tray,
    log: noted.map((capture, index) => ({ entry: { seq: index + 1, by: "Marit", capture }, state: "holds", replaced_by: null })),
  } as unknown as Tray;
  const begun = [{ attempt: "a", capture: fact({ id: "0", at: later, ...asked }), refusal: null }] as Waiting[];
  expect(notes(withWaiting(withNotes, begun, marit, practical).log)).toEqual(["Own"]);
  expect(withWaiting(tray, [{ capture: fact({ kind: "scrape", mass_mg: 1 }), refusal: "No" } as Waiting], marit, practical)).toBe(tray);

  const undo = (target: string) => ({ kind: "void", target, reason: "Undone at once" });
  const undone = over({ kind: "fault", fault: "sawing" }, undo("0"));
  expect([undone.holds.faults, undone.log.slice(-2).map((it) => it.state)]).toEqual([{}, ["withdrawn", "holds"]]);
  const gone = over(undo("wing"));
  expect([gone.result.pieces[0]?.mass_mg, gone.result.balance.state, gone.log[3]?.state]).toEqual([null, "open", "withdrawn"]);
  const back = over(undo("wing"), undo("0"));
  expect([back.result.pieces[0]?.mass_mg, back.log[3]?.state]).toEqual([91_000, "holds"]);
});

test("the room is drawn from captures that the server does not know of yet", () => {
  const station = {
    attempt: "a",
    stage: "waiting",
    mise_looked: false,
    mise_open: [],
    received_mg: null,
    defects: [],
    refused: 0,
    incidents: 0,
    cold_ms: 0,
    cold_since_ms: null,
    running_ms: 0,
    running_since_ms: null,
    presented: false,
    splits: [],
    last: [],
    facts: [],
    weighed: false,
  } as unknown as FloorStation;
  const floor = {
    stations: [station, { ...station, attempt: "b" }],
    marks: [{ id: "sawing", title: "Sawing" }],
    checkpoints: [{ id: "trussed", title: "Trussed" }],
    mise: [],
  } as unknown as Floor;
  const start = Date.parse(at);
  const later = (seconds: number): string => new Date(start + seconds * 1_000).toISOString();
  const after = (...captures: object[]): FloorStation | undefined =>
    withCaptures(
      floor,
      captures.map((it, index) => ({ attempt: "a", capture: fact({ id: String(index), ...it }) })),
    ).stations[0];

  expect(after({ kind: "mise", open: ["towels"] })).toMatchObject({ stage: "mise", mise_looked: true, mise_open: ["towels"] });
  const received = { kind: "received", mass_mg: 1_800_000, tag: "A1" };
  expect(after(received)).toMatchObject({ stage: "received", received_mg: 1_800_000, tag: "A1" });
  expect(after(received, { kind: "refused", reason: "Warm" })).toMatchObject({ received_mg: null, tag: null, refused: 1 });
  const clock = (event: string, seconds: number) => ({ kind: "clock", event, at: later(seconds) });
  expect(after(clock("start", 0))).toMatchObject({ stage: "running", running_since_ms: start });
  expect(after(clock("start", 0), clock("pause", 90), clock("resume", 200), clock("stop", 230))).toMatchObject({
    stage: "presented",
    presented: true,
    running_ms: 120_000,
    running_since_ms: null,
    queued_since_ms: start + 230_000,
  });
  const trussed = { kind: "checkpoint", checkpoint: "trussed", at: later(250) };
  expect(after(clock("start", 0), clock("pause", 90), clock("resume", 200), trussed)?.splits).toEqual([
    { checkpoint: "trussed", title: "Trussed", running_ms: 140_000 },
  ]);
  expect(after({ kind: "chill", event: "out", at }, { kind: "chill", event: "in", at: later(60) })).toMatchObject({ cold_ms: 60_000 });
  expect(after({ kind: "fault", fault: "sawing" }, { kind: "well", text: "Joint found at once" })?.last.map((it) => it.text)).toEqual([
    "Joint found at once",
    "Sawing",
  ]);
  expect(after({ kind: "fault", fault: "sawing" }, { kind: "void", target: "0", reason: "Undone at once" })?.last).toEqual([]);
  expect(after({ kind: "incident", what: "near_miss", text: "" })).toMatchObject({ incidents: 1, last: [{ text: "Incident: near miss" }] });
  expect(after({ kind: "chill", event: "out", at }, { kind: "void", target: "0", reason: "Undone at once" })?.cold_since_ms).toBeNull();
  expect(withCaptures(floor, []).stations[1]).toBe(floor.stations[1]);
});
