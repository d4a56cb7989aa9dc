// first-screen URL: from an empty cache to a usable first screen, in ms: the sign-in, and the Bench of someone signed in.
import { launch, signIn } from "./browser.mjs";

const RUNS = process.env.BENCH_BRIEF ? 1 : 7;
const baseURL = process.argv[2];
const browser = await launch();
const signedIn = await browser.newContext({ baseURL });
await signIn(await signedIn.newPage());
const session = await signedIn.storageState();

async function measure(name, storageState, isUsable) {
  const times = [];
  for (let run = 0; run < RUNS; run++) {
    const context = await browser.newContext({ baseURL, storageState });
    const page = await context.newPage();
    const start = performance.now();
    await page.goto("/");
    await isUsable(page);
    times.push(performance.now() - start);
    await context.close();
  }
  times.sort((a, b) => a - b);
  console.log(
    `${name.padEnd(10)} median ${times[(RUNS - 1) / 2].toFixed(0)} ms, from ${times[0].toFixed(0)} to ${times.at(-1).toFixed(0)} over ${RUNS} runs`,
  );
}

await measure("sign-in", undefined, (page) => page.getByLabel("E-mail").waitFor());
await measure("bench", session, (page) => page.getByRole("complementary", { name: "What waits" }).waitFor());
await browser.close();
