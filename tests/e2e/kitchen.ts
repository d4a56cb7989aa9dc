import { expect, type Locator, type Page } from "@playwright/test";

/** What the tests do as a person would: sign in, open a tray, weigh. */
export async function signIn(page: Page, account = "marit"): Promise<void> {
  await page.goto("/");
  await page.getByLabel("E-mail").fill(`${account}@tollgate-quay.example`);
  await page.getByLabel("Password").fill("larder-week");
  await page.getByLabel("Password").press("Enter");
  await expect(page.getByRole("button", { name: "Sign out" })).toBeVisible();
}

export const stationCard = (page: Page, station: number): Locator =>
  page.getByRole("region", { name: "Chicken eight-piece", exact: true }).getByRole("link", { name: new RegExp(`^Station ${station} `) });

export const place = (page: Page, id: string): Locator => page.locator(`[data-place="${id}"]`);

export const weights = [
  "breast.left",
  "breast.right",
  "thigh.left",
  "thigh.right",
  "drumstick.left",
  "drumstick.right",
  "wing.left",
  "wing.right",
  "stock",
  "fat",
  "trim",
  "waste",
  "scrape",
];

/** Until the scale has felt the change and come to rest on it. */
export async function loadSettles(page: Page, change: () => Promise<void>): Promise<void> {
  const moved = page.locator('[data-scale="moving"]').waitFor();
  await change();
  await moved;
  await page.locator('[data-scale="stable"]').waitFor();
}
