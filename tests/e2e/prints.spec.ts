import { readFileSync } from "node:fs";
import jsQR from "jsqr";
import readXlsxFile from "read-excel-file/node";
import { type Page } from "@playwright/test";
import { expect, signIn, test } from "./kitchen";

async function openBrief(page: Page): Promise<void> {
  await signIn(page, "marit", "/brief");
  await page.getByRole("link", { name: "Crown and legs", exact: true }).click();
  await expect(page.getByRole("list", { name: "Prints" })).toBeVisible();
}

/** The picture as a scanner sees it: drawn at four dots a module, read by a library of its own. */
async function scan(page: Page): Promise<string | undefined> {
  const { data, size } = await page
    .locator(".code img")
    .first()
    .evaluate((picture: HTMLImageElement) => {
      const canvas = document.createElement("canvas");
      canvas.width = canvas.height = 4 * picture.naturalWidth;
      const brush = canvas.getContext("2d");
      brush?.drawImage(picture, 0, 0, canvas.width, canvas.height);

      return { data: [...(brush?.getImageData(0, 0, canvas.width, canvas.height).data ?? [])], size: canvas.width };
    });

  return jsQR(new Uint8ClampedArray(data), size, size)?.data;
}

test("a brief is printed, set, and the code on a station card opens that tray", async ({ page, context }) => {
  await openBrief(page);
  const all = page.getByRole("link", { name: "All of them" });
  const file = await page.request.get((await all.getAttribute("href")) ?? "", { headers: { Referer: page.url() } });
  expect(file.headers()["content-type"]).toBe("application/pdf");
  expect((await file.body()).subarray(0, 5).toString()).toBe("%PDF-");
  await page.getByLabel("Paper", { exact: true }).selectOption("Letter");
  await expect(all).toHaveAttribute("href", /paper=letter/);

  await page.getByRole("button", { name: "Set it" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Set it" }).click();
  await expect(page.getByRole("link", { name: "To the Floor" })).toBeVisible();
  const [cards] = await Promise.all([context.waitForEvent("page"), page.getByRole("link", { name: "Station cards, page" }).click()]);
  await expect(cards.getByText("Wave 1, starts at").first()).toBeVisible();
  const name = await cards.locator(".who").first().innerText();
  const address = await scan(cards);
  const bookmark = cards.url();
  await cards.goto("about:blank");
  await cards.goto(bookmark);
  await expect(cards.locator(".who").first(), "the address of a print is good by itself").toHaveText(name);
  expect(address).toMatch(/\/tray\/[0-9a-f-]{36}$/);
  await cards.goto(address ?? "");
  await expect(cards.getByRole("heading", { name, exact: true })).toBeVisible();
});

test("the purchase list is taken to a spreadsheet, figures as figures", async ({ page }) => {
  await openBrief(page);
  const [download] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Purchase list, XLSX" }).click()]);
  const [head, row] = await readXlsxFile(readFileSync(await download.path()));
  const cell = (title: string): unknown => row?.[head?.indexOf(title) ?? -1];
  expect(cell("Product")).toBe("Chicken, crown and legs");
  expect([cell("Students"), cell("Needed with spares"), cell("On hand"), cell("Cases"), cell("Ordered")]).toEqual([12, 14, 1, 3, 18]);
  expect(cell("Cost, EUR")).toBeCloseTo(164.84, 2);
});

test("prints on a phone: every sheet within reach of a thumb, nothing beside the page", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await openBrief(page);
  await expect(page.getByRole("list", { name: "Prints" }).getByRole("listitem")).toHaveCount(9);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
});
