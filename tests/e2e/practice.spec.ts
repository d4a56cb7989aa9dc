import type { Page } from "@playwright/test";
import { expect, hasItsCopy, signIn, test } from "./kitchen";

declare global {
  interface Window {
    /** What the browser was asked to say aloud. */
    spoken: string[];
  }
}

/** The voice of the browser, written down instead. */
const recordVoice = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    window.spoken = [];
    const voice = { cancel: () => undefined, speak: (said: { text: string }) => window.spoken.push(said.text) };
    Object.defineProperty(window, "speechSynthesis", { value: voice });
    Object.defineProperty(window, "SpeechSynthesisUtterance", {
      value: class {
        constructor(readonly text: string) {}
      },
    });
  });

const waiting = (page: Page) => page.getByRole("status", { name: "Waiting captures" });

const areas = (page: Page) => page.getByRole("navigation", { name: "Areas" });

interface Asked {
  kind: string;
  about: string;
  ask: string;
  options: string[];
  right: number | null;
  mass: { expected_mg: number } | null;
}

/** A round of today for whoever is signed in, as the server makes it: the same however often it is asked for. */
async function questionsOf(page: Page, standard: string, round = 1): Promise<Asked[]> {
  const answer = await page.request.get(`/api/v1/practice/${standard}/due?round=${round}`, {
    headers: { Referer: page.url(), Accept: "application/json" },
  });

  return (await answer.json()) as Asked[];
}

/** The standard that the page is about. */
const standardOf = (page: Page): string => /practice\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? "";

/** Answers what is asked, rightly or not. */
async function reply(page: Page, { options, right, mass }: Asked, isRight: boolean): Promise<void> {
  if (mass === null) {
    const at = isRight ? (right ?? 0) : ((right ?? 0) + 1) % options.length;
    await page.getByRole("group", { name: "Answers" }).getByRole("button").nth(at).click();
  } else {
    await page.getByLabel("Your guess").fill(isRight ? `${mass.expected_mg / 1000} g` : "9 kg");
    await page.getByRole("button", { name: "Say it" }).click();
  }
}

test("a student follows a method card with an elbow, and has it read aloud", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await recordVoice(page);
  await signIn(page, "amina");
  await areas(page).getByRole("link", { name: "Practice" }).click();
  const own = page.getByRole("region", { name: "Yours" });
  await own.getByRole("link", { name: /^Chicken, eight pieces/ }).click();
  await page.getByRole("link", { name: /^Follow along/ }).click();
  await expect(page.getByRole("heading", { name: "Before you begin" })).toBeVisible();
  await expect(page.getByRole("complementary", { name: "Cautions" })).toContainText("never alone");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("img", { name: /^Step 1 of / })).toBeVisible();
  const first = await page.getByRole("main").getByRole("heading", { level: 1 }).innerText();
  // A tap beside everything that can be pressed.
  await page.getByText(first, { exact: true }).click();
  await expect(page.getByRole("img", { name: /^Step 2 of / })).toBeVisible();
  await page.keyboard.press(" ");
  await expect(page.getByRole("img", { name: /^Step 3 of / })).toBeVisible();
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("main").getByRole("heading", { level: 1 })).toHaveText(first);
  await page.getByRole("button", { name: "Read aloud" }).click();
  await expect(page.getByRole("img", { name: /^Step 1 of / })).toBeVisible();
  await expect.poll(() => page.evaluate(() => window.spoken.at(-1))).toContain(first);
  await page.getByRole("button", { name: "Next step" }).click();
  await expect.poll(() => page.evaluate(() => window.spoken.at(-1))).toMatch(/^Step 2\./);
  // By the clock a step has its share of the standard time.
  await page.clock.install();
  await page.getByRole("button", { name: /^By the clock/ }).click();
  await expect(page.getByRole("timer")).toContainText("Next step in 3:");
  await page.clock.fastForward("03:30");
  await expect(page.getByRole("img", { name: /^Step 3 of / })).toBeVisible();
  await page.getByRole("button", { name: /^By the clock/ }).click();
  await expect(page.getByRole("timer")).toHaveCount(0);
  for (let step = 2; (await page.getByRole("button", { name: "Done" }).count()) === 0; step++) {
    expect(step).toBeLessThan(40);
    await page.getByRole("button", { name: "Next step" }).click();
  }
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByRole("link", { name: /^Follow along/ })).toBeVisible();
});

