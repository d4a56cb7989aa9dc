import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { Floor } from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { away, open, press, refused, school, slipCloses, type, type Asked } from "../support/kitchen";
import { areTaken, room, station, taken } from "../support/room";

/** What hands do at the Floor, with no server: what is tapped is what is taken down, all of it and once. */

const user = userEvent.setup({ delay: null });

afterEach(async () => {
  vi.restoreAllMocks();
  await store.waiting.clear();
});

async function openFloor(floor: Floor, answers: Record<string, unknown> = {}): Promise<Asked[]> {
  const { asked } = await open(
    `/floor/${floor.assessment}`,
    school({
      "GET /assessments/{assessment}/floor": floor,
      // What is made up would set the clock as well.
      "GET /assessments/{assessment}/captures": away,
      "POST /attempts/{attempt}/captures": away,
      ...answers,
    }),
  );
  await screen.findByRole("group", { name: "Stations" });

  return asked;
}

const tab = (name: string): Promise<void> =>
  user.click(within(screen.getByRole("navigation", { name: "Rounds" })).getByRole("button", { name }));

async function pick(number: number): Promise<HTMLElement> {
  fireEvent.keyDown(document.body, { key: String(number) });

  return screen.findByRole("complementary", { name: `Station ${number}` });
}

test("an incident: the clock stands first, what to do is said, and what was touched is out of the sum or counts as missing", async () => {
  await openFloor(room([station(1, { stage: "running", running_since_ms: Date.now(), started_ms: Date.now(), received_mg: 1_800_000 })]));
  await pick(1);
  await press(user, "Safety stop");
  await areTaken([{ kind: "clock", event: "pause", reason: "safety stop" }]);
  const slip = within(await screen.findByRole("dialog", { name: "Stopped: station 1" }));
  expect(slip.getByRole("button", { name: "Record it" })).toHaveProperty("disabled", true);
  for (const [what, caution] of [
    ["Cut", /clean dressing.*Everything the blood touched goes into the waste/],
    ["Burn", /running water.*No ice, no fat, no cream/],
    ["Slip or fall", /Do not lift/],
    ["Near miss", /Nobody is hurt/],
    ["Something else", /place safe/],
  ] as const) {
    await user.click(slip.getByRole("button", { name: what }));
    expect(slip.getByRole("note").textContent).toMatch(caution);
    expect(slip.getByRole("note").textContent).toMatch(/trained first-aider.*emergency service.*Local codes decide/s);
  }
  expect(slip.queryByRole("radiogroup", { name: "What becomes of the mark" })).toBeNull();
  await user.click(slip.getByRole("button", { name: "Cut" }));
  await user.click(slip.getByRole("button", { name: "Left leg" }));
  await user.click(slip.getByRole("button", { name: "Left wing" }));
  await user.click(slip.getByRole("button", { name: "Left leg" }));
  await user.click(slip.getByRole("radio", { name: "Withdrawal: counts as missing" }));
  fireEvent.change(slip.getByLabelText("What happened", { selector: "textarea" }), { target: { value: " Slipped off the joint " } });
  await user.click(slip.getByRole("button", { name: "Record it" }));
  await slipCloses();
  const incident = { kind: "incident", what: "cut", text: "Slipped off the joint", pieces: ["wing.left"], treatment: "voided" };
  await areTaken([{ kind: "clock", event: "pause", reason: "safety stop" }, incident]);
  expect(screen.queryByRole("status", { name: "Just taken down" })).toBeNull();
});

test("a stop where nothing happened pauses a running clock and nothing else; a standing one is left as it is", async () => {
  await openFloor(room([station(1, { stage: "received" })]));
  await pick(1);
  await press(user, "Safety stop");
  await press(user, "Nothing happened");
  expect(await taken()).toEqual([]);
});

