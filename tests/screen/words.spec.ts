import { expect, test } from "vitest";
import type { Assessment, Expected, SentCapture } from "../../ui/src/api/types";
import { windowInWords } from "../../ui/src/areas/standards/editor/windowInWords";
import { clockOffers, clockTurn } from "../../ui/src/parts/clockOffers";
import { factInWords } from "../../ui/src/parts/factInWords";
import { clock, counted, day, lowerFirst, percent } from "../../ui/src/parts/format";
import { massWords } from "../../ui/src/parts/mass";
import { timeWords } from "../../ui/src/parts/times";

/** How figures and facts are said on the screen: no page is needed for it. */

const [grams, ounces] = [massWords("metric"), massWords("us")];

test("masses are said in the units of the school", () => {
  // 28.349 523 g to the ounce, 16 ounces to the pound (NIST Handbook 44, appendix C).
  const said: [number, string, string][] = [
    [267_000, "267 g", "9.42 oz"],
    [267_350, "267.4 g", "9.43 oz"],
    [28_350, "28.4 g", "1 oz"],
    [453_592, "453.6 g", "16 oz"],
    [453_593, "453.6 g", "1 lb 0 oz"],
    [1_899_418, "1899.4 g", "4 lb 3 oz"],
    [907_180, "907.2 g", "2 lb 0 oz"],
    [0, "0 g", "0 oz"],
  ];
  for (const [mg, metric, us] of said) expect([grams.full(mg), ounces.full(mg)]).toEqual([metric, us]);
  expect([grams.signed(-57_000), grams.signed(57_000), ounces.signed(-56_699)]).toEqual(["−57 g", "+57 g", "−2 oz"]);
  expect([grams.bare(88_040), ounces.bare(28_350)]).toEqual(["88", "1.00"]);
});

test("a window is said as it was written, and a container has none", () => {
  const window = (basis: string | null, low: number | null, high: number | null) => ({ basis, low, high }) as unknown as Expected;
  expect(windowInWords(window("share", 0.1181, 0.15094), grams)).toBe("11.81–15.09 %");
  expect(windowInWords(window("mass", 220_000, 280_000), grams)).toBe("220–280 g");
  expect(windowInWords(window("mass", 220_000, 280_000), ounces)).toBe("7.76–9.88 oz");
  expect(windowInWords(window(null, null, null), grams)).toBe("");
});

test("times, shares and counts", () => {
  expect([0, 59_999, 60_000, 400_000, 7_200_000, -5].map(clock)).toEqual(["0:00", "0:59", "1:00", "6:40", "120:00", "0:00"]);
  expect([percent(0.1234), percent(-0.012), percent(0.5, 0)]).toEqual(["12.3 %", "−1.2 %", "50 %"]);
  expect([counted(1, "station"), counted(12, "station")]).toEqual(["1 station", "12 stations"]);
  expect([lowerFirst("Left wing"), lowerFirst("AP weight")]).toEqual(["left wing", "AP weight"]);
});

test("the clock offers what may come next; a presented tray runs on only by its button", () => {
  const state = { presented: false, running_since_ms: null, running_ms: 0 };
  const offered = (of: typeof state | { running_since_ms: number }): string[] => clockOffers({ ...state, ...of }).map(({ label }) => label);
  expect(offered(state)).toEqual(["Start"]);
  expect(offered({ running_since_ms: 1 })).toEqual(["Present", "Pause"]);
  expect(offered({ ...state, running_ms: 1 })).toEqual(["Run on", "Present"]);
  expect(offered({ ...state, running_ms: 1, presented: true })).toEqual(["Run on"]);
  expect([clockTurn(state), clockTurn({ ...state, running_ms: 1 }), clockTurn({ ...state, presented: true })]).toEqual([
    "start",
    "resume",
    undefined,
  ]);
});

