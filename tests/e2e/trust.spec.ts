import type { APIRequestContext, Page } from "@playwright/test";
import { expect, signIn, stationCard, test } from "./kitchen";

const choice = (page: Page, question: string, answer: string) =>
  page.getByRole("radiogroup", { name: question, exact: true }).getByRole("radio", { name: answer, exact: false });

async function toSchool(page: Page): Promise<void> {
  await page.goto("/standards/school");
  await page.getByRole("heading", { name: "Variants of practice" }).waitFor();
}

test("a mark that is still on its way when the verdict is opened is in it once it has arrived", async ({ page }) => {
  await signIn(page);
  await stationCard(page, 4).click();
  await page.getByRole("list", { name: "Reasons" }).waitFor();
  await page.keyboard.press("i");
  let arrive = (): void => undefined;
  const held = new Promise<void>((resolve) => (arrive = resolve));
  await page.route("**/captures", async (route) => {
    await held;
    await route.continue();
  });
  await page.getByRole("button", { name: /^Mark Sawing/ }).click();
  await page.getByRole("link", { name: "Verdict" }).click();
  const reasons = page.getByRole("list", { name: "Reasons" });
  await expect(reasons).toBeVisible();
  await expect(reasons).not.toContainText("Sawing: marked");
  arrive();
  await expect(reasons).toContainText("Sawing: marked");
});

test("choices made in quick succession are all kept, in the order they were made", async ({ page }) => {
  await signIn(page);
  await toSchool(page);
  // Answers come late and at odd times, as through a wall.
  let trip = 0;
  await page.route("**/api/v1/school", async (route) => {
    const answer = await route.fetch();
    await page.evaluate((ms) => new Promise((resolve) => setTimeout(resolve, ms)), [260, 20, 140][trip++ % 3]);
    await route.fulfill({ response: answer });
  });
  await choice(page, "Weights", "Pounds and ounces").click();
  await choice(page, "Weights", "Grams").click();
  await choice(page, "The oyster?", "May stay").click();
  await choice(page, "Breast with the first wing bone left on", "supreme").click();
  await choice(page, "Inner muscle of the breast", "inner fillet").click();
  await expect(page.getByRole("status").first()).toContainText("Every screen and print follows");
  await expect(page.getByRole("status").first()).not.toContainText("Keeping");
  await page.unroute("**/api/v1/school");
  await toSchool(page);
  for (const [question, answer] of [
    ["Weights", "Grams"],
    ["The oyster?", "May stay"],
    ["Breast with the first wing bone left on", "supreme"],
    ["Inner muscle of the breast", "inner fillet"],
  ] as const)
    await expect(choice(page, question, answer)).toBeChecked();
});

test("two people choose at once: both are kept, and where they mean the same the second is told", async ({ browser }) => {
  const [marit, ilse] = await Promise.all([browser.newPage(), browser.newPage()]);
  await signIn(marit, "marit");
  await signIn(ilse, "ilse");
  await toSchool(marit);
  await toSchool(ilse);
  await choice(marit, "What is left when the cuts are off", "carcass").click();
  await expect(marit.getByRole("status").first()).toContainText("follows");
  await choice(ilse, "Weights", "Pounds and ounces").click();
  await expect(ilse.getByRole("status").first()).toContainText("follows");
  await expect(choice(ilse, "What is left when the cuts are off", "carcass")).toBeChecked();
  await choice(marit, "Weights", "Pounds and ounces").click();
  await choice(marit, "The oyster?", "May stay").click();
  await expect(choice(marit, "The oyster?", "May stay")).toBeChecked();

  await choice(ilse, "The oyster?", "May stay").waitFor();
  await choice(marit, "What is left when the cuts are off", "bones").click();
  await expect(marit.getByRole("status").first()).toContainText("follows");
  await choice(ilse, "What is left when the cuts are off", "frame").click();
  await expect(ilse.getByRole("status").first()).toContainText("Marit Oyelaran changed this meanwhile");
  await expect(choice(ilse, "What is left when the cuts are off", "bones")).toBeChecked();
  await Promise.all([marit.close(), ilse.close()]);
});

/** Gives the school a word of its own, on whatever version there is; tried again where somebody was quicker. */
async function sayWord(request: APIRequestContext, headers: Record<string, string>, book: string, said: string): Promise<void> {
  for (;;) {
    const school = (await (await request.get("/api/v1/school", { headers })).json()) as { version: number };
    const answer = await request.patch("/api/v1/school", {
      headers: { ...headers, "If-Match": `"${school.version}"` },
      data: { own: { [book]: said } },
    });
    if (answer.status() !== 412) return expect(answer.status()).toBe(200);
  }
}