test("ten questions on a phone, without a network from the third on: why each answer is right, and what was missed once more", async ({
  page,
  context,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page, "amina");
  await areas(page).getByRole("link", { name: "Practice" }).click();
  await page
    .getByRole("link", { name: /^Chicken, eight pieces/ })
    .first()
    .click();
  // The shelf, which stays until the page has come, has homework of the same name.
  await page.waitForURL(/practice\/[0-9a-f-]{36}$/);
  await page.getByRole("link", { name: "Ten questions" }).click();
  const asked = await questionsOf(page, standardOf(page));
  expect(asked).toHaveLength(10);
  const second = await questionsOf(page, standardOf(page), 2);
  const subjects = [...asked, ...second].map((it) => `${it.kind} ${it.about}`);
  expect(new Set(subjects).size).toBe(20);
  for (const [index, question] of asked.entries()) {
    await expect(page.getByRole("heading", { level: 1 })).toHaveText(question.ask);
    if (index === 2) await context.setOffline(true);
    const isRight = index !== 1 && index !== 4;
    await reply(page, question, isRight);
    const told = page.getByRole("region", { name: /^Question / }).getByRole("status");
    await expect(told).toContainText(isRight ? /^(Right\.|Within the window\.)/ : /^(Not this one\.|.* too (little|much)\.)/);
    // The next one is reached by the key that answered.
    await expect(page.getByRole("button", { name: /^(Next question|How it went)$/ })).toBeFocused();
    await page.keyboard.press("Enter");
  }
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("8 of 10");
  await expect(page.getByRole("list", { name: "What to look at again" }).getByRole("listitem")).toHaveCount(2);
  // What was answered since waits here.
  await expect(waiting(page)).toContainText(/^No network\. \d+ captures wait/);
  await page.getByRole("button", { name: "Those 2 again" }).click();
  for (const question of [asked[1], asked[4]]) {
    if (question === undefined) throw new Error("no such question");
    await expect(page.getByRole("heading", { level: 1 })).toHaveText(question.ask);
    await reply(page, question, true);
    await page.getByRole("button", { name: /^(Next question|How it went)$/ }).click();
  }
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("2 of 2");
  // The next round was fetched while there was a network.
  await page.getByRole("button", { name: "Another round" }).click();
  await expect(page.getByText("1 of 10", { exact: true })).toBeVisible();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(second[0]?.ask ?? "");
  const taken = page.waitForResponse((it) => it.url().endsWith("/facts") && it.status() === 204);
  await context.setOffline(false);
  await taken;
  await expect(waiting(page)).toHaveCount(0);
});

test.describe("with what a device keeps", () => {
  test.use({ serviceWorkers: "allow" });

  test("a practice tray is weighed on a phone without a network, judged, and stands among the tries; it has no mark", async ({
    page,
    context,
  }) => {
    await page.setViewportSize({ width: 360, height: 740 });
    await signIn(page, "amina");
    await areas(page).getByRole("link", { name: "Practice" }).click();
    const quail = page.getByRole("link", { name: /^Quail, split/ }).first();
    const standard = /[0-9a-f-]{36}/.exec((await quail.getAttribute("href")) ?? "")?.[0] ?? "";
    const ahead = page.waitForResponse((it) => it.url().includes(`/practice/${standard}/trays/`) && it.ok());
    await quail.click();
    await ahead;
    await hasItsCopy(page);
    await context.setOffline(true);
    await page.getByRole("link", { name: "Log a practice tray" }).click();
    await page.getByLabel("What does the whole carcass weigh?").fill("210 g");
    await page.keyboard.press("Enter");
    const weights = page.getByRole("region", { name: "Weigh" }).getByRole("textbox");
    await expect(page.getByLabel(/^What does this weigh: /)).toBeVisible();
    await weights.fill("150 g");
    await page.keyboard.press("Enter");
    const first = page.getByRole("group", { name: "Tray" }).getByRole("button").first();
    await expect(first).toContainText("150");
    await expect(first).toContainText("taken");
    await page.getByRole("button", { name: "Start" }).click();
    await page.getByRole("button", { name: "Present" }).click();
    await page.getByRole("button", { name: "Judge it yourself" }).click();
    const own = page.getByRole("region", { name: "Your own look" });
    await own.getByRole("group").first().getByRole("button").first().click();
    await expect(own.getByRole("group").first().getByRole("button").first()).toHaveAttribute("aria-pressed", "true");
    await page.reload();
    await expect(first).toContainText("150");
    await context.setOffline(false);
    // The windows are the core's to judge.
    await expect(first).toContainText(/within|over|under/);
    await page.getByRole("link", { name: /^Quail, split/ }).click();
    const tries = page.getByRole("region", { name: "Your tries" });
    await expect(tries.getByRole("row").nth(1)).toContainText("practice");
    await tries.getByRole("link").first().click();
    await expect(first).toContainText("150");
  });
});

