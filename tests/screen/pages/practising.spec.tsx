import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { beforeEach, expect, test } from "vitest";
import type { Called, PracticeOf, PracticeTray, QuizQuestion, WrittenAnswers } from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { ID } from "../support/addresses";
import { away, like, open, press, refused, school, type, type Asked } from "../support/kitchen";

/** A student who practises: what is answered, followed, called and handed in, with and without a server. */

const user = userEvent.setup({ delay: null });
const student = { role: "student", may_capture: false, may_set_terms: false, may_release: false } as const;

beforeEach(() => Promise.all([store.practice.clear(), store.written.clear()]));

const facts = async (): Promise<object[]> =>
  (await store.practice.toArray()).map(({ said }) =>
    Object.fromEntries(Object.entries("fact" in said ? (said.fact as object) : said).filter(([key]) => key !== "id" && key !== "at")),
  );

const question = (about: string, said: Partial<QuizQuestion> = {}): QuizQuestion => ({
  kind: "holds",
  about,
  ask: `What of the ${about}?`,
  options: ["This", "That"],
  right: 0,
  mass: null,
  why: `So says the standard of the ${about}.`,
  pictures: [],
  parts: [],
  ...said,
});
const thigh = question("thigh", { options: [], right: null, mass: { low_mg: 90_000, high_mg: 110_000, expected_mg: 100_000 } });

const openQuiz = (questions: QuizQuestion[]) =>
  open(
    `/practice/${ID}/quiz`,
    school({ "GET /practice/{standard}/due": questions, "POST /practice/{standard}/facts": away, "GET /practice": away }, student),
  );

test("a round of questions: each is told at once, what was missed comes again, and counts as it was the first time", async () => {
  await openQuiz([question("leg"), thigh, question("wing")]);
  const asked = async (number: number): Promise<ReturnType<typeof within>> =>
    within(await screen.findByRole("region", { name: `Question ${number} of 3` }));
  await asked(1);
  fireEvent.keyDown(document.body, { key: "2" });
  fireEvent.keyDown(document.body, { key: "1" });
  await screen.findByText("Not this one.");
  await press(user, "Next question");
  const guess = await asked(2);
  await type("Your guess", "100.5 g");
  await user.click(guess.getByRole("button", { name: "Say it" }));
  await guess.findByText("Within the window.");
  await press(user, "Next question");
  await user.click((await asked(3)).getByRole("button", { name: /That/ }));
  await press(user, "How it went");
  await screen.findByRole("heading", { level: 1, name: "1 of 3" });
  expect(
    within(screen.getByRole("list", { name: "What to look at again" }))
      .getAllByRole("listitem")
      .map((it) => it.textContent),
  ).toEqual(["What of the leg?So says the standard of the leg.", "What of the wing?So says the standard of the wing."]);
  const kept = [
    { kind: "answer", question: "holds", about: "leg", how: "missed" },
    { kind: "answer", question: "holds", about: "thigh", how: "right" },
    { kind: "answer", question: "holds", about: "wing", how: "missed" },
  ];
  await waitFor(async () => expect(await facts()).toEqual(kept));
  await press(user, "Those 2 again");
  for (const next of ["Next question", "How it went"]) {
    await user.click(await screen.findByRole("button", { name: /This/ }));
    await press(user, next);
  }
  await screen.findByRole("heading", { level: 1, name: "2 of 2" });
  await screen.findByText("Every one. Take another round, or go and cut.");
  expect(await facts()).toEqual(kept);
});

test("a guess outside its window is told by how much, too little or too much", async () => {
  await openQuiz([thigh, { ...thigh, about: "drumstick" }]);
  await type("Your guess", "75");
  await press(user, "Say it");
  await screen.findByText("15 g too little.");
  await press(user, "Next question");
  await type("Your guess", "0,125 kg");
  await press(user, "Say it");
  await screen.findByText("15 g too much.");
});

test("a standard with nothing to ask about says so", async () => {
  await openQuiz([]);
  await screen.findByRole("heading", { name: "There is nothing to ask about" });
});

const step = (text: string): PracticeOf["steps"][number] => ({
  do: text,
  look: "Bone",
  hand: "Flat",
  fault: "Torn",
  caution: null,
  parts: [],
});
const map = { plan: null, shares: {}, holders: [] };
const card = like<PracticeOf>("GET /practice/{standard}", {
  id: ID,
  title: "Chicken, eight pieces",
  cautions: ["Blade away from the hand."],
  steps: ["Take off the wings", "Take off the legs", "Split the breast"].map(step),
  standard_ms: 600_000,
  map,
});

