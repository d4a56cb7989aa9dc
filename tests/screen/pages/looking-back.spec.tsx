import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type {
  ClassLook,
  CourseStandard,
  Fairness,
  OwnCarcasses,
  SchoolReport,
  StandardFinding,
  StandardLook,
} from "../../../ui/src/api/types";
import { ID } from "../support/addresses";
import { away, like, open, press, refused, school, tableRows, type } from "../support/kitchen";
import { OTHER } from "../support/people";

/** What is said of a class, a student, a standard and a term looked back on; every figure is the server's. */

const user = userEvent.setup({ delay: null });
const textsOf = (elements: HTMLElement[]): string[] => elements.map((it) => it.textContent);

const taught = (title: string, points: number, said: Partial<ClassLook["teach"][number]> = {}) => ({
  title,
  points,
  times: 9,
  trays: 12,
  aim: `Aim at ${title.toLowerCase()}.`,
  step: null,
  do: null,
  ...said,
});
const look = like<ClassLook>("GET /assessments/{assessment}/look-back", {
  assessment: ID,
  title: "Eight pieces",
  group: "Sandpiper",
  group_id: OTHER,
  held_on: "2026-03-02",
  standard: ID,
  standard_key: "chicken-eight-piece",
  teach: [
    taught("Yield", 6, { aim: null }),
    taught("Wing joint", 4.25, { step: 2, do: "Take off the wings" }),
    taught("Scraping", 3, { trays: 3, times: 2 }),
    taught("Skin", 2),
    taught("Board", 1),
  ],
  lost: ["Wing joint", "Skin", "Board", "Time", "Trim", "Left leg", "Right leg", "Tenders", "Frames"].map((title, index) => ({
    title,
    points: 4 - index / 4,
    times: 9,
    trays: 12,
    aim: null,
  })),
  lost_by: [
    { factor: "station", value: "1", held_on: null, trays: 1, points: [4, 0, 0, 0, 0, 0, 0, 0, 0] },
    { factor: "station", value: "2", held_on: null, trays: 1, points: [1, 0, 0, 0, 0, 0, 0, 0, 0] },
    { factor: "wave", value: "1", held_on: null, trays: 6, points: [4, 1, 0, 0, 0, 0, 0, 0, 0] },
    { factor: "wave", value: "2", held_on: null, trays: 6, points: [3.5, 3, 0, 0, 0, 0, 0, 0, 0] },
  ] as unknown as ClassLook["lost_by"],
  parts: [
    { factor: "wave", difference: { value: "2", trays: 6, others: 6, points: { value: -3.25, low: -6, high: -0.5 }, stands_out: true } },
    { factor: "assessor", difference: { value: "Teodor Vance", trays: 1, others: 11, points: null, stands_out: false } },
  ],
  components: [{ title: "Technique", scores: [40, 70, 90], earlier: [] }] as unknown as ClassLook["components"],
  totals: [51.5, 60, 71, 88.25],
  earlier: [{ assessment: OTHER, held_on: "2025-11-03", totals: [40, 50] }] as unknown as ClassLook["earlier"],
});
const openClass = (said: Partial<ClassLook> = {}) =>
  open(`/look-back/${ID}`, school({ "GET /assessments/{assessment}/look-back": { ...look, ...said } }));

test("what to teach next is what can be aimed at: three things, each with what to say and what to show again", async () => {
  await openClass();
  const teach = within(await screen.findByRole("region", { name: "What to teach next" }));
  expect(textsOf(teach.getAllByRole("heading", { level: 3 }))).toEqual(["Wing joint", "Scraping", "Skin"]);
  teach.getByText("Say: Aim at wing joint.");
  expect(teach.getByRole("link", { name: "step 3" }).getAttribute("href")).toBe(`/practice/${ID}/follow?step=3`);
  teach.getByText("2 of 3 trays lost points at it; so few say little.");
  teach.getByText(/^It lost points too at: Yield \(−6\.0\), Board \(−1\.0\)\./);
});

