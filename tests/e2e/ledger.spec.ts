import { v7 as uuid } from "uuid";
import { type Locator, type Page } from "@playwright/test";
import { expect, hasItsCopy, signIn, test } from "./kitchen";

/** When the trays are graded: a class is put away, pots are cooked and cooled, and every gram is somewhere. */

const row = (page: Page, name: string): Locator => page.getByRole("group", { name, exact: true });
const said = (page: Page): Locator => page.getByRole("status", { name: "Just taken down" });
const tab = (page: Page, name: string): Locator =>
  page.getByRole("navigation", { name: "Pages of the ledger" }).getByRole("button", { name });

async function toLedger(page: Page, account = "marit"): Promise<void> {
  await signIn(page, account);
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Ledger" }).click();
  await expect(page.getByRole("heading", { name: "On the tables" })).toBeVisible();
}

const referer = (page: Page): { Referer: string } => ({ Referer: page.url() });

async function ask<Answer>(page: Page, path: string): Promise<Answer> {
  return (await (await page.request.get(`/api/v1${path}`, { headers: referer(page) })).json()) as Answer;
}

interface Lot {
  id: string;
  title: string;
  mass_mg: number;
  on_hand_mg: number;
}

test.describe("by touch", () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 }, serviceWorkers: "allow" });

  test("a class is put away: a row into the freezer in two pans, one to service without a network, the rest in one tap", async ({
    page,
    context,
  }) => {
    await signIn(page);
    await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Ledger" }).tap();
    await row(page, "Thigh").getByRole("button", { name: "Freezer" }).tap();
    await row(page, "Thigh").getByRole("button", { name: "1 pan for Thigh; press for one more" }).tap();
    await row(page, "Thigh").getByRole("button", { name: "Put away Thigh" }).tap();
    await expect(said(page)).toContainText("Thigh put away: freezer");
    await expect(page.getByRole("link", { name: /^Thigh.*Pan 1 of 2.*frozen/ })).toBeVisible();
    await expect(row(page, "Thigh")).toHaveCount(0);

    await hasItsCopy(page);
    await context.setOffline(true);
    await row(page, "Breast").getByRole("button", { name: "Service" }).tap();
    await row(page, "Breast").getByLabel("For which menu").fill("Dinner");
    await row(page, "Breast").getByRole("button", { name: "Put away Breast" }).tap();
    await expect(page.getByRole("link", { name: /^Breast.*to service/ })).toBeVisible();
    await expect(row(page, "Breast")).toHaveCount(0);
    // The thighs may have gone up without being shown anew: they wait on then, and are sent again.
    await expect(page.getByRole("status", { name: "Waiting captures" })).toContainText(/captures? waits?\./);
    // A battery that dies here loses nothing: the page comes from what is kept on the tablet.
    await page.reload();
    await expect(page.getByRole("link", { name: /^Breast.*to service/ })).toBeVisible();
    await expect(row(page, "Breast")).toHaveCount(0);
    await context.setOffline(false);
    await expect(page.getByRole("status", { name: "Waiting captures" })).toHaveCount(0);

    await page.getByRole("button", { name: /^Put all of it away/ }).tap();
    await expect(page.getByRole("heading", { name: "The tables are clear" })).toBeVisible();
    await page.reload();
    await expect(page.getByRole("heading", { name: "The tables are clear" })).toBeVisible();
    await expect(page.getByRole("link", { name: /^Breast.*to service/ })).toBeVisible();
  });

  test("on a telephone every page of the ledger fits", async ({ page }) => {
    await page.setViewportSize({ width: 360, height: 740 });
    await signIn(page);
    for (const path of ["/ledger", "/ledger/on-hand", "/ledger/pots", "/ledger/money", "/ledger/week"]) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 2 }).first()).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(360);
    }
  });
});

test("what went up stays off the tables while they cannot be asked for anew", async ({ page }) => {
  await toLedger(page);
  await row(page, "Breast").waitFor();
  await page.route("**/put-away", (route) => route.abort());
  const sent = page.waitForResponse((it) => it.url().endsWith("/ledger/facts") && it.request().method() === "POST" && it.ok());
  await row(page, "Breast").getByRole("button", { name: "Put away Breast" }).click();
  await sent;
  await expect(page.getByRole("status", { name: "Waiting captures" })).toContainText("1 capture waits.");
  // Sent again, it is the same.
  await page.waitForResponse((it) => it.url().endsWith("/ledger/facts") && it.request().method() === "POST" && it.ok());
  await expect(row(page, "Breast")).toHaveCount(0);
  await page.unroute("**/put-away");
  await expect(page.getByRole("status", { name: "Waiting captures" })).toHaveCount(0);
  await expect(row(page, "Breast")).toHaveCount(0);
});