test("twenty writers at once lose no choice", async ({ page }) => {
  await signIn(page);
  const cookies = await page.context().cookies();
  const token = decodeURIComponent(cookies.find((it) => it.name === "XSRF-TOKEN")?.value ?? "");
  const headers = { "X-XSRF-TOKEN": token, Accept: "application/json", Referer: page.url() };
  const words = Array.from({ length: 20 }, (_, index) => `part ${String.fromCharCode(97 + index)}`);
  await Promise.all(words.map((book) => sayWord(page.request, headers, book, `${book} as we say`)));
  const school = (await (await page.request.get("/api/v1/school", { headers })).json()) as { own: { book: string }[] };
  expect(school.own.map((it) => it.book).sort()).toEqual(words);
});

test("releasing asks once and names what somebody should see first; a change since is told, and issued as the next version", async ({
  page,
  browser,
}) => {
  await signIn(page);
  await page.getByRole("region", { name: "Chicken eight-piece", exact: true }).getByRole("link", { name: "Class sheet" }).click();
  await page.getByRole("button", { name: "Release 6 final" }).click();
  const slip = page.getByRole("dialog");
  await expect(slip).toContainText("Release 6 results. Students see them at once.");
  await expect(slip).toContainText("Weights do not balance");
  await expect(slip).toContainText("Kenji Moriwaki (station 4)");
  await expect(slip).toContainText("not second-marked");
  await slip.getByRole("button", { name: "Not yet" }).click();
  await expect(page.getByText("released", { exact: true })).toHaveCount(0);
  await page.route("**/release", (route) => route.abort());
  await page.getByRole("button", { name: "Release 6 final" }).click();
  await slip.getByRole("button", { name: "Release", exact: true }).click();
  await expect(slip.getByRole("alert")).toContainText("It may have released them all the same");
  await page.unroute("**/release");
  await slip.getByRole("button", { name: "Release", exact: true }).click();
  await expect(page.getByText("released", { exact: true })).toHaveCount(6);

  await page.getByRole("link", { name: "Amina Berhane" }).click();
  const shown = await page.getByTestId("total").textContent();
  await page.getByRole("link", { name: "To the tray" }).click();
  await page.getByRole("button", { name: "Terms" }).click();
  const terms = page.getByRole("dialog", { name: "Terms of Amina Berhane" });
  await terms.getByRole("radio", { name: "Resit" }).click();
  await expect(terms.getByRole("button", { name: "Set" })).toBeDisabled();
  await terms.getByLabel("Because").fill("Second try of the term");
  await terms.getByRole("button", { name: "Set" }).click();
  await expect(page.getByText(", resit")).toBeVisible();
  await page.keyboard.press("l");
  await expect(page.getByRole("dialog", { name: "Log of this tray" })).toContainText("A resit: Second try of the term");
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: "Verdict" }).click();
  await expect(page.getByText(`Changed since release: 60.0, released ${shown ?? ""} (version 1).`)).toBeVisible();
  await page.getByRole("link", { name: "Issue the next version" }).click();
  await expect(page.getByText(`changed since release: 60.0, released ${shown ?? ""}`)).toBeVisible();
  await page.getByRole("button", { name: "Issue 1 again" }).click();
  await expect(slip.getByRole("button", { name: "Issue" })).toBeDisabled();
  await slip.getByLabel("Issued again, because").fill("It was a resit");
  await slip.getByRole("button", { name: "Issue" }).click();
  await expect(page.getByText("released, version 2")).toBeVisible();

  const amina = await browser.newPage();
  await signIn(amina, "amina");
  await amina.getByRole("link", { name: /Chicken eight-piece(?!, rehearsal).*version 2/ }).click();
  await expect(amina.getByTestId("total")).toHaveText("60.0");
  await expect(amina.getByText("It was a resit.")).toBeVisible();
  await amina.getByRole("link", { name: "Version 1" }).click();
  await expect(amina.getByTestId("total")).toHaveText(shown ?? "");
  await amina.close();
});

test("a draft survives a reload and a stray key, and leaving one asks", async ({ page }) => {
  await signIn(page, "marit", "/standards");
  await page.getByRole("link", { name: /^Quail, split \d/ }).click();
  await page.getByRole("link", { name: "Change it" }).click();
  await page.getByLabel("Title").fill("Quail, split for the grill");
  await expect(page.getByRole("status", { name: "Draft" })).toHaveText("The draft is kept.");
  await page.reload();
  await expect(page.getByLabel("Title")).toHaveValue("Quail, split for the grill");
  await page.locator("body").press("b");
  const asked = page.getByRole("dialog", { name: "Leave this draft?" });
  await asked.getByRole("button", { name: "Stay" }).click();
  await expect(page.getByLabel("Title")).toHaveValue("Quail, split for the grill");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await asked.getByRole("button", { name: "Leave, keep it" }).click();
  const drafts = page.getByRole("region", { name: "Your drafts" });
  await drafts.getByRole("link", { name: "Quail, split for the grill" }).click();
  await expect(page.getByLabel("Title")).toHaveValue("Quail, split for the grill");
  await page.getByRole("button", { name: "Publish" }).click();
  await expect(page.getByText(/^Version 2,/)).toBeVisible();
  await page.goto("/standards");
  await expect(page.getByRole("heading", { name: "Standards" })).toBeVisible();
  await expect(drafts).toHaveCount(0);
});