test("a card is followed from its cautions on, forth and back; tapped twice at its end it was followed once", async () => {
  await open(
    `/practice/${ID}/follow?step=2`,
    school({ "GET /practice/{standard}": card, "POST /practice/{standard}/facts": away }, student),
  );
  await screen.findByText("Blade away from the hand.");
  await press(user, "Begin");
  await screen.findByText("Take off the legs");
  await press(user, "Back");
  await screen.findByText("Take off the wings");
  fireEvent.keyDown(document.body, { key: "PageDown" });
  fireEvent.keyDown(document.body, { key: "ArrowRight" });
  await screen.findByText("Split the breast");
  const done = screen.getByRole("button", { name: "Done" });
  fireEvent.click(done);
  fireEvent.click(done);
  await waitFor(async () => expect(await facts()).toEqual([{ kind: "followed" }]));
});

test("a tray that is begun where the server does not answer stays in sight, however long it does not", async () => {
  const NO_TRAY = "00000000-0000-7000-8000-000000000000";
  const empty = like<PracticeTray>("GET /practice/{standard}/trays/{tray}", { standard_id: ID });
  const { asked } = await open(
    `/practice/${ID}`,
    school(
      {
        "GET /practice/{standard}": card,
        "GET /practice/{standard}/due": [],
        "GET /practice/{standard}/trays/{tray}": ({ path }: Asked) => (path.endsWith(NO_TRAY) ? empty : away()),
        "POST /practice/{standard}/trays/{tray}/captures": away,
      },
      student,
    ),
  );
  const trays = (): string[] => asked.flatMap((it) => (it.operation === "GET /practice/{standard}/trays/{tray}" ? [it.path] : []));
  await waitFor(() => expect(trays()).toHaveLength(1));
  await user.click(await screen.findByRole("link", { name: "Log a practice tray" }));
  await screen.findByRole("heading", { level: 1, name: "Practice tray" });
  // Three times, and then it is given up.
  await waitFor(() => expect(trays()).toHaveLength(4));
  await new Promise((resolve) => setTimeout(resolve, 50));
  screen.getByRole("heading", { level: 1, name: "Practice tray" });
  expect(screen.queryByText("The server does not answer")).toBeNull();
});

test("a tray that is not one's own is refused, and no empty one shown for it", async () => {
  await open(
    `/practice/${ID}/tray/${ID}`,
    school(
      {
        "GET /practice/{standard}": card,
        "GET /practice/{standard}/trays/{tray}": () => refused(404, "not-found", "There is no such tray of yours."),
      },
      student,
    ),
  );
  await screen.findByText("There is no such tray of yours.");
});

const called = (said: Partial<Called> = {}): Called => ({
  id: ID,
  standard: ID,
  title: "Chicken, eight pieces",
  by: "Marit Oyelaran",
  steps: card.steps,
  cautions: card.cautions,
  map,
  step: -1,
  over: false,
  following: 12,
  done: 0,
  help: null,
  own: null,
  ...said,
});
const saidOn = (asked: Asked[]): unknown[] =>
  asked.flatMap((it) => (it.operation === "PUT /called/{called}/entries/{entry}" ? [it.body] : []));

test("whoever calls goes from step to step by key or button, sees who needs help, and ends it", async () => {
  let stands = called({ help: [], step: 0 });
  const { asked } = await open(
    `/called/${ID}`,
    school({
      "GET /called/{called}": () => stands,
      "PUT /called/{called}/entries/{entry}": ({ body }: { body: { kind: string; step?: number } }) => {
        stands = { ...stands, step: body.step ?? stands.step, over: body.kind === "ended", help: ["Kenji Moriwaki"], done: 7 };

        return stands;
      },
    }),
  );
  await screen.findByText("Take off the wings");
  await press(user, "Call the next step");
  await screen.findByText("Help: Kenji Moriwaki");
  await screen.findByText("7 of 12 done");
  fireEvent.keyDown(document.body, { key: "ArrowRight" });
  await screen.findByText("Split the breast");
  expect(screen.getByRole("button", { name: "Call the next step" })).toHaveProperty("disabled", true);
  fireEvent.keyDown(document.body, { key: "ArrowRight" });
  fireEvent.keyDown(document.body, { key: "PageUp" });
  await waitFor(() => expect(saidOn(asked)).toEqual([1, 2, 1].map((at) => ({ kind: "step", step: at }))));
  await press(user, "End");
  await screen.findByRole("heading", { name: "Chicken, eight pieces is not called any more" });
});

