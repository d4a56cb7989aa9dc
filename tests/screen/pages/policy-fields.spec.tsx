import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { readFileSync } from "node:fs";
import { beforeEach, expect, test } from "vitest";
import type { OpenPolicy, Policy, PolicyTrial } from "../../../ui/src/api/types";
import { away, like, open, press, refused, school, type, type Asked } from "../support/kitchen";

/** Each field of the grading policy changes what it says, and nothing beside it; what is tried and published is the whole document. */

const house = JSON.parse(readFileSync("core/standards/policies/house.json", "utf8")) as Policy;
const published: OpenPolicy = { version: 4, said: house, document: house, shipped: house, versions: [] };
const trial = like<PolicyTrial>("POST /policy/try", { problems: [], changes: [] });

let asked: Asked[] = [];
let expected: Policy;
const user = userEvent.setup({ delay: null });

beforeEach(() => {
  expected = structuredClone(house);
});

/** The policy was tried as it is expected; one that was tried before is not asked about again. */
const isTried = (): Promise<void> =>
  waitFor(() => expect(asked.flatMap((it) => (it.operation === "POST /policy/try" ? [it.body] : []))).toContainEqual(expected));

async function openPolicy(answers: Record<string, unknown> = {}): Promise<void> {
  asked = (await open("/standards/policy", school({ "GET /policy": published, "POST /policy/try": trial, ...answers }))).asked;
  await screen.findByRole("heading", { name: "Grading policy" });
}

async function writes(label: string, text: string, change: (policy: Policy) => void): Promise<void> {
  await type(label, text);
  change(expected);
  await isTried();
}

async function picks(label: string, option: string, change: (policy: Policy) => void): Promise<void> {
  await user.selectOptions(await screen.findByLabelText(label), option);
  change(expected);
  await isTried();
}

async function presses(name: string, change: (policy: Policy) => void): Promise<void> {
  await press(user, name);
  change(expected);
  await isTried();
}

const component = (policy: Policy, id: string): Record<string, unknown> =>
  policy.components.find((it) => it.id === id) as unknown as Record<string, unknown>;

test("weights and the figures of components", async () => {
  await openPolicy();
  await writes("Weight of Portion weights", "20", (it) => (component(it, "portion")["weight"] = 20));
  await writes("Portion weights: Taper, half windows", "1,5", (it) => (component(it, "portion")["fade"] = 1.5));
  await writes("Pairs alike: Free up to, %", "1.1", (it) => (component(it, "pairs")["tolerance"] = 0.011));
  await writes("Pairs alike: Taper, times that", "2", (it) => (component(it, "pairs")["fade"] = 2));
  await writes("Portion yield: Nothing at, %", "50", (it) => (component(it, "yield")["floor"] = 0.5));
  await writes("Portion yield: Full at, %", "70.35", (it) => (component(it, "yield")["target"] = 0.7035));
});

test("a component that is judged is added, and one of no weight goes; what is measured stays", async () => {
  await openPolicy();
  await type("One more that is judged by looking", "Care with the knife");
  await presses("Add: one more that is judged by looking", (it) =>
    it.components.push({ id: "care-with-the-knife", title: "Care with the knife", weight: 5 } as never),
  );
  expect(screen.queryByRole("button", { name: "Take away Care with the knife" })).toBeNull();
  await writes("Weight of Care with the knife", "0", (it) => (component(it, "care-with-the-knife")["weight"] = 0));
  await presses("Take away Care with the knife", (it) => it.components.pop());
  await writes("Weight of Time", "0", (it) => (component(it, "time")["weight"] = 0));
  expect(screen.queryByRole("button", { name: "Take away Time" })).toBeNull();

  await type("One more that is judged by looking", "Portion");
  await press(user, "Add: one more that is judged by looking");
  await writes("Weight of Mise en place", "4", (it) => (component(it, "mise")["weight"] = 4));
});

test("bands", async () => {
  await openPolicy();
  await writes("Merit, from", "72.5", (it) => ((it.bands[1] as { min: number }).min = 72.5));
  const merit = within(screen.getByRole("group", { name: "Merit" }));
  fireEvent.change(merit.getByLabelText("Band"), { target: { value: "Credit" } });
  (expected.bands[1] as { label: string }).label = "Credit";
  await isTried();
  await presses("One more band", (it) => it.bands.unshift({ label: "New band", min: 93 }));
  await presses("Take away New band", (it) => it.bands.shift());
  expect(screen.getByRole("button", { name: "Take away Refer" })).toHaveProperty("disabled", true);
  await picks("Totals are rounded to", "whole points", (it) => (it.places = 0));
});

