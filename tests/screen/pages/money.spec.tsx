import { screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { Cost, CostLine, CostSum, Term } from "../../../ui/src/api/types";
import { ID } from "../support/addresses";
import { like, open, press, school, tableRows, type } from "../support/kitchen";
import { OTHER } from "../support/people";

/** What a class and a term cost, in the words of the screen; every figure is the server's. */

const user = userEvent.setup({ delay: null });
const ledger = { date: "2026-03-04", practicals: [{ id: ID, title: "Eight pieces", held_on: "2026-03-02", lots: 3 }] };

const test1: NonNullable<Cost["test"]> = {
  ap_cost_minor: 8_640,
  by_product_value_minor: 640,
  net_cost_minor: 8_000,
  ep_mg: 16_000_000,
  yield: 0.7407,
  ep_cost_per_kg_minor: 500,
  cost_factor: 1.25,
  labour_minor: 12_000,
  ep_cost_with_labour_per_kg_minor: 1_250,
  parts_value_minor: 10_000,
  saving_minor: 2_000,
  saving_fraction: 0.2,
  break_even_wage_per_hour_minor: 343,
  scrape_break_even_s: 95,
};
const line = (product: string, stage: CostLine["stage"], said: Partial<CostLine> = {}): CostLine => ({
  product,
  places: [product],
  title: product,
  stage,
  mass_mg: 1_500_000,
  per_kg_minor: 700,
  source: "Market list",
  found_on: "2026-02-20",
  cost_minor: 750,
  cost_per_kg_minor: 500,
  ...said,
});
const cost = (said: Partial<Cost> = {}): Cost =>
  like<Cost>("GET /assessments/{assessment}/cost", {
    assessment: ID,
    title: "Eight pieces",
    held_on: "2026-03-02",
    species: "chicken",
    currency: "EUR",
    trays: 12,
    ap_mg: 21_600_000,
    seconds: 21_030,
    delivery: { supplier: "Fjord Poultry", invoice: "R-77", pieces: 12, mass_mg: 21_600_000, cost_minor: 8_640 },
    planned_minor: 9_000,
    wage_minor: 2_057,
    lines: [line("Thigh", "cuts"), line("Frame", "by_products", { per_kg_minor: null, source: null, found_on: null })],
    test: test1,
    expected: { ...test1, yield: 0.76, cost_factor: null },
    last: { assessment: OTHER, title: "Eight pieces", group: "Curlew", held_on: "2025-11-03", test: { ...test1, saving_fraction: null } },
    ...said,
  });
const openMoney = (said: Cost, who: object = {}) =>
  open("/ledger/money", school({ "GET /ledger": ledger, "GET /assessments/{assessment}/cost": said }, who));
const cellOf = (figure: string): string => screen.getAllByText(figure)[0]?.parentElement?.textContent ?? "";

test("what a class cost: the delivery against the brief, the butcher's test, and the class beside its standard and its last time", async () => {
  await openMoney(cost());
  await screen.findByText(/12 trays weighed to the end, .* Delivered by Fjord Poultry, invoice R-77: 12 pieces, .* EUR\s86\.40\./);
  await screen.findByText(/The brief reckoned with EUR\s90\.00, spares included: the delivery cost EUR\s3\.60 less\./);
  await screen.findByText(/5 h 51 min were worked: EUR\s120\.00, with which a kilogram costs EUR\s12\.50\./);
  await screen.findByText(/At a wage of EUR\s3\.43 an hour the work costs as much as it saves\./);
  await screen.findByText(/would pay a cook 1:35 min in all\./);
  expect(cellOf("Saved")).toMatch(/EUR\s20\.00.*20\.0 % against buying the cuts/);
  expect(cellOf("A kilogram")).toMatch(/EUR\s5\.00.*cost factor 1\.25/);
  const [here, expected, last] = tableRows("The class against its standard and its last time");
  expect(here).toMatch(/^This class \| 74\.1 % \| EUR\s6\.40 \| EUR\s5\.00 \| 1\.25 \| 20\.0 %$/);
  expect(expected).toMatch(/^The standard expects \| 76\.0 % \|.*\| – \| 20\.0 %$/);
  expect(last).toMatch(/^Last time: Eight pieces, Monday 3 November 2025, Curlew \|.*\| –$/);
  expect(screen.getByRole("link", { name: /^Last time/ }).getAttribute("href")).toBe(`/ledger/money?practical=${OTHER}`);
  expect(tableRows("By-products and their values")).toEqual([expect.stringMatching(/^Frame \| .* \| Set a price \| $/)]);
});

test("what lacks is said: a delivery, a price, a brief; and a class that was dearer than bought cuts", async () => {
  await openMoney(
    cost({
      delivery: null,
      wage_minor: null,
      expected: null,
      last: null,
      test: {
        ...test1,
        saving_minor: -500,
        saving_fraction: -0.05,
        labour_minor: null,
        scrape_break_even_s: null,
        break_even_wage_per_hour_minor: -40,
      },
    }),
  );
  await screen.findByText(/How they were delivered is not written down: without it there is no cost\./);
  await screen.findByText(/The brief reckoned with EUR\s90\.00, spares included\.$/);
  expect(cellOf("Dearer by")).toMatch(/EUR\s5\.00.*5\.0 % against buying the cuts/);
  await screen.findByText(/At a wage of EUR\s0\.00 an hour/);
  await screen.findByRole("button", { name: "Set the wage" });
  await screen.findByRole("button", { name: "Write the delivery down" });
});

test("where a cut has no price nothing is said of saving; whoever may not set prices reads them", async () => {
  await openMoney(cost({ planned_minor: null, test: { ...test1, saving_minor: null, saving_fraction: null } }), { may_set_terms: false });
  await screen.findByText(/One cut has no price/);
  expect(screen.queryByRole("button", { name: /^Price of|wage|delivery/i })).toBeNull();
  expect(screen.queryByText(/The brief reckoned/)).toBeNull();
  expect(tableRows("By-products and their values")).toEqual([expect.stringMatching(/^Frame \| .* \| – \| $/)]);
});

const sum = (said: Partial<CostSum> = {}): CostSum => ({
  trays: 12,
  ap_mg: 21_600_000,
  ep_mg: 16_000_000,
  yield: 0.7407,
  seconds: 21_000,
  ap_minor: 8_640,
  by_product_minor: 640,
  net_minor: 8_000,
  per_kg_minor: 500,
  cost_factor: 1.25,
  per_tray_minor: 720,
  labour_minor: null,
  parts_minor: 10_000,
  saving_minor: 2_000,
  ...said,
});
const week = {
  from: "2026-03-02",
  delivered_mg: 20_000_000,
  eaten_mg: 12_000_000,
  cooked_mg: 5_000_000,
  lost_mg: 1_000_000,
  here_mg: 2_000_000,
  money: { whole_minor: 8_000, eaten_minor: 0, cooked_minor: 0, lost_minor: 400, here_minor: 0, unpriced: 0 },
};
const term: Term = {
  from: "2026-01-05",
  to: "2026-03-08",
  currency: "EUR",
  terms: [{ title: "Winter term", from: "2026-01-12", to: "2026-03-27" }],
  total: sum(),
  classes: [
    { assessment: ID, title: "Eight pieces", held_on: "2026-03-02", group: "Sandpiper", sum: sum() },
    { assessment: OTHER, title: "Sea trout", held_on: "2026-02-10", group: "Curlew", sum: null },
  ],
  standards: [
    {
      title: "Chicken, eight pieces",
      sum: sum({ saving_minor: null }),
      cuts: [
        { title: "Thigh", mass_mg: 3_000_000, cost_minor: 1_500, per_kg_minor: 500 },
        { title: "Wing", mass_mg: 1_000_000, cost_minor: null, per_kg_minor: null },
      ],
    },
  ],
  courses: [{ title: "Larder 2", sum: sum({ parts_minor: 0 }), cuts: [] }],
  students: [
    { title: "Amina Haddad", sum: sum({ trays: 1 }), cuts: [] },
    { title: "Amina Haddad", sum: sum({ trays: 2 }), cuts: [] },
  ],
  weeks: [week, { ...week, from: "2026-03-09", delivered_mg: 0, money: { ...week.money, whole_minor: 0 } }],
  whole: { ...week, money: { ...week.money, unpriced: 1 } },
};

test("a term by practicals, standards, courses and students; what has no delivery is left out and named", async () => {
  const { asked } = await open("/ledger/term", school({ "GET /ledger/term": term }));
  await screen.findByText(/Not in these sums, because nobody wrote the delivery down:/);
  expect(screen.getByRole("link", { name: /^Sea trout, / }).getAttribute("href")).toBe(`/ledger/money?practical=${OTHER}`);
  expect(tableRows("What practicals cost").map((it) => it.split(" | ").slice(0, 2).join(" | "))).toEqual([
    expect.stringMatching(/^Eight pieces, .* \| 12$/),
    expect.stringMatching(/^Sea trout, .* \| no delivery written down$/),
    "All together | 12",
  ]);
  await press(user, "Standards");
  expect(tableRows("What standards cost")[0]).toMatch(/Thigh, .*: EUR\s15\.00, EUR\s5\.00 a kgWing, .*: a cut has no price \|.*\| –$/);
  await press(user, "Courses");
  expect(tableRows("What courses cost")[0]).toMatch(/^Larder 2.*\| –$/);
  await press(user, "Students");
  expect(tableRows("What students cost").map((it) => it.split(" | ")[1])).toEqual(["1", "2", "12"]);
  const weeks = tableRows("Where the carcasses went, week by week");
  expect(weeks[0]).toMatch(/\| 60\.0 % \| 25\.0 % \| 5\.0 % \| 10\.0 % \|.*\| EUR\s4\.00$/);
  expect(weeks[1]).toMatch(/\| – \| – \| – \| – \|.*\| –$/);
  await screen.findByText(/1 practical without a delivery written down: no money is said of it\./);
  expect(screen.getByRole("link", { name: /finance office/ }).getAttribute("href")).toBe(
    "/api/v1/ledger/term.pdf?from=2026-01-05&to=2026-03-08",
  );
  await press(user, "Winter term");
  await waitFor(() => expect(asked.at(-1)?.path).toBe("/ledger/term?from=2026-01-12&to=2026-03-27"));
});

test("days in which nothing was weighed say so, and days that are none are not asked about", async () => {
  const { asked } = await open("/ledger/term", school({ "GET /ledger/term": { ...term, classes: [] } }));
  await screen.findByRole("heading", { name: "Nothing was weighed" });
  const before = asked.length;
  await type("From", "");
  await type("To", "2020-01-01");
  expect(asked.slice(before)).toEqual([]);
});

test("a ledger without a practical says what costs are made of", async () => {
  await open("/ledger/money", school({ "GET /ledger": { ...ledger, practicals: [] } }));
  await screen.findByRole("heading", { name: "Nothing was weighed lately" });
});

test("an older practical is named by the address, and can be left for a recent one", async () => {
  const older = cost({ assessment: OTHER, title: "Poussin", held_on: "2025-10-01" });
  const { asked } = await open(
    `/ledger/money?practical=${OTHER}`,
    school({
      "GET /ledger": ledger,
      "GET /assessments/{assessment}/cost": ({ path }: { path: string }) => (path.includes(OTHER) ? older : cost()),
    }),
  );
  const pick = await screen.findByRole("combobox");
  await waitFor(() => expect(within(pick).getAllByRole("option")).toHaveLength(2));
  expect(within(pick).getAllByRole("option")[0]?.textContent).toMatch(/^Poussin/);
  await user.selectOptions(pick, within(pick).getAllByRole("option")[1] as HTMLElement);
  await waitFor(() => expect(asked.at(-1)?.path).toBe(`/assessments/${ID}/cost`));
});
