import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Lot, LotFact, LotHistory, School } from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { away, like, open, press, school, slipCloses, type } from "../support/kitchen";
import { lot } from "../support/lots";

/** One lot: what is said of it, what is done with it, and what was taken down; kept on the device while there is no server. */

const user = userEvent.setup({ delay: null });
const at = "2026-03-03T09:10:00.000Z";
const zone = { "GET /school": like<School>("GET /school", { units: "metric" }) };

beforeEach(() => store.lots.clear());
afterEach(() => vi.restoreAllMocks());

const history = (of: Lot, said: Partial<LotHistory> = {}): LotHistory => ({
  lot: of,
  entries: [],
  stations: [3, 4],
  delivery: null,
  ...said,
});

async function openLot(said: LotHistory, who: object = {}): Promise<void> {
  await open(`/ledger/lots/${said.lot.id}`, school({ ...zone, "GET /ledger/lots/{lot}": said, "POST /ledger/facts": away }, who));
  await screen.findByRole("heading", { level: 1 });
}

const factsTaken = async (): Promise<object[]> =>
  (await store.lots.toArray()).flatMap((it) =>
    it.facts.map((fact) => Object.fromEntries(Object.entries(fact).filter(([key]) => key !== "id" && key !== "at"))),
  );
const areTaken = (facts: object[]): Promise<void> => waitFor(async () => expect(await factsTaken()).toEqual(facts));
const thigh = lot("Thigh", {
  id: "thigh",
  mass_mg: 900_000,
  on_hand_mg: 600_000,
  moved: { service: 300_000 },
  destinations: ["service", "practical", "waste"],
});

test("a lot says where it comes from, what became of it, and how long it keeps", async () => {
  await openLot(history(thigh, { delivery: { supplier: "Fjord Poultry", invoice: "R-77", pieces: 12, mass_mg: 1, cost_minor: 1 } }));
  await screen.findByText("From stations 3, 4; delivered by Fjord Poultry, invoice R-77.");
  await screen.findByText(/^900 g made = 300 g .*service \+ 600 g on hand$/);
});

test("what is taken out is all of it unless less is said, never more; waste needs its reason", async () => {
  await openLot(history(thigh));
  await type("How much", "700");
  await screen.findByText("Only 600 g is on hand");
  expect(screen.getByRole("button", { name: "Take out" })).toHaveProperty("disabled", true);
  await type("How much", "250");
  await press(user, "A class");
  await type("For which class", " Larder 3 ");
  await press(user, "Take out");
  await areTaken([{ kind: "move", lot: "thigh", to: "practical", mass_mg: 250_000, text: "Larder 3" }]);
  await screen.findByText(/350 g on hand$/);
  await press(user, "Bin");
  expect(within(screen.getByLabelText("Why Thigh is thrown away")).getAllByRole("option")).toHaveLength(5);
  await user.selectOptions(screen.getByLabelText("Why Thigh is thrown away"), "Fell on the floor");
  await press(user, "Take out");
  await waitFor(async () =>
    expect((await factsTaken()).at(-1)).toEqual({ kind: "move", lot: "thigh", to: "waste", mass_mg: 350_000, text: "Fell on the floor" }),
  );
  await screen.findByText(/0 g on hand$/);
  expect(screen.queryByRole("button", { name: "Take out" })).toBeNull();
  await press(user, "Undo");
  await screen.findByText(/350 g on hand$/);
});

test("a tap that is made twice takes out once", async () => {
  await openLot(history(thigh));
  const take = await screen.findByRole("button", { name: "Take out" });
  await user.dblClick(take);
  await areTaken([{ kind: "move", lot: "thigh", to: "service", mass_mg: 600_000 }]);
});

test("a button that a wet palm taps twice takes down once; what was undone is taken down at once again", async () => {
  await openLot(history(thigh));
  const freeze = { kind: "freeze", lot: "thigh", on: expect.stringMatching(/^\d{4}-\d\d-\d\d$/) as string };
  const button = await screen.findByRole("button", { name: "Into the freezer" });
  fireEvent.click(button);
  fireEvent.click(button);
  await areTaken([freeze]);
  await press(user, "Undo");
  await press(user, "Into the freezer");
  await areTaken([freeze, expect.objectContaining({ kind: "void" }) as object, freeze]);
});

test("a lot is divided, weighed as one, and frozen", async () => {
  await openLot(history(thigh));
  await press(user, "Divide …");
  const divide = (): HTMLElement => screen.getByRole("button", { name: "Divide" });
  expect(screen.getByLabelText("Into the new container")).toHaveProperty("value", "300 g");
  await type("Into the new container", "601");
  expect(divide()).toHaveProperty("disabled", true);
  await type("Into the new container", "200");
  await type("What the container is called (may be left empty)", "Pan 2");
  await user.click(divide());
  await slipCloses();
  await press(user, "Weigh the container …");
  await type("The scale says", "395");
  await press(user, "Keep it");
  await slipCloses();
  await press(user, "Into the freezer");
  await areTaken([
    { kind: "divide", lot: "thigh", mass_mg: 200_000, container: "Pan 2" },
    { kind: "weigh", lot: "thigh", mass_mg: 395_000 },
    { kind: "freeze", lot: "thigh", on: expect.stringMatching(/^\d{4}-\d\d-\d\d$/) as string },
  ]);
});

