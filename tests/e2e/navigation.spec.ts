import type { Page } from "@playwright/test";
import { expect, signIn, test } from "./kitchen";

const areas = (page: Page) => page.getByRole("navigation", { name: "Areas" });

test("a page whose file is long in coming says so, and the page before it can still be used", async ({ page }) => {
  await signIn(page);
  await page.waitForLoadState("networkidle");
  let arrive = (): void => undefined;
  const arrived = new Promise<void>((resolve) => (arrive = resolve));
  await page.route(/\/build\/assets\/.*\.js$/, async (route) => {
    await arrived;
    await route.continue();
  });
  const onItsWay = page.getByRole("status").filter({ hasText: "Fetching the page" });
  await areas(page).getByRole("link", { name: "Roster" }).click();
  await expect(onItsWay).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
  await page.keyboard.press("Escape");
  arrive();
  await expect(page).toHaveURL(/\/roster$/);
  await expect(onItsWay).toHaveCount(0);
});

test("on a slow device an address and what is shown under it change together", async ({ page, context }) => {
  await signIn(page);
  await page.waitForLoadState("networkidle");
  const device = await context.newCDPSession(page);
  await device.send("Emulation.setCPUThrottlingRate", { rate: 8 });
  const disagreed = page.evaluate(
    () =>
      new Promise<boolean>((resolve) => {
        const shown = document.querySelector("main h1");
        const push = history.pushState.bind(history);
        history.pushState = (...to) => {
          push(...to);
          // What is drawn anew may be a task of its own: by the second frame it is there.
          setTimeout(() => requestAnimationFrame(() => requestAnimationFrame(() => resolve(shown?.isConnected === true))));
        };
      }),
  );
  await areas(page).getByRole("link", { name: "Floor" }).click();
  expect(await disagreed).toBe(false);
});
