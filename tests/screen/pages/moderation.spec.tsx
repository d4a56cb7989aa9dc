import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test } from "vitest";
import type {
  Agreement,
  Appeal,
  Appeals,
  Assessment,
  Moderation,
  ModerationRow,
  Policy,
  Standard,
  Standardising,
  StandardisingStep,
  Tray,
} from "../../../ui/src/api/types";
import { store } from "../../../ui/src/offline/store";
import { ID } from "../support/addresses";
import { away, like, marit, open, press, refused, school, tableRows, type } from "../support/kitchen";
import { OTHER } from "../support/people";
import { areTaken } from "../support/room";

/** Two who judge the same tray: who is asked, what each is shown, what they agree on, and who decides an appeal. */

const user = userEvent.setup({ delay: null });
const [me, teodor, ilse] = [
  { id: marit.id, name: marit.name },
  { id: OTHER, name: "Teodor Vance" },
  { id: "0190f5a0-0000-7000-8000-000000000003", name: "Ilse Brandt" },
];
const unsent = { "POST /attempts/{attempt}/captures": away };

afterEach(() => store.waiting.clear());

const criterion = (id: string, title: string) => ({
  id,
  title,
  component: "technique",
  weight: 2,
  levels: ["Torn", "Ragged", "Clean"].map((text, points) => ({ points, text: `${title}: ${text.toLowerCase()}` })),
});
const standard = {
  ...like<Standard>("GET /standards/{standard}/document", {}),
  criteria: [criterion("skin", "Skin"), criterion("joint", "Joint"), criterion("trim", "Trim")],
};
const assessment = like<Assessment>("GET /assessments/{assessment}", {
  id: ID,
  title: "Eight pieces",
  standard,
  policy: {
    ...like<{ said: Policy }>("GET /policy", {}).said,
    moderation: { tolerance_levels: 1, combine: "mean", share: 0.1, third_agrees: true },
  },
});
const looks: Tray["looks"] = [
  {
    criterion: "skin",
    first: { level: 2, by: teodor.name, reason: "" },
    second: { level: 0, by: ilse.name, reason: "" },
    agreed: null,
    to_agree: true,
  },
  {
    criterion: "joint",
    first: { level: 1, by: teodor.name, reason: "" },
    second: { level: 2, by: ilse.name, reason: "" },
    agreed: null,
    to_agree: false,
  },
  {
    criterion: "trim",
    first: { level: 1, by: teodor.name, reason: "" },
    second: { level: 1, by: ilse.name, reason: "" },
    agreed: null,
    to_agree: false,
  },
];
const tray = (said: Partial<Tray> = {}): Tray =>
  like<Tray>("GET /attempts/{attempt}", {
    attempt: ID,
    assessment: ID,
    station: 4,
    student: "Amina Haddad",
    log: [],
    looks,
    second_look: { yours: "finished", open: [], finished: [ilse.name] },
    ...said,
  });

const openLooks = (said: Tray, who: object = {}) =>
  open(`/agree/${ID}`, school({ "GET /attempts/{attempt}": said, "GET /assessments/{assessment}": assessment, ...unsent }, who));

test("of two looks those that are not alike are shown; a third person writes down what is agreed, with its reason", async () => {
  await openLooks(tray());
  await screen.findByText("3 criteria judged by both, 2 not alike, 1 to agree on.");
  expect(screen.queryByText("Trim: torn")).toBeNull();
  const torn = screen.getByRole("button", { name: /Skin: torn/ });
  expect(torn.textContent).toContain(`second: ${ilse.name}`);
  expect(screen.getByRole("button", { name: /Skin: clean/ }).textContent).toContain(`first: ${teodor.name}`);
  await type("Agreed, because", " ");
  expect(torn).toHaveProperty("disabled", true);
  await type("Agreed, because", "The tear is from the crate");
  await user.click(screen.getByRole("button", { name: /Skin: ragged/ }));
  await areTaken([{ kind: "level", criterion: "skin", level: 1, round: "agreed", reason: "The tear is from the crate" }]);
  await screen.findByText("3 criteria judged by both, 2 not alike, 0 to agree on.");
  await screen.findByText(`Agreed by ${marit.name}: The tear is from the crate`);
  await press(user, "Every criterion");
  await screen.findByText("Trim: torn");
});

