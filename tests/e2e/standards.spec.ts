import { readFileSync } from "node:fs";
import { type Page } from "@playwright/test";
import { expect, signIn, test } from "./kitchen";

interface Document {
  time: { standard_ms: number; limit_ms: number };
  pieces: { id: string; parts: string[]; window?: { basis: string; low: number; high: number } }[];
  criteria: { weight: number }[];
}

async function open(page: Page, title: string): Promise<void> {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: new RegExp(`^${title} \\d+ piece`) }).click();
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
  await page.getByRole("button", { name: "Method", exact: true }).click();
  await expect(page.getByRole("list", { name: "Method card" })).toContainText("Usual fault: the oyster stays on the back.");
  await page.getByRole("button", { name: "Criteria, faults" }).click();
  await expect(page.getByText("Keel, ribs and shoulder show bare bone")).toBeVisible();
});

for (const title of ["Salmon, two fillets, ribs trimmed after", "Lamb leg by the seam, seven cuts", "Quail, split"]) {
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
  await expect(page.getByRole("list", { name: "Versions" })).toContainText("Time, standard: 6:00 → 5:00 min:s");
  await page.getByRole("link", { name: "Version 1" }).click();
  await expect(page.getByText("Version 1, 6 minutes, limit 10")).toBeVisible();
});

test("an assessor reads the shelf and cannot import", async ({ page }) => {
  await signIn(page, "teodor");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await expect(page.getByRole("link", { name: /Lamb leg by the seam/ })).toBeVisible();
  await expect(page.getByRole("button", { name: "Import JSON" })).toHaveCount(0);
});