test("what stands out among waves and assessors is said, few trays are not compared, and what cost points stands side by side", async () => {
  await openClass();
  await screen.findByText(/^Wave 2 stands out: −3\.3 points beside the others\./);
  expect(tableRows("Waves, scales, assessors, boxes")).toEqual(["Wave 2 | 6 | −3.3 (−6.0 to −0.5)", "Teodor Vance | 1 | too few"]);
  await screen.findByText(
    /They lie furthest apart at Skin: Wave 2 lost 3\.0 \(6 trays\), Wave 1 lost 1\.0 \(6 trays\)\. Small numbers scatter\./,
  );
  expect(tableRows("Points lost, wave by wave")).toHaveLength(8);
  await press(user, "All 9");
  expect(tableRows("Points lost, wave by wave")).toHaveLength(9);
  await user.click(screen.getByRole("radio", { name: "Station" }));
  await screen.findByText(/furthest apart at Wing joint: Station 1 lost 4\.0, Station 2 lost 1\.0\. /);
  expect(tableRows("Points lost, station by station")[0]).toBe("Wing joint | −4.0 | −4.0 | −1.0 | 9 of 12");
});

test("totals stand beside earlier classes, each with its middle", async () => {
  await openClass({ parts: [{ factor: "wave", difference: { value: "2", trays: 6, others: 6, points: null, stands_out: false } }] });
  await screen.findByText(/^None of them stands out\./);
  expect(tableRows("Totals")).toEqual([
    "Monday 2 March 2026, this class | 4 | 51.5 | 65.5 | 88.3",
    "Monday 3 November 2025 | 2 | 40.0 | 45.0 | 50.0",
  ]);
  expect(tableRows("Components")).toEqual(["Technique | 40 | 70 | 90 | –"]);
});

test("a class of which nothing is marked yet says what will stand there", async () => {
  await openClass({ totals: [] });
  await screen.findByRole("heading", { name: "Nothing is marked to the end yet" });
});

const tries = [58.25, null, 71].map((total, index) => ({
  attempt: index === 0 ? ID : OTHER,
  title: "Eight pieces",
  held_on: `2026-0${index + 1}-10`,
  total,
  band: total === null ? null : "Pass",
  yield: total === null ? null : 0.7,
  running_ms: total === null ? null : 1_230_000,
  scores: {},
}));
const course = (said: Partial<CourseStandard>) => ({
  student: ID,
  name: "Amina Haddad",
  group: "Sandpiper",
  from: "2026-01-05",
  to: "2026-03-27",
  standards: [
    {
      id: ID,
      title: "Chicken, eight pieces",
      standard_ms: 1_200_000,
      tries,
      compared: 1,
      components: [{ title: "Technique", first: 40, last: 70 }],
      lost: [
        { title: "Wing joint", points: 4, times: 2, trays: 3, aim: "Through the joint." },
        { title: "Skin", points: 3, times: 1, trays: 3, aim: null },
      ],
      ...said,
    } as CourseStandard,
  ],
});
const openCourse = (said: ReturnType<typeof course>) =>
  open(`/look-back/students/${ID}`, school({ "GET /students/{student}/course": said }));

test("a course says how a student came on at each standard, and what keeps costing points", async () => {
  await openCourse(course({}));
  await screen.findByText("Sandpiper. 3 released results from 5 Jan 2026 to 27 Mar 2026.");
  await screen.findByText("From 58.3 to 71.0 over 2 tries: 12.8 more.");
  expect(tableRows("Tries at Chicken, eight pieces")).toEqual([
    "10 Jan 2026 | 58.3 | Pass | 70.0 % | 20:30",
    "10 Feb 2026 | – | – | – | –",
    "10 Mar 2026 | 71.0 | Pass | 70.0 % | 20:30",
  ]);
  expect(textsOf(within(screen.getByRole("list", { name: "To talk about at Chicken, eight pieces" })).getAllByRole("listitem"))).toEqual([
    "Wing joint, in 2 of 3 tries, −4.0 a try. Through the joint.",
  ]);
});

test("one try, and none with a total, are said as they are", async () => {
  await openCourse(course({ tries: tries.slice(0, 1), lost: [], components: [{ title: "Technique", first: 40, last: null }] }));
  await screen.findByText("One try: 58.3.");
  expect(tableRows("Components of Chicken, eight pieces")).toEqual(["Technique | 40"]);
});

test("a course without a total, and one without a result, say so", async () => {
  await openCourse(course({ tries: tries.slice(1, 2) }));
  await screen.findByText("No total yet.");
});