test("what this device cannot keep is said, and what was written stays to be written down elsewhere", async () => {
  await openFloor(room([station(1, { stage: "running", running_since_ms: Date.now(), started_ms: Date.now() })]));
  await pick(1);
  vi.spyOn(store.waiting, "bulkAdd").mockImplementation(() => {
    throw Object.assign(new Error("no room"), { name: "QuotaExceededError" });
  });
  await type("Note", "Asked for the steel twice");
  await press(user, "Add");
  await screen.findByText(/This device has no space left/);
  await press(user, "I have seen it");
  expect(screen.getByLabelText("Note")).toHaveProperty("value", "Asked for the steel twice");

  await press(user, "Safety stop");
  await press(user, "I have seen it");
  await press(user, "Burn");
  fireEvent.change(screen.getByLabelText("What happened", { selector: "textarea" }), { target: { value: "Hot fat" } });
  await press(user, "Record it");
  await press(user, "I have seen it");
  expect(screen.getByLabelText("What happened", { selector: "textarea" })).toHaveProperty("value", "Hot fat");
  vi.restoreAllMocks();
  await press(user, "Record it");
  await areTaken([{ kind: "incident", what: "burn", text: "Hot fat", pieces: [], treatment: "excused" }]);
});

test.each(["/floor", "/floor/wall"])(
  "%s of a day without a practical leads to the next; where nobody could say, it is asked again",
  async (address) => {
    const empty = { date: "2026-03-04", today: [], earlier: [], coming: [], waiting: [], has_earlier: false, spare: null };
    const next = { id: "next", title: "Sea trout fillets", held_on: "2026-03-06" };
    let said: unknown = refused(403, "not-allowed", "Not now.");
    const { queries } = await open(address, school({ "GET /bench": () => said }));
    await screen.findByText("Not now.");
    expect(screen.getByRole("link", { name: "To the Bench" }).getAttribute("href")).toBe("/");
    said = empty;
    await press(user, "Try again");
    await screen.findByText("Nothing is on today");
    expect(screen.getByRole("link", { name: "Plan a practical" }).getAttribute("href")).toBe("/brief");
    said = { ...empty, coming: [next] };
    await queries.refetchQueries({ queryKey: ["bench"] });
    await screen.findByText(/The next is Sea trout fillets, Friday 6 March\.$/);
    expect(screen.getByRole("link", { name: "To its room" }).getAttribute("href")).toBe("/floor/next");
  },
);

test("two items of the mise tapped in quick succession are both open", async () => {
  await openFloor(room([station(1)]));
  await tab("Mise");
  await press(user, "Except …");
  fireEvent.click(screen.getByRole("button", { name: "Towels" }));
  fireEvent.click(screen.getByRole("button", { name: "Bin for trim" }));
  await areTaken([
    { kind: "mise", open: ["towel"] },
    { kind: "mise", open: ["towel", "bin"] },
  ]);
  await screen.findByText("2 open");
  fireEvent.click(screen.getByRole("button", { name: "× Towels" }));
  fireEvent.click(screen.getByRole("button", { name: "× Bin for trim" }));
  await screen.findByText("in order ✓");
});

test("a core temperature that is typed is kept, whatever is tapped next", async () => {
  await openFloor(room([station(1)]));
  await tab("Receiving");
  const look = within(await screen.findByRole("region", { name: "The look at the carcass" }));
  const core = look.getByLabelText("Core, °C");
  fireEvent.change(core, { target: { value: "6,5" } });
  // As a finger on glass has it: the line is left and the button tapped with nothing between.
  fireEvent.blur(core);
  fireEvent.click(look.getByRole("button", { name: "Cold to the touch" }));
  fireEvent.click(look.getByRole("button", { name: "Skin whole" }));
  await look.findByText("Warm to the touch; Core at 6.5 °C: it should go back.");
  expect((await taken()).at(-1)).toEqual({ kind: "look", not: ["cold", "whole"], core_c: 6.5 });
  await look.findByText(/Skin torn on arrival: choose the defect below/);
  await user.click(look.getByRole("button", { name: "Refuse it" }));
  expect(screen.getByLabelText("Refuse it, because")).toHaveProperty("value", "Warm to the touch; Core at 6.5 °C");
});

