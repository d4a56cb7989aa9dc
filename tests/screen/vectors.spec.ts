import "./support/browser";
import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import type { SentCapture, Tray } from "../../ui/src/api/types";
import { deviceState, secondLookOf, type DeviceState, type Rules } from "../../ui/src/offline/facts";

interface Vectors extends Rules {
  cases: {
    name: string;
    captures: (SentCapture & { by: string })[];
    second_looks: Record<string, Tray["second_look"]["yours"]>;
    state: DeviceState;
  }[];
}

const vectors = JSON.parse(readFileSync("tests/vectors/device.json", "utf8")) as Vectors;

/** What the device works out without a network is what the core says: the core wrote these. */
test("facts say the same on the device as in the core", () => {
  expect(vectors.cases.length).toBeGreaterThan(100);
  for (const { name, captures, state } of vectors.cases) expect(deviceState(captures, vectors), name).toEqual(state);
});

test("how people stand to a second look is said the same on the device as in the core", () => {
  for (const { name, captures, second_looks: looks } of vectors.cases)
    for (const [person, standing] of Object.entries(looks)) expect(secondLookOf(captures, person), `${name}: ${person}`).toBe(standing);
});

test("facts in another order say the same", () => {
  for (const { name, captures, second_looks: looks, state } of vectors.cases) {
    const turned = [...captures].reverse();
    expect(deviceState(turned, vectors), name).toEqual(state);
    for (const [person, standing] of Object.entries(looks)) expect(secondLookOf(turned, person), `${name}: ${person}`).toBe(standing);
  }
});
