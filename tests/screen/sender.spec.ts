import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { answerWith, browser, json, online, problem, type Asked } from "./support/browser";
import type { SentCapture, SentLotFact, Tray } from "../../ui/src/api/types";
import { sendAgain, startSending } from "../../ui/src/offline/sender";
import { isAside, store, type WaitingPractice } from "../../ui/src/offline/store";

/** What waits on the device goes up in order, once, and nothing of it is lost; the store is IndexedDB, the server is played. */

const tray = (asked: Asked): Response => json({ attempt: asked.path.split("/")[4] });

const note = (id: string, attempt = "one"): { attempt: string; capture: SentCapture } => ({
  attempt,
  capture: { id, at: "2026-03-02T09:00:00.000Z", kind: "note", text: id } as SentCapture,
});

async function waits(captures: { attempt: string; capture: SentCapture; blob?: Blob }[], user = "marit"): Promise<void> {
  await store.waiting.bulkAdd(captures.map((it) => ({ user, offsetMs: 0, refusal: null, ...it })));
}

const idsOf = ({ body }: Asked): string[] => (body as { captures: SentCapture[] }).captures.map((it) => it.id);
const left = async (): Promise<string[]> => (await store.waiting.orderBy("order").toArray()).map((it) => it.capture.id);

let running: { stop: () => void }[] = [];
function send(user = "marit"): {
  kick: () => void;
  trays: Tray[];
  lots: () => number;
  practised: (string | null)[];
  signedOut: () => number;
} {
  const trays: Tray[] = [];
  let times = 0;
  let lots = 0;
  const practised: (string | null)[] = [];
  const sender = startSending(user, {
    onTray: async (it) => void trays.push(it),
    onLots: async () => void (lots += 1),
    onPractice: async (it) => void practised.push(it?.tray ?? null),
    onSignedOut: () => (times += 1),
  });
  running.push(sender);

  return { kick: sender.kick, trays, lots: () => lots, practised, signedOut: () => times };
}

beforeEach(async () => {
  await store.waiting.clear();
  await store.lots.clear();
  await store.practice.clear();
});
afterEach(() => {
  running.forEach((it) => it.stop());
  running = [];
});

const frozen = (id: string): SentLotFact => ({ kind: "freeze", id, at: "2026-03-02T09:00:00.000Z", lot: "l", on: "2026-03-02" });

test("lots go up after the weights they are made of, each tap by itself; what is refused stays whole with its reason", async () => {
  const asked = browser((it) => {
    if (!it.path.endsWith("/ledger/facts")) return tray(it);

    return JSON.stringify(it.body).includes('"bad"') ? problem(422, "only 1 g of it is on hand") : json({ lots: [], gone: [], next: 1 });
  });
  await store.lots.bulkAdd(
    [["good", "too"], ["bad"], ["last"]].map((ids) => ({
      user: "marit",
      facts: ids.map(frozen),
      words: ids.join(),
      offsetMs: 0,
      refusal: null,
    })),
  );
  await waits([note("a")]);
  const { lots } = send();
  await expect
    .poll(async () => (await store.lots.toArray()).map((it) => [it.words, it.refusal]))
    .toEqual([["bad", "only 1 g of it is on hand"]]);
  expect(asked.map((it) => [it.path, (it.body as { facts?: { id: string }[] }).facts?.map(({ id }) => id)])).toEqual([
    ["/api/v1/attempts/one/captures", undefined],
    ["/api/v1/ledger/facts", ["good", "too"]],
    ["/api/v1/ledger/facts", ["bad"]],
    ["/api/v1/ledger/facts", ["last"]],
  ]);
  expect(lots()).toBe(2);
});

test("what was practised goes up last, each standard and tray by itself; what is refused holds up none of the rest", async () => {
  const asked = browser((it) => {
    if (it.path.endsWith("/facts"))
      return JSON.stringify(it.body).includes('"bad"') ? problem(422, "no such question") : new Response(null, { status: 204 });

    return it.path.startsWith("/api/v1/practice/") ? json({ tray: it.path.split("/")[6] }) : tray(it);
  });
  const answerOf = (id: string) => ({ tray: null, fact: { id, at: "2026-03-02T09:00:00.000Z", kind: "followed" as const } });
  const onTray = (tray: string, id: string) => ({ tray, capture: note(id).capture });
  await store.practice.bulkAdd(
    [
      ["s", answerOf("good")],
      ["s", answerOf("bad")],
      ["s", answerOf("last")],
      ["s", onTray("t", "x")],
      ["s", onTray("t", "y")],
      ["other", answerOf("z")],
    ].map(([standard, said]) => ({ user: "marit", standard, said, offsetMs: 0, refusal: null }) as WaitingPractice),
  );
  await waits([note("a")]);
  const { practised } = send();
  await expect.poll(() => practised.length).toBe(4);
  await expect
    .poll(async () => (await store.practice.toArray()).map((it) => [it.said.tray === null ? it.said.fact.id : "", it.refusal]))
    .toEqual([["bad", "no such question"]]);
  expect(asked.map((it) => it.path)).toEqual([
    "/api/v1/attempts/one/captures",
    "/api/v1/practice/s/facts",
    "/api/v1/practice/s/facts",
    "/api/v1/practice/s/facts",
    "/api/v1/practice/s/facts",
    "/api/v1/practice/s/trays/t/captures",
    "/api/v1/practice/other/facts",
  ]);
  expect(practised).toEqual([null, null, "t", null]);
});

