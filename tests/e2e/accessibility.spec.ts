import AxeBuilder from "@axe-core/playwright";
import type { AxeResults } from "axe-core";
import { type Page } from "@playwright/test";
import { emptySchool, expect, signIn, stationCard, test } from "./kitchen";

type Violation = AxeResults["violations"][number];

/** Every rule in the light scheme; in the dark one the rules of colour, because nothing else differs there. */
async function expectNoViolation(page: Page, view: string): Promise<void> {
  await show(page, "light");
  const light = await axe(page).withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]).analyze();
  await show(page, "dark");
  const dark = await axe(page).withRules(["color-contrast", "link-in-text-block"]).analyze();
  expect.soft([...named(`${view}, light`, light.violations), ...named(`${view}, dark`, dark.violations)]).toEqual([]);
}

/** No page has a frame: it is read in place, and only what is wrong is written out. */
const axe = (page: Page): AxeBuilder => new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ["violations"] });

async function show(page: Page, scheme: "light" | "dark"): Promise<void> {
  await page.emulateMedia({ colorScheme: scheme });
  await expect(page.locator("html")).toHaveAttribute("data-scheme", scheme);
}

function named(view: string, violations: Violation[]): string[] {
  return violations
    .filter((it) => it.impact !== "minor")
    .map(
      (it) =>
        `${view}: ${it.id} ${it.nodes
          .slice(0, 4)
          .map((node) => node.target.join(" "))
          .join(" | ")}`,
    );
}

test("no violation of weight on any view of the day", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("E-mail").waitFor();
  await expectNoViolation(page, "sign-in");
  await signIn(page);
  await stationCard(page, 4).waitFor();
  await expectNoViolation(page, "bench");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Floor" }).click();
  await page.locator('[data-station="9"]').click();
  await page.getByRole("complementary", { name: "Station 9" }).waitFor();
  await expectNoViolation(page, "floor");
  await page.getByRole("button", { name: "Safety stop" }).click();
  await page.getByRole("button", { name: "Cut", exact: true }).click();
  await expectNoViolation(page, "safety stop");
  await page.getByRole("button", { name: "Nothing happened" }).click();
  for (const name of ["Mise", "Receiving", "Arrange"]) {
    await page.getByRole("navigation", { name: "Rounds" }).getByRole("button", { name }).click();
    await expectNoViolation(page, `floor, ${name}`);
  }
  await page.getByRole("link", { name: "Wall" }).click();
  await page.getByRole("group", { name: "Clocks" }).waitFor();
  await expectNoViolation(page, "wall");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Bench" }).click();
  await stationCard(page, 4).click();
  await page.getByRole("list", { name: "Reasons" }).waitFor();
  await expectNoViolation(page, "verdict");
  await page.getByRole("link", { name: "To the tray" }).click();
  for (const [step, sign] of [
    ["Receive", "Defects on arrival"],
    ["Weigh in", "57 g short"],
    ["Inspect", "Every criterion is judged."],
  ] as const) {
    await page.getByRole("button", { name: step }).click();
    await page.getByText(sign).first().waitFor();
    await expectNoViolation(page, step);
  }
  await page.keyboard.press("l");
  await page.getByRole("dialog").waitFor();
  await expectNoViolation(page, "log");
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  await page.getByRole("dialog", { name: "Keys" }).waitFor();
  await expectNoViolation(page, "keys");
  await page.keyboard.press("Escape");
  await page.getByRole("navigation", { name: "Where you are" }).getByRole("link", { name: "Chicken eight-piece" }).click();
  await page.getByRole("table").waitFor();
  await expectNoViolation(page, "class sheet");
});

test("no violation of weight on any view of the standards", async ({ page }) => {
  await signIn(page);
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: /^Chicken, eight pieces \d/ }).waitFor();
  await expectNoViolation(page, "shelf");
  await page.getByRole("link", { name: /^Chicken, eight pieces \d/ }).click();
  await page.getByRole("group", { name: "Cut map" }).waitFor();
  await expectNoViolation(page, "standard");
  for (const name of ["Tray and grade", "Criteria, faults", "Method", "Variants", "Versions"]) {
    await page.getByRole("button", { name, exact: true }).click();
    await expectNoViolation(page, name);
  }
  await page.getByRole("link", { name: "Change it" }).click();
  await page.getByText("nothing is changed yet").waitFor();
  await page.getByRole("button", { name: "Change Left thigh" }).click();
  await expectNoViolation(page, "editor");
  for (const name of ["Criteria", "Faults", "Tray", "Rules", "Method", "Carcass", "Try it"]) {
    await page.getByRole("navigation", { name: "Tabs of the draft" }).getByRole("button", { name }).click();
    const first = page.getByRole("button", { name: /^Change / });
    if ((await first.count()) > 0) await first.first().click();
    if (name === "Try it") await page.getByTestId("tried-total").waitFor();
    await expectNoViolation(page, `editor, ${name}`);
  }
  for (const [address, sign] of [
    ["/standards/school", "Variants of practice"],
    ["/standards/policy", "What it would do"],
    ["/standards/new", "What is cut?"],
  ] as const) {
    await page.goto(address);
    await page.getByRole("heading", { name: sign }).waitFor();
    await expectNoViolation(page, address);
  }
});

