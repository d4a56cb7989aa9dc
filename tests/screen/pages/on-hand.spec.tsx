import { screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { beforeEach, expect, test } from "vitest";
import type { Lot, Needs, Serving } from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { away, open, press, school, slipCloses, type, type Asked } from "../support/kitchen";
import { lot } from "../support/lots";

/** What is asked for and what is taken out for guests: facts of the ledger, kept on the device until they are on the server. */

const user = userEvent.setup({ delay: null });
const news = { lots: [], gone: [], next: 2 };
const products: Needs["products"] = [
  { species: "chicken", product: "thigh", marked: "Thigh", title: "Thigh" },
  { species: "sea-trout", product: "fillet", marked: "Fillet", title: "Fillet" },
];

beforeEach(async () => {
  await store.lots.clear();
});

async function openOnHand(lots: Lot[], answers: Record<string, unknown> = {}): Promise<Asked[]> {
  const { asked } = await open(
    "/ledger/on-hand",
    school({
      "GET /ledger/lots": { date: "2026-03-04", lots, has_more: false, on_hand_mg: 0, next: 1 },
      "GET /ledger/needs": { date: "2026-03-04", needs: [], spare: [], products },
      "POST /ledger/facts": news,
      ...answers,
    }),
  );
  await screen.findByRole("button", { name: "Ask for …" });

  return asked;
}

const factsOf = (asked: Asked[]): unknown[] =>
  asked.filter((it) => it.operation === "POST /ledger/facts").flatMap((it) => (it.body as { facts: unknown[] }).facts);
const fact = (said: object): unknown => expect.objectContaining(said) as unknown;

test("what is asked for is counted or weighed, for a day that is not over and with what it is for", async () => {
  const asked = await openOnHand([]);
  await press(user, "Ask for …");
  const ask = screen.getByRole("button", { name: "Ask for it" });
  expect(ask).toHaveProperty("disabled", true);
  expect(screen.getByLabelText("On which day")).toHaveProperty("value", "2026-03-05");
  await type("For which class or menu", " Larder 3, stuffed thighs ");
  expect(ask).toHaveProperty("disabled", false);
  await type("On which day", "2026-03-03");
  expect([screen.getByText("That day is over"), ask]).toEqual([expect.anything(), expect.objectContaining({ disabled: true })]);
  await type("On which day", "2026-03-06");
  await type("Pieces", "0");
  await user.click(ask);
  await slipCloses();
  await waitFor(() =>
    expect(factsOf(asked)).toEqual([
      fact({
        kind: "need",
        species: "chicken",
        product: "thigh",
        title: "Thigh",
        pieces: 1,
        on: "2026-03-06",
        to: "practical",
        text: "Larder 3, stuffed thighs",
      }),
    ]),
  );

  await press(user, "Ask for …");
  await user.selectOptions(screen.getByLabelText("Of what"), "Fillet, sea-trout");
  await user.selectOptions(screen.getByLabelText("Counted or weighed"), "So much");
  await user.selectOptions(screen.getByLabelText("Where it goes"), "Service");
  await type("For which class or menu", "Friday lunch");
  expect(screen.getByRole("button", { name: "Ask for it" })).toHaveProperty("disabled", true);
  await type("How much", "1,8 kg");
  await press(user, "Ask for it");
  await slipCloses();
  await waitFor(() =>
    expect(factsOf(asked)[1]).toEqual(fact({ kind: "need", species: "sea-trout", mass_mg: 1_800_000, on: "2026-03-05", to: "service" })),
  );
  expect(factsOf(asked)[1]).not.toHaveProperty("pieces");
});

const breast = lot("Breast", { product: "breast", container: "A2", days_left: 1 });
const frozen = lot("Breast", { id: "frozen", product: "breast", frozen_since: "2026-03-01", days_left: null });

test("so many guests from what is on hand: what a plate is, what lacks or is left, and what must go first", async () => {
  const serving: Serving = {
    per_plate: 2,
    plate_mg: 180_000,
    covers: 5,
    lots: [
      { lot: breast, mass_mg: 500_000 },
      { lot: frozen, mass_mg: 400_000 },
    ],
    short_mg: 1_260_000,
    over_mg: 0,
    halve_at: 0.46,
  };
  const asked = await openOnHand([breast, frozen, lot("Thigh", { is_off: true }), lot("Stock", { use: "stock" })], {
    "GET /ledger/serving": serving,
  });
  await press(user, "Covers …");
  const slip = within(screen.getByRole("dialog"));
  expect(
    within(slip.getByLabelText("Of what"))
      .getAllByRole("option")
      .map((it) => it.textContent),
  ).toEqual(["Breast, chicken"]);
  expect(await slip.findByText(/A plate: 2 pieces, about 180 g\. There is enough for/)).toBeTruthy();
  expect(slip.getByText("5 covers").parentElement?.textContent).toMatch(/; for 12 guests 1260 g lacks\.$/);
  expect(slip.getByText(/cut at about 46 % of its length from the thick end/)).toBeTruthy();
  expect(slip.getAllByRole("listitem").map((it) => it.textContent)).toEqual([
    "500 g of Breast, A2, Eight pieces: 1 day left",
    "400 g of Breast, Eight pieces: frozen, thaw it first",
  ]);
  await type("Guests", "5");
  await waitFor(() => expect(asked.at(-1)?.path).toMatch(/guests=5/));
  await user.click(slip.getByRole("button", { name: "Take it out, to service" }));
  await waitFor(() =>
    expect(factsOf(asked)).toEqual([
      fact({ kind: "move", lot: "lot-Breast", to: "service", mass_mg: 500_000, text: "5 guests" }),
      fact({ kind: "move", lot: "frozen", to: "service", mass_mg: 400_000, text: "5 guests" }),
    ]),
  );
});

test("where the server cannot be asked it is said, and nothing can be taken out", async () => {
  await openOnHand([breast], { "GET /ledger/serving": () => new Response("<h1>Bad gateway</h1>", { status: 422 }) });
  await press(user, "Covers …");
  const slip = within(screen.getByRole("dialog"));
  expect(await slip.findByRole("alert")).toBeTruthy();
  expect(slip.getByRole("button", { name: "Take it out, to service" })).toHaveProperty("disabled", true);
});

test("without a server what was asked for waits on the device, and is taken back by one tap", async () => {
  const asked = await openOnHand([], { "POST /ledger/facts": away });
  await press(user, "Ask for …");
  await type("For which class or menu", "Friday lunch");
  await press(user, "Ask for it");
  await slipCloses();
  await waitFor(async () => expect(await store.lots.toArray()).toHaveLength(1));
  const [first] = await store.lots.toArray();
  expect([first?.words, first?.refusal]).toEqual(["Thigh, 12 pieces, for Friday lunch", null]);
  await press(user, "Undo");
  await waitFor(async () => expect(await store.lots.toArray()).toHaveLength(2));
  const [, second] = await store.lots.toArray();
  expect(second?.facts).toEqual([fact({ kind: "void", target: first?.facts[0]?.id, reason: "Undone at once" })]);
  expect(asked.filter((it) => it.operation === "POST /ledger/facts").length).toBeGreaterThan(0);
});
