// lighthouse URL REPORTS_FOLDER: what Lighthouse says of the sign-in and of the Bench on a slow phone (its own throttling): score, time blocked, errors on the console.
// It is fetched from the npm registry when it is first asked for, and is no part of the application.
import { execFileSync } from "node:child_process";
import { mkdirSync, readFileSync } from "node:fs";
import { launch, signIn } from "./browser.mjs";

const VERSION = "13.5.0";
const [baseURL, folder] = process.argv.slice(2);
mkdirSync(folder, { recursive: true });
const browser = await launch();
const context = await browser.newContext({ baseURL });
await signIn(await context.newPage());
const cookie = (await context.cookies()).map(({ name, value }) => `${name}=${value}`).join("; ");
await browser.close();

function look(name, headers) {
  const report = `${folder}/${name}.json`;
  const words = [
    `lighthouse@${VERSION}`,
    `${baseURL}/`,
    "--quiet",
    "--output=json",
    `--output-path=${report}`,
    "--only-categories=performance,best-practices,accessibility",
  ];
  const flags =
    "--chrome-flags=--headless=new --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync";
  execFileSync("npx", ["--yes", ...words, flags, `--extra-headers=${JSON.stringify(headers)}`], {
    stdio: ["ignore", "ignore", "inherit"],
    env: { ...process.env, CHROME_PATH: "/usr/bin/chromium-headless-shell" },
  });
  const { categories, audits } = JSON.parse(readFileSync(report, "utf8"));
  const score = (key) => categories[key].score.toFixed(2);
  const errors = audits["errors-in-console"].details?.items ?? [];
  console.log(
    `${name.padEnd(8)} performance ${score("performance")}, accessibility ${score("accessibility")}, best practices ${score("best-practices")}; blocked ${audits["total-blocking-time"].displayValue}, largest paint ${audits["largest-contentful-paint"].displayValue}, unused script ${audits["unused-javascript"]?.displayValue || "none"}; errors on the console: ${errors.length === 0 ? "none" : errors.map((it) => it.description).join(" | ")}`,
  );
}

look("sign-in", {});
look("bench", { Cookie: cookie });
