import { screen, waitFor } from "@testing-library/react";
import { userEvent, type UserEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type {
  Brief,
  Cost,
  GroupPractice,
  Moderation,
  OwnCarcasses,
  Person,
  PracticeShelf,
  Trends,
  VerdictPage,
} from "../../../ui/src/api/types";
import { ID } from "../support/addresses";
import { anAnswer } from "../support/description";
import { away, like, open, press, refused, school, type } from "../support/kitchen";
import { amina, OTHER, sandpiper } from "../support/people";

/**
 * Wherever something is written: without a server it says so, and so it does where the server refuses; what was typed stays; and what is sent again is the same
 * as before, under the same id, so that it is written once.
 */

const roster = { "GET /roster": { groups: [sandpiper], products: ["fish"] }, "GET /students": { count: 1, a_page: 50, students: [amina] } };

const person: Person = {
  id: OTHER,
  name: "Teodor Vance",
  email: "teodor@tollgate-quay.example",
  role: "assessor",
  in_training: false,
  has_come: true,
  code_until: null,
  left_at: null,
};

const cost = like<Cost>("GET /assessments/{assessment}/cost", {
  assessment: ID,
  currency: "EUR",
  species: "chicken",
  trays: 12,
  ap_mg: 21_600_000,
  delivery: null,
  wage_minor: null,
  planned_minor: null,
  lines: [],
  test: null,
  expected: null,
  last: null,
});
const money = { "GET /ledger": { date: "2026-03-04", practicals: [{ id: ID, title: "Eight pieces", held_on: "2026-03-02", lots: 3 }] } };

const trends = like<Trends>("GET /trends", { standard: "chicken-eight-piece", standards: [], classes: [], charts: [], notes: [] });

const brief = like<Brief>("GET /briefs/{brief}", {
  id: ID,
  set_at: "2026-03-01T09:00:00Z",
  cancelled: null,
  assessments: [],
  changes: [],
  lists: [],
});
brief.document = { ...brief.document, title: "Eight pieces", day: "2026-03-02", start: "09:00" };

const practice: GroupPractice = { group: "Sandpiper", size: 12, days: ["2026-03-04"], students: null, lost: [], homework: [] };
const shelf = like<PracticeShelf>("GET /practice", {
  items: [
    {
      id: ID,
      title: "Chicken, eight pieces",
      species: "chicken",
      pieces: 8,
      standard_ms: null,
      next_on: null,
      tries: 0,
      due: 0,
      map: { plan: null, shares: {}, holders: [] },
    },
  ],
});

const rows: Moderation["rows"] = [1, 2, 3].map((station) => ({
  attempt: `0190f5a0-0000-7000-8000-00000000001${station}`,
  station,
  student: `Student ${station}`,
  status: "final",
  total: 70,
  band: null,
  causes: [],
  first_by: [],
  open: [],
  finished: [],
  differ: 0,
  to_agree: 0,
  agreed: 0,
  pauses: [],
  flags: [],
  release: { version: 1, reason: "", total: 70, band: null, released_at: "2026-03-02T12:00:00Z", released_by: "Marit", sha256: "0" },
  release_state: "current",
  is_hidden: false,
}));

const own = like<OwnCarcasses>("GET /standards/{standard}/own-carcasses", {
  standard: ID,
  title: "Chicken, eight pieces",
  version: 3,
  proposes: true,
  records: 40,
  at_least: 30,
  pieces: [],
  parts: [],
  files: [],
  suppliers: [],
  others: [{ id: OTHER, title: "Chicken, halves", version: 2 }],
});

const page = like<VerdictPage>("GET /attempts/{attempt}/released", {
  attempt: ID,
  version: 1,
  releases: rows.flatMap((it) => it.release ?? []).slice(0, 1),
});
page.result = {
  ...page.result,
  reasons: [{ ...page.result.reasons[0], lost: 2.5, text: "Left leg: 12 g over" } as VerdictPage["result"]["reasons"][number]],
};

interface Writing {
  what: string;
  at: string;
  who?: Parameters<typeof school>[1];
  answers: Record<string, unknown>;
  operation: string;
  write: (user: UserEvent) => Promise<void>;
  /** The button that sends it. */
  send: string;
  body: unknown;
  /** Its answer, where what is made up would not do. */
  taken?: unknown;
}

const WRITINGS: Writing[] = [
  {
    what: "a group",
    at: "/roster",
    answers: roster,
    operation: "POST /groups",
    write: async (user) => {
      await press(user, "New group");
      await type("Course", "Larder 2");
      await type("Name of the group", "Curlew");
      await type("From", "2026-01-05");
    },
    send: "Make it",
    body: { course: "Larder 2", name: "Curlew", term: "", starts_on: "2026-01-05", ends_on: null },
  },
  {
    what: "a student",
    at: "/roster",
    answers: roster,
    operation: "POST /students",
    write: async (user) => {
      await press(user, "Add a student");
      await type("Name", "Kenji Moriwaki");
      await type("Number", "12");
      await press(user, "fish");
    },
    send: "Add",
    body: { name: "Kenji Moriwaki", number: "12", email: "", group: ID, barred: ["fish"] },
  },
  {
    what: "what is said of a student",
    at: "/roster",
    answers: roster,
    operation: "PATCH /students/{student}",
    write: async (user) => {
      await press(user, "Open Amina Haddad");
      await type("Name", "Amina Haddad-Berg");
    },
    send: "Change",
    body: { name: "Amina Haddad-Berg" },
  },
  {
    what: "an allowance",
    at: "/roster",
    answers: roster,
    operation: "POST /students/{student}/accommodations",
    write: async (user) => {
      await press(user, "Open Amina Haddad");
      await press(user, "Allow something");
      await type("Times", "1,5");
      await type("From", "2026-03-02");
      await type("Because", "Wrist in plaster");
    },
    send: "Allow it",
    body: { kind: "more_time", time_factor: 1.5, from: "2026-03-02", until: null, reason: "Wrist in plaster" },
  },
  {
    what: "an invitation",
    at: "/people",
    answers: { "GET /people": [person] },
    operation: "POST /people",
    write: async (user) => {
      await press(user, "Invite somebody");
      await type("Name", "Bruno Tadić");
      await type("E-mail", "bruno@tollgate-quay.example");
    },
    send: "Make their code",
    body: { name: "Bruno Tadić", email: "bruno@tollgate-quay.example", role: "assessor" },
  },
  {
    what: "what somebody may do",
    at: "/people",
    answers: { "GET /people": [person] },
    operation: "PATCH /people/{person}",
    write: async (user) => {
      await press(user, "Change");
      await user.selectOptions(await screen.findByLabelText("Role"), "instructor");
      await press(user, /^In training/);
    },
    send: "Change",
    body: { role: "instructor", in_training: true },
  },
  {
    what: "a password",
    at: "/account",
    answers: { "GET /calendars": [] },
    operation: "PUT /account/password",
    write: async () => {
      await type("The one you have", "larder-week");
      await type("The new one", "four spoons under a quiet lamp");
    },
    send: "Change the password",
    body: { current: "larder-week", password: "four spoons under a quiet lamp" },
  },
  {
    what: "a link to the calendar of a room",
    at: "/account",
    answers: { "GET /calendars": [] },
    operation: "POST /calendars",
    write: () => type("Or to all in the room", "Fish kitchen"),
    send: "Link to the room",
    body: { room: "Fish kitchen" },
    taken: { id: ID, room: "Fish kitchen", made_at: "2026-03-02T09:00:00Z", address: "https://kitchen.example/calendar.ics?key=1" },
  },
  {
    what: "a delivery",
    at: "/ledger/money",
    answers: { ...money, "GET /assessments/{assessment}/cost": cost },
    operation: "PUT /assessments/{assessment}/deliveries/{delivery}",
    write: async (user) => {
      await press(user, "Write the delivery down");
      await type("Supplier", "Fjord Poultry");
      await type("Invoice", "R-77");
      await type("Weight on the invoice", "21,6 kg");
      await type("Cost, EUR", "86.4");
    },
    send: "Keep it",
    body: { supplier: "Fjord Poultry", invoice: "R-77", pieces: 12, mass_mg: 21_600_000, cost_minor: 8_640 },
  },
  {
    what: "a wage",
    at: "/ledger/money",
    answers: { ...money, "GET /assessments/{assessment}/cost": cost },
    operation: "PUT /ledger/prices/{price}",
    write: async (user) => {
      await press(user, "Set the wage");
      await type("EUR an hour; empty where nobody knows", "24.5");
      await type("Where that was found", "Union scale");
    },
    send: "Keep it",
    body: expect.objectContaining({ product: "wage", minor: 2_450, source: "Union scale" }) as unknown,
  },
  {
    what: "a note of a day",
    at: "/look-back",
    answers: { "GET /trends": trends },
    operation: "PUT /day-notes/{id}",
    write: async () => {
      await type("On", "2026-02-02");
      await type("What changed", "Birds from another supplier");
    },
    send: "Write it down",
    body: { on: "2026-02-02", text: "Birds from another supplier" },
  },
  {
    what: "that a practical is put off",
    at: `/brief/${ID}`,
    answers: { "GET /briefs/{brief}": brief },
    operation: "POST /briefs/{brief}/postpone",
    write: async (user) => {
      await press(user, "Put it off");
      await type("New day", "2026-03-09");
      await type("Because", "No birds came");
    },
    send: "Put it off",
    body: { day: "2026-03-09", start: "09:00", reason: "No birds came" },
    taken: brief,
  },
  {
    what: "that a practical is cancelled",
    at: `/brief/${ID}`,
    answers: { "GET /briefs/{brief}": brief },
    operation: "POST /briefs/{brief}/cancel",
    write: async (user) => {
      await press(user, "Cancel it");
      await type("Because", "The cold room failed");
    },
    send: "Cancel the practical",
    body: { reason: "The cold room failed" },
    taken: brief,
  },
  {
    what: "a copy of a practical",
    at: `/brief/${ID}`,
    answers: { "GET /briefs/{brief}": brief },
    operation: "PUT /briefs/{brief}",
    write: async () => void (await screen.findByRole("button", { name: "Copy to another day" })),
    send: "Copy to another day",
    body: { ...brief.document, day: null },
    taken: brief,
  },
  {
    what: "homework",
    at: `/roster/${ID}/practice`,
    answers: { "GET /groups/{group}/practice": practice, "GET /practice": shelf },
    operation: "PUT /groups/{group}/homework/{id}",
    write: async () => {
      await type("By", "2026-03-20");
      await type("To say with it, if anything", "Look at the oyster");
    },
    send: "Set it for the group",
    body: { standard: ID, kind: "questions", until: "2026-03-20", note: "Look at the oyster" },
  },
  {
    what: "a standardising set",
    at: `/moderation/${ID}/standardise`,
    answers: {
      "GET /assessments/{assessment}/moderation": like<Moderation>("GET /assessments/{assessment}/moderation", { title: "Eight", rows }),
    },
    operation: "PUT /standardising/{id}",
    write: async (user) => {
      await type("What the set is called", "Before the exam");
      for (const station of [1, 2, 3]) await press(user, `${station} Student ${station}`);
    },
    send: "Make a set of 3 trays",
    body: { title: "Before the exam", attempts: rows.map((it) => it.attempt) },
  },
  {
    what: "an appeal",
    at: `/result/${ID}`,
    who: { role: "student" },
    answers: {
      "GET /attempts/{attempt}/released": page,
      "GET /attempts/{attempt}/appeals": { appeals: [], until: "2026-03-16", may_appeal: true, may_decide: [], marked_by: [] },
    },
    operation: "PUT /attempts/{attempt}/appeals/{appeal}",
    write: async (user) => {
      await press(user, "Appeal");
      await press(user, /Left leg: 12 g over/);
      await type("Why it is not right", "The pan was on the scale");
    },
    send: "Send the appeal",
    body: { version: 1, lines: [{ reason: 0, why: "The pan was on the scale" }] },
    taken: { appeals: [], until: null, may_appeal: false, may_decide: [], marked_by: [] },
  },
  {
    what: "windows from the school's own carcasses",
    at: `/look-back/standards/${ID}/carcasses`,
    answers: {
      "GET /standards/{standard}/own-carcasses": own,
      "GET /standards/{standard}/own-carcasses/effect": [],
      "GET /standards/{standard}": like("GET /standards/{standard}", {}),
    },
    operation: "POST /standards/{standard}/own-carcasses",
    write: async (user) => {
      await press(user, "Publish as version 4");
      await press(user, "Chicken, halves");
    },
    send: "Publish",
    body: expect.objectContaining({ others: [] }) as unknown,
    taken: [{ id: ID, title: "Chicken, eight pieces", version: 4 }],
  },
];

/** What stands in every line, and which buttons are down. */
const written = (): string[] => [
  ...[...document.querySelectorAll<HTMLInputElement>("input, select, textarea")].map((it) => it.value),
  ...[...document.querySelectorAll('[aria-pressed="true"]')].map((it) => it.textContent),
];

test.each(WRITINGS)(
  "$what: nothing is lost where it is not taken, and it is written once",
  async ({ at, who, answers, operation, write, send, body, taken }) => {
    const user = userEvent.setup({ delay: null });
    const outcomes = [away, () => refused(422, "invalid", "Not like this."), () => taken ?? anAnswer(operation, 1)];
    const { asked } = await open(at, school({ ...answers, [operation]: () => outcomes.shift()?.() }, who));
    const sent = (): typeof asked => asked.filter((it) => it.operation === operation);
    await write(user);
    const before = written();
    const button = (): HTMLElement => screen.getAllByRole("button", { name: send }).at(-1) as HTMLElement;

    await user.click(button());
    expect(await screen.findByText("The server does not answer; check the network.")).toBeTruthy();
    expect(written()).toEqual(before);

    await user.click(button());
    expect(await screen.findByText("Not like this.")).toBeTruthy();
    expect(written()).toEqual(before);

    await user.click(button());
    await waitFor(() => expect(sent()).toHaveLength(3));
    await waitFor(() => expect(screen.queryByText("Not like this.")).toBeNull());
    const [first, ...again] = sent();
    expect(first?.body).toEqual(
      typeof body === "object" && body !== null && "id" in (first?.body as object)
        ? { ...body, id: (first?.body as { id: string }).id }
        : body,
    );
    for (const it of again) expect([it.path, it.body]).toEqual([first?.path, first?.body]);
  },
);
