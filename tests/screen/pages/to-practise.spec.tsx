import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { GroupPractice, PracticeItem, PracticeOf, PracticeShelf, QuizQuestion } from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { ID } from "../support/addresses";
import { away, like, open, press, school, tableRows, type } from "../support/kitchen";
import { OTHER } from "../support/people";

/** What there is to practise, for a student and for a group: what comes first, what is set, what is due, on the day it is at the school. */

const user = userEvent.setup({ delay: null });
const student = { role: "student", may_capture: false } as const;

beforeEach(() => store.practice.clear());
afterEach(() => vi.useRealTimers());

const item = (title: string, said: Partial<PracticeItem> = {}): PracticeItem => ({
  id: title,
  title,
  species: "chicken",
  pieces: 8,
  standard_ms: null,
  next_on: null,
  tries: 0,
  due: 0,
  map: { plan: null, shares: {}, holders: [] },
  ...said,
});
const shelf = (said: Partial<PracticeShelf>): PracticeShelf => ({
  items: [],
  streak: 0,
  shown: false,
  homework: [],
  next: null,
  written: [],
  supervised: false,
  ...said,
});
const openShelf = (said: Partial<PracticeShelf>, answers: object = {}) =>
  open("/practice", school({ "GET /practice": shelf(said), "GET /called": [], ...answers }, student));
const homework = (kind: PracticeShelf["homework"][number]["kind"], said: Partial<PracticeShelf["homework"][number]> = {}) => ({
  id: kind,
  standard: ID,
  title: "Chicken, eight pieces",
  kind,
  until: "2026-03-06",
  done: 0,
  note: "",
  ...said,
});

test("a student finds what is cut next, what is set and what is due before all that could be practised", async () => {
  await openShelf(
    {
      items: [item("Duck", { due: 3, tries: 2 }), item("Lamb"), item("Quail", { next_on: "2026-03-06" }), item("Cod", { tries: 1 })],
      streak: 4,
      shown: true,
      supervised: true,
      next: { title: "Quail, split", held_on: "2026-03-06", room: "Larder", station: 4, ready: ["Board on a damp cloth"] },
      written: [
        { attempt: ID, practical: "Quail", held_on: "2026-03-06", asked: 2, open: 1 },
        { attempt: OTHER, practical: "Duck", held_on: "2026-03-09", asked: 1, open: 0 },
      ],
      homework: [homework("card", { done: 1 }), homework("questions", { note: "Before the exam" }), homework("tray")],
    },
    { "GET /called": [{ id: ID, standard: ID, title: "Quail, split", by: "Marit Oyelaran" }] },
  );
  await screen.findByText("3 questions due again today, 4 days in a row");
  const linksIn = (name: string, role: "region" | "list"): string[] =>
    within(screen.getByRole(role, { name }))
      .getAllByRole("link")
      .map((it) => it.getAttribute("href") ?? "");
  expect(linksIn("Yours", "region")).toEqual(["/practice/Duck", "/practice/Quail", "/practice/Cod"]);
  expect(linksIn("Others", "region")).toEqual(["/practice/Lamb"]);
  expect(linksIn("Homework", "list")).toEqual([`/practice/${ID}/follow`, `/practice/${ID}/quiz`, `/practice/${ID}`]);
  expect(
    within(screen.getByRole("list", { name: "Homework" }))
      .getAllByRole("listitem")
      .map((it) => it.textContent),
  ).toEqual([
    "Follow the card: Chicken, eight piecesdone",
    "Ten questions: Chicken, eight piecesby Friday 6 MarchBefore the exam",
    "Log a practice tray: Chicken, eight pieces, under supervisionby Friday 6 March",
  ]);
  expect(
    within(screen.getByRole("list", { name: "To write" }))
      .getAllByRole("listitem")
      .map((it) => it.textContent),
  ).toEqual([
    "Written answers: Quail1 of 2 questions open until your clock starts on Friday 6 March",
    "Written answers: Duckhanded in; it can be changed until your clock starts on Monday 9 March",
  ]);
  expect(within(screen.getByRole("region", { name: "Next" })).getByRole("listitem").textContent).toBe("Board on a damp cloth");
  expect(screen.getByRole("link", { name: "Duck 2 tries so far, 3 due" })).toBeTruthy();
  await screen.findByRole("link", { name: "Marit Oyelaran calls: Quail, split" });
  await screen.findByText(/your instructors see on which days you practised/);
});

test("where nothing is one's own all standards stand together, and nobody sees what is practised", async () => {
  await openShelf({ items: [item("Lamb")], streak: 1 });
  await screen.findByRole("region", { name: "Standards" });
  await screen.findByText(/It is yours alone: nobody else sees it\./);
  expect(screen.queryByText(/in a row/)).toBeNull();
});

test("a school without a standard has nothing to practise yet", async () => {
  await openShelf({});
  await screen.findByRole("heading", { name: "Nothing to practise yet" });
});

const worth: PracticeOf["worth"][number] = {
  text: "Wing joint",
  points: 4,
  times: 1,
  tries: 1,
  next: null,
  step: null,
  about: "wing-joint",
  drill: "Ten joints, blind",
  due_on: "2026-03-04",
};

