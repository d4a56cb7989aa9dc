import { readFileSync } from "node:fs";
import { expect, signIn, test } from "./kitchen";

const file = (text: string) => ({ name: "autumn intake.csv", mimeType: "text/csv", buffer: Buffer.from(text) });

test("a file with problems is shown row by row, the right rows come in, and a second time changes nothing", async ({ page }) => {
  await signIn(page, "ilse");
  await page.getByRole("link", { name: "Roster", exact: true }).click();
  await page.getByRole("link", { name: "Bring in a file" }).click();
  const intake = file(
    "Number;Name;E-mail;Course;Group;Term\n1;Ada Nyberg;ada@tollgate-quay.example;Larder 1;Heron;spring\n2;;;Larder 1;Heron;spring\n3;Björn Åkesson;nobody;Larder 1;Heron;spring\n4;Cleo Vidal;;Larder 1;Heron;spring\n",
  );
  await page.getByLabel("File").setInputFiles(intake);
  await expect(page.getByRole("heading", { name: "2 new, 0 changed, 0 as they are; 2 problems" })).toBeVisible();
  await expect(page.getByRole("list", { name: "Problems" })).toContainText("line 3no nameline 4“nobody” is no e-mail address");
  await page.getByRole("button", { name: "Bring in 2 students" }).click();
  await expect(page.getByText("Done: 2 new, 0 changed.")).toBeVisible();
  await page.getByRole("link", { name: "To the roster" }).click();
  await page.getByRole("button", { name: /^Heron, spring 2 students/ }).click();
  await expect(page.getByRole("list", { name: "Students" }).getByRole("listitem")).toHaveCount(2);

  await page.getByRole("link", { name: "Bring in a file" }).click();
  await page.getByLabel("File").setInputFiles(intake);
  await expect(page.getByRole("heading", { name: "0 new, 0 changed, 2 as they are; 2 problems" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Nothing to bring in" })).toBeDisabled();
});

test("cells without a header are pasted, and their columns said by hand", async ({ page }) => {
  await signIn(page, "marit", "/roster/import");
  await page.getByLabel("or paste cells").fill("71\tAda Nyberg\n72\tBjörn Åkesson");
  await page.getByRole("button", { name: "Look at it" }).click();
  await expect(page.getByText("Say which column holds the name.")).toBeVisible();
  await page.getByLabel("Column 1").selectOption("number");
  await page.getByLabel("Column 2").selectOption("name");
  await expect(page.getByRole("list", { name: "Problems" })).toContainText("no group");
  await page.getByLabel("Course, where a row names none").fill("Larder 1");
  await page.getByLabel("Group, where a row names none").fill("Heron");
  await page.getByLabel("Group, where a row names none").blur();
  await page.getByRole("button", { name: "Bring in 2 students" }).click();
  await expect(page.getByText("Done: 2 new, 0 changed.")).toBeVisible();
});

test("what cannot be read is said, and nothing comes in", async ({ page }) => {
  await signIn(page, "ilse", "/roster/import");
  await page
    .getByLabel("File")
    .setInputFiles({ name: "photo.csv", mimeType: "text/csv", buffer: Buffer.from("\x89PNG\r\n\0\0\0\rIHDR", "latin1") });
  await expect(page.getByRole("alert")).toContainText("is no text: send CSV, or a OneRoster zip");
  await expect(page.getByRole("button", { name: /^Bring in/ })).toBeHidden();
});

test.describe("by touch", () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

  test("a student is found, moved, allowed more time, barred from fish, leaves and comes back", async ({ page }) => {
    await signIn(page, "ilse");
    await page.getByRole("link", { name: "Roster", exact: true }).tap();
    await page.getByRole("button", { name: "New group" }).tap();
    await page.getByLabel("Course").fill("Larder 2");
    await page.getByLabel("Name of the group").fill("Curlew");
    await page.getByRole("button", { name: "Make it" }).tap();
    await expect(page.getByRole("button", { name: /^Curlew 0 students/ })).toBeVisible();
    await page.getByLabel("Find").fill("kenj");
    await expect(page.getByRole("list", { name: "Students" }).getByRole("listitem")).toHaveCount(1);
    await page.getByRole("button", { name: "Open Kenji Moriwaki" }).tap();
    const slip = page.getByRole("dialog");
    await slip.getByLabel("Group").selectOption({ label: "Larder 2, Curlew" });
    await slip.getByRole("button", { name: "fish" }).tap();
    await slip.getByRole("button", { name: "Allow something" }).tap();
    await slip.getByLabel("Times").fill("1,5");
    await slip.getByLabel("From").fill("2026-03-02");
    await slip.getByLabel("Because").fill("Wrist in plaster");
    await slip.getByRole("button", { name: "Allow it" }).tap();
    await expect(slip.getByText("more time × 1.5, from 2 Mar 2026: Wrist in plaster")).toBeVisible();
    await slip.getByRole("button", { name: "Change" }).tap();
    await expect(slip).toBeHidden();
    await expect(page.getByRole("listitem").filter({ hasText: "Kenji" })).toContainText("no fish; more time × 1.5");
    await page.getByRole("button", { name: "Open Kenji Moriwaki" }).tap();
    await slip.getByRole("button", { name: "Has left" }).tap();
    await slip.getByRole("button", { name: "Close" }).tap();
    await expect(page.getByText("Nobody here matches “kenj”.")).toBeVisible();
    await page.getByRole("button", { name: "Who left" }).tap();
    await page.getByRole("button", { name: "Open Kenji Moriwaki" }).tap();
    await slip.getByRole("button", { name: "Is back" }).tap();
    await expect(page.getByText("0 students")).toBeVisible();
  });
});

test("a group gets its codes on one print, and a student comes in with theirs", async ({ page, browser }) => {
  await signIn(page, "marit", "/roster/import");
  await page
    .getByLabel("File")
    .setInputFiles(file("Number,Name,Course,Group\n71,Ada Nyberg,Larder 1,Heron\n72,Björn Åkesson,Larder 1,Heron\n"));
  await page.getByRole("button", { name: "Bring in 2 students" }).click();
  await page.getByRole("link", { name: "To the roster" }).click();
  await page.getByRole("button", { name: /^Heron 2 students/ }).click();
  await page.getByRole("button", { name: "Codes for the group" }).click();
  await expect(page.getByTestId("code")).toHaveCount(2);
  const code = await page.getByTestId("code").last().innerText();
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  await expect(page.getByText("then sign in as 72")).toBeVisible();
  await page.emulateMedia({ media: "screen" });

  const theirs = await (await browser.newContext()).newPage();
  await theirs.goto(`/code/${code}`);
  await theirs.getByLabel("Password").fill("four spoons under a quiet lamp");
  await theirs.getByRole("button", { name: "Set it and come in" }).click();
  await expect(theirs.getByRole("link", { name: "Björn Åkesson: your account" })).toBeVisible();
  await expect(theirs.getByRole("link", { name: "Roster", exact: true })).toBeHidden();
  await theirs.getByRole("button", { name: "Sign out" }).click();
  await theirs.getByLabel("E-mail").fill("72");
  await theirs.getByLabel("Password").fill("four spoons under a quiet lamp");
  await theirs.getByRole("button", { name: "Sign in" }).click();
  await expect(theirs.getByRole("link", { name: "Björn Åkesson: your account" })).toBeVisible();
});

test("what is exported comes back as it was", async ({ page }) => {
  await signIn(page, "ilse", "/roster");
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export CSV" }).click();
  const csv = readFileSync(await (await download).path());
  await page.goto("/roster/import");
  await page.getByLabel("File").setInputFiles({ name: "roster.csv", mimeType: "text/csv", buffer: csv });
  await expect(page.getByRole("heading", { name: "0 new, 0 changed, 12 as they are" })).toBeVisible();
});
