import { type Locator, type Page } from "@playwright/test";
import { dragByFinger, expect, signIn, test } from "./kitchen";

const check = (page: Page): Locator => page.getByRole("status", { name: "Check" });
const group = (page: Page, name: string): Locator => page.getByRole("group", { name, exact: true });
const part = (page: Page, name: string): Locator =>
  page.getByRole("group", { name: "Cut map" }).getByRole("button", { name: new RegExp(`^${name}, in`) });
const sheet = (page: Page, name: string): Locator =>
  page.getByRole("navigation", { name: "Tabs of the draft" }).getByRole("button", { name });

async function edit(page: Page, title: string): Promise<void> {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: new RegExp(`^${title} \\d+ piece`) }).click();
  await page.getByRole("link", { name: "Change it" }).click();
  await expect(check(page)).toContainText("nothing is changed yet");
}

/** Types into a field without touching the mouse. */
async function write(field: Locator, text: string): Promise<void> {
  await field.focus();
  await field.press("ControlOrMeta+a");
  await field.pressSequentially(text);
}

test("by keyboard: parts, windows, criteria, faults, tray and rules are written, the draft is tried and published as a standard of its own", async ({
  page,
}) => {
  await signIn(page);
  await edit(page, "Chicken, six cut");
  await expect(page.getByRole("button", { name: "Publish" })).toBeDisabled();

  await test.step("a part goes to another cut and back", async () => {
    await part(page, "Cavity fat").press("Enter");
    await part(page, "Thigh meat, left").press("Enter");
    await expect(check(page)).toContainText("Cavity fat: from fat and skin to left thigh");
    await group(page, "Left thigh").getByRole("button", { name: "Cavity fat" }).press("Enter");
    await group(page, "Fat and skin").getByRole("button", { name: "Move here, to Fat and skin: Cavity fat" }).press("Enter");
    await expect(check(page)).toContainText("nothing is changed yet");
  });

  await test.step("another cut is empty until a part comes to it", async () => {
    await write(page.getByRole("textbox", { name: "Another cut" }), "Neck for the pot");
    await page.keyboard.press("Enter");
    await expect(check(page)).toContainText("“Neck for the pot” holds no part with a spread");
    await part(page, "Neck skin").press("Enter");
    await group(page, "Neck for the pot").getByRole("button", { name: "Move here, to Neck for the pot: Neck skin" }).press("Enter");
    await expect(check(page)).toContainText("Cuts, new: Neck for the pot");
  });

  await test.step("windows in share and in mass", async () => {
    const thigh = group(page, "Left thigh");
    await page.getByRole("button", { name: "Change Left thigh" }).press("Enter");
    await write(thigh.getByLabel("From"), "7.5");
    await expect(check(page)).toContainText("Left thigh, window: 7.23 to 9.07 % → 7.5 to 9.07 %");
    await thigh.getByLabel("Window").selectOption("g");
    await write(thigh.getByLabel("To"), "1");
    await expect(check(page)).toContainText("must be above low (standard.pieces[2].window.high)");
    await expect(check(page)).not.toContainText("no such piece");
    await page.keyboard.type("70");
    await expect(check(page)).toContainText("Left thigh, window: 7.23 to 9.07 % → 138.8 to 170 g");
    await thigh.getByRole("button", { name: "As the carcass says" }).press("Enter");
    await expect(check(page)).not.toContainText("Left thigh, window");
  });

  await test.step("criteria and their steps", async () => {
    await sheet(page, "Criteria").press("Enter");
    await write(page.getByRole("textbox", { name: "Another criterion" }), "Neck rolled");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Change Neck rolled" }).press("Enter");
    const criterion = group(page, "Neck rolled");
    await write(criterion.getByLabel("Step 1: what is seen"), "It lies open.");
    await write(criterion.getByLabel("Step 2: what is seen"), "It is rolled.");
    await write(criterion.getByLabel("Weight"), "0");
    await expect(check(page)).toContainText("must be more than 0");
    await write(criterion.getByLabel("Weight"), "2");
    await expect(check(page)).toContainText("Criteria, new: Neck rolled");
    // What is asked in writing is a part of it, and goes again when the field is emptied.
    const question = criterion.getByLabel(/^Asked in writing/);
    await write(question, "Why is the neck rolled?");
    await expect(question).toHaveValue("Why is the neck rolled?");
    await question.fill("");
    await expect(question).toHaveValue("");
  });

  await test.step("faults and defects", async () => {
    await sheet(page, "Faults").press("Enter");
    await write(page.getByRole("textbox", { name: "Another fault" }), "Neck torn");
    await page.keyboard.press("Enter");
    await write(page.getByRole("textbox", { name: "Another defect" }), "Neck missing on arrival");
    await page.keyboard.press("Enter");
    await page.getByRole("button", { name: "Change Neck missing on arrival" }).press("Enter");
    await group(page, "Neck missing on arrival excuses").getByRole("button", { name: "Neck for the pot" }).press(" ");
    await group(page, "Neck missing on arrival excuses").getByRole("button", { name: "Neck rolled" }).press(" ");
    await expect(check(page)).toContainText("Defects, new: Neck missing on arrival");
  });

  await test.step("the tray, and its rules", async () => {
    await sheet(page, "Tray").press("Enter");
    await page.getByRole("button", { name: /^Left thigh, row/ }).press("Enter");
    await page
      .getByRole("button", { name: /^Free, row/ })
      .last()
      .press("Enter");
    await expect(check(page)).toContainText("left thigh, row: ");
    await sheet(page, "Rules").press("Enter");
    await write(page.getByLabel("Time, limit, min"), "2");
    await expect(check(page)).toContainText("must be above standard_ms");
    await write(page.getByLabel("Time, limit, min"), "18");
    await expect(check(page)).toContainText("Time, limit: ");
    await page.getByLabel("The oyster?").selectOption("May stay if the frame goes to stock");
    await expect(check(page)).toContainText("Variants of practice, oyster, new: may-stay");
  });

  await test.step("what would this tray get?", async () => {
    await sheet(page, "Try it").press("Enter");
    const tried = page.getByTestId("tried-total");
    await expect(tried).toHaveText(/^\d+\.\d$/);
    const total = Number(await tried.textContent());
    await page.getByRole("slider", { name: "Eye for the standard" }).press("Home");
    await expect.poll(async () => Number(await tried.textContent())).toBeLessThan(total);
    await expect(page.getByRole("table", { name: "Pieces" }).getByRole("row", { name: /Neck for the pot/ })).toBeVisible();
  });

  await write(page.getByLabel("Title"), "Quayside seven");
  await page.getByRole("button", { name: "Make it a new standard" }).press("Enter");
  await expect(check(page)).toContainText("It adds up.");
  await expect(page.getByRole("button", { name: "Publish" })).toBeEnabled();
  await page.getByRole("button", { name: "Publish" }).press("Enter");
  await expect(page.getByRole("heading", { name: "Quayside seven" })).toBeVisible();
  await expect(page.getByText("Version 1, 10 minutes, limit 18")).toBeVisible();
  await page.getByRole("button", { name: "Variants" }).press("Enter");
  await expect(page.getByText("by this standard")).toBeVisible();
});

