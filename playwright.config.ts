import { defineConfig } from "@playwright/test";

// Each worker has a place of its own: a database, a web server and a scale. The first is at DEFT_BLADE_PORT, the next ten ports on.
const place = Number(process.env.TEST_PARALLEL_INDEX ?? "0");
const port = Number(process.env.DEFT_BLADE_PORT ?? "8190") + 10 * place;
const state = process.env.DEFT_BLADE_STATE ?? `${process.cwd()}/storage/test`;
process.env.DEFT_BLADE_PORT = String(port);
process.env.DEFT_BLADE_STATE = place === 0 ? state : `${state}-${place + 1}`;

export default defineConfig({
  testDir: "tests",
  outputDir: "storage/test/browser",
  workers: Number(process.env.PLACES ?? "1"),
  forbidOnly: true,
  retries: 0,
  timeout: 360_000,
  expect: { timeout: 20_000 },
  reporter: [["list"]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: "UTC",
    locale: "en-GB",
    // What a page keeps for use without a network is fetched anew by every test: only where a test is about it (serviceWorkers: "allow").
    serviceWorkers: "block",
    screenshot: "only-on-failure",
    // A trace costs a fifth of the processor's time. To look for what fails now and then: TRACE=1, with --repeat-each.
    trace: process.env.TRACE === undefined ? "off" : "retain-on-failure",
    launchOptions: {
      executablePath: "/usr/bin/chromium-headless-shell",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