/** A tray whose two looks were given by these. */
const judgedBy = (...people: { id: string; name: string }[]): Tray => {
  const capture = (by: string, index: number) => ({
    id: `judged-${index}`,
    at: "2026-03-04T09:00:00.000Z",
    by,
    kind: "level",
    criterion: "skin",
  });
  const rounds = ["first", "second"] as const;

  return tray({
    log: people.map(({ id, name }, index) => ({
      entry: {
        seq: index + 1,
        attempt: ID,
        capture: { ...capture(id, index), level: index, round: rounds[index] } as Tray["log"][number]["entry"]["capture"],
        by: name,
        device: "Tablet 1",
        received_at: "2026-03-04T09:00:00.000Z",
        offset_ms: 0,
      },
      state: "holds",
      replaced_by: null,
    })),
  });
};

test("where a third person agrees, one of the two only reads; somebody of the same name is a third", async () => {
  const said = judgedBy(teodor, ilse);
  const { unmount } = await openLooks(said, { name: ilse.name });
  expect(await screen.findByLabelText("Agreed, because")).toHaveProperty("disabled", false);
  unmount();
  await openLooks(said, ilse);
  await screen.findByText(/By the policy of this practical a third person writes down what is agreed/);
  expect(screen.queryByLabelText("Agreed, because")).toBeNull();
  for (const step of screen.getAllByRole("button", { name: /Skin: / })) expect(step).toHaveProperty("disabled", true);
});

test("looks that say the same, and none at all, are said", async () => {
  await openLooks(tray({ looks: looks.slice(2) }));
  await screen.findByText("1 criterion judged by both, 0 not alike, 0 to agree on.");
  await screen.findByRole("heading", { name: "Both see the same" });
});

test("a tray nobody has looked at twice says so; an open second look is shown nothing of the first", async () => {
  await openLooks(tray({ looks: [], second_look: { yours: "open", open: [marit.name], finished: [] } }));
  await screen.findByText("Nobody has finished a second look at this tray.");
  await screen.findByText("What the first assessor gave is shown when you have finished.");
});

test.each([
  ["gave_first", /Another assessor gives the second. Asked: Ilse Brandt/],
  ["free", /You judge this tray as if nobody had/],
  ["finished", /What you gave stands beside the first look/],
  ["open", /nothing of the first is shown until you have finished/],
] as const)("how one stands to the second look is said: %s", async (yours, words) => {
  const said = tray({ second_look: { yours, open: [ilse.name], finished: [] }, presented: true, stage: "judged" });
  await open(`/tray/${ID}/second`, school({ "GET /attempts/{attempt}": said, "GET /assessments/{assessment}": assessment, ...unsent }));
  await screen.findByText(words);
  if (yours !== "free") return;
  await press(user, "Begin");
  await areTaken([{ kind: "second_look", event: "asked", marker: marit.id }]);
  await screen.findByText(/nothing of the first is shown until you have finished/);
});

const row = (station: number, said: Partial<ModerationRow> = {}): ModerationRow => ({
  attempt: `0190f5a0-0000-7000-8000-00000000010${station}`,
  station,
  student: `Student ${station}`,
  status: "final",
  total: 70,
  band: "Pass",
  causes: [],
  first_by: [me],
  open: [],
  finished: [],
  differ: 0,
  to_agree: 0,
  agreed: 0,
  pauses: [],
  flags: [],
  release: null,
  release_state: "unreleased",
  is_hidden: false,
  ...said,
});

