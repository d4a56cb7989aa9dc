import "./support/browser";
import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { readLine } from "../../ui/src/parts/scale/line";
import { readReport } from "../../ui/src/parts/scale/report";
import { linesOf } from "../../ui/src/parts/scale/serial";

/** A scale at the device says there what it would say through the core. */

interface Vector {
  bytes: string;
  status?: number;
  mass_mg?: number | null;
  refusal?: string | null;
  unreadable?: string;
}

test("reports of a USB scale are read as the core reads them", () => {
  const vectors = JSON.parse(readFileSync("tests/vectors/scale.json", "utf8")) as Vector[];
  expect(vectors.length).toBeGreaterThan(300);
  for (const { bytes, mass_mg, refusal, unreadable } of vectors) {
    const read = readReport(Uint8Array.from(Buffer.from(bytes, "hex")));
    if (unreadable !== undefined) expect(read, bytes).toEqual({ unreadable });
    else expect(read, bytes).toMatchObject({ mass_mg, refusal });
  }
});

const steady = (mg: number) => ({ state: "stable", mass_mg: mg, refusal: null });
const moving = (mg: number) => expect.objectContaining({ state: "moving", mass_mg: mg }) as unknown;
const refused = expect.objectContaining({ state: "refused", mass_mg: null }) as unknown;

// Common practice among scales with a serial interface: from memory, no published standard holds them together.
for (const [line, read] of [
  ["ST,GS,+0000186.5 g", steady(186_500)],
  ["US,GS,+0000186.5 g", moving(186_500)],
  ["ST,NT,+  1.8200kg", steady(1_820_000)],
  ["OL,GS,+9999999 g", refused],
  ["ST,GS,-0000012.0 g", refused],
  ["S S     1820.0 g", steady(1_820_000)],
  ["S D     1817.5 g", moving(1_817_500)],
  ["S +", refused],
  ["  186 g", steady(186_000)],
  ["  186 g ?", moving(186_000)],
  ["0.41 lb", steady(185_973)],
  ["6,5 oz", steady(184_272)],
  ["+ 0 g", steady(0)],
] as const) {
  test(`a serial scale says “${line}”`, () => expect(readLine(line)).toEqual(read));
}

test("a line that is none is told as it came", () => {
  for (const line of ["", "hello", "186", "ST,GS,", "12:30:05", "S I", "1820 g net of 3 boxes today"])
    expect(readLine(line), line).toHaveProperty("unreadable");
});

test("lines are put together from pieces, and what never ends is let go", () => {
  const heard: string[] = [];
  const take = linesOf((line) => heard.push(line));
  for (const piece of ["ST,GS,+00", "186.5 g\r", "\nUS,GS,", "+1 g\r\n\r\nS", "T,GS,+2 g\n"]) take(piece);
  expect(heard).toEqual(["ST,GS,+00186.5 g", "US,GS,+1 g", "ST,GS,+2 g"]);
  take("x".repeat(10_000));
  take("\nST,GS,+3 g\n");
  expect(heard.at(-2)?.length).toBeLessThan(200);
  expect(heard.at(-1)).toBe("ST,GS,+3 g");
});
