import "./support/browser";
import { readdirSync, readFileSync } from "node:fs";
import { expect, test } from "vitest";
import type { Floor, FloorStation, TrayLayout } from "../../ui/src/api/types";
import { withStations } from "../../ui/src/api/useFloor";
import { arranged } from "../../ui/src/areas/floor/arranged";
import { scaleQueue } from "../../ui/src/areas/floor/scaleQueue";
import { moveOn } from "../../ui/src/areas/tray/moveOn";

/** Where things stand and lie, and how one gets from one to the next: no page is needed for it. */

test("of two answers about a station the newer holds, whichever came last", () => {
  const station = (attempt: string, seq: number) => ({ attempt, seq }) as unknown as FloorStation;
  const room = { stations: [station("a", 5), station("b", 9)] } as unknown as Floor;
  expect(withStations(room, [station("a", 7), station("b", 8), station("c", 1)]).stations).toEqual([station("a", 7), station("b", 9)]);
});

test("the scale is next for whoever presented first; a pan that is on it is weighed zone by zone", () => {
  const station = (number: number, queued_since_ms: number | null, pan: FloorStation["pan"] = null) =>
    ({ attempt: `attempt ${number}`, station: number, queued_since_ms, pan }) as unknown as FloorStation;
  const queue = (...stations: FloorStation[]): number[] => scaleQueue({ stations } as unknown as Floor).map((it) => it.station);
  expect(queue(station(1, 30), station(2, null), station(3, 10), station(4, 0))).toEqual([4, 3, 1]);
  const pan = (number: number, zone: "A" | "B" | "C") => ({ pan: number, zone, of: 3 });
  // Station 6 comes before stations 1 and 4, but after the first of pan 2.
  expect(queue(station(1, 40, pan(1, "A")), station(4, 50, pan(2, "C")), station(5, 10, pan(2, "B")), station(6, 30))).toEqual([
    5, 4, 6, 1,
  ]);
  expect(queue(station(4, 10, pan(2, "C")), station(5, 50, pan(2, "A")), station(6, null, pan(2, "B")), station(7, 20))).toEqual([5, 4, 7]);
  // Presented at one moment, two pans still do not mix.
  expect(queue(station(1, 10, pan(1, "A")), station(2, 10, pan(2, "A")), station(3, 10, pan(1, "B")), station(4, 10, pan(2, "B")))).toEqual(
    [1, 3, 2, 4],
  );
});

test("a station set down changes places with what stands there, or ends the row", () => {
  const rows = [[1, 2, 3], [4, 5], [6]];
  expect(arranged(rows, 1, { row: 1, column: 1 })).toEqual([[5, 2, 3], [4, 1], [6]]);
  expect(arranged(rows, 1, { row: 0, column: 2 })).toEqual([[3, 2, 1], [4, 5], [6]]);
  expect(arranged(rows, 1, { row: 1, column: 2 })).toEqual([[2, 3], [4, 5, 1], [6]]);
  expect(arranged(rows, 6, { row: 3, column: 0 })).toEqual([[1, 2, 3], [4, 5], [6]]);
  expect(arranged(rows, 6, { row: 0, column: 3 })).toEqual([
    [1, 2, 3, 6],
    [4, 5],
  ]);
  expect(arranged(rows, 4, { row: 1, column: 0 })).toEqual(rows);
});

test("however a room is arranged, no station is lost and none stands twice", () => {
  let rows = [Array.from({ length: 8 }, (_, index) => index + 1), Array.from({ length: 16 }, (_, index) => index + 9)];
  // A fixed sequence that looks like chance (Park and Miller, 1988).
  let seed = 20_260_302;
  const below = (most: number): number => (seed = (seed * 48_271) % 2_147_483_647) % most;
  for (let move = 0; move < 2_000; move++) {
    rows = arranged(rows, below(24) + 1, { row: below(rows.length + 1), column: below(9) });
    expect(rows.flat().sort((a, b) => a - b)).toEqual(Array.from({ length: 24 }, (_, index) => index + 1));
    expect(rows.every((row) => row.length > 0)).toBe(true);
  }
});

interface Standard {
  tray: TrayLayout;
  bins: { id: string }[];
}

for (const file of readdirSync("core/standards").filter((it) => it.endsWith(".json"))) {
  test(`${file}: the arrows lead to every place of the tray and every container`, () => {
    const { tray, bins } = JSON.parse(readFileSync(`core/standards/${file}`, "utf8")) as Standard;
    const all = [...tray.places.map((it) => it.place), ...bins.map((it) => it.id)];
    const inOrder = [...tray.places].sort((a, b) => a.row - b.row || a.column - b.column).map((it) => it.place);
    let at = inOrder[0] ?? "";
    const walked = [at];
    for (let next = moveOn("ArrowRight", at, tray, bins); next !== null && next !== at; next = moveOn("ArrowRight", at, tray, bins)) {
      at = next;
      walked.push(at);
    }
    expect(walked).toEqual([...inOrder, ...bins.map((it) => it.id)]);
    for (const place of all) {
      const down = moveOn("ArrowDown", place, tray, bins) ?? "";
      expect(all).toContain(down);
      if (down !== place) expect(moveOn("ArrowUp", down, tray, bins), `up again from ${down}`).not.toBe(down);
      expect(moveOn("Enter", place, tray, bins)).toBeNull();
    }
    expect(moveOn("ArrowLeft", inOrder[0] ?? "", tray, bins)).toBe(inOrder[0]);
    expect(moveOn("ArrowRight", null, tray, bins)).toBeNull();
  });
}
