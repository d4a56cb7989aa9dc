import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { Brief, BriefDocument, BriefList, ShelfItem } from "../../../ui/src/api/types";
import { emptyList, newBrief } from "../../../ui/src/areas/brief/newBrief";
import { ID } from "../support/addresses";
import { away, like, open, press, school, type, type Asked } from "../support/kitchen";
import { amina, OTHER, sandpiper } from "../support/people";

/** Each field of a brief changes what it says, and nothing beside it; the server answers with what follows. */

const user = userEvent.setup({ delay: null });
const KENJI = "0190f5a0-0000-7000-8000-000000000007";
const kenji = { ...amina, id: KENJI, name: "Kenji Moriwaki" };
const teodor = { ...like<Brief>("GET /briefs/{brief}", {}).staff[0], id: OTHER, name: "Teodor Vance" } as Brief["staff"][number];
const shelfItem = like<ShelfItem[]>("GET /standards", [] as never);
const shelf = [
  ["fish", "Sea trout, fillets", 0],
  ["duck", "Duck, crown and legs", 3],
].map(([id, title, used]) => ({ ...shelfItem[0], id, title, species: title, used, standard_ms: 1_200_000 }));

let document: BriefDocument;
let expected: BriefDocument;
let asked: Asked[];
let version: number;
let view: () => Brief;

function save({ body }: Asked): Brief {
  version += 1;
  document = body as BriefDocument;

  return view();
}

const listOf = (list: BriefDocument["lists"][number]): BriefList =>
  ({
    ...like<Brief>("GET /briefs/{brief}", {}).lists[0],
    title: list.standard === null ? null : "Sea trout, fillets",
    version: 2,
    later_version: null,
    variants: [],
    layout: null,
    cuts: [],
    cautions: [],
    mise: [],
    standard_ms: null,
    limit_ms: null,
    order: null,
    students: list.students.map((id, index) => ({
      id,
      name: id === KENJI ? kenji.name : amina.name,
      station: index + 1,
      wave: 1,
      needs: id === KENJI ? ["stool"] : [],
      is_barred: id !== KENJI,
      pan: null,
      time_factor: 1,
      ready_s: 0,
    })),
  }) as unknown as BriefList;

async function openBrief(first: Partial<BriefDocument> = {}, answers: Record<string, unknown> = {}): Promise<void> {
  version = 1;
  document = { ...structuredClone(newBrief), title: "Friday", ...first };
  expected = structuredClone(document);
  view = () =>
    like<Brief>("GET /briefs/{brief}", {
      id: ID,
      version,
      document,
      set_at: null,
      cancelled: null,
      assessments: [],
      changes: [],
      lists: document.lists.map(listOf),
      hour: { ...like<Brief>("GET /briefs/{brief}", {}).hour, p95_wait_s: null },
      currency: "EUR",
      cost_minor: null,
      staff: [teodor],
      rooms: [{ name: "Fish kitchen", benches: 8 }] as Brief["rooms"],
      missing: [],
      warnings: [],
    });
  ({ asked } = await open(
    `/brief/${ID}`,
    school({
      "GET /briefs/{brief}": view,
      "PUT /briefs/{brief}": save,
      "GET /standards": shelf,
      "GET /roster": { groups: [sandpiper], products: [] },
      "GET /students": { count: 2, a_page: 50, students: [amina, kenji] },
      "GET /missed-tries": [],
      ...answers,
    }),
  ));
  await screen.findByText("Kept.");
}

/** What was changed is what the server has, and nothing beside it. */
async function isKept(change: (it: BriefDocument) => unknown): Promise<void> {
  change(expected);
  await waitFor(() => expect(document).toEqual(expected));
}

async function writes(label: string, text: string, change: (it: BriefDocument) => unknown): Promise<void> {
  await type(label, text);
  await isKept(change);
}

const order = (it: BriefDocument) => (it.lists[0] ?? emptyList).order;

async function takeGroup(): Promise<void> {
  await user.selectOptions(screen.getByLabelText("A whole group"), await screen.findByRole("option", { name: /^Larder 2, Sandpiper/ }));
}

const toBriefs = () => user.click(within(screen.getByRole("navigation", { name: "Areas" })).getByRole("link", { name: "Brief" }));

