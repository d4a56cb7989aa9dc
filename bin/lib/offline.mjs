// offline URL: five hundred captures made without a network on one device, then the time until the server has them all.
import { launch, signIn } from "./browser.mjs";

const CAPTURES = process.env.BENCH_BRIEF ? 20 : 500;
const browser = await launch();
const context = await browser.newContext({ baseURL: process.argv[2] });
const page = await context.newPage();
await signIn(page);
await page.goto("/floor");
await page.getByRole("group", { name: "Stations" }).waitFor();
await page.locator('[data-station="12"]').click();
const panel = page.getByRole("complementary", { name: "Station 12" });
const mark = panel.getByRole("button", { name: "Sawing" });
await mark.waitFor();
await context.setOffline(true);
const made = performance.now();
await mark.evaluate(async (button, times) => {
  for (let count = 0; count < times; count++) {
    button.click();
    await new Promise(requestAnimationFrame);
  }
}, CAPTURES);
await page.getByText(`${CAPTURES} captures wait.`).waitFor();
console.log(`${CAPTURES} captures made without a network in ${((performance.now() - made) / 1_000).toFixed(1)} s`);
await context.setOffline(false);
const start = performance.now();
await page.getByRole("status", { name: "Waiting captures" }).waitFor({ state: "detached", timeout: 120_000 });
console.log(`all on the server after ${((performance.now() - start) / 1_000).toFixed(1)} s`);
await browser.close();