test("captures of one tray go up together, in the order they were made; the next tray after it", async () => {
  const asked = browser(tray);
  await waits([note("a"), note("b"), note("c", "two"), note("d")]);
  const { trays } = send();
  await expect.poll(left).toEqual([]);
  expect(asked.map((it) => [it.path, idsOf(it)])).toEqual([
    ["/api/v1/attempts/one/captures", ["a", "b"]],
    ["/api/v1/attempts/two/captures", ["c"]],
    ["/api/v1/attempts/one/captures", ["d"]],
  ]);
  expect(trays).toHaveLength(3);
});

test("a hundred at once, and no more", async () => {
  const asked = browser(tray);
  await waits(Array.from({ length: 130 }, (_, index) => note(String(index))));
  send();
  await expect.poll(left).toEqual([]);
  expect(asked.map((it) => idsOf(it).length)).toEqual([100, 30]);
});

test("captures made by another clock go up apart, with what their clock was put right by", async () => {
  const asked = browser(tray);
  await waits([note("a")]);
  await store.waiting.add({ user: "marit", refusal: null, ...note("b"), offsetMs: 7_000 });
  send();
  await expect.poll(left).toEqual([]);
  expect(asked.map((it) => (it.body as { offset_ms: number }).offset_ms)).toEqual([0, 7_000]);
});

test("without a network everything stays, and goes up by itself once there is one", async () => {
  const asked = browser(() => Promise.reject(new TypeError("Failed to fetch")));
  await waits([note("a"), note("b")]);
  const { signedOut } = send();
  await expect.poll(() => asked.length).toBeGreaterThan(0);
  expect(await left()).toEqual(["a", "b"]);
  answerWith(tray);
  online();
  await expect.poll(left).toEqual([]);
  expect(signedOut()).toBe(0);
});

test("where the answer is lost, the same captures are sent again under the same ids", async () => {
  let isLost = true;
  const asked = browser((it) => {
    if (!isLost) return tray(it);
    isLost = false;
    throw new TypeError("the connection broke off");
  });
  await waits([note("a"), note("b")]);
  send();
  await expect.poll(left).toEqual([]);
  expect(asked.map(idsOf)).toEqual([
    ["a", "b"],
    ["a", "b"],
  ]);
});

for (const status of [429, 500, 502, 503]) {
  test(`an answer of ${status} refuses nothing: it is tried again`, async () => {
    let tries = 0;
    browser((it) => (++tries === 1 ? problem(status, "Not now") : tray(it)));
    await waits([note("a")]);
    send();
    await expect.poll(left).toEqual([]);
    expect(tries).toBe(2);
  });
}

test("what always fails steps aside after three tries, and holds nothing up; it goes up with all others when it is sent again", async () => {
  let isWell = false;
  const asked = browser((it) => (!isWell && idsOf(it).includes("bad") ? problem(500, "Something went wrong here") : tray(it)));
  await waits([note("before"), note("bad"), note("after"), note("next", "two")]);
  const { kick } = send();
  await expect.poll(left, { timeout: 10_000 }).toEqual(["bad"]);
  const tries = asked.filter((it) => idsOf(it).join() === "bad").length;
  expect([tries, (await store.waiting.toArray()).map(isAside)]).toEqual([3, [true]]);
  isWell = true;
  await sendAgain("marit");
  kick();
  await expect.poll(left).toEqual([]);
});

test("what stepped aside goes up after the rest; where it fails once more it is left alone for a minute", async () => {
  let now = Date.now();
  const clock = vi.spyOn(Date, "now").mockImplementation(() => now);
  const asked = browser((it) => (idsOf(it).includes("bad") ? problem(500, "Something went wrong here") : tray(it)));
  await store.waiting.add({ user: "marit", offsetMs: 0, refusal: null, failures: 3, ...note("bad") });
  await waits([note("a", "two")]);
  const { kick } = send();
  await expect.poll(() => asked.map(idsOf)).toEqual([["a"], ["bad"]]);
  await waits([note("b")]);
  kick();
  await expect.poll(left).toEqual(["bad"]);
  expect(asked.map(idsOf)).toEqual([["a"], ["bad"], ["b"]]);
  answerWith(tray);
  now += 60_000;
  await waits([note("c")]);
  kick();
  await expect.poll(left).toEqual([]);
  expect(asked.map(idsOf).slice(3)).toEqual([["c"], ["bad"]]);
  clock.mockRestore();
});