test("when and where: day, hour, room with its stations, waves and their times", async () => {
  await openBrief();
  await writes("Day", "2026-03-06", (it) => (it.day = "2026-03-06"));
  await writes("Begins", "08:30", (it) => (it.start = "08:30"));
  await writes("Room", "Annexe", (it) => (it.room = "Annexe"));
  await writes("Room", "Fish kitchen", (it) => Object.assign(it, { room: "Fish kitchen", benches: 8 }));
  await writes("Stations there", "0", (it) => (it.benches = 1));
  await writes("Scales", "2", (it) => (it.scales = 2));
  await writes("Waves", "4", (it) => (it.waves = 4));
  await writes("Gap, min", "7,5", (it) => (it.gap_s = 450));
  await writes("Mise, min", "-3", (it) => (it.mise_s = 0));
  await writes("Cleaning, min", "12", (it) => (it.clean_s = 720));
  await writes("Wait up to, min", "5", (it) => (it.wait_s = 300));
  await press(user, "Assessment: counts");
  await isKept((it) => (it.is_rehearsal = true));
  await writes("Day", "", (it) => (it.day = null));
});

test("briefs beyond the first page are fetched when they are asked for", async () => {
  const item = { id: ID, day: null, room: "", students: 0, set_at: null };
  const pages: Record<string, object> = {
    "1": { briefs: [{ ...item, title: "Friday" }], next: 2 },
    "2": { briefs: [{ ...item, id: OTHER, title: "A year ago" }], next: null },
  };
  await openBrief({}, { "GET /briefs": ({ path }: Asked) => pages[/page=(\d)/.exec(path)?.[1] ?? ""] });
  await toBriefs();
  await screen.findByRole("link", { name: "Friday" });
  expect(screen.queryByText("A year ago")).toBeNull();
  await press(user, "Earlier ones");
  expect((await screen.findByRole("link", { name: "A year ago" })).getAttribute("href")).toBe(`/brief/${OTHER}`);
  expect(screen.queryByRole("button", { name: "Earlier ones" })).toBeNull();
});

test("a brief that is opened again while its last change is on its way has that change", async () => {
  let arrive = (): void => {};
  const onItsWay = new Promise<void>((resolve) => (arrive = resolve));
  const item = { id: ID, day: null, room: "", students: 0, set_at: null };
  await openBrief(
    {},
    {
      "GET /briefs": () => ({ briefs: [{ ...item, title: document.title }], next: null }),
      "PUT /briefs/{brief}": (it: Asked) => onItsWay.then(() => save(it)),
    },
  );
  await type("Name", "Friday, in two waves");
  await toBriefs();
  await user.click(await screen.findByRole("link", { name: "Friday" }));
  await screen.findByText("Fetching the brief …");
  arrive();
  expect(await screen.findByLabelText("Name")).toHaveProperty("value", "Friday, in two waves");
  await toBriefs();
  await screen.findByRole("link", { name: "Friday, in two waves" });
});

test("with what: an order, its price for a kilogram or a carcass, and none where none is written", async () => {
  await openBrief();
  await writes("As the supplier is asked", "air-chilled, giblets in", (it) => (order(it).specification = "air-chilled, giblets in"));
  await writes("On hand", "2", (it) => (order(it).on_hand = 2));
  await writes("To spare, %", "12.5", (it) => (order(it).spare_fraction = 0.125));
  await writes("but at least", "3", (it) => (order(it).spare_at_least = 3));
  await writes("In a case", "0", (it) => (order(it).per_case = 1));
  await writes("One weighs, g", "1850", (it) => (order(it).typical_mg = 1_850_000));
  await writes("One weighs, g", "", (it) => (order(it).typical_mg = null));
  await user.selectOptions(screen.getByLabelText("per"), "carcass");
  await press(user, "fresh");
  await isKept((it) => (order(it).is_frozen = true));
  await writes("Price, EUR", "8,4", (it) => (order(it).price = { per: "each", minor: 840 }));
  await user.selectOptions(screen.getByLabelText("per"), "kilogram");
  await isKept((it) => (order(it).price = { per: "kg", minor: 840 }));
  await writes("Price, EUR", "", (it) => (order(it).price = null));
  await user.selectOptions(screen.getByLabelText("Presented on"), "pan for 2");
  await isKept((it) => it.lists[0] && (it.lists[0].per_pan = 2));
});

