import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { readFileSync } from "node:fs";
import { beforeEach, expect, test } from "vitest";
import type { OpenStandard, Policy, School, Standard } from "../../../ui/src/api/types";
import { ID } from "../support/addresses";
import { away, like, open, press, refused, school, type, type Asked } from "../support/kitchen";

/** Each field of the editor of a standard changes what it says, and nothing beside it; the server is asked how the whole draft stands. */

const read = (file: string): Record<string, unknown> =>
  JSON.parse(readFileSync(`core/standards/${file}.json`, "utf8")) as Record<string, unknown>;
const published = { ...read("chicken-eight-piece"), carcass: read("carcasses/chicken") } as unknown as Standard;
const opened = like<OpenStandard>("GET /standards/{standard}", { document: published, expected: [], plan: null, usual_mg: 2_000_000 });
opened.item = { ...opened.item, id: ID, key: published.key, title: "Chicken, eight pieces", version: 3 };

/** What stands in a draft beside what the API description says of a standard. */
type Draft = Standard & { card: Record<string, string>[]; cautions: string[]; uses: Record<string, string> };

let asked: Asked[] = [];
let expected: Draft;
const user = userEvent.setup({ delay: null });

beforeEach(() => {
  expected = structuredClone(published) as Draft;
});

const checks = (): unknown[] => asked.flatMap((it) => (it.operation === "POST /standards/check" ? [it.body] : []));

/** The draft was checked as it is expected; one that was checked before is not asked about again. */
const isChecked = (): Promise<void> => waitFor(() => expect(checks()).toContainEqual(expected));

async function openDraft(tab: string, answers: Record<string, unknown> = {}): Promise<void> {
  let version = 0;
  const playing = school({
    "GET /standards/{standard}": opened,
    "GET /standards/{standard}/document": published,
    "POST /standards/check": { problems: [], expected: [], changes: ["Something changes"], version: 4, said: {} },
    "PUT /drafts/{draft}": () => ({ ...like<object>("GET /drafts/{draft}", {}), version: ++version }),
    "GET /policy": { ...like<{ said: Policy }>("GET /policy", {}), said: read("policies/house") },
    ...answers,
  });
  asked = (await open(`/standards/${ID}/edit?tab=${tab}`, playing)).asked;
  await screen.findByRole("button", { name: "Publish" });
}

/** The last of that label: what stands beside the editor comes first. */
async function writes(label: string, text: string, change: (draft: Draft) => unknown): Promise<void> {
  const field = (await screen.findAllByLabelText(label, { selector: "input, textarea" })).at(-1) as HTMLElement;
  fireEvent.change(field, { target: { value: text } });
  change(expected);
  await isChecked();
}

async function picks(label: string, option: string, change: (draft: Draft) => unknown): Promise<void> {
  await user.selectOptions((await screen.findAllByLabelText(label)).at(-1) as HTMLElement, option);
  change(expected);
  await isChecked();
}

async function presses(name: string | RegExp, change: (draft: Draft) => unknown): Promise<void> {
  await user.click((await screen.findAllByRole("button", { name })).at(-1) as HTMLElement);
  change(expected);
  await isChecked();
}

async function adds(label: string, title: string, change: (draft: Draft) => unknown): Promise<void> {
  await type(label, title);
  await presses(`Add: ${label.toLowerCase()}`, change);
}

const last = <Item,>(items: Item[] | undefined): Item => items?.at(-1) as Item;

test("a criterion: name, component, weight, what is asked in writing, and its steps", async () => {
  await openDraft("criteria");
  await adds("Another criterion", "Neck rolled", (it) =>
    it.criteria?.push({
      id: "neck-rolled",
      title: "Neck rolled",
      component: "technique",
      weight: 1,
      levels: [
        { points: 0, text: "Neck rolled: not met" },
        { points: 1, text: "Neck rolled: met" },
      ],
    }),
  );
  await press(user, "Change Neck rolled");
  const criterion = () => last(expected.criteria);
  await writes("Weight", "2.5", () => (criterion().weight = 2.5));
  await picks("Component", "Quality", () => (criterion().component = "quality"));
  await writes("Points 2", "3", () => ((criterion().levels[1] as { points: number }).points = 3));
  await writes("Step 1: what is seen", "It lies open.", () => ((criterion().levels[0] as { text: string }).text = "It lies open."));
  await presses("Another step", () => criterion().levels.push({ points: 4, text: "" }));
  await presses("Take step 1 of Neck rolled away", () => criterion().levels.shift());
  const question = "Asked in writing before the clock (nothing if it is only seen)";
  await writes(question, "Why is it rolled?", () => (criterion().question = "Why is it rolled?"));
  await writes(question, " ", () => delete criterion().question);
  await writes("Name", "Neck rolled in", () => (criterion().title = "Neck rolled in"));
  await presses("Take away Neck rolled in", (it) => it.criteria?.pop());
});

test("a criterion that goes is taken out of what excuses it", async () => {
  await openDraft("criteria");
  await presses("Take away Wings off at the ball joint", (it) => {
    it.criteria = it.criteria?.filter(({ id }) => id !== "wing-joint") ?? [];
    it.defects = (it.defects ?? []).map((one) => ({ ...one, excuses: one.excuses.filter((what) => what !== "criterion:wing-joint") }));
  });
});