test("an instructor sees what students practise from the standard itself", async ({ page }) => {
  await signIn(page);
  await areas(page).getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: /^Salmon, blocks and slices/ }).click();
  await page.getByRole("link", { name: "Practice", exact: true }).click();
  await page.getByRole("link", { name: "Ten questions" }).click();
  await page.waitForURL(/\/quiz$/);
  const asked = await questionsOf(page, standardOf(page));
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(asked[0]?.ask ?? "");
  // A digit answers.
  await page.keyboard.press(String((asked[0]?.right ?? 0) + 1));
  await expect(page.getByRole("region", { name: "Question 1 of 10" }).getByRole("status")).toContainText("Right.");
});

test("a tray of an instructor is the reference that a student's stands beside, in shares", async ({ page, browser }) => {
  await signIn(page);
  await areas(page).getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: /^Chicken, eight pieces \d/ }).click();
  await page.getByRole("link", { name: "Practice", exact: true }).click();
  await page.getByRole("region", { name: "Your tries" }).getByRole("link").click();
  const reference = page.getByRole("region", { name: "The reference" });
  await reference.getByRole("button", { name: "Take it back" }).click();
  await reference.getByRole("button", { name: "Make it the reference" }).click();
  await expect(reference.getByRole("heading", { name: "This is the reference" })).toBeVisible();
  const context = await browser.newContext({ viewport: { width: 360, height: 740 } });
  const student = await context.newPage();
  await signIn(student, "amina", `/practice/${standardOf(page)}`);
  await student
    .getByRole("region", { name: "Your tries" })
    .getByRole("row")
    .filter({ hasText: "practice" })
    .first()
    .getByRole("link")
    .click();
  const beside = student.getByRole("group", { name: "Beside the reference" });
  await expect(beside.getByRole("row")).toHaveCount(9);
  await expect(beside.getByRole("row", { name: /^Left thigh/ })).toContainText(/[\d.]+ %.*[\d.]+ %/);
  await expect(student.getByRole("button", { name: "Make it the reference" })).toHaveCount(0);
  await context.close();
});

test("a drill of what is worth most is noted, without a network too, and says when it is due again", async ({ page, context }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page, "amina");
  await areas(page).getByRole("link", { name: "Practice" }).click();
  await page.getByRole("link", { name: /^Chicken, eight pieces \d/ }).click();
  const drill = page
    .getByRole("region", { name: "What is worth most now" })
    .getByRole("group", { name: /^Drill: / })
    .first();
  await drill.waitFor();
  await context.setOffline(true);
  await drill.getByRole("button", { name: "It went well" }).click();
  await expect(drill.getByRole("status")).toHaveText("Noted for today.");
  await expect(drill.getByRole("button", { name: "Not yet" })).toBeDisabled();
  const taken = page.waitForResponse((it) => it.url().endsWith("/facts") && it.status() === 204);
  await context.setOffline(false);
  await taken;
  await page.reload();
  await expect(drill.getByRole("status")).toHaveText(/^Due again on /);
});