test("no violation of weight where people come in and are kept", async ({ page }) => {
  await page.goto("/code");
  await page.getByLabel("Code").waitFor();
  await expectNoViolation(page, "code");
  await signIn(page, "ilse");
  for (const [address, sign] of [
    ["/people", "People"],
    ["/people/changes", "What was changed"],
    ["/account", "Ilse Karimova"],
    ["/roster", "Roster"],
    ["/brief", "Brief"],
    ["/roster/import", "Bring in a file"],
  ] as const) {
    await page.goto(address);
    await page.getByRole("heading", { name: sign, level: 1 }).waitFor();
    await expectNoViolation(page, address);
  }
  await page.getByLabel("or paste cells").fill("1\tAda\n2\t");
  await page.getByRole("button", { name: "Look at it" }).click();
  await page.getByRole("list", { name: "Problems" }).waitFor();
  await expectNoViolation(page, "a roster with problems");
  await page.goto("/roster");
  await page.getByRole("button", { name: "Open Farid Nazaryan" }).click();
  await page.getByRole("button", { name: "Allow something" }).click();
  await expectNoViolation(page, "a student");
  await page.goto("/brief");
  await page.getByRole("link", { name: "Crown and legs" }).click();
  await page.getByRole("img", { name: /^The hour:/ }).waitFor();
  await expectNoViolation(page, "a brief");
  await page.goto("/people");
  await page.getByRole("group", { name: "Teodor Vance" }).getByRole("button", { name: "New code" }).click();
  await page.getByTestId("code").waitFor();
  await expectNoViolation(page, "a code");
  emptySchool();
  await page.goto("/");
  await page.getByLabel("Its name").waitFor();
  await expectNoViolation(page, "first start");
});

test("no violation of weight where two assessors meet", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: /too far apart/ }).click();
  await page.getByRole("group").filter({ hasText: "agree on a step" }).waitFor();
  await expectNoViolation(page, "both looks");
  await page.getByRole("navigation", { name: "Where you are" }).getByRole("link", { name: "Sea trout fillets" }).click();
  await page.getByRole("list", { name: "Trays to mark twice" }).waitFor();
  await expectNoViolation(page, "whom to mark twice");
  await page.getByRole("button", { name: "Before release" }).click();
  await page.getByRole("region", { name: "Bands", exact: true }).waitFor();
  await expectNoViolation(page, "before release");
  await page.getByRole("link", { name: "Between assessors" }).click();
  await page.getByRole("region", { name: "Totals" }).waitFor();
  await expectNoViolation(page, "between assessors");
  await page.getByRole("link", { name: "Standardising sets" }).click();
  await page.getByRole("link", { name: "Skewer set, before the exam" }).waitFor();
  await expectNoViolation(page, "standardising sets");
  await page.getByRole("link", { name: "Skewer set, before the exam" }).click();
  await page.getByRole("region", { name: "Tray A" }).waitFor();
  await expectNoViolation(page, "a standardising set");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Bench" }).click();
  await page.getByRole("link", { name: /A student appeals/ }).click();
  await page.getByLabel("Give it to").waitFor();
  await expectNoViolation(page, "an appeal");
});

test("no violation of weight in the ledger", async ({ page }) => {
  await signIn(page);
  for (const [address, sign] of [
    ["/ledger", "On the tables"],
    ["/ledger/on-hand", "Barred: 6.2 kg"],
    ["/ledger/pots", "Waits for a pot"],
    ["/ledger/money", "Cuts"],
    ["/ledger/week", "Where it went"],
    ["/ledger/term", "Where the carcasses went, week by week"],
  ] as const) {
    await page.goto(address);
    await page.getByRole("heading", { name: sign }).waitFor();
    await expectNoViolation(page, address);
  }
  await page.goto("/ledger");
  await page.getByRole("button", { name: "Giblets …" }).click();
  await page.getByRole("dialog", { name: "Giblets" }).waitFor();
  await expectNoViolation(page, "giblets");
  await page.goto("/ledger/on-hand");
  await page.getByRole("button", { name: "Ask for …" }).click();
  await page.getByRole("dialog", { name: "Ask for something" }).waitFor();
  await expectNoViolation(page, "asking for something");
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: /^Stock 6200 g/ }).click();
  await page.getByRole("img", { name: /^Too slow/ }).waitFor();
  await expectNoViolation(page, "a lot");
  await page.getByRole("button", { name: "Divide …" }).click();
  await expectNoViolation(page, "dividing a lot");
});

