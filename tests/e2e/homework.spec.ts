import { expect, signIn, test } from "./kitchen";

test("an instructor sees what costs a group most, sets homework, opens with five questions; a student does it", async ({
  page,
  browser,
}) => {
  await signIn(page);
  await page.getByRole("link", { name: "Roster" }).click();
  await page.getByRole("button", { name: /^Sandpiper/ }).click();
  await page.getByRole("link", { name: "Practice", exact: true }).click();
  const most = page.getByRole("region", { name: "What costs most" });
  await expect(most.getByRole("heading", { level: 3 })).toHaveCount(3);
  await expect(page.getByRole("group", { name: "Who practised" }).getByRole("row")).toHaveCount(13);
  const form = page.getByRole("form", { name: "Set homework" });
  await form.getByRole("radio", { name: "Follow the card" }).click();
  await form.getByLabel("By which standard").selectOption({ label: "Quail, split" });
  const until = await page.evaluate(() => new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10));
  await form.getByLabel("By", { exact: true }).fill(until);
  await form.getByRole("button", { name: "Set it for the group" }).click();
  const set = page.getByRole("list", { name: "Set" }).getByRole("listitem").filter({ hasText: "Quail, split" });
  await expect(set).toContainText("done by 0 of 12");

  const context = await browser.newContext({ viewport: { width: 360, height: 740 } });
  const student = await context.newPage();
  await signIn(student, "kenji");
  await student.getByRole("link", { name: "Practice" }).click();
  await student.getByRole("list", { name: "Homework" }).getByRole("link", { name: "Follow the card: Quail, split" }).click();
  while ((await student.getByRole("button", { name: "Done" }).count()) === 0)
    await student.getByRole("button", { name: /^(Begin|Next step)$/ }).click();
  const taken = student.waitForResponse((it) => it.url().endsWith("/facts") && it.status() === 204);
  await student.getByRole("button", { name: "Done" }).click();
  await taken;
  await student.goto("/practice");
  await expect(student.getByRole("list", { name: "Homework" }).getByRole("listitem").filter({ hasText: "Quail, split" })).toContainText(
    "done",
  );

  await page.reload();
  await expect(set).toContainText("done by 1 of 12");
  await set.getByRole("button", { name: "Take it back" }).click();
  await expect(set).toHaveCount(0);

  // The same five on the wall and on everybody's own screen.
  await most.getByRole("link", { name: "Opener on the wall" }).first().click();
  const asked = await page.getByRole("region", { name: "Question 1 of 5" }).getByRole("heading").innerText();
  await student.goto(new URL(page.url()).pathname);
  await expect(student.getByRole("heading", { level: 1 })).toHaveText(asked);
  await expect(page.getByRole("status").last()).toHaveText("");
  await page.getByRole("button", { name: "Show the answer" }).click();
  await expect(page.getByRole("status").last()).not.toHaveText("");
  for (let number = 2; number <= 5; number++) {
    await page.keyboard.press(" ");
    await expect(page.getByText(`${number} of 5`, { exact: true })).toBeVisible();
    await page.keyboard.press(" ");
  }
  await page.getByRole("button", { name: "End" }).click();
  await expect(page.getByRole("heading", { name: "That was the opener" })).toBeVisible();
  await context.close();
});