test("every kind of fact is said in words", () => {
  const practical = {
    scrape_title: "Frame scrape",
    standard: {
      pieces: [{ id: "wing.left", title: "Left wing" }],
      bins: [{ id: "stock", title: "Stock bones" }],
      criteria: [{ id: "skin", title: "Skin whole", levels: [{}, {}, {}, {}] }],
      faults: [{ id: "sawing", title: "Sawing" }],
      defects: [{ id: "torn", title: "Skin torn on arrival" }],
      checkpoints: [{ id: "trussed", title: "Trussed" }],
    },
  } as unknown as Assessment;
  const said: [object, string][] = [
    [{ kind: "received", mass_mg: 1_812_000, defects: ["torn"] }, "Carcass received, AP 1812 g; skin torn on arrival"],
    [{ kind: "received", mass_mg: 1_812_000 }, "Carcass received, AP 1812 g"],
    [{ kind: "refused", reason: "Warm" }, "Carcass refused: Warm"],
    [{ kind: "chill", event: "out" }, "Out of the refrigerator"],
    [{ kind: "chill", event: "in" }, "Back in the refrigerator"],
    [{ kind: "mise", open: [] }, "Mise in order"],
    [{ kind: "mise", open: ["towels"] }, "Mise open: towels"],
    [{ kind: "clock", event: "start" }, "Clock started"],
    [{ kind: "clock", event: "pause", reason: "injury" }, "Clock paused: injury"],
    [{ kind: "clock", event: "stop" }, "Tray presented, clock stopped"],
    [{ kind: "checkpoint", checkpoint: "trussed" }, "Checkpoint passed: Trussed"],
    [{ kind: "piece", piece: "wing.left", mass_mg: 86_000 }, "Left wing 86 g"],
    [{ kind: "portion", piece: "wing.left", portion: 2, mass_mg: 43_000 }, "Left wing, portion 2, 43 g"],
    [{ kind: "bin", bin: "stock", mass_mg: 510_000 }, "Stock bones 510 g"],
    [{ kind: "scrape", mass_mg: 7_000 }, "Frame scrape 7 g"],
    [{ kind: "level", criterion: "skin", level: 2 }, "Skin whole: step 3 of 4"],
    [{ kind: "level", criterion: "skin", level: 2, round: "second" }, "Skin whole: step 3 of 4, second look"],
    [{ kind: "level", criterion: "skin", level: 2, round: "agreed" }, "Skin whole: step 3 of 4, agreed"],
    [{ kind: "fault", fault: "sawing" }, "Mark: sawing"],
    [{ kind: "well", text: "Joint found at once" }, "Done well: Joint found at once"],
    [{ kind: "incident", what: "near_miss", text: "" }, "Incident: near miss"],
    [{ kind: "incident", what: "cut", text: "left thumb" }, "Incident: cut, left thumb"],
    [{ kind: "note", text: "Asked twice" }, "Note: Asked twice"],
    [{ kind: "photo", file: "a.jpg" }, "Photograph a.jpg"],
    [{ kind: "void", target: "0", reason: "Undone at once" }, "Withdrawn: Undone at once"],
    [{ kind: "fault", fault: "gone-from-the-standard" }, "Mark: gone-from-the-standard"],
  ];
  for (const [capture, words] of said) expect(factInWords(capture as SentCapture, practical, grams)).toBe(words);
});

test("times are those of the school, wherever the device is", () => {
  const said = (zone: string, instant: string): [string, string] => [timeWords(zone).dayOf(instant), timeWords(zone).timeOfDay(instant)];
  // Offsets as in the IANA time zone database.
  expect(said("Pacific/Auckland", "2026-03-03T11:00:00Z")).toEqual(["Wednesday 4 March", "00:00:00"]);
  expect(said("Asia/Kolkata", "2026-03-03T18:29:59Z")).toEqual(["Tuesday 3 March", "23:59:59"]);
  expect(said("Pacific/Honolulu", "2026-03-04T09:59:59Z")).toEqual(["Tuesday 3 March", "23:59:59"]);
  // Summer time ends in Sydney on 5 April 2026 at three: the hour from two comes twice.
  expect(said("Australia/Sydney", "2026-04-04T15:30:00Z")).toEqual(["Sunday 5 April", "02:30:00"]);
  expect(said("Australia/Sydney", "2026-04-04T16:30:00Z")).toEqual(["Sunday 5 April", "02:30:00"]);
  expect(day("2026-03-04")).toBe("Wednesday 4 March");
});