test("defects that are tapped in quick succession before and after the carcass is weighed are all noted", async () => {
  await openFloor(room([station(1), station(2)]));
  await tab("Receiving");
  const defects = within(await screen.findByRole("group", { name: "Defects on arrival" }));
  fireEvent.click(defects.getByRole("button", { name: "Skin torn" }));
  fireEvent.click(defects.getByRole("button", { name: "Bone broken" }));
  await type("Carcass tag", "K-11");
  await type("Or type it", "1850 g");
  fireEvent.submit(screen.getByLabelText("Or type it").closest("form") as HTMLFormElement);
  await areTaken([{ kind: "received", mass_mg: 1_850_000, defects: ["torn", "broken"], tag: "K-11" }]);
  await screen.findByRole("heading", { name: "Station 2: Student 2" });

  await press(user, /Student 1/);
  fireEvent.click(screen.getByRole("button", { name: "Skin torn" }));
  fireEvent.click(screen.getByRole("button", { name: "Bone broken" }));
  await waitFor(async () => expect((await taken()).at(-1)).toEqual({ kind: "received", mass_mg: 1_850_000, defects: [], tag: "K-11" }));
});

test("a carcass that this device cannot keep stays as it was written: its defects, its tag, and why it is refused", async () => {
  await openFloor(room([station(1), station(2)]));
  await tab("Receiving");
  vi.spyOn(store.waiting, "bulkAdd").mockImplementation(() => {
    throw Object.assign(new Error("no room"), { name: "QuotaExceededError" });
  });
  await press(user, "Skin torn");
  await type("Carcass tag", "K-11");
  await type("Or type it", "1850 g");
  fireEvent.submit(screen.getByLabelText("Or type it").closest("form") as HTMLFormElement);
  await press(user, "I have seen it");
  await type("Refuse it, because", "green under the wing");
  await press(user, "Refuse");
  await press(user, "I have seen it");
  await screen.findByRole("heading", { name: "Station 1: Student 1" });
  expect(screen.getByRole("button", { name: "Skin torn" }).getAttribute("aria-pressed")).toBe("true");
  expect(screen.getByLabelText("Carcass tag")).toHaveProperty("value", "K-11");
  expect(screen.getByLabelText("Refuse it, because")).toHaveProperty("value", "green under the wing");
  vi.restoreAllMocks();
  await press(user, "Refuse");
  await areTaken([{ kind: "refused", reason: "green under the wing", tag: "K-11" }]);
  expect(screen.getByLabelText("Refuse it, because")).toHaveProperty("value", "");
});

test("the room is arranged by tapping: a station, then its place, its wave and the gap; what is refused stays as it was arranged", async () => {
  let isOld = true;
  const floor = room([station(1), station(2, { wave: 4 }), station(3)], { arrangement: "a1" });
  const asked = await openFloor(floor, {
    "PUT /assessments/{assessment}/room": () => (isOld ? refused(412, "out-of-date", "Ilse Brandt arranged it meanwhile.") : floor),
  });
  await tab("Arrange");
  await press(user, "Station 1, row 1");
  await screen.findByText("Station 1: choose the place where it stands.");
  await user.click(screen.getAllByRole("button", { name: "Free, row 2" })[0] as HTMLElement);
  await press(user, "Station 2 wave 4, row 1");
  expect(screen.getByRole("button", { name: "Station 2 in wave 4" }).getAttribute("aria-pressed")).toBe("true");
  await press(user, "Station 2 in wave 2");
  await press(user, "Station 2 wave 2, row 1");
  await type("Between waves, min", "7,5");
  await press(user, "Keep it so");
  await screen.findByText("Ilse Brandt arranged it meanwhile.");
  await screen.findByRole("button", { name: "Station 1, row 2" });
  isOld = false;
  await press(user, "Keep it so");
  await screen.findByRole("group", { name: "Stations" });
  const sent = asked.filter(({ operation }) => operation === "PUT /assessments/{assessment}/room");
  expect(sent.map((it) => it.on)).toEqual(['"a1"', '"a1"']);
  expect(sent.at(-1)?.body).toEqual({ rows: [[2, 3], [1]], waves: { "2": 2 }, wave_gap_ms: 450_000 });
});

