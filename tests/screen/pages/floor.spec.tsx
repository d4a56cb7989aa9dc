import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { Floor } from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { away, open, press, school, type } from "../support/kitchen";
import { areTaken, room, station, taken } from "../support/room";

/** What hands do at the Floor, with no server: what is tapped is what is taken down, all of it and once. */

const user = userEvent.setup({ delay: null });

afterEach(async () => {
  vi.restoreAllMocks();
  await store.waiting.clear();
});

async function openFloor(floor: Floor): Promise<void> {
  await open(
    `/floor/${floor.assessment}`,
    school({
      "GET /assessments/{assessment}/floor": floor,
      "POST /attempts/{attempt}/captures": away,
      "GET /assessments/{assessment}/cursor": away,
    }),
  );
  await screen.findByRole("group", { name: "Stations" });
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
  await waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
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