test("what one puts away leaves the tables of another within seconds", async ({ page, browser }) => {
  await toLedger(page);
  const other = await (await browser.newContext()).newPage();
  await toLedger(other, "teodor");
  await expect(row(other, "Wing")).toBeVisible();
  await row(page, "Wing").getByRole("button", { name: "Put away Wing" }).click();
  await expect(row(other, "Wing")).toHaveCount(0, { timeout: 8_000 });
  await expect(other.getByRole("link", { name: /^Wing.*1 day left/ })).toBeVisible();
});

test("what was put away is taken back in one tap, and lies on the tables again", async ({ page }) => {
  await toLedger(page);
  await row(page, "Wing").getByRole("button", { name: "Put away Wing" }).click();
  await expect(row(page, "Wing")).toHaveCount(0);
  await said(page).getByRole("button", { name: "Undo" }).click();
  await expect(row(page, "Wing")).toBeVisible();
  await expect(page.getByRole("link", { name: /^Wing/ })).toHaveCount(0);
});

test("what is put away does not come back to the tables while the answer about them is on its way", async ({ page }) => {
  await toLedger(page);
  await expect(row(page, "Wing")).toBeVisible();
  let release = (): void => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route("**/put-away", async (route) => {
    await held;
    await route.continue();
  });
  const taken = page.waitForResponse((it) => it.url().endsWith("/ledger/facts"));
  await row(page, "Wing").getByRole("button", { name: "Put away Wing" }).click();
  await expect(row(page, "Wing")).toHaveCount(0);
  const backAgain = page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let times = 0;
        new MutationObserver(() => {
          times += document.querySelector('[role="group"][aria-label="Wing"]') === null ? 0 : 1;
          if (document.body.textContent?.includes("1 day left") === true) resolve(times);
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
  );
  await taken;
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))));
  release();
  expect(await backAgain).toBe(0);
  await expect(page.getByRole("link", { name: /^Wing.*1 day left/ })).toBeVisible();
});

