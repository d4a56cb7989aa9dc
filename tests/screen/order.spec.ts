import { expect, test } from "vitest";
import type { Sheet, SheetRow } from "../../ui/src/api/types";
import { compareBy } from "../../ui/src/areas/sheet/order";
import { sheetBook } from "../../ui/src/areas/sheet/sheetBook";

/** How the class sheet stands in the order of a column, and as a workbook. */

const row = (station: number, of: Partial<SheetRow>): SheetRow =>
  ({ station, student: `Student ${station}`, total: null, portion_yield: null, loss: null, scores: {}, flags: [], ...of }) as SheetRow;
const rows = [
  row(3, { student: "Zora", total: 71.4, scores: { skill: 80 }, flags: [{ flag: "capped", text: "capped" }] }),
  row(1, { student: "Émile", total: null, scores: { skill: null } }),
  row(2, { student: "amina", total: 64, portion_yield: 0.61, loss: 0.01, scores: { skill: 80 } }),
  row(4, { student: "Bo", total: 71.4, portion_yield: 0.58, scores: { skill: 35 } }),
];
const stations = (column: string, isDown = false): number[] => [...rows].sort(compareBy({ column, isDown })).map((it) => it.station);

test("by station, and by name as people sort names", () => {
  expect(stations("station")).toEqual([1, 2, 3, 4]);
  expect(stations("station", true)).toEqual([4, 3, 2, 1]);
  expect(stations("student")).toEqual([2, 4, 1, 3]);
});

test("what has no figure yet stands last either way; equal ones stand by station", () => {
  expect(stations("total")).toEqual([2, 3, 4, 1]);
  expect(stations("total", true)).toEqual([3, 4, 2, 1]);
  expect(stations("yield")).toEqual([4, 2, 1, 3]);
  expect(stations("yield", true)).toEqual([2, 4, 1, 3]);
  expect(stations("loss")).toEqual([2, 1, 3, 4]);
  expect(stations("flags", true)).toEqual([3, 1, 2, 4]);
});

test("by the score of a component, and by a band as its total", () => {
  expect(stations("score skill")).toEqual([4, 2, 3, 1]);
  expect(stations("score nothing")).toEqual([1, 2, 3, 4]);
  expect(stations("band", true)).toEqual(stations("total", true));
});

test("as a workbook it holds figures, not texts that look like them, and a name that looks like a formula stays a name", () => {
  const of = { status: "final", band: "Merit", release_state: "entries_since", release: { version: 2, total: 71 } } as Partial<SheetRow>;
  const sheet = {
    components: [
      { id: "skill", title: "Skill" },
      { id: "time", title: "Time" },
    ],
    rows: [
      row(3, { ...rows[0], ...of, student: "=HYPERLINK(1)", portion_yield: 0.6149, loss: null, scores: { skill: 80.04, time: null } }),
    ],
  } as Partial<Sheet> as Sheet;
  const [book] = sheetBook(sheet);
  expect(book?.rows[0]?.slice(3, 7)).toEqual(["Skill", "Time", "Total", "Band"]);
  expect(book?.rows[1]).toEqual([3, "=HYPERLINK(1)", "final", 80, null, 71.4, "Merit", 61.5, null, "capped", "entries since", 2, 71]);
});
