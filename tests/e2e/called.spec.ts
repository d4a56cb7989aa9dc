import type { Page } from "@playwright/test";
import { expect, signIn, test } from "./kitchen";

const SECOND = 1_000;

const heading = (page: Page) => page.getByRole("main").getByRole("heading", { level: 1 });

/** The next answer by which this page is let listen to what is pushed of the card. */
const heard = (page: Page) => page.waitForResponse((it) => it.url().includes("/live/called/") && it.status() === 200);

test("an instructor calls a card, three students follow within a second of each other, and one who needs help is seen", async ({
  page,
  browser,
}) => {
  await signIn(page);
  await page.getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: /^Chicken, eight pieces \d/ }).click();
  await page.getByRole("link", { name: "Practice", exact: true }).click();
  await page.getByRole("button", { name: "Call it to a class" }).click();
  await expect(heading(page)).toHaveText("Before you begin");
  const students: Page[] = [];
  for (const name of ["amina", "tomasz", "rosalind"]) {
    const context = await browser.newContext({ viewport: { width: 360, height: 740 } });
    const student = await context.newPage();
    await signIn(student, name);
    await student.getByRole("link", { name: "Practice" }).click();
    const listens = heard(student);
    await student.getByRole("link", { name: /^Marit Oyelaran calls: Chicken, eight pieces/ }).click();
    await listens;
    students.push(student);
  }
  const standing = page.getByRole("status", { name: "The class" });
  await expect(standing).toContainText("0 of 3 done");
  await page.getByRole("button", { name: "Call the first step" }).click();
  const first = await heading(page).innerText();
  expect(first).not.toBe("Before you begin");
  // All of them show it, the slowest no more than a second after the quickest.
  const shown = await Promise.all(
    students.map(async (it) => {
      await expect(heading(it)).toHaveText(first);

      return Date.now();
    }),
  );
  expect(Math.max(...shown) - Math.min(...shown)).toBeLessThan(SECOND);

  const [one, two, three] = students as [Page, Page, Page];
  await one.getByRole("button", { name: "Done", exact: true }).click();
  await two.getByRole("button", { name: "I need help" }).click();
  await expect(standing).toContainText("1 of 3 done");
  await expect(standing).toContainText(/Help: Tomasz/);
  // By name to whoever teaches, and to nobody else.
  await expect(three.getByRole("status", { name: "The class" })).toHaveText("1 of 3 done");
  await two.getByRole("button", { name: "Done", exact: true }).click();
  await expect(standing).toContainText("2 of 3 done");
  await expect(standing).not.toContainText("Help");

  await page.keyboard.press(" ");
  await expect(standing).toContainText("0 of 3 done");
  for (const it of students) await expect(heading(it)).not.toHaveText(first);
  await expect(one.getByRole("button", { name: "Done", exact: true })).toHaveAttribute("aria-pressed", "false");
  await page.keyboard.press("ArrowLeft");
  for (const it of students) await expect(heading(it)).toHaveText(first);

  await page.getByRole("button", { name: "End", exact: true }).click();
  for (const it of students) {
    await expect(it.getByRole("heading", { name: /is not called any more/ })).toBeVisible();
    await it.context().close();
  }
});

test("where nothing can be pushed, a called card is followed all the same", async ({ page, browser }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: /^Quail, split/ }).click();
  await page.getByRole("link", { name: "Practice", exact: true }).click();
  await page.getByRole("button", { name: "Call it to a class" }).click();
  const context = await browser.newContext();
  await context.route("**/live/**", (route) => route.abort());
  const student = await context.newPage();
  await signIn(student, "amina");
  await student.getByRole("link", { name: "Practice" }).click();
  await student.getByRole("link", { name: /calls: Quail, split/ }).click();
  await expect(heading(student)).toHaveText("Before you begin");
  await page.getByRole("button", { name: "Call the first step" }).click();
  await expect(heading(student)).toHaveText(await heading(page).innerText());
  await page.getByRole("button", { name: "End", exact: true }).click();
  await expect(student.getByRole("heading", { name: /is not called any more/ })).toBeVisible();
  await context.close();
});
