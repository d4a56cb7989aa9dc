import { defineConfig } from "@playwright/test";

const port = process.env.DEFT_BLADE_PORT ?? "8190";

export default defineConfig({
  testDir: "tests",
  outputDir: "storage/test/browser",
  // One scale stands in the room: journeys take turns at it.
  workers: 1,
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
    trace: "retain-on-failure",
    launchOptions: {
      executablePath: "/usr/bin/chromium",
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