test("a student nothing was released to is told nothing about", async () => {
  await openCourse({ ...course({}), standards: [] });
  await screen.findByRole("heading", { name: "Nothing is released yet" });
});

const size = (title: string, value: number | null, standsOut = false): Fairness["size"] => ({
  title,
  trays: 40,
  per_kg: value === null ? null : { value, low: value - 0.01, high: value + 0.01 },
  stands_out: standsOut,
});
const fairness = (said: Partial<Fairness>): Fairness => ({
  standard: ID,
  key: "chicken-eight-piece",
  title: "Chicken, eight pieces",
  trays: 48,
  at_least: 10,
  factors: [],
  size: size("", null),
  pieces: [],
  ...said,
});
const openFairness = (said: Partial<Fairness>) =>
  open(`/look-back/standards/${ID}/fairness`, school({ "GET /standards/{standard}/fairness": fairness(said) }));
const value = (name: string, points: number | null, standsOut = false) => ({
  value: name,
  trays: 20,
  others: 28,
  points: points === null ? null : { value: points, low: points - 2, high: points + 2 },
  stands_out: standsOut,
});

test("differences that stand out are named, of two values by what they differ in, with how many were compared", async () => {
  await openFairness({
    factors: [
      { factor: "extra_time", values: [value("extra", 3, true), value("usual", -3, true)] },
      { factor: "station", values: [value("1", 0.5), value("2", null), value("8", -4.25, true)] },
      { factor: "delivery", values: [] },
    ],
    size: size("", 0.4),
    pieces: [size("Thigh", 0.004, true), size("Wing", null)],
  });
  await screen.findByText("Over 48 trays these stand out: extra time, Station 8.");
  await screen.findByText(/Of 6 comparisons one in twenty stands out by chance alone\..*fewer than 10 trays on one side are not compared/);
  expect(tableRows("Station")).toEqual([
    "Station 1 | 20 | +0.5 (−1.5 to +2.5) | ",
    "Station 2 | 20 | too few | ",
    "Station 8, stands out | 20 | −4.3 (−6.3 to −2.3) | ",
  ]);
  await screen.findByText(/The weight of the carcass does not show in the total: \+0\.4 points for each kilogram/);
  await screen.findByText(/The share of Thigh goes with the size. Of 2 pieces one may by chance/);
  expect(tableRows("Share of each piece for each kilogram more")).toEqual([
    "Thigh, stands out | 40 | +0.40 % | ",
    "Wing | 40 | too few | ",
  ]);
  expect(screen.queryByRole("region", { name: "Supplier" })).toBeNull();
});

test("nothing that stands out, too little to compare, and windows that do not fit every carcass", async () => {
  await openFairness({ size: size("", 6, true), pieces: [size("Thigh", -0.004, true)] });
  await screen.findByText("Nothing stands out over 48 trays.");
  await screen.findByText(/A carcass that is a kilogram heavier goes with \+6\.0 points .* It should not matter\./);
  await screen.findByText(/there the windows, which are shares, do not fit every carcass/);
});

test("few trays are not compared at all", async () => {
  await openFairness({ trays: 1 });
  await screen.findByText("1 tray so far: too few on one side of everything to compare.");
  await screen.findByText("Too few trays say whether the total goes with the weight of the carcass.");
});

const finding = (kind: StandardFinding["kind"], title: string, place: string | null = title): StandardFinding => ({
  kind,
  place,
  title,
  other: null,
  step: kind === "level_never_given" ? "Torn" : null,
  step_number: kind === "level_never_given" ? 1 : null,
  figure: 0.97,
  trays: 40,
});
const standardLook = (said: Partial<StandardLook>): StandardLook =>
  like<StandardLook>("GET /standards/{standard}/look-back", {
    standard: ID,
    key: "chicken-eight-piece",
    trays: 40,
    at_least: 30,
    findings: [],
    criteria: [],
    alpha: -0.125,
    windows: [],
    standard_ms: 1_200_000,
    timed: 12,
    in_time: 0.25,
    ...said,
  });
const openStandard = (said: Partial<StandardLook>, who: object = {}) =>
  open(`/look-back/standards/${ID}`, school({ "GET /standards/{standard}/look-back": standardLook(said) }, who));