test("whom to mark twice: each row says why and how it stands, and only those are asked for that the chosen assessor may judge", async () => {
  const borderline = [{ cause: "borderline", text: "close to a band" }] as unknown as ModerationRow["causes"];
  const moderation = like<Moderation>("GET /assessments/{assessment}/moderation", {
    title: "Eight pieces",
    share: 0.1,
    has_moderation: false,
    assessors: [me, teodor],
    rows: [
      row(1, { causes: borderline }),
      row(2, { causes: borderline, first_by: [teodor] }),
      row(3, { causes: borderline, open: [teodor] }),
      row(4, { finished: [teodor] }),
      row(5, { finished: [teodor], differ: 3 }),
      row(6, { finished: [teodor], differ: 3, to_agree: 2 }),
      row(7, { causes: borderline, is_hidden: true, open: [me], first_by: [teodor] }),
      row(8, { first_by: [] }),
    ],
  });
  await open(`/moderation/${ID}/twice`, school({ "GET /assessments/{assessment}/moderation": moderation, ...unsent }));
  const list = within(await screen.findByRole("list", { name: "Trays to mark twice" }));
  const said = (): string[] => list.getAllByRole("listitem").map((it) => it.textContent);
  await screen.findByText(/10 % of the class drawn at random.*The policy of this practical says nothing of two looks/);
  expect(said()).toEqual([
    "1Student 1close to a bandfirst look: Marit OyelaranAsk",
    "2Student 2close to a bandfirst look: Teodor Vance",
    "3Student 3close to a bandasked: Teodor VanceCall off",
    "4Student 4not on the listlooked at by Teodor Vance; both see the sameBoth looks",
    "5Student 5not on the listlooked at by Teodor Vance; 3 not alikeBoth looks",
    "6Student 6not on the list2 to agree onBoth looks",
    "7Student 7you mark it a second timeasked: Marit OyelaranCall off",
  ]);
  await press(user, "Ask for 1 second look");
  await press(user, `Call off: ${teodor.name}, station 3`);
  await user.selectOptions(screen.getByLabelText("Second assessor"), marit.name);
  await press(user, "Ask for a second look at station 2");
  await areTaken([
    { kind: "second_look", event: "asked", marker: teodor.id },
    { kind: "second_look", event: "called_off", marker: teodor.id },
    { kind: "second_look", event: "asked", marker: marit.id },
  ]);
  await press(user, "Every tray");
  expect(said().at(-1)).toBe("8Student 8not on the listnot judged yet");
});

const appeal = (said: Partial<Appeal> = {}): Appeal => ({
  id: ID,
  attempt: ID,
  student: "Amina Haddad",
  practical: "Eight pieces",
  station: 4,
  version: 1,
  made_at: "2026-03-03T09:00:00Z",
  answer_by: "2026-03-13",
  assignee: null,
  is_decided: false,
  is_to_put_right: false,
  is_yours: false,
  lines: [],
  ...said,
});
const appeals = (one: Appeal, said: Partial<Appeals> = {}): Appeals => ({
  appeals: [one],
  until: null,
  may_appeal: false,
  may_decide: [teodor, ilse],
  marked_by: [{ id: ID, name: me.name }],
  ...said,
});
const openAppeal = (said: Appeals, answers: object = {}, who: object = {}) =>
  open(`/appeal/${ID}`, school({ "GET /attempts/{attempt}/appeals": said, "GET /attempts/{attempt}": tray(), ...answers }, who));

test("an appeal is given to somebody who marked in neither round; where it does not arrive it says so", async () => {
  let isAway = true;
  const given = appeals(appeal({ assignee: ilse }));
  const { asked } = await openAppeal(appeals(appeal()), { "PUT /appeals/{appeal}/assignee/{entry}": () => (isAway ? away() : given) });
  await screen.findByText(/Eight pieces, station 4, against version 1; to be decided by/);
  await user.selectOptions(await screen.findByLabelText("Give it to"), ilse.name);
  await press(user, "Give");
  await screen.findByRole("alert");
  isAway = false;
  await press(user, "Give");
  await screen.findByLabelText(`${ilse.name} decides it; give it to`);
  expect(screen.getByRole("button", { name: "Give" })).toHaveProperty("disabled", true);
  const put = asked.filter(({ operation }) => operation.startsWith("PUT"));
  expect(put.map((it) => it.body)).toEqual([{ person: ilse.id }, { person: ilse.id }]);
  expect(put[0]?.path).toBe(put[1]?.path);
});

test("an appeal that nobody is left to decide says so", async () => {
  await openAppeal(appeals(appeal(), { may_decide: [] }));
  await screen.findByText(/Everybody who works here marked this tray/);
});

test("whoever may not release reads who decides", async () => {
  await openAppeal(appeals(appeal({ assignee: teodor }), { may_decide: [] }), {}, { may_release: false });
  await screen.findByText("Teodor Vance decides it.");
  expect(screen.queryByRole("button", { name: "Give" })).toBeNull();
});