test("a lot is divided, weighed, frozen, thrown away in part, and its history says so", async ({ page }) => {
  await toLedger(page);
  await tab(page, "On hand").click();
  await page.getByRole("link", { name: /^Drumstick 1636 g/ }).click();
  await expect(page.getByText("Its day is over: bin it with its reason.")).toBeVisible();
  await page.getByRole("button", { name: "Divide …" }).click();
  await page.getByLabel("Into the new container").fill("600");
  await page.getByLabel("What the container is called").fill("Box 9");
  await page.getByRole("button", { name: "Divide", exact: true }).click();
  await expect(page.getByText("1636 g made = 600 g in other containers + 1036 g on hand")).toBeVisible();
  await page.getByRole("button", { name: "Weigh the container …" }).click();
  await page.getByLabel("The scale says").fill("1630");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("−6 g against its pieces")).toBeVisible();
  await page.getByLabel("How much").fill("2 kg");
  await expect(page.getByText("Only 1036 g is on hand")).toBeVisible();
  await expect(page.getByRole("button", { name: "Take out" })).toBeDisabled();
  await page.getByLabel("How much").fill("36");
  await page.getByRole("button", { name: "Take out" }).click();
  await expect(page.getByText("36 g in the bin: Spoilt", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Take back: 36 g in the bin: Spoilt" }).click();
  await expect(page.getByText("1636 g made = 600 g in other containers + 1036 g on hand")).toBeVisible();
  await page.getByRole("button", { name: "Into the freezer" }).click();
  await expect(page.getByRole("button", { name: "Out of the freezer" })).toBeVisible();
  await tab(page, "On hand")
    .or(page.getByRole("link", { name: "On hand" }))
    .first()
    .click();
  await expect(page.getByRole("link", { name: /^Drumstick 600 g.*Box 9.*1 day over/ })).toBeVisible();
});

test("bones go into a pot, stock into a tin, and a tin that cools too slowly is barred by a clock that is turned", async ({ page }) => {
  await page.clock.install();
  await toLedger(page);
  await tab(page, "Pots").click();
  await page.getByRole("button", { name: "Put the pot on: bones for stock, chicken" }).click();
  const pot = page.getByRole("group", { name: /^Stock, chicken/ }).first();
  await expect(pot).toContainText("ready");
  await pot.getByRole("button", { name: "Skimmed" }).click();
  await expect(pot).toContainText(/Skimmed \d\d:\d\d/);
  await pot.getByRole("button", { name: "Into a container …" }).click();
  await page.getByLabel("How many litres").fill("5.5");
  await page.getByLabel("What the container is called").fill("Deep pot");
  await page.getByRole("button", { name: "Into the container" }).click();
  const tin = pot.getByRole("group", { name: "Stock, Deep pot" });
  const core = tin.getByLabel("Core of Stock, Deep pot, °C");
  await expect(tin).toContainText("No reading yet");
  await core.fill("hot");
  await core.press("Enter");
  await expect(tin.getByRole("alert")).toHaveText("A temperature from -40 to 100 °C");
  await tin.getByRole("button", { name: "Take the probe" }).click();
  await expect(tin).toContainText("Above 57 °C: the clock has not started");
  await core.fill("57");
  await core.press("Enter");
  await expect(tin).toContainText(/1:59 h left to 21 °C|2:00 h left to 21 °C/);
  await page.clock.fastForward("01:45:00");
  await expect(tin).toContainText("h left to 21 °C");
  await expect(tin).toContainText("It can still be mended");
  await page.clock.fastForward("00:16:00");
  await expect(tin).toContainText("The time for 21 °C is over");
  // The reading is by the clock of the server: the device's was turned, and what lies in the server's future counts on arrival.
  const lots = await ask<{ lots: (Lot & { container: string | null })[] }>(page, "/ledger/lots");
  const id = lots.lots.find((it) => it.container === "Deep pot")?.id ?? "";
  const at = (minutes: number): string => new Date(Date.now() - (180 - minutes) * 60_000).toISOString();
  const fact = (minutes: number, c: number) => ({ id: uuid(), at: at(minutes), kind: "cool", lot: id, c });
  await send(page, [fact(0, 60), fact(150, 30)]);
  await page.clock.fastForward("00:00:20");
  await expect(tin).toContainText("Too slow: barred");
  await tin.getByRole("link", { name: "Stock, Deep pot" }).click();
  await expect(page.getByText("Cooled too slowly: it goes in the bin, nowhere else.")).toBeVisible();
  await expect(page.getByRole("group", { name: "Where Stock goes" }).getByRole("button")).toHaveText(["Bin"]);
});

test("the picture of a week and its table say the same, and the keyboard reads a band", async ({ page }) => {
  await toLedger(page);
  await tab(page, "Week").click();
  const bands = page.getByRole("group", { name: /^Flow of mass/ }).getByRole("img");
  await expect(bands.first()).toBeVisible();
  const drawn = await bands.evaluateAll((all) => all.map((it) => it.getAttribute("aria-label") ?? ""));
  const written = await page
    .getByRole("table")
    .locator("tbody tr")
    .evaluateAll((all) => all.map((it) => [...it.querySelectorAll("td")].map((cell) => cell.textContent)));
  expect(drawn.sort()).toEqual(written.map(([from, to, mass]) => `${from} to ${(to ?? "").toLowerCase()}: ${mass}`).sort());
  // On a Monday nothing of the days before is in it.
  expect(drawn.length).toBeGreaterThan(3);
  await bands.first().focus();
  await expect(page.getByText((await bands.first().getAttribute("aria-label")) ?? "", { exact: true })).toBeVisible();
  const days = page.getByRole("group", { name: "Which week" });
  const before = await days.textContent();
  await days.getByRole("button", { name: "Week before" }).click();
  await expect(days).not.toHaveText(before ?? "");
  await expect(days.getByRole("button", { name: "Week after" })).toBeEnabled();
});

test("a class is costed once its delivery is written down, and a price that changes changes what was saved", async ({ page }) => {
  await toLedger(page, "ilse");
  await tab(page, "Money").click();
  await expect(page.getByText("without it there is no cost")).toBeVisible();
  await page.getByRole("button", { name: "Write the delivery down" }).click();
  const slip = page.getByRole("dialog", { name: "Delivery" });
  await slip.getByLabel("Supplier").fill("Saltmarsh Provisions");
  await slip.getByLabel("Invoice", { exact: true }).fill("SP-77");
  await slip.getByLabel("Weight on the invoice").fill("20 kg");
  await slip.getByLabel("Cost, EUR").fill("104,00");
  await slip.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("invoice SP-77")).toContainText("EUR 104.00");
  const saved = page.getByText(/against buying the cuts$/);
  const before = await saved.textContent();
  await page.getByRole("button", { name: /^Price of Breast: EUR 13.90/ }).click();
  const price = page.getByRole("dialog", { name: "What a kilogram is worth: Breast" });
  await price.getByLabel(/^EUR a kilogram/).fill("19.5");
  await price.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByRole("button", { name: "Price of Breast: EUR 19.50" })).toBeVisible();
  await expect(saved).not.toHaveText(before ?? "");
  await page
    .getByRole("group", { name: "Cut map" })
    .getByRole("button", { name: /^Left breast:.*cost EUR [\d.]+ a kilogram/ })
    .click();
  await expect(page.getByText(/^Left breast: cost EUR/)).toBeVisible();
  const workbook = page.waitForEvent("download");
  await page.getByRole("button", { name: "XLSX" }).click();
  expect((await workbook).suggestedFilename()).toMatch(/^cost-\d{4}-\d\d-\d\d\.xlsx$/);
});