test("what is due is due on the day it is at the school, not on that of another zone", async () => {
  // 20:00 of 3 March in universal time.
  vi.useFakeTimers({ toFake: ["Date"], now: Date.UTC(2026, 2, 3, 20) });
  const practice = like<PracticeOf>("GET /practice/{standard}", { id: ID, worth: [worth], tries: [], groups: [] });
  const openDrill = (time_zone: string) =>
    open(
      `/practice/${ID}`,
      school(
        { "GET /practice/{standard}": practice, "GET /practice": shelf({}), "POST /practice/{standard}/facts": away },
        { ...student, time_zone },
      ),
    );
  const { unmount } = await openDrill("Pacific/Honolulu");
  const line = async (): Promise<HTMLElement> => screen.findByRole("group", { name: "Drill: Ten joints, blind" });
  expect((await line()).textContent).toContain("Due again on Wednesday 4 March.");
  unmount();
  await openDrill("Pacific/Auckland");
  expect((await line()).textContent).toMatch(/Due again\.$/);
  await press(user, "Not yet");
  await waitFor(async () => expect((await line()).textContent).toMatch(/Noted for today\.$/));
  expect(screen.getByRole("button", { name: "It went well" })).toHaveProperty("disabled", true);
  expect((await store.practice.toArray()).map(({ said }) => said)).toEqual([
    expect.objectContaining({
      fact: expect.objectContaining({ kind: "answer", question: "drill", about: "wing-joint", how: "missed" }) as unknown,
    }),
  ]);
});

test("the opener is that of the day at the school, and is shown before it is answered", async () => {
  vi.useFakeTimers({ toFake: ["Date"], now: Date.UTC(2026, 2, 3, 20) });
  const question: QuizQuestion = {
    kind: "holds",
    about: "leg",
    ask: "What holds the leg?",
    options: ["The ball joint", "Skin"],
    right: 0,
    mass: null,
    why: "So says the standard.",
    pictures: [],
    parts: [],
  };
  const { asked } = await open(
    `/practice/${ID}/opener`,
    school({ "GET /practice/{standard}/quiz": [question], "GET /practice": shelf({}) }, { time_zone: "Pacific/Auckland" }),
  );
  await screen.findByText("What holds the leg?");
  expect(screen.queryByText("So says the standard.")).toBeNull();
  expect(asked.filter(({ operation }) => operation.endsWith("/quiz")).map((it) => decodeURIComponent(it.path).replace("+", " "))).toEqual([
    `/practice/${ID}/quiz?round=opener 2026-03-04`,
  ]);
  await press(user, "Show the answer");
  await screen.findByText(/So says the standard\./);
});

const group: GroupPractice = {
  group: "Sandpiper",
  size: 12,
  days: ["2026-03-03", "2026-03-04"],
  students: [
    { id: ID, name: "Amina Haddad", days: ["2026-03-04"], answers: 12, cards: 1, trays: 0, standards: ["Duck", "Quail"] },
    { id: OTHER, name: "Kenji Moriwaki", days: [], answers: 0, cards: 0, trays: 0, standards: [] },
  ],
  lost: [
    {
      assessment: ID,
      standard: "Quail",
      title: "Quail, split",
      held_on: "2026-03-02",
      most: [{ title: "Backbone left in", points: 3.25, times: 5, trays: 12 }],
    } as unknown as GroupPractice["lost"][number],
  ],
  homework: [homework("tray", { done: 7 }), homework("card", { done: null })],
};
const openGroup = (said: Partial<GroupPractice>, answers: object = {}, who: object = {}) =>
  open(
    `/roster/${ID}/practice`,
    school(
      {
        "GET /groups/{group}/practice": { ...group, ...said },
        "GET /practice": shelf({ items: [item("Duck"), item("Quail")] }),
        ...answers,
      },
      who,
    ),
  );

test("a group: what costs it most, who practised on which days and how much, and what is set", async () => {
  await openGroup({});
  await screen.findByText("Backbone left in");
  expect(tableRows("Who practised")).toEqual(["Amina HaddadDuck; Quail |  | 12 | 1 | 0", "Kenji Moriwaki |  | 0 | 0 | 0"]);
  await screen.findByRole("img", { name: "on Wednesday 4 March" });
  await screen.findByRole("img", { name: "on no day" });
  expect(
    within(screen.getByRole("list", { name: "Set" }))
      .getAllByRole("listitem")
      .map((it) => it.textContent),
  ).toEqual([
    "Log a practice tray: Chicken, eight piecesby Friday 6 March, done by 7 of 12Take it back",
    "Follow the card: Chicken, eight piecesby Friday 6 MarchTake it back",
  ]);
});

test("where practice is the student's own only, nobody is named, and it is said who can change that", async () => {
  await openGroup({ students: null, lost: [], homework: [] }, {}, { may_capture: false });
  await screen.findByText(/How much a student practises is shown to them alone\./);
  await screen.findByText("No result of this group is released yet.");
  await screen.findByText("Nothing is set.");
  expect(screen.queryByRole("form", { name: "Set homework" })).toBeNull();
});

test("homework is of the standard the group lost most at, unless another is said; it is for a day", async () => {
  const { asked } = await openGroup({}, { "PUT /groups/{group}/homework/{id}": group });
  const form = within(await screen.findByRole("form", { name: "Set homework" }));
  await waitFor(() => expect(form.getByLabelText("By which standard")).toHaveProperty("value", "Quail"));
  const set = form.getByRole("button", { name: "Set it for the group" });
  expect(set).toHaveProperty("disabled", true);
  await user.click(form.getByRole("radio", { name: "Follow the card" }));
  await type("By", "2026-03-09");
  fireEvent.change(form.getByLabelText("To say with it, if anything"), { target: { value: "Twice" } });
  await user.click(set);
  await waitFor(() => expect(form.getByLabelText("By")).toHaveProperty("value", ""));
  await user.selectOptions(form.getByLabelText("By which standard"), "Duck");
  await type("By", "2026-03-10");
  await user.click(set);
  await waitFor(() =>
    expect(asked.flatMap((it) => (it.operation.startsWith("PUT") ? [it.body] : []))).toEqual([
      { standard: "Quail", kind: "card", until: "2026-03-09", note: "Twice" },
      { standard: "Duck", kind: "card", until: "2026-03-10", note: "" },
    ]),
  );
});
