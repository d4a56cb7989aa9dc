import type { Page } from "@playwright/test";
import { expect, signIn, test } from "./kitchen";

const areas = (page: Page) => page.getByRole("navigation", { name: "Areas" });

test("what stands on the rail stays where it was first seen: a finger on its way finds it there", async ({ page }) => {
  await page.addInitScript(() => {
    const seen = new Set<number>();
    const look = (): void => {
      const link = document.querySelector('nav a[href="/standards"]');
      if (link !== null) seen.add(Math.round(link.getBoundingClientRect().left));
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
    Object.assign(window, { seen });
  });
  await signIn(page);
  await page.waitForLoadState("networkidle");
  await page.evaluate(async () => void (await document.fonts.ready));
  expect(await page.evaluate(() => [...(window as unknown as { seen: Set<number> }).seen])).toHaveLength(1);
});

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