test("fish for raw service needs its record: how parasites were destroyed, and where that is written", async () => {
  await openLot(history(lot("Fillet", { id: "fillet", species: "sea-trout", is_cooked_only: true })));
  await screen.findByText(/raw service needs its record of parasite destruction \(Food Code 3-402\.11\); local codes decide/);
  await press(user, "Record for raw service …");
  expect(screen.getByRole("button", { name: "Keep the record" })).toHaveProperty("disabled", true);
  await user.selectOptions(screen.getByLabelText("How parasites were destroyed"), "Exempt: the supplier’s letter is kept");
  await type("Where that is written down", "Folder 4, letter of 2 March");
  await press(user, "Keep the record");
  await areTaken([{ kind: "raw", lot: "fillet", treatment: "exempt", text: "Folder 4, letter of 2 March" }]);
});

test("what this device cannot keep leaves its slip open with what was written", async () => {
  await openLot(history(lot("Fillet", { id: "fillet", is_cooked_only: true })));
  vi.spyOn(store.lots, "add").mockRejectedValue(Object.assign(new Error("no room"), { name: "QuotaExceededError" }));
  vi.spyOn(store.lots, "bulkAdd").mockRejectedValue(Object.assign(new Error("no room"), { name: "QuotaExceededError" }));
  await press(user, "Record for raw service …");
  await type("Where that is written down", "Folder 4");
  await press(user, "Keep the record");
  await press(user, "I have seen it");
  expect(screen.getByLabelText("Where that is written down")).toHaveProperty("value", "Folder 4");
  vi.restoreAllMocks();
  await press(user, "Keep the record");
  await slipCloses();
  await areTaken([{ kind: "raw", lot: "fillet", treatment: "minus_20_7_days", text: "Folder 4" }]);
});

test("a lot whose day is over, and one that cooled too slowly, go in the bin", async () => {
  await openLot(history(lot("Over", { id: "over", days_left: -1, destinations: ["waste"] })));
  expect(screen.getByRole("alert").textContent).toBe(
    "Its day is over: bin it with its reason. Local codes and the school’s licensed staff decide.",
  );
  await press(user, "Take out");
  await areTaken([{ kind: "move", lot: "over", to: "waste", mass_mg: 500_000, text: "Spoilt" }]);
});

test("a barred lot says why, and its reason is written for it", async () => {
  await openLot(history(lot("Stock", { id: "stock", is_barred: true, destinations: ["waste"] })));
  expect(screen.getByRole("alert").textContent).toContain("Cooled too slowly: it goes in the bin, nowhere else.");
  expect(screen.queryByRole("button", { name: "Into the freezer" })).toBeNull();
  expect(screen.queryByText(/Use by/)).toBeNull();
  await press(user, "Take out");
  await areTaken([{ kind: "move", lot: "stock", to: "waste", mass_mg: 500_000, text: "Cooled too slowly" }]);
});

test("the history says each fact in words, the last first; one is taken back with a line of its own", async () => {
  const facts = [
    { kind: "put_away", id: "thigh", at, assessment: "a", product: "thigh", off: false, weights: [], mass_mg: 900_000, made: "2026-03-02" },
    { kind: "move", id: "f2", at, lot: "thigh", to: "service", mass_mg: 300_000, text: "Friday lunch" },
    { kind: "divide", id: "f3", at, lot: "thigh", mass_mg: 100_000 },
    { kind: "weigh", id: "f4", at, lot: "other", mass_mg: 95_000 },
    { kind: "freeze", id: "f5", at, lot: "thigh", on: "2026-03-03" },
    { kind: "thaw", id: "f6", at, lot: "thigh", on: "2026-03-04" },
    { kind: "raw", id: "f7", at, lot: "thigh", treatment: "minus_35_15_hours", text: "Folder 4" },
    { kind: "cool", id: "f8", at, lot: "thigh", c: 21 },
    { kind: "void", id: "f9", at, target: "f6", reason: "Wrong lot" },
  ] as LotFact[];
  const entries = facts.map((fact, index) => ({
    fact,
    by: "Marit Oyelaran",
    seq: index + 1,
    is_withdrawn: fact.id === "f6",
  })) as LotHistory["entries"];
  await openLot(history(thigh, { entries }));
  const list = within(screen.getByRole("region", { name: "What was taken down" }));
  await list.findByText("Taken back: Wrong lot");
  expect(list.getAllByRole("listitem").map((it) => it.querySelector("p")?.textContent)).toEqual([
    "Taken back: Wrong lot",
    "21 °C at the core",
    "For raw service, −35 °C for 15 hours: Folder 4",
    "Out of the freezer, Wednesday 4 March",
    "Into the freezer, Tuesday 3 March",
    "Container on the scale: 95 g (another container)",
    "100 g into another container",
    "300 g to service: Friday lunch",
    "Put away, 900 g, weighed together",
  ]);
  expect(list.getAllByRole("button", { name: /^Take back/ })).toHaveLength(7);
  await user.click(list.getByRole("button", { name: "Take back: 21 °C at the core" }));
  await areTaken([{ kind: "void", target: "f8", reason: "Taken back in the history" }]);
});

test("whoever only reads is offered nothing to take down", async () => {
  await openLot(history(thigh, { stations: [4] }), { may_capture: false });
  await screen.findByText("From station 4; how the carcasses were delivered is not written down.");
  for (const name of ["Take out", "Divide …", "Into the freezer"]) expect(screen.queryByRole("button", { name })).toBeNull();
});
