import { expect, signIn, test } from "./kitchen";

test("from a point on a chart to what to teach next, by keys alone; what changed is written down beside it", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Look back" }).click();
  const standard = page.getByLabel("Classes by");
  await standard.selectOption({ label: "Chicken, eight pieces (2)" });
  const total = page.getByRole("region", { name: "Total", exact: true });
  await expect(total).toContainText(/on average over 2 classes; classes like each other lie between/);
  await expect(total).toContainText("That is few");
  await expect(page.getByRole("group", { name: "Class by class" }).getByRole("row")).toHaveCount(3);

  const form = page.getByRole("form", { name: "Write down what changed" });
  const yesterday = await page.evaluate(() => new Date(Date.now() - 86_400_000).toISOString().slice(0, 10));
  await form.getByLabel("On").fill(yesterday);
  await form.getByLabel("What changed").fill("New boning knives");
  await form.getByRole("button", { name: "Write it down" }).click();
  const changed = page.getByRole("list", { name: "What changed" });
  await expect(changed).toContainText("New boning knives");
  await changed.getByRole("button", { name: "Take it back: New boning knives" }).click();
  await expect(changed).not.toContainText("New boning knives");

  const point = total.getByRole("link").first();
  await expect(point).toHaveAccessibleName(/^\w+ \d+ \w+, Larder 2, Sandpiper: \d+\.\d/);
  await point.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { level: 1, name: "Chicken eight-piece, rehearsal" })).toBeVisible();
  const teach = page.getByRole("region", { name: "What to teach next" });
  await expect(teach.getByRole("listitem")).toHaveCount(3);
  await expect(teach.getByRole("listitem").first()).toContainText("Say: ");
  await teach
    .getByRole("link", { name: /^step \d/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: "Before you begin" })).toBeVisible();
  await page.goBack();
  await page.getByRole("link", { name: "Class sheet" }).click();
  await expect(page).toHaveURL(/\/sheet\//);
});

test("a phone shows the look back whole", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page);
  for (const address of ["/look-back", ""]) {
    if (address !== "") await page.goto(address);
    else await page.getByRole("group", { name: "Class by class" }).getByRole("link").first().click();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await expect(page.getByRole("heading", { level: 2 }).first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  }
});