test.each<[boolean, boolean, RegExp]>([
  [true, true, /is to be put right on the tray, as a new entry/],
  [true, false, /is to be put right on the tray by Marit Oyelaran, who marked it, as a new entry/],
  [false, false, /Something was taken down on this tray since the decision/],
])("what was upheld (still to be put right: %s, to one who may mark: %s) says what is left to do", async (isLeft, mayMark, words) => {
  const line = { reason: 0, text: "Left leg: 12 g over", why: "The scale was not checked", outcome: "upheld", decisions: [], lost: 2.5 };
  const decided = appeal({
    is_decided: true,
    is_to_put_right: isLeft,
    assignee: teodor,
    lines: [line as unknown as Appeal["lines"][number]],
  });
  await openAppeal(appeals(decided), {}, { may_capture: mayMark });
  await screen.findByText(words);
  expect(screen.getByRole("link", { name: "Before release" }).getAttribute("href")).toBe(`/moderation/${ID}/release`);
});

test("an address without an appeal says so", async () => {
  await openAppeal({ ...appeals(appeal()), appeals: [] });
  await screen.findByRole("heading", { name: "Nobody has appealed" });
});

const agreement: Agreement = {
  from: "2026-01-05",
  to: "2026-03-05",
  trays: 14,
  criteria: [],
  pairs: [
    {
      one: me.name,
      other: teodor.name,
      levels: 40,
      exact: 0.75,
      mean_difference: -0.125,
      kappa: 0.61,
      trays: 12,
      bias: 1.5,
      lower: -3,
      upper: 6,
    },
    {
      one: me.name,
      other: ilse.name,
      levels: 2,
      exact: null,
      mean_difference: null,
      kappa: null,
      trays: 1,
      bias: null,
      lower: null,
      upper: null,
    },
  ] as Agreement["pairs"],
  severities: [
    { name: me.name, trays: 12, difference: -1.5 },
    { name: teodor.name, trays: 12, difference: 0.02 },
    { name: ilse.name, trays: 2, difference: null },
  ],
  totals: null,
};
test("between assessors: who is stricter, how pairs lie, and what few trays cannot say", async () => {
  await open("/agreement", school({ "GET /agreement": agreement }));
  await screen.findByText(/14 trays marked twice; fewer than two of them by both in every criterion/);
  expect(tableRows("Each assessor against the others")).toEqual([
    "Marit Oyelaran | 12 | 1.5 points less on average",
    "Teodor Vance | 12 | the same on average",
    "Ilse Brandt | 2 | nothing is said on fewer than 10 trays",
  ]);
  expect(tableRows("Pairs of assessors")).toEqual([
    "Marit Oyelaran, Teodor Vance | 40 | 75 % | −0.13 | 0.61 | 12 | +1.5 | −3.0 to +6.0",
    "Marit Oyelaran, Ilse Brandt | 2 | – | – | – | 1 | – | –",
  ]);
});

test("totals of two looks are said with their limits, and their share of scatter never under nothing", async () => {
  const totals = {
    icc: -0.2,
    low: -0.6,
    high: 0.4,
    bias: -2.25,
    lower: -9,
    upper: 4.5,
    points: [
      { tray: "Eight pieces, station 1", attempt: ID, first_by: me.name, first: 61, second_by: ilse.name, second: 59 },
      { tray: "Eight pieces, station 2", attempt: OTHER, first_by: me.name, first: 71.25, second_by: ilse.name, second: 68.75 },
    ],
  };
  await open("/agreement", school({ "GET /agreement": { ...agreement, totals } }));
  await screen.findByText(
    /On 2 trays that both judged in every criterion, the second look gave 2.3 points less on average; about 19 of 20 differences lie between −9.0 and \+4.5 points/,
  );
  await screen.findByText(/0 % lies between trays, the rest between assessors \(likely 0 % to 40 %\)/);
});

test("days that are no days are not asked about; days without a second look say so", async () => {
  const { asked } = await open("/agreement", school({ "GET /agreement": { ...agreement, trays: 0 } }));
  await screen.findByRole("heading", { name: "Nothing was marked twice in these days" });
  const before = asked.filter(({ operation }) => operation === "GET /agreement").length;
  await type("From", "2026-03-09");
  await type("To", "2026-03-02");
  await screen.findByText("Before the first day");
  expect(asked.slice(before).filter(({ path }) => path.includes("from=2026-03-09&to=2026-03-02"))).toEqual([]);
});

test.each([
  ["?from=2026-01-12&to=2026-02-09", "from=2026-01-12&to=2026-02-09"],
  ["?from=2026-02-09&to=2026-01-12", "from=1969-09-18&to=1970-01-01"],
])("the days of the address %s are asked about, where they can be", async (address, days) => {
  const { asked } = await open(`/agreement${address}`, school({ "GET /agreement": { ...agreement, trays: 0 } }));
  await screen.findByRole("heading", { name: "Nothing was marked twice in these days" });
  expect(asked.filter(({ operation }) => operation === "GET /agreement").map(({ path }) => path.split("?")[1])).toEqual([days]);
});

