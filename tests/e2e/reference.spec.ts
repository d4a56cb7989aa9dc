import { expect, signIn, test } from "./kitchen";

test("an instructor cuts along the card, makes the tray the reference with a photograph, and it plays by the clock on the wall", async ({
  page,
  browser,
}) => {
  await signIn(page);
  const shelf = (await (await page.request.get("/api/v1/practice", { headers: { Referer: page.url() } })).json()) as {
    items: { id: string; title: string }[];
  };
  const standard = shelf.items.find((it) => it.title === "Quail, split")?.id ?? "";
  await page.goto(`/practice/${standard}/demonstration`);
  await expect(page.getByText("No reference with its times")).toBeVisible();
  await page.goto(`/practice/${standard}`);
  await page.getByRole("link", { name: "Log a practice tray" }).click();
  await page.getByLabel("What does the whole carcass weigh?").fill("180");
  await page.keyboard.press("Enter");
  await page.getByRole("link", { name: "Cut it along the card, timed" }).click();
  await expect(page.getByText("Timed on your practice tray")).toBeVisible();
  while ((await page.getByRole("button", { name: "Done" }).count()) === 0)
    await page.getByRole("button", { name: /^(Begin|Next step)$/ }).click();
  await page.getByRole("button", { name: "Done" }).click();
  const splits = page.getByRole("group", { name: "When each step was done" });
  await expect(splits.getByRole("row").nth(1)).toContainText("0:0");
  await expect(splits).not.toContainText("–");
  const picture = await page.screenshot({ type: "png", clip: { x: 0, y: 0, width: 60, height: 40 } });
  await page.getByLabel("Photograph file").setInputFiles({ name: "tray.png", mimeType: "image/png", buffer: picture });
  await expect(page.getByRole("group", { name: "Photographs", exact: true }).getByRole("img")).toHaveCount(1);
  await page.getByRole("button", { name: "Make it the reference" }).click();
  await expect(page.getByRole("heading", { name: "This is the reference" })).toBeVisible();

  const context = await browser.newContext({ viewport: { width: 360, height: 740 } });
  const student = await context.newPage();
  await signIn(student, "kenji", `/practice/${standard}`);
  await student.getByRole("link", { name: "The reference by the clock" }).click();
  await expect(student.getByRole("group", { name: "Photographs" }).getByRole("img")).toHaveJSProperty("complete", true);
  await student.getByRole("button", { name: "Start the clock" }).click();
  await student.keyboard.press(" ");
  // The reference took seconds, so whoever begins now is behind it, and it is done.
  await expect(student.getByText("The reference is done.")).toBeVisible({ timeout: 30_000 });
  await expect(student.getByRole("list", { name: "Steps" }).getByRole("listitem").nth(0)).toContainText(/[+−]0:0/);
  await context.close();
});
