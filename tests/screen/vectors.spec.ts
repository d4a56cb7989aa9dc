import "./support/browser";
import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import type { SentCapture } from "../../ui/src/api/types";
import { deviceState, type DeviceState, type Rules } from "../../ui/src/offline/facts";

interface Vectors extends Rules {
  cases: { name: string; captures: SentCapture[]; state: DeviceState }[];
}

const vectors = JSON.parse(readFileSync("tests/vectors/device.json", "utf8")) as Vectors;

/** What the device works out without a network is what the core says: the core wrote these. */
test("facts say the same on the device as in the core", () => {
  expect(vectors.cases.length).toBeGreaterThan(100);
  for (const { name, captures, state } of vectors.cases) expect(deviceState(captures, vectors), name).toEqual(state);
});

test("facts in another order say the same", () => {
  for (const { name, captures, state } of vectors.cases) expect(deviceState([...captures].reverse(), vectors), name).toEqual(state);
});