test("how a weight close to its limit is decided, and the scale", async () => {
  await openPolicy();
  await picks("Decision rule", "Strict", (it) => (it.decision.rule = "strict"));
  expect(screen.getByText(/The doubt counts against the tray/)).toBeTruthy();
  await writes("Confidence, %", "99", (it) => (it.decision.confidence = 0.99));
  await writes("Scale reads in steps of, g", "0,5", (it) => (it.scale.division_mg = 500));
  await picks("Its error (OIML R 76)", "as verified", (it) => (it.scale.in_service = false));
  await writes("Handling, % of the mass", "0.29", (it) => (it.scale.handling = 0.0029));
  await writes("Unaccounted up to, g", "20", (it) => (it.balance.absolute_mg = 20_000));
  await writes("or, % of the carcass", "2.3", (it) => (it.balance.relative = 0.023));
});

test("two looks: off, on as usual, and each of their figures", async () => {
  const { moderation, ...without } = house;
  await openPolicy({ "GET /policy": { ...published, document: without } });
  expected = structuredClone(without);
  expect([moderation, screen.getByText(/the first holds, unless both agree/)]).toEqual([moderation, expect.anything()]);
  await presses("Two looks count", (it) => (it.moderation = { tolerance_levels: 1, combine: "mean", share: 0.1 }));
  const two = (): NonNullable<Policy["moderation"]> => expected.moderation as NonNullable<Policy["moderation"]>;
  await writes("Let pass, steps apart", "2", () => (two().tolerance_levels = 2));
  await picks("Two that lie near", "The lower", () => (two().combine = "lower"));
  await writes("Drawn to mark twice, %", "12.5", () => (two().share = 0.125));
  await presses("A third person writes down what is agreed", () => (two().third_agrees = true));
  await presses("A third person writes down what is agreed", () => (two().third_agrees = false));
  await presses("Two looks count", (it) => delete it.moderation);
  await writes("Days after release", "9", (it) => (it.appeal_days = 9));
});

test("caps and the days to appeal", async () => {
  await openPolicy();
  await writes("At a resit, at most", "65", (it) => ((it.caps.find(({ when }) => when === "resit") as { max: number }).max = 65));
  await presses("After a critical fault", (it) => (it.caps = it.caps.filter(({ when }) => when !== "critical")));
  await presses("After a critical fault", (it) => it.caps.unshift({ when: "critical", max: 59 }));
  await writes("Days after release", "10", (it) => (it.appeal_days = 10));
});

test("what is published is the draft on the version it was written on; where it does not arrive it stays, and says so", async () => {
  const outcomes = [
    away,
    () => refused(422, "invalid", "The weights come to 0."),
    () => ({ ...published, version: 5, document: expected }),
  ];
  await openPolicy({
    "POST /policy/try": (it: Asked) => ({
      ...trial,
      changes: JSON.stringify(it.body) === JSON.stringify(house) ? [] : ["Days to appeal: 14 → 10"],
    }),
    "POST /policy": () => outcomes.shift()?.(),
  });
  expect(await screen.findByRole("button", { name: "Publish version 5" })).toHaveProperty("disabled", true);
  await writes("Days after release", "10", (it) => (it.appeal_days = 10));
  const publish = await screen.findByRole("button", { name: "Publish version 5" });
  await waitFor(() => expect(publish).toHaveProperty("disabled", false));
  await user.click(publish);
  expect(await screen.findByText("The server does not answer; check the network.")).toBeTruthy();
  await user.click(screen.getByRole("button", { name: "Publish version 5" }));
  expect(await screen.findByText("The weights come to 0.")).toBeTruthy();
  await user.click(screen.getByRole("button", { name: "Publish version 5" }));
  expect(await screen.findByText("Version 5 is published.")).toBeTruthy();
  expect(asked.filter((it) => it.operation === "POST /policy").map((it) => it.body)).toEqual([expected, expected, expected]);
});

test("by the book and as published are each one press away", async () => {
  await openPolicy({ "GET /policy": { ...published, shipped: { ...house, appeal_days: 21 } } });
  await writes("Days after release", "10", (it) => (it.appeal_days = 10));
  await presses("By the book", (it) => (it.appeal_days = 21));
  await presses("As published", (it) => delete it.appeal_days);
  await writes("Confidence, %", "90", (it) => (it.decision.confidence = 0.9));
});
