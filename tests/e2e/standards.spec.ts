import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import { signIn } from "./kitchen";

interface Document {
  time: { standard_ms: number; limit_ms: number };
  pieces: { id: string; parts: string[]; window?: { basis: string; low: number; high: number } }[];
  criteria: { weight: number }[];
}

async function open(page: Page, title: string): Promise<void> {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: new RegExp(title) }).click();
  await expect(page.getByRole("heading", { name: new RegExp(title) })).toBeVisible();
}

async function importFile(page: Page, document: unknown): Promise<void> {
  await page
    .getByLabel("Standard file")
    .setInputFiles({ name: "standard.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(document)) });
}

test("the cut map shows a cut, its parts and what it should weigh, by mouse and by keyboard", async ({ page }) => {
  await signIn(page);
  await open(page, "Chicken, eight pieces");
  const cut = (name: string) => page.getByRole("group", { name: "Cut map" }).getByRole("button", { name: new RegExp(`^${name}:`) });
  const row = (name: string) => page.getByRole("table", { name: "Cuts" }).getByRole("row", { name: new RegExp(name) });
  await cut("Left breast").click();
  await expect(row("Left breast")).toContainText("breast fillet, tender, breast skin");
  await expect(row("Left breast")).toContainText("248.8");
  await cut("Right thigh").focus();
  await page.keyboard.press("Enter");
  await expect(cut("Right thigh")).toHaveAttribute("aria-pressed", "true");
  await expect(cut("Right thigh")).toHaveAccessibleName(
    "Right thigh: thigh meat, oyster, thigh skin, thigh bone; expected 151 g of a carcass of 1850 g",
  );
  const slider = page.getByRole("slider", { name: "AP weight" });
  await slider.focus();
  await page.keyboard.press("End");
  await expect(row("Right thigh")).toContainText("163");
  await page.getByRole("button", { name: "Method card" }).click();
  await expect(page.getByRole("list", { name: "Method card" })).toContainText("Usual fault: the oyster stays on the back.");
  await page.getByRole("button", { name: "Criteria and faults" }).click();
  await expect(page.getByText("Keel, ribs and shoulder show bare bone")).toBeVisible();
});

for (const title of ["Salmon, two fillets, ribs trimmed after", "Lamb leg by the seam", "Quail, split"]) {
  test(`${title}: every cut that expects a part is on the map`, async ({ page }) => {
    await signIn(page);
    await open(page, title);
    const rows = page.getByRole("table", { name: "Cuts" }).getByRole("row");
    await expect(rows.nth(1)).toBeVisible();
    const expecting = (await rows.allTextContents()).filter((text) => /%$/.test(text.trim()) && !/0\.00 %$/.test(text.trim()));
    await expect(page.getByRole("group", { name: "Cut map" }).getByRole("button")).toHaveCount(expecting.length);
  });
}

test("a standard goes out as JSON, comes back changed as the next version, and a broken one is refused whole", async ({ page }) => {
  await signIn(page);
  await open(page, "Quail, split");
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export JSON" }).click();
  const document = JSON.parse(readFileSync(await (await download).path(), "utf8")) as Document;

  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  const broken = structuredClone(document);
  broken.pieces[0]?.parts.pop();
  broken.time.limit_ms = 1;
  await importFile(page, broken);
  const refusal = page.getByRole("dialog", { name: "Not imported" });
  await expect(refusal.getByRole("row")).toHaveCount(2);
  await expect(refusal).toContainText("is in no piece and no bin");
  await expect(refusal).toContainText("standard.time.limit_ms");
  await page.keyboard.press("Escape");

  document.time.standard_ms = 300_000;
  await importFile(page, document);
  await expect(page.getByText("Version 2, 5 minutes, limit 10")).toBeVisible();
  await page.getByRole("button", { name: "Versions" }).click();
  await expect(page.getByRole("list", { name: "Versions" })).toContainText("Time: 6 min, limit 10 min → 5 min, limit 10 min");
  await page.getByRole("link", { name: "Version 1" }).click();
  await expect(page.getByText("Version 1, 6 minutes, limit 10")).toBeVisible();
});

test("a part is moved by two taps on the map and back by the list, a window is written over, and the draft is published as a standard of its own", async ({
  page,
}) => {
  await signIn(page);
  await open(page, "Chicken, six cut");
  await page.getByRole("link", { name: "Change it" }).click();
  const part = (name: string) => page.getByRole("group", { name: "Cut map" }).getByRole("button", { name: new RegExp(`^${name}, in`) });
  const check = page.getByRole("status", { name: "Check" });
  const group = (name: string) => page.getByRole("group", { name, exact: true });
  await expect(check).toContainText("nothing is changed yet");
  await expect(page.getByRole("button", { name: "Publish" })).toBeDisabled();

  await part("Cavity fat").click();
  await part("Thigh meat, left").click();
  await expect(check).toContainText("Cavity fat: from fat and skin to left thigh");
  await group("Left thigh").getByRole("button", { name: "Cavity fat" }).press("Enter");
  await group("Fat and skin").getByRole("button", { name: "Move Cavity fat to Fat and skin" }).press("Enter");
  await expect(check).toContainText("nothing is changed yet");

  await page.getByLabel("Another cut").fill("Neck for the pot");
  await page.getByLabel("Another cut").press("Enter");
  await expect(check).toContainText("It does not add up yet");
  await expect(check).toContainText("neck-for-the-pot holds no part with a spread");
  await part("Neck skin").focus();
  await page.keyboard.press("Enter");
  await group("Neck for the pot").getByRole("button", { name: "Move Neck skin to Neck for the pot" }).click();
  await expect(check).toContainText("Cut added: Neck for the pot");

  await page.getByLabel("Left thigh, window from, per cent").fill("7.5");
  await page.getByLabel("Left thigh, window from, per cent").press("Enter");
  await expect(check).toContainText("Left thigh, window: 7.23–9.07 % → 7.5–9.07 %");
  await page.getByLabel("Limit, min").fill("2");
  await expect(check).toContainText("must be above standard_ms");
  await page.getByLabel("Limit, min").fill("18");
  await expect(check).toContainText("limit 18 min");

  await page.getByLabel("Title").fill("Quayside seven");
  await page.getByRole("button", { name: "Make it a new standard" }).click();
  await expect(check).toContainText("It adds up.");
  await page.getByRole("button", { name: "Publish" }).click();
  await expect(page.getByRole("heading", { name: "Quayside seven" })).toBeVisible();
  await expect(page.getByText("Version 1, 10 minutes, limit 18")).toBeVisible();
  await expect(page.getByRole("table", { name: "Cuts" }).getByRole("row", { name: /Neck for the pot/ })).toBeVisible();
});

test("an assessor reads the shelf and cannot import", async ({ page }) => {
  await signIn(page, "teodor");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await expect(page.getByRole("link", { name: /Lamb leg by the seam/ })).toBeVisible();
  await expect(page.getByRole("button", { name: "Import JSON" })).toHaveCount(0);
});