test("a fault, and a defect on arrival with what it excuses", async () => {
  await openDraft("faults");
  await adds("Another fault", "Bone splintered", (it) =>
    it.faults?.push({ id: "bone-splintered", title: "Bone splintered", component: "technique", deduct: 3, max: 9, critical: false }),
  );
  await press(user, "Change Bone splintered");
  await writes("Points a mark", "4", (it) => (last(it.faults).deduct = 4));
  await writes("At most", "8", (it) => (last(it.faults).max = 8));
  await picks("Component", "Safety", (it) => (last(it.faults).component = "safety"));
  await presses("Critical", (it) => (last(it.faults).critical = true));
  await presses("Take away Bone splintered", (it) => it.faults?.pop());

  await adds("Another defect", "Skin burnt", (it) => it.defects?.push({ id: "skin-burnt", title: "Skin burnt", excuses: [] }));
  await press(user, "Change Skin burnt");
  await presses("Left breast", (it) => last(it.defects).excuses.push("piece:breast.left"));
  await presses("Wings off at the ball joint", (it) => last(it.defects).excuses.push("criterion:wing-joint"));
  await presses("Left breast", (it) => last(it.defects).excuses.shift());
});

test("time, scrape and yield: their figures, left out, and as usual again", async () => {
  await openDraft("rules");
  await writes("Time, min", "24", (it) => (it.time = { standard_ms: 1_440_000, limit_ms: 2_100_000 }));
  await writes("Time, limit, min", "30,5", (it) => (it.time = { standard_ms: 1_440_000, limit_ms: 1_830_000 }));
  await writes("Scrape clean to, g", "12", (it) => (it.frame = { clean_mg: 12_000, limit_mg: 42_700 }));
  await writes("Scrape limit, g", "40", (it) => (it.frame = { clean_mg: 12_000, limit_mg: 40_000 }));
  const rule = (name: string) => within(screen.getByRole("group", { name }));
  await user.click(rule("Scrape").getByRole("button", { name: "is weighed" }));
  expected.frame = null;
  await isChecked();
  await user.click(rule("Scrape").getByRole("button", { name: "left out" }));
  expected.frame = { clean_mg: 10_000, limit_mg: 42_700 };
  await isChecked();

  await presses("As the policy says", (it) => (it.yield = { floor: 0.55, target: 0.65 }));
  await writes("Nothing at, % of AP", "50.1", (it) => (it.yield = { floor: 0.501, target: 0.65 }));
  await writes("Full at, % of AP", "66.6", (it) => (it.yield = { floor: 0.501, target: 0.666 }));
  await presses("A target of its own", (it) => delete it.yield);
  await user.click(rule("Portion yield").getByRole("button", { name: "counts" }));
  expected.yield = null;
  await isChecked();
});

test("what weighs alike: a pair by the policy is two ids, one with a tolerance of its own says it", async () => {
  await openDraft("rules");
  await presses("Another group", (it) => it.pairs?.push(["breast.left", "breast.right"]));
  const group = () => within(screen.getByRole("group", { name: "Group 5" }));
  const set = async (pair: NonNullable<Standard["pairs"]>[number]): Promise<void> => {
    expected.pairs = [...(expected.pairs ?? []).slice(0, 4), pair];
    await isChecked();
  };
  await user.click(group().getByRole("button", { name: "Left thigh" }));
  await set({ pieces: ["breast.left", "breast.right", "thigh.left"] });
  fireEvent.change(group().getByLabelText("Within, %"), { target: { value: "1.1" } });
  await set({ pieces: ["breast.left", "breast.right", "thigh.left"], tolerance: 0.011 });
  await user.click(group().getByRole("button", { name: "Left thigh" }));
  await set({ pieces: ["breast.left", "breast.right"], tolerance: 0.011 });
  fireEvent.change(group().getByLabelText("Within, %"), { target: { value: "" } });
  await set(["breast.left", "breast.right"]);
  await presses("Take group 1 away", (it) => it.pairs?.shift());
});

test("a checkpoint: what is judged there, and its split time", async () => {
  await openDraft("rules");
  await adds("Another checkpoint", "Legs off", (it) => (it.checkpoints = [{ id: "legs-off", title: "Legs off" }]));
  await press(user, "Change Legs off");
  const point = () => last(expected.checkpoints);
  await presses(/^Wings off at the ball joint$/, () => (point().criteria = ["wing-joint"]));
  await presses("Split time", () => (point().time = { standard_ms: 300_000, limit_ms: 480_000 }));
  await writes("Legs off, min", "4", () => (point().time = { standard_ms: 240_000, limit_ms: 480_000 }));
  await writes("Legs off, limit, min", "6", () => (point().time = { standard_ms: 240_000, limit_ms: 360_000 }));
  await presses("Split time", () => delete point().time);
  await presses("Take away Legs off", (it) => delete it.checkpoints);
});

