// long-day URL: how long the Bench of a day of many classes takes, on a tablet four times slower than this machine, until its first tray and its last stand there.
import { launch, signIn } from "./browser.mjs";

const SLOWER = 4;
const browser = await launch();
const context = await browser.newContext({ baseURL: process.argv[2], viewport: { width: 1280, height: 800 } });
const page = await context.newPage();
await page.addInitScript(() => {
  globalThis.held = [];
  new PerformanceObserver((list) => globalThis.held.push(...list.getEntries().map((it) => it.duration))).observe({
    entryTypes: ["longtask"],
  });
});
const bench = page.waitForResponse(/\/bench$/);
await signIn(page);
const stations = page.locator('a[href^="/tray/"], a[href^="/verdict/"]');
await stations.first().waitFor();
const { today } = await (await bench).json();
await (await context.newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: SLOWER });
const began = Date.now();
await page.reload({ waitUntil: "commit" });
await stations.first().waitFor();
const first = Date.now() - began;
await page.waitForFunction((all) => document.querySelectorAll("main section[aria-label]").length >= all, today.length);
const last = Date.now() - began;
const held = (await page.evaluate(() => globalThis.held)).sort((a, b) => b - a);
console.log(
  `a day of ${today.length} classes, CPU ×${SLOWER}: first tray after ${first} ms, the last class after ${last} ms; the main thread was held for over 50 ms ${held.length} times, longest ${held[0]?.toFixed(0) ?? 0} ms`,
);
await browser.close();
