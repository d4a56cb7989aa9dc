// weighing URL: how long the main thread is held while a tray is weighed on a tablet four times slower than this machine.
import { launch, signIn } from "./browser.mjs";

const SLOWER = 4;
const PIECES = 6;
const browser = await launch();
const context = await browser.newContext({ baseURL: process.argv[2] });
const page = await context.newPage();
await page.addInitScript(() => {
  globalThis.held = [];
  new PerformanceObserver((list) => globalThis.held.push(...list.getEntries().map((it) => it.duration))).observe({
    entryTypes: ["longtask"],
  });
});
await signIn(page);
await page
  .getByRole("link", { name: /^Station 9 / })
  .first()
  .click();
await page.getByRole("group", { name: "Tray", exact: true }).waitFor();
const stable = page.locator('[data-scale="stable"]');
await stable.waitFor();
await (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: SLOWER });
await page.evaluate(() => void (globalThis.held = []));
for (let piece = 0; piece < PIECES; piece++) {
  const moving = page.waitForFunction(() => document.querySelector('[data-scale="moving"]') !== null);
  await page.keyboard.press("p");
  await moving;
  await stable.waitFor();
  await page.keyboard.press("Enter");
  await page.getByText("next", { exact: true }).waitFor();
}
const held = (await page.evaluate(() => globalThis.held)).sort((a, b) => b - a);
console.log(
  `weighing ${PIECES} pieces, CPU ×${SLOWER}: the main thread was held for over 50 ms ${held.length} times, longest ${held[0]?.toFixed(0) ?? 0} ms`,
);
await browser.close();