const set = (said: Partial<Standardising> = {}): Standardising => ({
  id: ID,
  title: "Before the exam",
  standard,
  is_open: false,
  is_finished: false,
  finished: [],
  against: [],
  is_shown: false,
  trays: ["A", "B", "C"].map((label) => ({
    label,
    result: tray().result,
    photos: [],
    faults: [],
    notes: [],
    answers: {},
    looks: ["skin", "joint", "trim"].map((it) => ({ criterion: it, yours: null, given: [], spread: null, reference: null })),
  })),
  ...said,
});

test("a set is judged alone by digits; a step that did not arrive is said, though those behind it did", async () => {
  const steps: StandardisingStep[] = [];
  const held = set();
  await open(
    `/standardising/${ID}`,
    school({
      "GET /standardising/{set}": held,
      "PUT /standardising/{set}/entries/{entry}": ({ body }: { body: StandardisingStep }) => {
        steps.push(body);
        if (body.kind !== "level") return { ...held, is_finished: true };
        if (body.criterion === "joint" && steps.length < 4) return refused(503, "busy", "The kitchen is busy.");
        const look = held.trays[0]?.looks.find((it) => it.criterion === body.criterion);
        if (look) look.yours = body.level ?? null;

        return structuredClone(held);
      },
    }),
  );
  await screen.findByText("You have judged 0 of 9; nobody has finished yet.");
  for (const key of ["3", "2", "1"]) fireEvent.keyDown(document.body, { key });
  await screen.findByText("You have judged 2 of 9; nobody has finished yet.");
  expect(steps).toEqual([
    { kind: "level", tray: "A", criterion: "skin", level: 2 },
    { kind: "level", tray: "A", criterion: "joint", level: 1 },
    { kind: "level", tray: "A", criterion: "trim", level: 0 },
  ]);
  expect(screen.getByRole("alert").textContent).toContain("The kitchen is busy.");
  await user.click(screen.getByRole("button", { name: /Joint: ragged/ }));
  await screen.findByText("You have judged 3 of 9; nobody has finished yet.");
  expect(screen.queryByRole("alert")).toBeNull();
  await press(user, "Finish");
  await screen.findByText("You have finished; nobody has finished yet.");
});

test("an open set shows what everybody gave, those furthest apart first; the lead fixes the reference and shows it to students", async () => {
  const look = (level: number, by: string, reason = "") => ({ level, by, reason });
  const [first] = set().trays;
  if (first === undefined) throw new Error("a set without trays");
  const looksOf = [
    { criterion: "skin", yours: 1, given: [look(1, me.name), look(1, ilse.name)], spread: 0, reference: null },
    { criterion: "joint", yours: 1, given: [look(1, me.name), look(2, ilse.name)], spread: 1, reference: look(2, me.name, "As drawn") },
    { criterion: "trim", yours: 0, given: [look(0, me.name), look(2, ilse.name)], spread: 2, reference: null },
  ];
  const opened = set({
    is_open: true,
    is_finished: true,
    trays: [{ ...first, notes: ["Crate was wet"], faults: ["Joint missed"], looks: looksOf }],
  });
  const { asked } = await open(
    `/standardising/${ID}`,
    school({ "GET /standardising/{set}": opened, "PUT /standardising/{set}/entries/{entry}": opened }),
  );
  await screen.findByText("1 of 3 criteria were seen alike by everybody.");
  const criteria = screen.getAllByRole("heading", { level: 2 }).map((it) => it.textContent);
  expect(criteria.filter((it) => ["Trim", "Joint", "Skin"].includes(it))).toEqual(["Trim", "Joint"]);
  await screen.findByText(`Reference by ${me.name}: As drawn`);
  await screen.findByText("Marked on the floor: Joint missed.");
  await screen.findByText("Note: Crate was wet");
  await user.click(screen.getByRole("button", { name: /Trim: ragged/ }));
  await press(user, "Students practise with it");
  await waitFor(() =>
    expect(asked.flatMap((it) => (it.operation.startsWith("PUT") ? [it.body] : []))).toEqual([
      { kind: "reference", tray: "A", criterion: "trim", level: 1, reason: "As the descriptor says" },
      { kind: "shown", shown: true },
    ]),
  );
});
