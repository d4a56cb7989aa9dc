// screenshots URL: one picture of each main view, from a demo just started.
import { execFileSync } from "node:child_process";
import { launch, signIn } from "./browser.mjs";

const baseURL = process.argv[2];
const browser = await launch();

async function picture(name, { account = "marit", width = 1280, height = 800, ...options }, go) {
  const context = await browser.newContext({ baseURL, viewport: { width, height }, ...options });
  const page = await context.newPage();
  if (account !== null) await signIn(page, account);
  await go(page);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
}

const station = (page, number) => page.getByRole("link", { name: new RegExp(`^Station ${number} `) }).first();
const tray = (page) => page.getByRole("group", { name: "Tray", exact: true }).waitFor();

async function putOn(page) {
  await page.locator('[data-scale="stable"]').waitFor();
  const moving = page.waitForFunction(() => document.querySelector('[data-scale="moving"]') !== null);
  await page.keyboard.press("p");
  await moving;
  await page.locator('[data-scale="stable"]').waitFor();
}

async function weigh(page, pieces) {
  for (let piece = 0; piece < pieces; piece++) {
    await putOn(page);
    await page.keyboard.press("Enter");
    await page.getByText("next", { exact: true }).waitFor();
  }
}

await picture("bench", {}, (page) => station(page, 12).waitFor());
await picture("floor", {}, async (page) => {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Floor" }).click();
  await page.locator('[data-station="9"]').click();
  await page.getByRole("complementary", { name: "Station 9" }).waitFor();
});
await picture("receive", {}, async (page) => {
  await station(page, 12).click();
  const look = page.getByRole("region", { name: "The look at the carcass" });
  await look.getByRole("button", { name: "Skin whole" }).click();
  await look.getByText("Skin torn: choose the defect below").waitFor();
  await putOn(page);
});
await picture("weigh-in", {}, async (page) => {
  await station(page, 9).click();
  await tray(page);
  await weigh(page, 6);
  await page.getByText("taken", { exact: true }).waitFor({ state: "hidden" });
});
await picture("inspect", {}, async (page) => {
  await station(page, 7).click();
  await page.getByText("15 of 15 criteria to judge.").waitFor();
  for (const level of ["4", "4", "5"]) await page.keyboard.press(level);
  await page.getByText("12 of 15 criteria to judge.").waitFor();
});
await picture("verdict", {}, async (page) => {
  await station(page, 3).click();
  await page.getByRole("list", { name: "Reasons" }).waitFor();
});
await picture("class-sheet", {}, async (page) => {
  await page.getByRole("link", { name: "Class sheet" }).first().click();
  await page.getByRole("button", { name: "Total" }).click();
});
const standard = (title, cut) => async (page) => {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  await page.getByRole("link", { name: title }).click();
  await page.locator(`[data-holder="${cut}"]`).press("Enter");
};
await picture("both-looks", {}, async (page) => {
  await page.getByRole("link", { name: /too far apart/ }).click();
  await page.getByRole("group").filter({ hasText: "agree on a step" }).waitFor();
});
await picture("standard-bird", {}, standard(/^Chicken, eight pieces \d/, "thigh.left"));
await picture("brief", { height: 1000 }, async (page) => {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Brief" }).click();
  await page.getByRole("link", { name: "Crown and legs" }).click();
  await page.getByRole("img", { name: /^The hour/ }).evaluate((it) => it.scrollIntoView({ block: "center" }));
});
await picture("print", { width: 820, height: 1100 }, async (page) => {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Brief" }).click();
  await page.getByRole("link", { name: "Crown and legs" }).click();
  const address = await page.getByRole("link", { name: "Method cards, page" }).getAttribute("href");
  await page.goto(address, { referer: page.url() });
  await page.locator(".map").waitFor();
});
await picture("policy", { account: "ilse" }, async (page) => {
  await page.goto("/standards/policy");
  await page.getByLabel("Weight of Portion weights").fill("40");
  await page
    .getByText(/[1-9]\d* another band/)
    .first()
    .waitFor();
});
await picture("practice", { account: "amina" }, async (page) => {
  await page.goto("/practice");
  await page
    .getByRole("link", { name: /^Chicken, eight pieces/ })
    .first()
    .click();
  await page.getByRole("link", { name: /^Follow along/ }).click();
  await page.getByRole("heading", { name: "Before you begin" }).waitFor();
  for (let step = 0; step < 4; step++) await page.keyboard.press(" ");
  await page.getByRole("img", { name: /^Step 4 of / }).waitFor();
});
await picture("standard-editor", {}, async (page) => {
  await standard(/^Chicken, eight pieces \d/, "wing.left")(page);
  await page.getByRole("link", { name: "Change it" }).click();
  await page.getByRole("button", { name: "Drumette meat and skin, left", exact: true }).click();
  await page.getByRole("button", { name: "Move here, to Left breast: Drumette meat and skin, left" }).click();
  await page.getByText("What changes").waitFor();
});
await picture("progress", { account: "amina" }, async (page) => {
  await page.goto("/practice");
  await page
    .getByRole("link", { name: /^Chicken, eight pieces/ })
    .first()
    .click();
  await page.getByRole("region", { name: "Your tries" }).waitFor();
});
const ledger = (path, sign) => async (page) => {
  await page.goto(path);
  await page.getByRole("heading", { name: sign }).waitFor();
};
await picture("ledger-today", {}, ledger("/ledger", "On the tables"));
// Last, because it adds classes that the other pictures do not show.
execFileSync("php", ["artisan", "db:seed", "--class=DemoYear", "--force", "--quiet"]);
await picture("look-back", { height: 1000 }, async (page) => {
  await page.goto("/look-back");
  await page.getByText("after “Birds from another supplier”").waitFor();
});
await picture("class-look", { height: 1000 }, async (page) => {
  await page.goto("/look-back");
  await page
    .getByRole("region", { name: "Yield in pieces" })
    .getByRole("link", { name: /Curlew/ })
    .last()
    .click();
  await page.getByRole("radio", { name: "Supplier" }).click();
  await page.getByText(/^They lie furthest apart at Yield/).waitFor();
});
await picture("own-carcasses", { height: 1240 }, async (page) => {
  await page.goto("/look-back?standard=chicken-eight-piece");
  await page.getByRole("button", { name: "Own carcasses" }).click();
  await page.getByText(/^Of \d+ released results/).waitFor();
});
await browser.close();