test("what: a standard by a part of its name, what is used most first; a second one comes and goes", async () => {
  await openBrief();
  const found = (): string[] =>
    within(screen.getByRole("list", { name: "Standards found" }))
      .getAllByRole("button")
      .map((it) => it.textContent);
  await waitFor(() => expect(found()).toEqual(["Duck, crown and legs20 min, used 3 times", "Sea trout, fillets20 min"]));
  await type("Standard", "trout fill");
  await waitFor(() => expect(found()).toEqual(["Sea trout, fillets20 min"]));
  await type("Standard", "goose");
  await screen.findByText("No standard is called that.");
  await type("Standard", "trout");
  await press(user, /^Sea trout/);
  await isKept((it) => it.lists[0] && (it.lists[0].standard = "fish"));
  await press(user, "A second standard in this hour");
  await isKept((it) => it.lists.push(emptyList));
  await user.click(within(screen.getByRole("group", { name: "Standard of list 2" })).getByRole("button", { name: /^Duck/ }));
  await isKept((it) => it.lists[1] && (it.lists[1].standard = "duck"));
  const [, second] = await screen.findAllByRole("button", { name: /^Take away/ });
  await user.click(second as HTMLElement);
  await isKept((it) => it.lists.pop());
});

test("who: a whole group, each once; a station down, a resit, and off again", async () => {
  await openBrief();
  await takeGroup();
  await isKept((it) => it.lists[0] && (it.lists[0].students = [amina.id, KENJI]));
  await takeGroup();
  await press(user, "Kenji Moriwaki one station down");
  await isKept((it) => it.lists[0] && (it.lists[0].students = [KENJI, amina.id]));
  await screen.findByText("allergy: not to handle it");
  await press(user, "Kenji Moriwaki: resit");
  await isKept((it) => it.lists[0] && (it.lists[0].resits = [KENJI]));
  await press(user, "Kenji Moriwaki: resit");
  await isKept((it) => it.lists[0] && (it.lists[0].resits = []));
  await press(user, "Take Amina Haddad off");
  await isKept((it) => it.lists[0] && (it.lists[0].students = [KENJI]));
});

test("a group that cannot be looked up is said, and a student is found by name", async () => {
  let isAway = true;
  await openBrief({}, { "GET /students": () => (isAway ? away() : { count: 1, a_page: 50, students: [amina] }) });
  await takeGroup();
  await screen.findByText(/^The group was not added\. The server does not answer/);
  isAway = false;
  await type("A student", "Ami");
  await press(user, "Amina Haddad, Sandpiper");
  await isKept((it) => it.lists[0] && (it.lists[0].students = [amina.id]));
  expect(screen.getByLabelText("A student")).toHaveProperty("value", "");
  expect(asked.some(({ path }) => path.includes("search=Ami"))).toBe(true);
});

test("who missed an earlier practical is taken on, as a first try or as a resit", async () => {
  const missed = [amina, kenji].map((it) => ({ student: it.id, name: it.name, practical: "Halves", held_on: "2026-02-10" }));
  await openBrief({}, { "GET /missed-tries": missed });
  await screen.findByText("2 students missed an earlier practical");
  await press(user, "Amina Haddad, first try");
  await isKept((it) => it.lists[0] && (it.lists[0].students = [amina.id]));
  await press(user, "Kenji Moriwaki, resit");
  await isKept((it) => it.lists[0] && Object.assign(it.lists[0], { students: [amina.id, KENJI], resits: [KENJI] }));
  expect(screen.queryByText(/missed an earlier practical/)).toBeNull();
});

test("who marks which stations, a first or a second time; and who does not assess whom", async () => {
  await openBrief({ lists: [{ ...emptyList, students: [amina.id, KENJI] }] });
  await user.selectOptions(screen.getByLabelText("One more who marks"), teodor.name);
  await isKept((it) => it.assessors.push({ person: teodor.id, is_second: false, stations: [1, 2] }));
  const row = within(screen.getByRole("group", { name: teodor.name }));
  fireEvent.change(row.getByLabelText("Stations"), { target: { value: "2–" } });
  await screen.findByText("such as 1–6, 9");
  fireEvent.change(row.getByLabelText("Stations"), { target: { value: "2" } });
  await isKept((it) => it.assessors[0] && (it.assessors[0].stations = [2]));
  await user.click(row.getByRole("button", { name: "first" }));
  await isKept((it) => it.assessors[0] && (it.assessors[0].is_second = true));

  const note = async (): Promise<void> => {
    await user.selectOptions(screen.getByLabelText("Assessor"), teodor.name);
    await user.selectOptions(screen.getByLabelText("does not assess"), kenji.name);
    await press(user, "Note it");
  };
  await note();
  await note();
  await isKept((it) => it.not_by.push({ person: teodor.id, student: KENJI }));
  await screen.findByText("Teodor Vance not Kenji Moriwaki");
  await press(user, "Teodor Vance may assess them again");
  await isKept((it) => it.not_by.pop());
  await press(user, "Take Teodor Vance off");
  await isKept((it) => it.assessors.pop());
});
