import { screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { Appeals, Bench, Flag, OnHand, Practical, Release, Sheet, VerdictPage, Waiting } from "../../../ui/src/api/types";
import { ID } from "../support/addresses";
import { away, like, open, press, refused, school, slipCloses, type } from "../support/kitchen";
import { lot } from "../support/lots";

/** How things stand, in words and in order: what waits, what must go first, what is released, and what a result is. */

const user = userEvent.setup({ delay: null });
const textsOf = (elements: HTMLElement[]): string[] => elements.map((it) => it.textContent);

const practical = (title: string, said: Partial<Practical>): Practical => ({
  ...like<Bench>("GET /bench", {}).today[0],
  ...({ id: title, title, room: "Annexe", held_on: "2026-03-04", cancelled: null, assessors: [], trays: [], ...said } as Practical),
});

test("what waits stands by its weight, each leading to where it is done", async () => {
  const kinds: [Waiting["kind"], heading: string, address: string][] = [
    ["balance", "Weights to check", `/tray/${ID}/weigh`],
    ["your_look", "Your second look", `/tray/${ID}/second`],
    ["appeal", "Appeals", `/appeal/${ID}`],
    ["agree", "To agree on", `/agree/${ID}`],
    ["second_look", "For a second assessor", `/tray/${ID}/second`],
    ["weigh", "To weigh in", `/tray/${ID}/weigh`],
    ["inspect", "To inspect", `/tray/${ID}/inspect`],
    ["issue_again", "Changed since release", "/sheet/class"],
    ["release", "To release", "/sheet/class"],
  ];
  const waiting = kinds.map(([kind]): Waiting => ({
    kind,
    assessment: "class",
    attempt: kind === "release" ? null : ID,
    title: `Larder 2: ${kind}`,
    text: "Station 4",
  }));
  const bench: Bench = {
    date: "2026-03-04",
    today: [],
    earlier: [],
    coming: [],
    waiting: [...waiting].reverse(),
    has_earlier: false,
    spare: null,
  };
  await open("/", school({ "GET /bench": bench }));
  const aside = within(await screen.findByRole("complementary", { name: "What waits" }));
  expect(textsOf(aside.getAllByRole("heading", { level: 3 }))).toEqual(kinds.map(([, heading]) => heading));
  expect(aside.getAllByRole("link").map((it) => it.getAttribute("href"))).toEqual(kinds.map(([, , address]) => address));
});

test("practicals of today, of days to come and of earlier ones say whose they are, with a course or without", async () => {
  const [withCourse, without] = [
    { course: "Larder 2", group: "Sandpiper" },
    { course: "", group: "Curlew" },
  ];
  const bench: Bench = {
    date: "2026-03-04",
    today: [practical("Halves", withCourse), practical("Quarters", without)],
    earlier: [practical("Six cut", without)],
    coming: [practical("Fillets", without)],
    waiting: [],
    has_earlier: false,
    spare: null,
  };
  await open("/", school({ "GET /bench": bench }));
  await screen.findByText("Larder 2, group Sandpiper, Annexe. 0 of 0 trays judged.");
  await screen.findByText("Group Curlew, Annexe. 0 of 0 trays judged.");
  await screen.findByText(/Group Curlew, Annexe$/);
  await screen.findByText(/Group Curlew$/);
});

test("a long day has every class on the Bench, in its order", async () => {
  const titles = Array.from({ length: 11 }, (_, index) => `Class ${index + 1}`);
  const today = titles.map((title) => practical(title, { course: "", group: "Curlew" }));
  const bench: Bench = { date: "2026-03-04", today, earlier: [], coming: [], waiting: [], has_earlier: false, spare: null };
  await open("/", school({ "GET /bench": bench }));
  await waitFor(() =>
    expect(textsOf(screen.getAllByRole("heading", { level: 2 })).filter((it) => it.startsWith("Class "))).toEqual(titles),
  );
});

test("what is on hand stands by the day it must be gone; barred and frozen have shelves of their own", async () => {
  const lots = [
    lot("Frozen", { frozen_since: "2026-03-03", days_left: null, use_by: null }),
    lot("Later", { days_left: 3 }),
    lot("Soon", { days_left: 2, is_off: true, container: "A2" }),
    lot("Today", { days_left: 0 }),
    lot("Over", { days_left: -1 }),
    lot("Long over", { days_left: -3, on_hand_mg: 1_200_000 }),
    lot("Barred", { is_barred: true, days_left: 0, is_cooked_only: true }),
  ];
  const onHand: OnHand = { date: "2026-03-04", lots, has_more: false, on_hand_mg: 4_200_000, next: 1 };
  await open(
    "/ledger/on-hand",
    school({ "GET /ledger/lots": onHand, "GET /ledger/needs": { date: "2026-03-04", needs: [], spare: [], products: [] } }),
  );
  await screen.findByText(/Gone within two days/);
  expect(textsOf(screen.getAllByRole("heading", { level: 2 })).filter((it) => it.includes(":"))).toEqual([
    "Barred: 0.5 kg",
    "Over its day: 1.7 kg",
    "Last day today: 0.5 kg",
    "Gone within two days: 0.5 kg",
    "Later: 0.5 kg",
    "In the freezer: 0.5 kg",
  ]);
  const cards = textsOf(screen.getAllByRole("link").filter((it) => it.getAttribute("href")?.startsWith("/ledger/lots/")));
  expect(cards).toEqual([
    "Barred500 gEight piecesbarredcooked only",
    "Over500 gEight pieces1 day over",
    "Long over1200 gEight pieces3 days over",
    "Today500 gEight pieceslast day today",
    "Soon500 gEight pieces, A2, below standard2 days left",
    "Later500 gEight pieces3 days left",
    "Frozen500 gEight piecesfrozen",
  ]);
});

const release = (version: number, total: number): Release => ({
  version,
  reason: version === 1 ? "" : "Weight corrected",
  total,
  band: "Merit",
  released_at: "2026-03-02T12:00:00Z",
  released_by: "Marit Oyelaran",
  sha256: "ab",
});
const flag = (it: Flag["flag"]): Flag => ({ flag: it, text: it });
const row = (station: number, said: Partial<Sheet["rows"][number]>): Sheet["rows"][number] => ({
  attempt: `attempt-${station}`,
  station,
  student: `Student ${station}`,
  status: "final",
  scores: {},
  total: 70 + station / 10,
  band: "Merit",
  portion_yield: 0.62,
  loss: 0.01,
  flags: [],
  release: null,
  release_state: "unreleased",
  ...said,
});

test("before a release what somebody should have looked at is named, and it is asked once; what failed is said", async () => {
  const sheet: Sheet = {
    title: "Eight pieces",
    group: "Sandpiper",
    held_on: "2026-03-02",
    is_rehearsal: false,
    cancelled: null,
    components: [],
    rows: [
      row(1, { flags: [flag("borderline"), flag("not_second_marked")] }),
      row(2, { flags: [flag("out_of_balance"), flag("mix_up")] }),
      row(3, { status: "provisional", total: null, band: null }),
      row(4, { release: release(1, 69.6), release_state: "current" }),
    ],
  };
  const outcomes = [away, () => refused(409, "conflict", "Station 2 was withdrawn meanwhile."), () => sheet];
  const { asked } = await open(
    `/sheet/${ID}`,
    school({ "GET /assessments/{assessment}/sheet": sheet, "POST /assessments/{assessment}/release": () => outcomes.shift()?.() }),
  );
  await press(user, /^Release 2/);
  const slip = within(await screen.findByRole("dialog"));
  expect(slip.getByRole("heading", { name: "Release 2 results. Students see them at once." })).toBeTruthy();
  for (const [title, who] of [
    ["Borderline", "Student 1 (station 1)"],
    ["Borderline, and not second-marked", "Student 1 (station 1)"],
    ["Weights do not balance", "Student 2 (station 2)"],
    ["May be mixed up with another tray", "Student 2 (station 2)"],
  ] as const)
    expect(slip.getByText(title).nextSibling?.textContent).toBe(who);

  await user.click(slip.getByRole("button", { name: "Release" }));
  expect(await slip.findByText(/^The server does not answer\. It may have released them all the same/)).toBeTruthy();
  await user.click(slip.getByRole("button", { name: "Release" }));
  expect(await slip.findByText("Station 2 was withdrawn meanwhile.")).toBeTruthy();
  await user.click(slip.getByRole("button", { name: "Release" }));
  await slipCloses();
  const sent = asked.filter((it) => it.operation.startsWith("POST")).map((it) => it.body);
  expect(sent).toEqual(Array.from({ length: 3 }, () => ({ attempts: ["attempt-1", "attempt-2"], reason: "" })));
});

test("a result that changed since it was released is issued again with its reason only", async () => {
  const sheet = like<Sheet>("GET /assessments/{assessment}/sheet", {
    components: [],
    is_rehearsal: false,
    cancelled: null,
    rows: [row(1, { total: 71.4, release: release(1, 69.6), release_state: "changed" })],
  });
  const { asked } = await open(`/sheet/${ID}`, school({ "GET /assessments/{assessment}/sheet": sheet }));
  await press(user, /^Issue/);
  const slip = within(await screen.findByRole("dialog"));
  expect(slip.getByText(/Student 1: released 69\.6, now 71\.4/)).toBeTruthy();
  const issue = slip.getByRole("button", { name: "Issue" });
  expect(issue).toHaveProperty("disabled", true);
  await type("Issued again, because", "  ");
  expect(issue).toHaveProperty("disabled", true);
  await type("Issued again, because", " Left leg was weighed with its pan ");
  await user.click(issue);
  await waitFor(() =>
    expect(asked.find((it) => it.operation.startsWith("POST"))?.body).toEqual({
      attempts: ["attempt-1"],
      reason: "Left leg was weighed with its pan",
    }),
  );
});

const page = like<VerdictPage>("GET /attempts/{attempt}/released", {
  attempt: ID,
  version: 1,
  releases: [release(1, 69.6)],
  release_state: "current",
});

test.each([
  ["final", 71.44, "Merit", "71.4", "Merit", "Final"],
  ["provisional", 55, null, "55.0", "No band", "Provisional: not everything is in yet"],
  ["void", null, null, "–", "No band", "Nothing was received or weighed"],
] as const)("a result that is %s says so beside its total", async (status, total, band, shown, bandShown, words) => {
  const { policy, result } = page;
  const standing = { ...page, version: null, policy: { ...policy, places: 1 }, result: { ...result, status, total, band } };
  await open(`/verdict/${ID}`, school({ "GET /attempts/{attempt}/verdict": standing }));
  expect([(await screen.findByTestId("total")).textContent, screen.getByTestId("band").textContent]).toEqual([shown, bandShown]);
  expect(screen.getByText(words)).toBeTruthy();
});

const appeal = (said: Partial<Appeals["appeals"][number]>): Appeals["appeals"][number] => ({
  id: "appeal",
  attempt: ID,
  student: "Amina Haddad",
  practical: "Eight pieces",
  station: 4,
  version: 1,
  made_at: "2026-03-03T08:00:00Z",
  answer_by: "2026-03-17",
  assignee: null,
  is_decided: false,
  is_to_put_right: false,
  is_yours: false,
  lines: [{ text: "Left leg: 12 g over", lost: 2.5, why: "The pan was on the scale", outcome: null, reason: "", decided_by: "" }],
  ...said,
});

test.each<[said: Partial<Appeals>, words: RegExp]>([
  [{ until: null, may_appeal: false }, /By the policy of this practical there is no appeal\./],
  [{ until: "2026-03-16", may_appeal: false }, /The days to appeal are over since Monday 16 March\./],
  [{ until: "2026-03-16", may_appeal: true }, /say which and why, until Monday 16 March\. Somebody who has not marked this tray decides\./],
  [{ appeals: [appeal({})] }, /Against version 1\. Nobody looks at it yet; to be decided by Tuesday 17 March\./],
  [
    { appeals: [appeal({ assignee: { id: ID, name: "Ilse Karimova" } })] },
    /Ilse Karimova looks at it; to be decided by Tuesday 17 March\./,
  ],
  [{ appeals: [appeal({ is_decided: true, assignee: { id: ID, name: "Ilse Karimova" } })] }, /Against version 1\. Decided\./],
])("a student is told how an appeal stands (%#)", async (said, words) => {
  const appeals: Appeals = { appeals: [], until: null, may_appeal: false, may_decide: [], marked_by: [], ...said };
  await open(
    `/result/${ID}`,
    school(
      { "GET /attempts/{attempt}/released": page, "GET /attempts/{attempt}/appeals": appeals },
      { role: "student", may_capture: false },
    ),
  );
  const section = await screen.findByRole("region", { name: "Appeal" });
  expect(section.textContent).toMatch(words);
  expect(within(section).queryByRole("button", { name: "Appeal" }) !== null).toBe(appeals.may_appeal);
});

test("a student finds their results with the version they were shown last, or that there is none yet", async () => {
  const results = [{ attempt: ID, practical: "Eight pieces", held_on: "2026-03-02", total: 71.44, band: "Merit", version: 2 }];
  await open("/", school({ "GET /results": results }, { role: "student" }));
  expect((await screen.findByRole("link", { name: /Eight pieces/ })).textContent).toBe(
    "Eight piecesMonday 2 March 2026, version 2Merit71.4",
  );
});

test.each([
  [{}, ["/people", "/roster", "/brief"]],
  [{ may_manage_people: false }, ["/roster", "/brief"]],
  [{ may_manage_people: false, may_enrol: false, may_set_terms: false }, []],
])("where no practical was held yet, one is shown the first steps one may take (%#)", async (who, steps) => {
  const bench: Bench = { date: "2026-03-04", today: [], earlier: [], coming: [], waiting: [], has_earlier: false, spare: null };
  await open("/", school({ "GET /bench": bench }, who));
  const list = within((await screen.findByText("No practical yet")).parentElement as HTMLElement);
  expect(list.queryAllByRole("link").map((it) => it.getAttribute("href"))).toEqual(steps);
  expect(list.queryByText(/Somebody plans a practical/) !== null).toBe(steps.length === 0);
});