test("clocks start by waves where a carcass is there and the mise is looked at; the next wave says when it is due", async () => {
  const now = Date.now();
  await openFloor(
    room(
      [
        station(1, { started_ms: now, running_since_ms: now, stage: "running", received_mg: 1_800_000 }),
        station(2, { wave: 2, received_mg: 1_900_000 }),
        station(3, { wave: 2, received_mg: 1_900_000, gate: { looked: false, open: ["board"] } }),
        station(4, { wave: 2 }),
      ],
      { wave_gap_ms: 480_000 },
    ),
  );
  expect(screen.getByRole("button", { name: "Start wave 1 (0)" })).toHaveProperty("disabled", true);
  await press(user, /^Start wave 2 \(1\)in [78]:\d\d$/);
  await areTaken([{ kind: "clock", event: "start" }]);
  await screen.findByText("Clock started, 1 station");
  await press(user, "Undo");
  await waitFor(async () => expect((await taken()).at(-1)).toEqual(expect.objectContaining({ kind: "void", reason: "Undone at once" })));
});

test("each that has not started says its wave, in the first as well", async () => {
  await openFloor(room([station(1, { started_ms: 1 }), station(2), station(3, { wave: 2 })]));
  const waves = [...document.querySelectorAll("[data-station]")].map((it) => /wave \d/.exec(it.textContent)?.[0]);
  expect(waves).toEqual([undefined, "wave 1", "wave 2"]);
  screen.getByText("1 without a carcass");
});

test("where no clock can start, what the stations wait for stands beside", async () => {
  const gated = (number: number, looked: boolean): Floor["stations"][number] =>
    station(number, { received_mg: 1_900_000, gate: { looked, open: ["board"] } });
  await openFloor(room([station(1), station(2), gated(3, true), gated(4, false)]));
  expect(screen.getByRole("button", { name: "Start all (0)" })).toHaveProperty("disabled", true);
  screen.getByText("2 without a carcass, 1 with the mise not looked at, 1 with the mise not in order");
});

test("a clock does not start where nobody looked: all in order is one tap, and to start all the same needs its reason", async () => {
  await openFloor(
    room([
      station(1, { received_mg: 1_800_000, gate: { looked: true, open: ["board"] }, mise_open: ["board", "towel"], mise_looked: true }),
    ]),
  );
  await pick(1);
  await press(user, "Start");
  const slip = within(await screen.findByRole("dialog", { name: "Not safe to start" }));
  expect(slip.getAllByRole("listitem").map((it) => it.textContent)).toEqual(["Board on a damp cloth"]);
  expect(slip.getByRole("button", { name: "Start anyway" })).toHaveProperty("disabled", true);
  await type("Or start all the same, because", " Cloth is on its way ");
  fireEvent.submit(slip.getByLabelText("Or start all the same, because").closest("form") as HTMLFormElement);
  await slipCloses();
  await areTaken([{ kind: "clock", event: "start", reason: "Cloth is on its way" }]);
});

test("put right at the gate, what else was open stays open", async () => {
  await openFloor(
    room([
      station(1, { received_mg: 1_800_000, gate: { looked: true, open: ["board"] }, mise_open: ["board", "towel"], mise_looked: true }),
    ]),
  );
  await pick(1);
  await press(user, "Start");
  await press(user, "Put right: start the clock");
  await areTaken([
    { kind: "mise", open: ["towel"] },
    { kind: "clock", event: "start" },
  ]);
});

