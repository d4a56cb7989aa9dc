import { type Locator, type Page } from "@playwright/test";
import { emptySchool, expect, test } from "./kitchen";

const password = "four spoons under a quiet lamp";
const area = (page: Page, name: string) => page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name, exact: true });
const inDays = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

/** Enter on a button that waits for the server first: one that is not ready takes no key. */
async function pressOnceReady(button: Locator): Promise<void> {
  await expect(button).toBeEnabled();
  await button.press("Enter");
}

/** The first coordinator, an instructor, a group of students: what a school has before its first practical. */
async function begin(page: Page): Promise<void> {
  emptySchool();
  await page.goto("/");
  await page.getByLabel("Your name").fill("Ilse Karimova");
  await page.getByLabel("E-mail").fill("ilse@tollgate-quay.example");
  await page.getByLabel("Password", { exact: true }).fill(password);
  await page.getByLabel("Its name").fill("Tollgate Quay School of Cookery");
  await page.getByLabel("Time zone").selectOption("UTC");
  await page.getByRole("button", { name: "Begin" }).press("Enter");
  await expect(page.getByRole("button", { name: "Sign out" })).toBeVisible();
  await expect(page.getByRole("list").getByRole("link")).toHaveText(["Invite who marks", "Bring in the students", "Plan a practical"]);
}

async function inviteInstructor(page: Page): Promise<string> {
  await area(page, "People").press("Enter");
  await page.getByRole("button", { name: "Invite somebody" }).press("Enter");
  await page.getByLabel("Name", { exact: true }).fill("Marit Oyelaran");
  await page.getByLabel("E-mail").fill("marit@tollgate-quay.example");
  await page.getByLabel("Role").selectOption("instructor");
  await page.getByLabel("E-mail").press("Enter");
  const code = await page.getByTestId("code").innerText();
  await page.keyboard.press("Escape");

  return code;
}

async function comeIn(page: Page, code: string): Promise<void> {
  await page.goto(`/code/${code}`);
  await page.getByLabel("Password").fill(password);
  await page.getByLabel("Password").press("Enter");
  await expect(page.getByRole("button", { name: "Sign out" })).toBeVisible();
}

async function bringInStudents(page: Page, count: number): Promise<void> {
  const rows = Array.from({ length: count }, (_, index) => `${index + 1};Student ${String.fromCharCode(65 + index)};Larder 1;Heron;spring`);
  await area(page, "Roster").press("Enter");
  await page.getByRole("link", { name: "Bring in a file" }).first().press("Enter");
  await page
    .getByLabel("File")
    .setInputFiles({
      name: "intake.csv",
      mimeType: "text/csv",
      buffer: Buffer.from(["Number;Name;Course;Group;Term", ...rows].join("\n")),
    });
  await page.getByRole("button", { name: `Bring in ${count} students` }).press("Enter");
  await expect(page.getByText(`Done: ${count} new, 0 changed.`)).toBeVisible();
}

async function plan(page: Page, name: string): Promise<void> {
  await area(page, "Brief").press("Enter");
  await expect(page.getByText("Nothing is planned")).toBeVisible();
  await page.getByRole("button", { name: "Plan a practical" }).press("Enter");
  await page.getByLabel("Name", { exact: true }).fill(name);
  await page.getByRole("searchbox", { name: "Standard" }).fill("chicken eight pieces");
  await page
    .getByRole("list", { name: "Standards found" })
    .getByRole("button", { name: /^Chicken, eight pieces \d/ })
    .press("Enter");
  await page.getByLabel("A whole group").selectOption({ label: "Larder 1, Heron, spring, 6 students" });
  await page.getByLabel("Day").fill(inDays(0));
  await page.getByLabel("Room", { exact: true }).fill("Great kitchen");
  await page.getByRole("textbox", { name: "Waves" }).fill("3");
  await page.getByLabel("Stations there").fill("6");
  await expect(page.getByRole("img", { name: /^The hour: 6 students in 3 waves/ })).toBeVisible();
}