test("covers say how many plates there are, and take the oldest first", async ({ page }) => {
  await toLedger(page);
  await tab(page, "On hand").click();
  await page.getByRole("button", { name: "Covers …" }).click();
  const slip = page.getByRole("dialog", { name: "Covers" });
  await slip.getByLabel("Of what").selectOption({ label: "Thigh, chicken" });
  await expect(slip.getByRole("status")).toContainText("A plate: 1 piece");
  await expect(slip.getByRole("listitem").first()).toContainText("1 day left");
  await slip.getByLabel("Guests").fill("400");
  await expect(slip.getByRole("status")).toContainText("lacks");
  await slip.getByLabel("Guests").fill("4");
  await expect(slip.getByRole("status")).toContainText("is left when 4 guests are served");
  await slip.getByRole("button", { name: "Take it out, to service" }).click();
  await expect(said(page)).toContainText("Thigh for 4 guests");
  await expect(page.getByRole("link", { name: /^Thigh 2719 g/ })).toHaveCount(0);
  await expect(page.getByRole("link", { name: /^Thigh \d+ g/ })).toHaveCount(1);
});

test("labels open as a print from the shelf, and the code on one opens its lot", async ({ page, context }) => {
  await toLedger(page);
  await tab(page, "On hand").click();
  const link = page.getByRole("link", { name: "Sheet of labels" });
  const print = await page.request.get((await link.getAttribute("href")) ?? "", { headers: referer(page) });
  expect([print.status(), print.headers()["content-type"]]).toEqual([200, "application/pdf"]);
  const { lots } = await ask<{ lots: Lot[] }>(page, "/ledger/lots");
  const other = await context.newPage();
  await other.goto(`/ledger/lots/${lots[0]?.id}`);
  await expect(other.getByRole("heading", { level: 1 })).toContainText(lots[0]?.title ?? "none");
});

test("twenty devices that take from one lot at once take no more than there is", async ({ page }) => {
  await toLedger(page);
  const { lots } = await ask<{ lots: Lot[] }>(page, "/ledger/lots");
  const lot = lots.find((it) => it.title === "Wing") ?? lots[0];
  if (lot === undefined) throw new Error("nothing is on hand");
  const portion = Math.ceil(lot.on_hand_mg / 7);
  const answers = await Promise.all(
    Array.from({ length: 20 }, () =>
      send(page, [{ id: uuid(), at: new Date().toISOString(), kind: "move", lot: lot.id, to: "service", mass_mg: portion }]),
    ),
  );
  expect(answers.filter((it) => it === 200).length).toBe(6);
  expect(answers.filter((it) => it === 422).length).toBe(14);
  const after = (await ask<{ lot: Lot & { moved: Record<string, number> } }>(page, `/ledger/lots/${lot.id}`)).lot;
  expect([after.on_hand_mg, after.moved.service]).toEqual([lot.on_hand_mg - 6 * portion, 6 * portion]);
});

