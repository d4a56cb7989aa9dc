import { chromium } from "@playwright/test";

const flags =
  "--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync";

export const launch = () => chromium.launch({ executablePath: "/usr/bin/chromium-headless-shell", args: flags.split(" ") });

export async function signIn(page, account = "marit") {
  await page.goto("/");
  await page.getByLabel("E-mail").fill(`${account}@tollgate-quay.example`);
  await page.getByLabel("Password").fill("larder-week");
  await page.getByLabel("Password").press("Enter");
  await page.getByRole("button", { name: "Sign out" }).waitFor();
}