test("no violation of weight where students practise", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page, "amina", "/practice");
  await page.getByRole("region", { name: "Yours" }).waitFor();
  await expectNoViolation(page, "practice");
  await page
    .getByRole("link", { name: /^Chicken, eight pieces/ })
    .first()
    .click();
  await page.getByRole("link", { name: /^Follow along/ }).waitFor();
  await expectNoViolation(page, "a standard to practise");
  await page.getByRole("link", { name: /^Follow along/ }).click();
  await page.getByRole("heading", { name: "Before you begin" }).waitFor();
  await expectNoViolation(page, "before you begin");
  await page.keyboard.press(" ");
  await page.getByRole("img", { name: /^Step 1 of / }).waitFor();
  await expectNoViolation(page, "a step");
  await page.goBack();
  await page.getByRole("link", { name: "Ten questions" }).click();
  // The first that is due asks for a mass or for one of several answers.
  const guess = page.getByLabel("Your guess");
  const answers = page.getByRole("group", { name: "Answers" }).getByRole("button");
  await expect(guess.or(answers.first())).toBeVisible();
  if (await guess.isVisible()) await guess.fill("100").then(() => guess.press("Enter"));
  else await answers.first().click();
  await page.getByRole("button", { name: "Next question" }).waitFor();
  await expectNoViolation(page, "a question, answered");
  await page.goBack();
  await page.getByRole("region", { name: "Your tries" }).getByRole("link").nth(1).click();
  await page.getByRole("group", { name: "Tray", exact: true }).waitFor();
  await expectNoViolation(page, "a practice tray");
  await page.goto("/practice");
  await page.getByRole("link", { name: /^Written answers/ }).click();
  await page.getByLabel("Your answer").waitFor();
  await expectNoViolation(page, "a written answer");
  await page.goto("/practice");
  await page.getByRole("link", { name: /^Chicken, eight pieces \d/ }).click();
  await page.getByRole("link", { name: "The reference by the clock" }).click();
  await page.getByRole("button", { name: "Start the clock" }).click();
  await page.getByText("The reference is at").waitFor();
  await expectNoViolation(page, "the reference by the clock");
});

test("no violation of weight in the look back", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Look back" }).click();
  await page.getByRole("group", { name: "Total, class by class" }).waitFor();
  await expectNoViolation(page, "classes over time");
  await page.getByRole("group", { name: "Class by class" }).getByRole("link").first().click();
  await page.getByRole("heading", { name: "What to teach next" }).waitFor();
  await expectNoViolation(page, "a class looked back on");
  await page.goBack();
  for (const [look, sign] of [
    ["The standard", "Worth a look in the editor"],
    ["Own carcasses", "With other schools"],
    ["Fairness", "Size of the carcass"],
  ] as const) {
    await page.getByRole("button", { name: look }).click();
    await page.getByRole("heading", { name: sign }).waitFor();
    await expectNoViolation(page, look);
  }
  await page.getByRole("link", { name: "School report" }).click();
  await page.getByRole("heading", { name: "Results" }).waitFor();
  await expectNoViolation(page, "the report of a school");
});

test("no violation of weight where practice is taught", async ({ page }) => {
  await signIn(page, "marit", "/roster");
  await page.getByRole("button", { name: /^Sandpiper/ }).click();
  await page.getByRole("link", { name: "Practice", exact: true }).click();
  await page.getByRole("group", { name: "Who practised" }).waitFor();
  await expectNoViolation(page, "practice of a group");
  await page.getByRole("link", { name: "Opener on the wall" }).first().click();
  await page.getByRole("button", { name: "Show the answer" }).click();
  await expectNoViolation(page, "an opener, answered");
  await page.goBack();
  await page.getByRole("link", { name: "Card and practice" }).first().click();
  await page.getByRole("button", { name: "Call it to a class" }).click();
  await page.getByRole("button", { name: "Call the first step" }).click();
  await page.getByRole("img", { name: /^Step 1 of / }).waitFor();
  await expectNoViolation(page, "a card that is called");
  await page.getByRole("button", { name: "End", exact: true }).click();
});