test("a step that did not reach the class is taken back on the screen of who called it, and said", async () => {
  await open(
    `/called/${ID}`,
    school({
      "GET /called/{called}": called({ help: [], step: 0 }),
      "PUT /called/{called}/entries/{entry}": () => refused(409, "conflict", "Somebody else calls it now."),
    }),
  );
  await press(user, "Call the next step");
  await screen.findByText("Somebody else calls it now.");
  await screen.findByText("Take off the wings");
});

test("a student joins once, is done or needs help at the step that is called, and nothing before the first", async () => {
  let stands = called();
  const { asked } = await open(
    `/called/${ID}`,
    school(
      {
        "GET /called/{called}": () => stands,
        "PUT /called/{called}/entries/{entry}": ({ body }: { body: { kind: string } }) => {
          if (body.kind === "help" || body.kind === "done") stands = { ...stands, own: body.kind };

          return stands;
        },
      },
      student,
    ),
  );
  await screen.findByRole("heading", { name: "Before you begin" });
  expect(screen.getByRole("button", { name: "Done" })).toHaveProperty("disabled", true);
  stands = called({ step: 1 });
  await screen.findByText("Take off the legs");
  await press(user, "I need help");
  await screen.findByRole("button", { name: "Somebody comes" });
  await press(user, "Done");
  await screen.findByRole("button", { name: "Done: wait for the next" });
  expect(saidOn(asked)).toEqual([{ kind: "joined" }, { kind: "help", step: 1 }, { kind: "done", step: 1 }]);
});

const written = (answer: string | null, said: Partial<WrittenAnswers> = {}): WrittenAnswers =>
  like<WrittenAnswers>("GET /attempts/{attempt}/answers", {
    practical: "Eight pieces",
    held_on: "2026-03-06",
    standard: "Chicken, eight pieces",
    is_open: true,
    questions: [{ criterion: "why", title: "Order of cuts", question: "Why the wings first?", levels: ["No reason", "A reason"], answer }],
    ...said,
  });
const answerLine = (): HTMLElement => screen.getByLabelText("Your answer", { selector: "textarea" });

test("an answer in writing stays on the device until it is handed in, and with it what is written meanwhile", async () => {
  let answers: (() => void) | null = null;
  const openWritten = () =>
    open(
      `/written/${ID}`,
      school(
        { "GET /attempts/{attempt}/answers": written(null), "POST /attempts/{attempt}/answers": () => written("They hold the breast.") },
        student,
      ),
    );
  const { unmount, asked } = await openWritten();
  await screen.findByText("Not handed in yet.");
  const fetched = globalThis.fetch;
  globalThis.fetch = async (...of) => {
    const said = await fetched(...of);
    if (asked.at(-1)?.operation.startsWith("POST") === true) await new Promise<void>((resolve) => (answers = resolve));

    return said;
  };
  fireEvent.change(answerLine(), { target: { value: "They hold the breast." } });
  await press(user, "Hand it in");
  await waitFor(() => expect(answers).not.toBeNull());
  fireEvent.change(answerLine(), { target: { value: "They hold the breast. And the joint lies open." } });
  (answers as unknown as () => void)();
  await screen.findByText("Changed since you handed it in.");
  unmount();
  globalThis.fetch = fetched;

  await openWritten();
  await waitFor(() => expect(answerLine()).toHaveProperty("value", "They hold the breast. And the joint lies open."));
});

test("an answer that is not taken stays, and says why; once the clock has started it is only read", async () => {
  const { unmount } = await open(
    `/written/${ID}`,
    school({ "GET /attempts/{attempt}/answers": written("Because."), "POST /attempts/{attempt}/answers": away }, student),
  );
  await screen.findByText("Handed in.");
  expect(screen.getByRole("button", { name: "Hand it in again" })).toHaveProperty("disabled", true);
  fireEvent.change(answerLine(), { target: { value: "Because they tear." } });
  await press(user, "Hand it in again");
  await screen.findByRole("alert");
  expect(answerLine()).toHaveProperty("value", "Because they tear.");
  unmount();

  await open(`/written/${ID}`, school({ "GET /attempts/{attempt}/answers": written(null, { is_open: false }) }, student));
  await screen.findByText("Nothing was handed in here.");
  expect(screen.queryByRole("button", { name: /Hand it in/ })).toBeNull();
});

test("a practical that asks nothing in writing says so", async () => {
  await open(`/written/${ID}`, school({ "GET /attempts/{attempt}/answers": written(null, { questions: [] }) }, student));
  await screen.findByRole("heading", { name: "Nothing is asked in writing" });
});