test("what is worth a look leads to its place in the editor; steps never given are counted together", async () => {
  await openStandard({
    findings: [
      finding("criterion_easy", "Skin"),
      finding("window_hardly_met", "Thigh"),
      finding("level_never_given", "Joint"),
      { ...finding("level_never_given", "Joint"), step_number: 2 },
      finding("level_never_given", "Trim"),
      finding("time_not_needed", "Time", null),
    ],
  });
  await screen.findByText(
    "3 steps of 2 criteria were never given; below they stand at 0 in red. Take such a step away, or say it so that it can be met.",
  );
  const list = within(screen.getByRole("list", { name: "Worth a look" }));
  expect(list.getAllByRole("link").map((it) => [it.textContent, it.getAttribute("href")])).toEqual([
    ["Change it: Skin", `/standards/${ID}/edit?tab=criteria&at=Skin`],
    ["Change it: Thigh", `/standards/${ID}/edit?tab=cuts&at=Thigh`],
    ["Change it: Time", `/standards/${ID}/edit?tab=rules`],
  ]);
  await screen.findByText(/with an alpha of −0\.13 \(1 at best/);
  await screen.findByText("25 % of 12 trays were done within the standard time of 20:00 (extra time counted in).");
});

test("few trays say nothing of a standard; what cannot be said yet is said", async () => {
  await openStandard({ trays: 1, alpha: null, in_time: null, findings: [] }, { may_publish: false });
  await screen.findByText("1 tray is marked to the end; on fewer than 30 nothing is said of the standard.");
  await screen.findByText("How far the criteria measure one thing cannot be said yet.");
  await screen.findByText("The standard time is 20:00; no tray took one yet.");
});

test("a standard with nothing to mend and no time says so", async () => {
  await openStandard({ standard_ms: null });
  await screen.findByText("Nothing on 40 trays.");
  await screen.findByText("No time is set.");
});

const report = like<SchoolReport>("GET /school-report", {
  from: "2026-01-05",
  to: "2026-03-08",
  currency: "NOK",
  students: 24,
  standards: [
    { title: "Chicken, eight pieces", classes: 3, trays: 36, passed: 30, total: 66.25, yield: 0.7, waste_mg: 1_000, delivered_mg: 20_000 },
    { title: "Sea trout", classes: 1, trays: 0, passed: 0, total: null, yield: null, waste_mg: 0, delivered_mg: 0 },
  ] as unknown as SchoolReport["standards"],
  bands: [
    { name: "Merit", count: 12 },
    { name: "Refer", count: 6 },
  ],
  unpriced: 1,
  twice: 5,
  alike: 0.725,
  icc: -0.25,
  incidents: [{ name: "cut", count: 2 }],
  warm: 1,
  out_long: 2,
  refused: 3,
  withdrawn: 7,
  reissued: 1,
  appealed: 2,
  upheld: 1,
});

test("the report of a term: results, marking, safety; days that are none keep the last ones that were", async () => {
  const { asked } = await open("/look-back/report", school({ "GET /school-report": report }));
  await screen.findByText(
    "Monday 5 January to Sunday 8 March 2026: 4 practicals, 36 trays marked to the end of 24 students; 30 passed (83.3 %).",
  );
  expect(tableRows("Results")).toEqual([
    "Chicken, eight pieces | 3 | 36 | 30 | 66.3 | 70.0 % | 5.0 %",
    "Sea trout | 1 | 0 | 0 | – | – | –",
  ]);
  await screen.findByText(/^Merit 12, Refer 6\. Passed is what is not in the lowest band/);
  await screen.findByText("1 practical without a delivery written down is not counted here.");
  const lines = (label: string) =>
    within(screen.getByRole("group", { name: label }))
      .getAllByRole("row")
      .map((row) => [...row.children].map((cell) => cell.textContent).join(" | "));
  expect(lines("Marking")).toEqual(
    expect.arrayContaining([
      "Trays marked twice | 5",
      "Steps both looks gave alike | 73 %",
      "Agreement of totals, ICC(2,1) | −0.25",
      "Appeals, of them upheld | 2, 1",
    ]),
  );
  expect(lines("Safety and cold")).toEqual(expect.arrayContaining(["Carcasses above 5 °C | 1", "Carcasses sent back | 3"]));
  await type("From", "2026-01-12");
  await type("To", "2026-02-20");
  await waitFor(() => expect(asked.at(-1)?.path).toBe("/school-report?from=2026-01-12&to=2026-02-20"));
  await type("To", "2026-01-01");
  expect(screen.getByRole("link", { name: "PDF" }).getAttribute("href")).toBe("/api/v1/school-report.pdf?from=2026-01-12&to=2026-02-20");
});

const own = (said: Partial<OwnCarcasses>): OwnCarcasses =>
  like<OwnCarcasses>("GET /standards/{standard}/own-carcasses", {
    standard: ID,
    key: "chicken-eight-piece",
    title: "Chicken, eight pieces",
    version: 3,
    proposes: false,
    records: 12,
    at_least: 30,
    apart: 1,
    pieces: [],
    parts: [],
    files: [],
    suppliers: [{ name: "Fjord Poultry", trays: 9 }] as unknown as OwnCarcasses["suppliers"],
    others: [],
    ...said,
  });

test("which carcasses speak is asked by size, supplier, and how surely; how many more it takes is said", async () => {
  const { asked } = await open(`/look-back/standards/${ID}/carcasses`, school({ "GET /standards/{standard}/own-carcasses": own({}) }));
  await screen.findByText(
    /^12 carcasses whose weights add up; 1 tray whose weights do not add up is left out\. Windows are proposed from 30 on: 18 more\.$/,
  );
  await user.click(screen.getByRole("radio", { name: "Heavier half" }));
  await user.selectOptions(screen.getByLabelText("Supplier"), "Fjord Poultry (9 trays)");
  await user.selectOptions(screen.getByLabelText("A window holds"), "90 %");
  await user.selectOptions(screen.getByLabelText("With a confidence of"), "99 %");
  await waitFor(() => {
    const last = new URL(`http://kitchen.example${asked.at(-1)?.path ?? ""}`).searchParams;
    expect(Object.fromEntries(last)).toEqual({
      size: "heavier",
      source: "own",
      supplier: "Fjord Poultry",
      coverage: "0.9",
      confidence: "0.99",
    });
  });
  await user.selectOptions(screen.getByLabelText("Supplier"), "All suppliers");
  await waitFor(() => expect(asked.at(-1)?.path).not.toContain("supplier"));
  expect(screen.queryByRole("radiogroup", { name: "Whose carcasses" })).toBeNull();
});

test("weights of another school are taken in from their file; what is wrong with one is named, and its place", async () => {
  const files = [{ id: OTHER, title: "north-quay", records: 42 }] as unknown as OwnCarcasses["files"];
  const wrong = refused(422, "invalid", "This is no file of carcasses.", { path: "trays[3].ap_mg", detail: "must be more than 0" });
  const answers = [() => wrong, away, () => ({ records: 42, otherwise: ["Wing"] })];
  const { asked } = await open(
    `/look-back/standards/${ID}/carcasses`,
    school({
      "GET /standards/{standard}/own-carcasses": own({ files }),
      "PUT /standards/{standard}/pooled/{id}": () => answers.shift()?.(),
      "DELETE /standards/{standard}/pooled/{id}": () => refused(409, "conflict", "A window rests on it."),
    }),
  );
  const input = await screen.findByLabelText("File of another school");
  // A document without a browser cannot read a file.
  const file = (text: string): File => Object.assign(new File([text], "north-quay.json"), { text: () => Promise.resolve(text) });
  const take = (text: string): boolean => fireEvent.change(input, { target: { files: [file(text)] } });
  take("{");
  await screen.findByText(/^This file is not JSON\..*Nothing of it was taken in\.$/);
  take("{}");
  await screen.findByText("This is no file of carcasses. trays[3].ap_mg: must be more than 0. Nothing of it was taken in.");
  take("{}");
  expect((await screen.findByText(/^The server does not answer/)).textContent).not.toContain("Nothing of it was taken in");
  take("{}");
  await screen.findByText("42 carcasses taken in. Cut otherwise there, and left out: Wing.");
  const sent = asked.filter(({ operation }) => operation.startsWith("PUT"));
  expect(sent.map((it) => it.body)).toEqual([1, 2, 3].map(() => ({ title: "north-quay", file: {} })));
  await press(user, "Take it out: north-quay");
  await screen.findByText("A window rests on it.");
});