test.describe("by touch", () => {
  test.use({ hasTouch: true, viewport: { width: 1180, height: 820 } });

  test("a standard from scratch on a carcass of one's own: parts dragged and tapped into cuts until it adds up", async ({ page }) => {
    await signIn(page);
    await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).tap();
    await page.getByRole("link", { name: "New standard" }).tap();
    await page.getByRole("button", { name: "Own carcass" }).tap();
    await expect(check(page)).toContainText("at least one piece");
    await page.getByLabel("Title").fill("Rabbit in four");

    await sheet(page, "Carcass").tap();
    await page.getByLabel("Carcass", { exact: true }).fill("Rabbit");
    await page.getByRole("textbox", { name: "Another part" }).fill("Saddle");
    await page.getByRole("button", { name: "Add: another part" }).tap();
    await group(page, "Saddle").getByLabel("Share, %").fill("10");
    await expect(page.getByRole("status", { name: "Sum of shares" })).toContainText("110 %");
    await group(page, "Bone").getByLabel("Share, %").fill("18");
    await group(page, "Saddle").getByRole("button", { name: "Left and right" }).tap();
    await expect(group(page, "Saddle, right").getByLabel("Share, %")).toHaveValue("5");

    await sheet(page, "Cuts").tap();
    await expect(group(page, "In no cut")).toContainText("Saddle, left");
    for (const cut of ["Left side", "Right side"]) {
      await page.getByRole("textbox", { name: "Another cut" }).fill(cut);
      await page.getByRole("button", { name: "Add: another cut" }).tap();
    }
    for (const [name, cut] of [
      ["Meat, left", "Left side"],
      ["Saddle, left", "Left side"],
      ["Meat, right", "Right side"],
    ] as const) {
      await page.getByRole("button", { name, exact: true }).tap();
      await group(page, cut)
        .getByRole("button", { name: `Move here, to ${cut}: ${name}` })
        .tap();
    }
    await expect(check(page)).toContainText("“Saddle, right” is in no piece and no bin");
    await group(page, "In no cut").getByRole("button", { name: "Saddle, right" }).tap();
    await part(page, "Meat, right").tap();
    await expect(check(page)).toContainText("It adds up.");

    await dragByFinger(page, part(page, "Saddle, left"), part(page, "Meat, right"));
    await expect(group(page, "Right side")).toContainText("Saddle, left");
    await expect(page.getByRole("status", { name: "Part in hand" })).toContainText("Drag a part");
    await dragByFinger(page, part(page, "Saddle, left"), part(page, "Meat, left"));
    await expect(group(page, "Left side")).toContainText("Saddle, left");

    await page.getByRole("button", { name: "Publish" }).tap();
    await expect(page.getByRole("heading", { name: "Rabbit in four" })).toBeVisible();
    await expect(page.getByRole("group", { name: "Cut map" }).getByRole("button", { name: /^Left side: meat, saddle/ })).toBeVisible();
  });
});