test("lots and practice of one who failed at them often go up too, once the server takes them", async () => {
  const asked = browser((it) => json(it.path.endsWith("/ledger/facts") ? { lots: [], gone: [], next: 1 } : { tray: "t" }));
  const head = { user: "marit", offsetMs: 0, refusal: null, failures: 3 };
  await store.lots.add({ ...head, facts: [frozen("f")], words: "Into the freezer" });
  await store.practice.add({ ...head, standard: "s", said: { tray: "t", capture: note("x").capture } } as WaitingPractice);
  send();
  await expect.poll(() => Promise.all([store.lots.count(), store.practice.count()])).toEqual([0, 0]);
  expect(asked.map(({ path }) => path)).toEqual(["/api/v1/ledger/facts", "/api/v1/practice/s/trays/t/captures"]);
});

test("what was refused, of a tray, the ledger or practice, goes up once more when it is sent again", async () => {
  browser((it) => json(it.path.endsWith("/ledger/facts") ? { lots: [], gone: [], next: 1 } : { tray: "t" }));
  const head = { user: "marit", offsetMs: 0, refusal: "No such piece" };
  await store.waiting.add({ ...head, ...note("a") });
  await store.lots.add({ ...head, facts: [frozen("f")], words: "Into the freezer" });
  await store.practice.add({ ...head, standard: "s", said: { tray: "t", capture: note("x").capture } });
  const { kick } = send();
  const counts = () => Promise.all([store.waiting.count(), store.lots.count(), store.practice.count()]);
  await sendAgain("teodor");
  kick();
  expect(await counts()).toEqual([1, 1, 1]);
  await sendAgain("marit");
  kick();
  await expect.poll(counts).toEqual([0, 0, 0]);
});

test.each([
  ["a tray", ["/api/v1/attempts/one/captures"]],
  ["the ledger", ["/api/v1/attempts/one/captures", "/api/v1/ledger/facts"]],
])("where %s cannot be reached, what stands on it waits", async (_, paths) => {
  const asked = browser((it) => (it.path === paths.at(-1) ? Promise.reject(new TypeError("Failed to fetch")) : tray(it)));
  await waits([note("a")]);
  await store.lots.add({ user: "marit", offsetMs: 0, refusal: null, facts: [frozen("f")], words: "Into the freezer" });
  await store.practice.add({ user: "marit", offsetMs: 0, refusal: null, standard: "s", said: { tray: "t", capture: note("x").capture } });
  send();
  // Twice: whatever is tried again begins at what failed.
  await expect.poll(() => asked.length).toBeGreaterThanOrEqual(paths.length + 1);
  expect(asked.map(({ path }) => path)).toEqual([...paths, ...Array.from({ length: asked.length - paths.length }, () => paths.at(-1))]);
});

for (const status of [403, 404, 408]) {
  test(`an answer of ${status} that is not of this application refuses nothing`, async () => {
    let tries = 0;
    browser((it) => (++tries === 1 ? new Response("<html>Accept the terms</html>", { status }) : tray(it)));
    await waits([note("a")]);
    send();
    await expect.poll(left).toEqual([]);
    expect(tries).toBe(2);
  });
}

test("every request says whose it is; where somebody else is signed in by now, it waits", async () => {
  const asked = browser(() =>
    json({ type: "urn:deft-blade:problem:other-person", title: "Somebody else is signed in", status: 409, detail: "Wait" }, 409),
  );
  await waits([note("a")]);
  const { signedOut } = send();
  await expect.poll(signedOut).toBe(1);
  expect([await left(), asked.map((it) => it.person)]).toEqual([["a"], ["marit"]]);
  expect((await store.waiting.toArray())[0]?.refusal).toBeNull();
});

test("of several the one that is refused stays with its reason, and the others go up", async () => {
  const asked = browser((it) => (idsOf(it).includes("b") ? problem(422, "the standard has no piece “tail”") : tray(it)));
  await waits([note("a"), note("b"), note("c")]);
  send();
  await expect.poll(left).toEqual(["b"]);
  expect((await store.waiting.toArray())[0]?.refusal).toBe("the standard has no piece “tail”");
  expect(asked.map(idsOf)).toEqual([["a", "b", "c"], ["a"], ["b"], ["c"]]);
});

test("what was refused is not sent again by itself, and holds nothing up", async () => {
  const asked = browser(tray);
  await store.waiting.add({ user: "marit", offsetMs: 0, ...note("refused"), refusal: "No such piece" });
  await waits([note("later")]);
  send();
  await expect.poll(left).toEqual(["refused"]);
  expect(asked.map(idsOf)).toEqual([["later"]]);
});

