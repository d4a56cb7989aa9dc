import { type Page } from "@playwright/test";
import { expect, loadSettles, place, signIn, test } from "./kitchen";

const choice = (page: Page, question: string, answer: string) =>
  page.getByRole("radiogroup", { name: question, exact: true }).getByRole("radio", { name: answer, exact: false });

async function toStandards(page: Page): Promise<void> {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
}

test("what the school chooses is said on every screen, and a school changes what a standard shows", async ({ page }) => {
  await signIn(page);
  await toStandards(page);
  await page.getByRole("link", { name: "The school" }).click();
  await choice(page, "Breast with the first wing bone left on", "airline breast").click();
  await choice(page, "Weights", "Pounds and ounces").click();
  await choice(page, "The oyster?", "May stay").press("Enter");
  await expect(page.getByRole("group", { name: "The oyster?" })).toContainText("Fault no longer: oyster missing.");
  await expect(page.getByRole("status")).toContainText("Every screen and print follows");
  const own = page.getByRole("group", { name: "Words of our own" });
  await own.getByLabel("The book says").fill("Drumstick");
  await own.getByLabel("We say").fill("lower leg");
  await own.getByLabel("We say").press("Enter");
  await expect(own).toContainText("drumstick is called lower leg");

  await toStandards(page);
  await page.getByRole("link", { name: /Chicken, airline breast set/ }).click();
  await expect(page.getByRole("table", { name: "Cuts" }).getByRole("row", { name: /Left airline breast/ })).toBeVisible();
  await expect(page.getByRole("columnheader", { name: "Expected oz" })).toBeVisible();
  await expect(page.getByRole("table", { name: "Cuts" })).toContainText("Left lower leg");
  await page.getByRole("button", { name: "Variants" }).click();
  await expect(page.getByText("by the school")).toHaveCount(1);
  await page.getByRole("button", { name: "Criteria, faults" }).click();
  await expect(page.getByText("Oyster missing")).toHaveCount(0);

  await page.getByRole("link", { name: "Change it" }).click();
  await page.getByRole("button", { name: "Change Left airline breast" }).click();
  const breast = page.getByRole("group", { name: "Left airline breast", exact: true });
  await expect(breast.getByLabel("Name")).toHaveValue("Left {first-bone breast}");
  await expect(breast).toContainText("Said here: Left airline breast");

  await toStandards(page);
  await page.getByRole("link", { name: "The school" }).click();
  await choice(page, "Breast with the first wing bone left on", "first-bone breast").click();
  await choice(page, "Weights", "Grams").click();
  await own.getByRole("button", { name: "Say drumstick again" }).click();
  await expect(own).not.toContainText("is called");
  await choice(page, "The oyster?", "Must leave").click();
  await expect(choice(page, "The oyster?", "Must leave")).toBeChecked();
});

test("a set is weighed portion by portion, one is weighed again, and evenness is told", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Class sheet" }).nth(1).click();
  await expect(page.getByRole("heading", { name: "Skewer set" })).toBeVisible();
  await page.getByRole("link", { name: "Siobhán Mac Giolla Rua" }).click();
  await page.getByRole("link", { name: "To the tray" }).click();
  await page.locator('[data-scale="stable"]').waitFor();
  await loadSettles(page, () => page.keyboard.press("p"));
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("as-purchased")).toHaveText(/ g$/);
  await loadSettles(page, () => page.keyboard.press("o"));
  await page.keyboard.press("w");
  await place(page, "thigh-dice").click();
  for (let portion = 1; portion <= 12; portion++) {
    await expect(page.getByRole("button", { name: `Take thigh dice, ${portion} of 12` })).toBeVisible();
    await page.keyboard.type(portion === 3 ? "90" : "16");
    await page.keyboard.press("Enter");
    if (portion < 12) await expect(place(page, "thigh-dice")).toContainText(`${portion} of 12`);
  }
  await expect(place(page, "thigh-dice")).toContainText("266");
  await place(page, "thigh-dice").click();
  for (let step = 0; step < 2; step++) await page.getByRole("button", { name: "Portion after" }).click();
  await page.keyboard.type("16");
  await page.keyboard.press("Enter");
  await expect(place(page, "thigh-dice")).toContainText("192");
  await expect(page.getByText("Thigh dice, portion 3, 16 g").first()).toBeVisible();
  await page.keyboard.press("v");
  await expect(page.getByRole("table", { name: "Pieces" })).toContainText("12 portions, uneven by 0.0 % of 15 % allowed");
});

test("a checkpoint is passed on the running clock and judged before the student goes on", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Class sheet" }).last().click();
  await page.getByRole("link", { name: "Pavel Hrubeš" }).click();
  await page.getByRole("link", { name: "To the tray" }).click();
  await expect(page.getByRole("button", { name: "Trussed" })).toHaveCount(0);
  await page.getByRole("button", { name: "Start" }).click();
  // Another journey may have looked at this station already.
  const unseen = page.getByRole("dialog", { name: "Nobody has looked at this station" });
  await page.getByRole("button", { name: "Trussed" }).or(unseen).waitFor();
  if (await unseen.isVisible()) await unseen.getByRole("button", { name: "All in order: start the clock" }).click();
  await page.getByRole("button", { name: "Trussed" }).click();
  await expect(page.getByRole("group", { name: "Clock" })).toContainText(/trussed \d:\d\d/);
  await page.keyboard.press("i");
  const stop = page.getByRole("region", { name: "Checkpoint: trussed" });
  await expect(stop).toContainText(/Passed at \d:\d\d/);
  await expect(stop).toContainText("7:00 allowed, limit 10:00");
  await stop.getByRole("group").first().getByRole("button").last().click();
  await expect(stop.getByRole("button", { pressed: true })).toHaveCount(1);
});