test("a coordinator reads the ledger and takes nothing down; a student does not see it", async ({ page, browser }) => {
  await toLedger(page, "ilse");
  await expect(page.getByRole("button", { name: /^Put/ })).toHaveCount(0);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, "amina");
  await expect(other.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Ledger" })).toHaveCount(0);
  expect((await other.request.get("/api/v1/ledger/lots", { headers: referer(other) })).status()).toBe(403);
});

/** As a device sends facts. */
async function send(page: Page, facts: object[]): Promise<number> {
  const token = (await page.context().cookies()).find((it) => it.name === "XSRF-TOKEN")?.value ?? "";
  const answer = await page.request.post("/api/v1/ledger/facts", {
    headers: { ...referer(page), "X-XSRF-TOKEN": decodeURIComponent(token), Accept: "application/json" },
    data: { device: "Tablet", facts },
  });

  return answer.status();
}

test("a need is asked for, met from what must go first, and taken out by a tap; what nobody asked for stands on the Bench", async ({
  page,
}) => {
  await toLedger(page);
  await tab(page, "On hand").click();
  await page.getByRole("button", { name: "Ask for …" }).click();
  const slip = page.getByRole("dialog", { name: "Ask for something" });
  await slip.getByLabel("Of what").selectOption({ label: "Thigh, chicken" });
  await slip.getByLabel("Pieces").fill("4");
  await slip.getByLabel("For which class or menu").fill("Braising");
  await slip.getByRole("button", { name: "Ask for it" }).click();
  const need = row(page, "Thigh, 4 pieces, for Braising");
  await expect(need.getByRole("listitem")).toContainText(["of Chicken eight-piece, rehearsal"]);
  await need.getByRole("button", { name: /^Take it out/ }).click();
  await expect(need).toContainText("All of it is taken out.");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(need.getByRole("button", { name: /^Take it out/ })).toBeVisible();
  await need.getByRole("button", { name: /^Not needed any more/ }).click();
  await expect(need).toHaveCount(0);

  await expect(page.getByRole("link", { name: /^Skin squares/ })).toContainText("it could become crackling or rendered fat");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Bench" }).click();
  await page
    .getByRole("complementary", { name: "What waits" })
    .getByRole("link", { name: /Nobody has asked for them/ })
    .click();
  await expect(page.getByRole("heading", { name: /^Last day today/ })).toBeVisible();
});

test("a term adds up on the screen, and its practicals lead to what they cost", async ({ page }) => {
  await toLedger(page);
  await tab(page, "Term").click();
  const sums = (of: string): Locator => page.getByRole("group", { name: `What ${of} cost` });
  const all = sums("practicals").getByRole("row", { name: /^All together/ });
  await expect(all).toContainText("EUR");
  const whole = await all.innerText();
  for (const list of ["Standards", "Courses", "Students"]) {
    await page.getByRole("navigation", { name: "By what" }).getByRole("button", { name: list }).click();
    await expect(sums(list.toLowerCase()).getByRole("row", { name: /^All together/ })).toHaveText(whole.split("\t").join(""));
  }
  const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "XLSX" }).click()]);
  expect(file.suggestedFilename()).toMatch(/^term-.*\.xlsx$/);
  await page.getByLabel("From").fill("2001-01-01");
  await page.getByLabel("To", { exact: true }).fill("2000-01-01");
  await expect(page.getByText("Before the first day")).toBeVisible();
  await page.getByLabel("To", { exact: true }).fill("2001-02-01");
  await expect(page.getByText("No tray was weighed to the end in these days.")).toBeVisible();
  await expect(page).toHaveURL(/\?from=2001-01-01&to=2001-02-01$/);
  await page.reload();
  await expect(page.getByText("No tray was weighed to the end in these days.")).toBeVisible();
  await expect(page.getByLabel("From")).toHaveValue("2001-01-01");
  await page.goBack();
  await tab(page, "Term").click();
  await page.getByRole("link", { name: /^Chicken eight-piece, / }).click();
  await expect(page.getByText("without it there is no cost")).toBeVisible();
});
