import { type Page } from "@playwright/test";
import { emptySchool, expect, signIn, test } from "./kitchen";

const password = "four spoons under a quiet lamp";

/** Tabs to a field by its label, as somebody does who has no mouse. */
async function tabTo(page: Page, label: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  for (let press = 0; press < 40; press++) {
    if (await field.evaluate((it) => it === document.activeElement)) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`${label} is not reached by the Tab key`);
}

async function typeIn(page: Page, label: string, text: string): Promise<void> {
  await tabTo(page, label);
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type(text);
}

test("by keyboard: a school begins with nobody, invites somebody, and they come with their code", async ({ page, browser }) => {
  emptySchool();
  await page.goto("/");
  await expect(page.getByText("Nobody is at this school yet.")).toBeVisible();
  await page.keyboard.type("Ilse Karimova");
  await typeIn(page, "E-mail", "ilse@tollgate-quay.example");
  await typeIn(page, "Password", "tollgate");
  await typeIn(page, "Its name", "Tollgate Quay School of Cookery");
  await tabTo(page, "Time zone");
  await page.keyboard.type("Pacific/Auckland");
  await tabTo(page, "What is left when the cuts are off");
  await page.keyboard.press("ArrowDown");
  await page.getByRole("button", { name: "Begin" }).press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "is too short: 15 characters or more" })).toBeVisible();
  await typeIn(page, "Password", password);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Sign out" })).toBeVisible();

  await page.getByRole("link", { name: "People", exact: true }).press("Enter");
  await page.getByRole("button", { name: "Invite somebody" }).press("Enter");
  await page.keyboard.type("Bruno Tadić");
  await typeIn(page, "E-mail", "bruno@tollgate-quay.example");
  await page.keyboard.press("Enter");
  const code = await page.getByTestId("code").innerText();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("group", { name: "Bruno Tadić" })).toContainText("invited, has a code until");

  const invited = await (await browser.newContext()).newPage();
  await invited.goto("/");
  await invited.getByRole("link", { name: "I have a code" }).press("Enter");
  await expect(invited.getByLabel("Code")).toBeFocused();
  await invited.keyboard.type("0000-0000-0000");
  await invited.keyboard.press("Enter");
  await expect(invited.getByRole("alert")).toContainText("This code opens nothing");
  await typeIn(invited, "Code", code.toLowerCase());
  await invited.keyboard.press("Enter");
  await expect(invited.getByText("Bruno Tadić, set your password.")).toBeVisible();
  await typeIn(invited, "Password", password);
  await invited.keyboard.press("Enter");
  await expect(invited.getByRole("link", { name: "Bruno Tadić: your account" })).toBeVisible();
  await expect(invited.getByRole("link", { name: "People", exact: true })).toBeHidden();

  await page.reload();
  await expect(page.getByRole("group", { name: "Bruno Tadić" })).not.toContainText("invited");
  await page.getByRole("link", { name: "What was changed" }).press("Enter");
  await expect(page.getByText("Bruno Tadić set a password")).toBeVisible();
  await expect(page.getByText("Ilse Karimova began the school")).toBeVisible();
  await page.goto("/standards/school");
  await expect(page.getByLabel("The school is in")).toHaveValue("Pacific/Auckland");
  await expect(page.getByLabel("Its name, as prints say it")).toHaveValue("Tollgate Quay School of Cookery");
});

test("who leaves is out at once, and comes back with what they took down", async ({ page, browser }) => {
  const theirs = await (await browser.newContext()).newPage();
  await signIn(theirs, "teodor");
  await signIn(page, "ilse");
  await page.getByRole("link", { name: "People", exact: true }).click();
  const teodor = page.getByRole("group", { name: "Teodor Vance" });
  await teodor.getByRole("button", { name: "Has left" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Has left" }).click();
  await expect(page.getByRole("region", { name: "Left" })).toContainText("Teodor Vance");
  await theirs.reload();
  await expect(theirs.getByLabel("E-mail")).toBeVisible();
  await theirs.getByLabel("E-mail").fill("teodor@tollgate-quay.example");
  await theirs.getByLabel("Password").fill("larder-week");
  await theirs.getByRole("button", { name: "Sign in" }).click();
  await expect(theirs.getByRole("alert")).toContainText("do not go together");
  await teodor.getByRole("button", { name: "Is back" }).click();
  await expect(page.getByRole("region", { name: "Here" })).toContainText("Teodor Vance");
  await theirs.getByRole("button", { name: "Sign in" }).click();
  await expect(theirs.getByRole("button", { name: "Sign out" })).toBeVisible();
});

test("the last coordinator stays, and a role is changed in place", async ({ page }) => {
  await signIn(page, "ilse");
  await page.getByRole("link", { name: "People", exact: true }).click();
  const ilse = page.getByRole("group", { name: "Ilse Karimova" });
  await ilse.getByRole("button", { name: "Change" }).click();
  await page.getByLabel("Role").selectOption("instructor");
  await page.getByRole("dialog").getByRole("button", { name: "Change" }).click();
  await expect(page.getByRole("alert")).toContainText("Ilse Karimova is the last coordinator");
  await page.getByRole("button", { name: "Leave it" }).click();
  await page.getByRole("group", { name: "Teodor Vance" }).getByRole("button", { name: "Change" }).click();
  await page.getByLabel("Role").selectOption("coordinator");
  await page.getByRole("dialog").getByRole("button", { name: "Change" }).click();
  await expect(page.getByRole("group", { name: "Teodor Vance" })).toContainText("Coordinator");
});

test("a password is changed by its owner, and every device is signed out", async ({ page, browser }) => {
  const tablet = await (await browser.newContext()).newPage();
  await signIn(tablet);
  await signIn(page);
  await page.getByRole("link", { name: "Marit Oyelaran: your account" }).click();
  await page.getByLabel("The one you have").fill("larder-weak");
  await page.getByLabel("The new one").fill(password);
  await page.getByRole("button", { name: "Change the password" }).click();
  await expect(page.getByRole("alert")).toContainText("is not your password");
  await page.getByLabel("The one you have").fill("larder-week");
  await page.getByRole("button", { name: "Change the password" }).click();
  await expect(page.getByText("Every other device is signed out.")).toBeVisible();
  await tablet.reload();
  await expect(tablet.getByLabel("E-mail")).toBeVisible();
  await page.getByRole("button", { name: "Sign out everywhere" }).click();
  await expect(page.getByLabel("E-mail")).toBeVisible();
});