test("by keyboard, from an empty database: people, roster, policy, a practical in three waves, and the first capture of the day", async ({
  page,
  browser,
}) => {
  await begin(page);
  const code = await inviteInstructor(page);
  await bringInStudents(page, 6);

  await area(page, "Standards").press("Enter");
  await page.getByRole("link", { name: "Grading policy" }).press("Enter");
  await expect(page.getByText("No class has final results yet")).toBeVisible();
  await page.getByLabel("Pass, from").fill("55");
  await pressOnceReady(page.getByRole("button", { name: "Publish version 2" }));
  await expect(page.getByRole("status")).toHaveText("Version 2 is published.");

  const marit = await (await browser.newContext()).newPage();
  await comeIn(marit, code);
  await plan(marit, "The first eight-piece");
  await expect(marit.getByText("A usual figure, from memory", { exact: false })).toBeVisible();
  await marit.getByLabel("One more who marks").selectOption("Marit Oyelaran");
  await expect(marit.getByRole("group", { name: "Marit Oyelaran" }).getByLabel("Stations")).toHaveValue("1–6");
  await pressOnceReady(marit.getByRole("region", { name: "Ready to be set" }).getByRole("button", { name: "Set it" }));
  await marit.getByRole("dialog").getByRole("button", { name: "Set it" }).press("Enter");

  const cards = await marit.getByRole("link", { name: "Station cards, PDF" }).getAttribute("href");
  const print = await marit.request.get(cards ?? "", { headers: { Referer: marit.url() } });
  expect(print.headers()["content-type"]).toBe("application/pdf");

  await marit.getByRole("link", { name: "To the Floor" }).press("Enter");
  await expect(marit.locator("[data-station]")).toHaveCount(6);
  await marit.locator('[data-station="1"]').press("Enter");
  await marit.getByRole("complementary", { name: "Station 1" }).waitFor();
  await area(marit, "Bench").press("Enter");
  const card = marit.getByRole("region", { name: "The first eight-piece" }).getByRole("link", { name: /^Station 1 / });
  await card.press("Enter");
  await marit.waitForURL(/\/tray\//);
  await marit.getByLabel("Or type it").fill("1850");
  await marit.getByLabel("Or type it").press("Enter");
  await expect(marit.getByText("1850 g").first()).toBeVisible();
  await marit.reload();
  await expect(marit.getByText("1850 g").first()).toBeVisible();

  await page.goto("/people/changes");
  await expect(page.getByText(/^The first eight-piece is set for .*: 6 students$/)).toBeVisible();
  await expect(page.getByText("published the grading policy, version 2")).toBeVisible();
  await marit.context().close();
});

test.describe("on a tablet", () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

  test("by touch, from an empty database: a practical is planned and its room stands ready", async ({ page, browser }) => {
    await begin(page);
    const code = await inviteInstructor(page);
    await bringInStudents(page, 6);
    const marit = await (await browser.newContext({ hasTouch: true, viewport: { width: 820, height: 1180 } })).newPage();
    await comeIn(marit, code);
    await plan(marit, "By touch");
    await marit.getByRole("button", { name: "Assessment: counts" }).tap();
    await marit.getByRole("button", { name: "Student B one station down" }).tap();
    await expect(marit.getByRole("list", { name: "Students", exact: true }).getByRole("listitem").first()).toContainText("Student B");
    await marit.getByRole("region", { name: "Ready to be set" }).getByRole("button", { name: "Set it" }).tap();
    await marit.getByRole("dialog").getByRole("button", { name: "Set it" }).tap();
    await expect(marit.getByRole("article")).toContainText("A rehearsal: it counts for nothing.");
    await marit.getByRole("link", { name: "To the Floor" }).tap();
    await expect(marit.locator('[data-station="1"]')).toContainText("Student B");
    await marit.context().close();
  });
});
