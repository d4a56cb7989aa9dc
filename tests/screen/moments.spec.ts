import { beforeEach, expect, test } from "vitest";
import { browser, storage } from "./support/browser";
import { device } from "../../ui/src/api/device";
import { Problem } from "../../ui/src/api/problem";
import type { User } from "../../ui/src/api/types";
import { captured } from "../../ui/src/offline/captured";
import { measured, now, offsetMs } from "../../ui/src/offline/clock";
import { whoLeaves, keepPerson, lastPerson, leaveLater, markLeft } from "../../ui/src/offline/person";
import { newest } from "../../ui/src/offline/newest";
import { store } from "../../ui/src/offline/store";

/** Time, person and name of a device. */

beforeEach(() => void browser(() => new Response(null, { status: 204 })));

test("the time of captures never goes back, whatever the clock of the device is set to", () => {
  const real = Date.now;
  const times: string[] = [];
  try {
    for (const clock of [1_000_000, 1_000_000, 400_000, 1_000_500]) {
      Date.now = () => clock;
      times.push(captured({ kind: "note", text: "x" }).at);
    }
  } finally {
    Date.now = real;
  }
  expect(times.map((it) => Date.parse(it))).toEqual([1_000_000, 1_000_001, 1_000_002, 1_000_500]);
});

test("every capture has an id of its own, in the order they were made", () => {
  const ids = Array.from({ length: 500 }, () => captured({ kind: "note", text: "x" }).id);
  expect(new Set(ids).size).toBe(500);
  expect([...ids].sort()).toEqual(ids);
  expect(ids[0]).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
});

test("a clock is put right by half the trip, and the noise of a network leaves it alone (Cristian, 1989)", () => {
  const asked = 1_000_000;
  measured(asked + 420_000 + 100, asked, asked + 200);
  expect(offsetMs()).toBe(420_000);
  expect(Math.abs(now() - Date.now() - 420_000)).toBeLessThan(50);
  // The same again, a little later or earlier: nothing is written anew.
  measured(asked + 420_000 + 400, asked, asked + 200);
  expect(offsetMs()).toBe(420_000);
  // The device was set right meanwhile.
  measured(asked + 80, asked, asked + 200);
  expect(offsetMs()).toBe(0);
  // Four seconds on the way: two of them may be the network's.
  measured(asked + 3_900, asked, asked + 4_000);
  expect(offsetMs()).toBe(0);
});

test("a device has a name, and keeps it", () => {
  const name = device();
  expect(name).toMatch(/^Tablet [0-9A-Z]+$/);
  expect(device()).toBe(name);
  storage.clear();
  expect(device()).toMatch(/^Tablet /);
});

test("whoever comes next sees nothing of what the one before was shown", async () => {
  const person = (id: string): User => ({ id, name: id }) as User;
  await keepPerson(person("marit"));
  await store.answers.put({ user: "marit", build: "main.js", value: "a practical" });
  await keepPerson(person("marit"));
  expect(await store.answers.get("marit")).toBeDefined();
  await keepPerson(person("teodor"));
  expect([lastPerson()?.name, await store.answers.get("marit")]).toEqual(["teodor", undefined]);
  await keepPerson(null);
  expect(lastPerson()).toBeNull();
});

test("who signed out without a network is leaving until the server knows", () => {
  expect(whoLeaves()).toBeNull();
  leaveLater("marit");
  expect(whoLeaves()).toBe("marit");
  markLeft();
  expect(whoLeaves()).toBeNull();
});

test("two tabs keep what each was answered: of one question the newer, and what nobody asks any more for a day", () => {
  const hour = 3_600_000;
  const answered = (queryHash: string, dataUpdatedAt: number) => ({ queryHash, state: { dataUpdatedAt } }) as never;
  const hashes = (kept: never[], shown: never[]): unknown[] =>
    (newest(kept, shown, 30 * hour) as { queryHash: string; state: { dataUpdatedAt: number } }[]).map((it) => [
      it.queryHash,
      it.state.dataUpdatedAt / hour,
    ]);
  expect(
    hashes(
      [answered("room", 29 * hour), answered("tray", 20 * hour), answered("old", 5 * hour)],
      [answered("room", 28 * hour), answered("bench", 30 * hour)],
    ),
  ).toEqual([
    ["room", 29],
    ["bench", 30],
    ["tray", 20],
  ]);
});

test("a problem of the server is read whole, and one of no shape is still said", () => {
  const type = "urn:deft-blade:problem:invalid";
  const read = new Problem({ type, title: "Changed meanwhile", detail: "Ilse changed this.", changed: { units: "us" }, errors: [] }, 412);
  expect([read.title, read.detail, read.changed, read.isFinal]).toEqual(["Changed meanwhile", "Ilse changed this.", { units: "us" }, true]);
  for (const body of [undefined, null, "<html>", 7]) {
    const odd = new Problem(body, 502);
    expect([odd.title, odd.errors, odd.isFinal]).toEqual(["Something went wrong", [], false]);
    expect(odd.detail).not.toBe("");
  }
  expect([400, 422, 429, 500].map((status) => new Problem({ type }, status).isFinal)).toEqual([true, true, false, false]);
  // What is not of this application refuses nothing: a proxy, the page of a network that wants a password.
  for (const status of [401, 403, 404, 408]) {
    const other = new Problem({ title: "Sign in to the guest network" }, status);
    expect([other.isFinal, other.isSignedOut]).toEqual([false, false]);
  }
});