test("carcasses out of the refrigerator are told before the limit of the school, and past it", async () => {
  const out = (minutes: number, since: number | null = null): object => ({ cold_ms: minutes * 60_000, cold_since_ms: since });
  await openFloor(room([station(1, out(10)), station(2, out(50, Date.now()))]));
  await tab("Receiving");
  const chain = within(await screen.findByRole("group", { name: "Cold chain" }));
  expect(chain.getByRole("alert").textContent).toMatch(/^Out for 50:\d\d: the limit of 60:00 is near\.$/);
  await user.click(chain.getByRole("button", { name: "Back in (1)" }));
  await areTaken([{ kind: "chill", event: "in" }]);
  await chain.findByRole("button", { name: "Back in (0)" });
});

test("a carcass past the limit of the school is on record, and local codes decide", async () => {
  await openFloor(room([station(1, { cold_ms: 3_700_000 })]));
  await tab("Receiving");
  const chain = within(await screen.findByRole("group", { name: "Cold chain" }));
  expect(chain.getByRole("alert").textContent).toMatch(/past the limit of 60:00\. It is on record; local codes decide/);
});

test("once every carcass is weighed, the scale says so, and how one is weighed again", async () => {
  await openFloor(room([station(1, { received_mg: 1_900_000 })]));
  await tab("Receiving");
  expect(screen.getByRole("button", { name: "Every carcass is weighed" })).toHaveProperty("disabled", true);
  screen.getByText("Tap a carcass to weigh it again.");
  await press(user, /^1/);
  expect(screen.getByRole("button", { name: "Take carcass of station 1" })).toHaveProperty("disabled", false);
});

test("a check weight: what it weighs is said first, what the scale read is kept, and a scale out of its limits says what to do", async () => {
  const check = (reading_mg: number, is_within: boolean): Floor["scale_check"] => ({
    id: "check",
    at: "2026-03-04T07:30:00Z",
    by: "Marit Oyelaran",
    nominal_mg: 1_000_000,
    reading_mg,
    error_mg: reading_mg - 1_000_000,
    limit_mg: 1_000,
    is_within,
  });
  const floor = room([station(1)]);
  const answers = [
    away,
    () => ({ ...floor, scale_check: check(1_000_400, true) }),
    () => ({ ...floor, scale_check: check(996_000, false) }),
  ];
  const asked = await openFloor(floor, { "PUT /assessments/{assessment}/scale-checks/{check}": () => answers.shift()?.() });
  await tab("Scale");
  await screen.findByText("Not checked for this practical yet.");
  await type("The check weight weighs", "a brick");
  await screen.findByText(/is not a weight/);
  expect(screen.getByRole("button", { name: "Take check weight" })).toHaveProperty("disabled", true);
  await type("The check weight weighs", "0");
  await screen.findByText("A check weight weighs something.");
  await type("The check weight weighs", "1 kg");
  const reads = async (text: string): Promise<void> => {
    await type("Or type it", text);
    fireEvent.submit(screen.getByLabelText("Or type it").closest("form") as HTMLFormElement);
  };
  await reads("1000.4");
  await screen.findByText(/^Not kept: The server does not answer/);
  await reads("1000.4");
  await screen.findByText("The scale is within its limits.");
  await reads("996");
  await screen.findByText("The scale is out of its limits.");
  await screen.findByText(/Level it, let it warm up, clear and zero it, and check again/);
  const sent = asked.filter(({ operation }) => operation.startsWith("PUT"));
  expect(sent.map((it) => it.body)).toEqual([
    { nominal_mg: 1_000_000, reading_mg: 1_000_400 },
    { nominal_mg: 1_000_000, reading_mg: 1_000_400 },
    { nominal_mg: 1_000_000, reading_mg: 996_000 },
  ]);
  expect(new Set(sent.map((it) => it.path)).size).toBe(2);
});
