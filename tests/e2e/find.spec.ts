import { expect, signIn, test } from "./kitchen";

test("by keyboard: a slash, a few letters, and Enter opens what was meant", async ({ page }) => {
  await signIn(page, "teodor");
  await page.keyboard.press("/");
  await page.keyboard.type("kenji");
  await expect(page.getByRole("dialog").getByRole("button", { name: /^Kenji Moriwaki/ })).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/verdict\//);
  await expect(page.getByRole("heading", { name: "Kenji Moriwaki" })).toBeVisible();

  await page.keyboard.press("/");
  await page.keyboard.type("chicken");
  const found = page.getByRole("dialog").getByRole("group", { name: "Found" });
  await expect(found.locator('[aria-current="true"]')).toHaveText(/^Chicken eight-piece/);
  await page.keyboard.press("ArrowDown");
  await expect(found.locator('[aria-current="true"]')).toHaveText(/^Chicken eight-piece, rehearsal/);
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/sheet\//);

  await page.keyboard.press("/");
  await page.keyboard.type("zzz");
  await expect(page.getByText("Nothing is called “zzz”.")).toBeVisible();
  await page.keyboard.press("Enter");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
});

test("a standard is found by touch; a student has nobody to find", async ({ browser }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  const page = await context.newPage();
  await signIn(page);
  await page.getByRole("button", { name: "Find" }).tap();
  await page.getByLabel("Practical, student or standard").fill("quail split");
  await page.getByRole("button", { name: /^Quail, split/ }).tap();
  await expect(page.getByRole("group", { name: "Cut map" })).toBeVisible();
  await context.close();

  const theirs = await (await browser.newContext()).newPage();
  await signIn(theirs, "amina");
  await theirs.keyboard.press("/");
  await expect(theirs.getByRole("button", { name: "Find" })).toBeHidden();
  await expect(theirs.getByRole("dialog")).toBeHidden();
});