test("the method card: lines, a caution, the order of its steps; and the cautions of the standard", async () => {
  await openDraft("method");
  const steps = expected.card.length;
  await adds("Another step", "Wipe the board", (it) => it.card.push({ do: "Wipe the board", look: "", hand: "", fault: "" }));
  await press(user, `Change ${steps + 1}. Wipe the board`);
  await writes(`Step ${steps + 1}: look and feel for`, "It is dry.", (it) => (last(it.card)["look"] = "It is dry."));
  await writes(`Step ${steps + 1}: caution`, "It is slippery.", (it) => (last(it.card)["caution"] = "It is slippery."));
  await writes(`Step ${steps + 1}: caution`, "", (it) => delete last(it.card)["caution"]);
  await presses(`Move step ${steps + 1} up`, (it) =>
    it.card.splice(steps - 1, 2, it.card[steps] as Draft["card"][number], it.card[steps - 1] as Draft["card"][number]),
  );

  await adds("Another caution", "Wash your hands.", (it) => it.cautions.push("Wash your hands."));
  await writes(
    `Caution ${expected.cautions.length}`,
    "Wash your hands first.",
    (it) => (it.cautions[it.cautions.length - 1] = "Wash your hands first."),
  );
  await presses("Take caution 1 away", (it) => it.cautions.shift());
});

test("a cut and a container: names, uses, windows, portions, and whether it is waste", async () => {
  await openDraft("cuts", {
    "POST /standards/check": {
      problems: [],
      changes: [],
      version: 4,
      said: {},
      expected: [
        {
          id: "wing.left",
          title: "Left wing",
          kind: "piece",
          share: 0.055,
          sd: 0.004,
          basis: "share",
          low: 0.047,
          high: 0.063,
          joints: [],
        },
      ],
    },
  });
  await press(user, "Change Left wing");
  const wing = () => expected.pieces.find((it) => it.id === "wing.left") as Standard["pieces"][number];
  await writes("Use", "Stew", (it) => (it.uses["wing.left"] = "Stew"));
  await writes("From", "5", () => (wing().window = { basis: "share", low: 0.05, high: 0.063 }));
  await writes("To", "6.25", () => (wing().window = { basis: "share", low: 0.05, high: 0.0625 }));
  await picks("Window", "g", () => (wing().window = { basis: "mass", low: 100_000, high: 125_000 }));
  await presses("As the carcass says", () => delete wing().window);
  await writes("Portions", "3", () => (wing().portions = { count: 3 }));
  await picks("Alike", "range over mean", () => (wing().portions = { count: 3, range: 0.15 }));
  await writes("Free up to, %", "1.1", () => (wing().portions = { count: 3, range: 0.011 }));
  await picks("Alike", "spread over mean", () => (wing().portions = { count: 3, cv: 0.011 }));
  await writes("Portions", "1", () => delete wing().portions);
  await press(user, "Close Left wing");

  await press(user, "Change Waste");
  const waste = () => expected.bins?.find((it) => it.id === "waste") as NonNullable<Standard["bins"]>[number];
  await writes("Pieces counted", "2.4", () => (waste().portions = { count: 2 }));
  await presses(/^Waste$/, () => (waste().usable = true));
});

test("it is published on the version it was written on; where it does not arrive it says so, and the draft stays", async () => {
  const outcomes = [away, () => refused(412, "out-of-date", "Ilse published version 4 meanwhile."), () => opened];
  await openDraft("rules", {
    "POST /standards": () => outcomes.shift()?.(),
    "DELETE /drafts/{draft}": () => new Response(null, { status: 204 }),
  });
  await writes("Time, min", "24", (it) => (it.time = { standard_ms: 1_440_000, limit_ms: 2_100_000 }));
  const publish = (): Promise<void> => press(user, "Publish");
  await publish();
  expect(await screen.findByText(/The server does not answer/)).toBeTruthy();
  await publish();
  expect(await screen.findByText(/Ilse published version 4 meanwhile\./)).toBeTruthy();
  await publish();
  await waitFor(() =>
    expect(asked.filter((it) => it.operation === "POST /standards").map((it) => it.body)).toEqual([expected, expected, expected]),
  );
});

test("the variants of practice that are asked for this species, each kept only where it is not the school's", async () => {
  const question = { key: "ribs", title: "Ribs of the fillet", chosen: "on", species: ["chicken"] };
  const options = [
    { key: "on", title: "on the frame" },
    { key: "off", title: "trimmed" },
  ];
  const other = { ...question, key: "neck", title: "Neck of the lamb", species: ["lamb"], options };
  await openDraft("rules", {
    "GET /school": like<School>("GET /school", { variants: [{ ...question, options }, other] as School["variants"] }),
  });
  await screen.findByLabelText("Ribs of the fillet");
  expect(screen.queryByLabelText("Neck of the lamb")).toBeNull();
  await picks("Ribs of the fillet", "trimmed", (it) => (it.schools = { ribs: "off" }));
  await picks("Ribs of the fillet", "As the school: on the frame", (it) => delete it.schools);
  await writes("Time, min", "24", (it) => (it.time = { standard_ms: 1_440_000, limit_ms: 2_100_000 }));
});