test("who has to sign in again loses nothing, and is asked once", async () => {
  const asked = browser(() => json({ type: "urn:deft-blade:problem:signed-out", status: 401, detail: "Sign in to go on." }, 401));
  await waits([note("a"), note("b", "two")]);
  const { signedOut, kick } = send();
  await expect.poll(signedOut).toBe(1);
  expect([await left(), asked.length]).toEqual([["a", "b"], 1]);
  answerWith(tray);
  kick();
  await expect.poll(left).toEqual([]);
});

test("what another person took down here waits for them", async () => {
  const asked = browser(tray);
  await waits([note("theirs")], "teodor");
  await waits([note("mine")]);
  send();
  await expect.poll(left).toEqual(["theirs"]);
  expect(asked.map(idsOf)).toEqual([["mine"]]);
  send("teodor");
  await expect.poll(left).toEqual([]);
});

test("a photograph goes up before the capture that speaks of it; without it, neither", async () => {
  let isThere = false;
  const asked = browser((it) => {
    if (it.method !== "PUT") return tray(it);

    return isThere ? new Response(null, { status: 204 }) : problem(503, "Not now");
  });
  const sha256 = "0".repeat(64);
  const photo = {
    attempt: "one",
    capture: { id: "p", at: "2026-03-02T09:00:00.000Z", kind: "photo", file: "tray.jpg", sha256 } as SentCapture,
  };
  await waits([{ ...photo, blob: new Blob(["picture"]) }]);
  const { kick } = send();
  await expect.poll(() => asked.length).toBeGreaterThan(0);
  expect([await left(), asked.every((it) => it.method === "PUT")]).toEqual([["p"], true]);
  isThere = true;
  kick();
  await expect.poll(left).toEqual([]);
  expect(asked.slice(-2).map((it) => [it.method, it.path])).toEqual([
    ["PUT", `/api/v1/attempts/one/photos/${sha256}`],
    ["POST", "/api/v1/attempts/one/captures"],
  ]);
});

test("a photograph of a practice tray goes up before the fact that speaks of it, and a step of the card with it", async () => {
  const asked = browser((it) => (it.method === "PUT" ? new Response(null, { status: 204 }) : json({ tray: "t" })));
  const sha256 = "1".repeat(64);
  const at = "2026-03-02T09:00:00.000Z";
  const row = { user: "marit", standard: "s", offsetMs: 0, refusal: null };
  await store.practice.bulkAdd([
    { ...row, said: { tray: "t", capture: { id: "step", at, kind: "step", step: 0 } } },
    { ...row, said: { tray: "t", capture: { id: "photo", at, kind: "photo", file: "tray.jpg", sha256 }, blob: new Blob(["picture"]) } },
  ]);
  send();
  await expect.poll(() => store.practice.count()).toBe(0);
  expect(asked.map((it) => [it.method, it.path])).toEqual([
    ["PUT", `/api/v1/practice/s/trays/t/photos/${sha256}`],
    ["POST", "/api/v1/practice/s/trays/t/captures"],
  ]);
});

test("what is taken down while the sender looks whether anything else is left goes up too", async () => {
  const asked = browser(tray);
  const { practice } = store;
  const where = practice.where.bind(practice);
  let kick = (): void => undefined;
  // Captures were gone through already; one is taken down before the sender has ended.
  practice.where = (() => ({
    equals: () => ({
      sortBy: async () => {
        practice.where = where;
        await waits([
          { attempt: "one", capture: { id: "late", at: "2026-03-02T09:00:00.000Z", kind: "fault", fault: "sawing" } as SentCapture },
        ]);
        kick();

        return [];
      },
    }),
  })) as unknown as typeof practice.where;
  kick = send().kick;
  await expect.poll(() => asked.map(idsOf)).toEqual([["late"]]);
  await expect.poll(left).toEqual([]);
});

test("what is taken down while something is on its way goes up next", async () => {
  let release: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  const asked = browser(async (it) => {
    if (idsOf(it).includes("first")) await held;

    return tray(it);
  });
  await waits([note("first")]);
  const { kick } = send();
  await expect.poll(() => asked.length).toBe(1);
  await waits([note("second")]);
  kick();
  release();
  await expect.poll(left).toEqual([]);
  expect(asked.map(idsOf)).toEqual([["first"], ["second"]]);
});

test("a sender that was stopped sends nothing more", async () => {
  const asked = browser(tray);
  const { kick } = send();
  running.forEach((it) => it.stop());
  await waits([note("a")]);
  kick();
  online();
  const other = send("somebody else");
  other.kick();
  expect([await left(), asked]).toEqual([["a"], []]);
});
