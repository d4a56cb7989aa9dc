import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { type Download } from "@playwright/test";
import { expect, loadSettles, place, pressWhileMoving, signIn, stationCard, test, weights } from "./kitchen";

const contents = async (download: Download): Promise<string> => readFileSync(await download.path(), "utf8");

test.describe.configure({ mode: "serial" });

test("by keyboard: from the carcass to the class sheet and the package", async ({ page }) => {
  await signIn(page);
  await expect(page.getByRole("complementary", { name: "What waits" })).toContainText("Weights do not balance");
  await stationCard(page, 12).focus();
  await page.keyboard.press("Enter");

  await test.step("receive, refuse what cannot be, start and stop the clock", async () => {
    await expect(page.getByText("Defects on arrival")).toBeVisible();
    // What somebody left on the scale of this station is taken off.
    await loadSettles(page, () => page.getByRole("button", { name: "Take it off" }).click());
    await page.locator("body").click({ position: { x: 5, y: 790 } });
    await expect(page.getByRole("img", { name: "Reading 0 g" })).toBeVisible();
    await page.keyboard.press("Enter");
    await expect(page.getByText("Not taken: nothing is on the scale")).toBeVisible();
    await page.keyboard.press("4");
    await page.keyboard.type(" stone");
    await page.keyboard.press("Enter");
    await expect(page.getByText("is not a weight: write it as")).toBeVisible();
    await page.getByLabel("Or type it").fill("4 lb 2 oz");
    await page.keyboard.press("Enter");
    await expect(page.getByTestId("as-purchased")).toHaveText("1871.1 g");
    await loadSettles(page, () => page.keyboard.press("p"));
    await page.keyboard.press("Enter");
    await expect(page.getByTestId("as-purchased")).toHaveText(/^1[6-9]\d\d g$/);
    await page.getByRole("button", { name: "Bruise on the thigh, right" }).press("Enter");
    await expect(page.getByRole("button", { name: "Bruise on the thigh, right" })).toHaveAttribute("aria-pressed", "true");
    await page.locator("body").click({ position: { x: 5, y: 790 } });
    await page.keyboard.press(" ");
    const unseen = page.getByRole("dialog", { name: "Nobody has looked at this station" });
    await unseen.getByRole("button", { name: "All in order: start the clock" }).press("Enter");
    await expect(page.getByRole("button", { name: "Present" })).toBeVisible();
    await page.keyboard.press(" ");
    await expect(page.getByRole("button", { name: "Run on" })).toBeVisible();
  });

  await test.step("weigh in, in fourteen presses", async () => {
    let presses = 0;
    const press = async (key: string): Promise<void> => {
      presses += 1;
      await page.keyboard.press(key);
    };
    await press("w");
    for (const [index, id] of weights.entries()) {
      await expect(place(page, id)).toHaveAttribute("aria-pressed", "true");
      await loadSettles(page, () => page.keyboard.press("p"));
      await press("Enter");
      await expect(place(page, id)).not.toContainText("–");
      if (index === 0) {
        await page.keyboard.press("Enter");
        await expect(page.getByText("Not taken: this weight was taken already")).toBeVisible();
      }
    }
    expect(presses).toBeLessThanOrEqual(14);
    await expect(page.getByRole("group", { name: "Balance: balanced" })).toBeVisible();
    await expect(place(page, "thigh.right")).toContainText("excused");
  });

  await test.step("what cannot be taken is refused with its reason", async () => {
    await place(page, "breast.left").click();
    await page.getByLabel("Any mass").fill("7 kg");
    await page.getByLabel("Any mass").press("Enter");
    // A heavy load swings in, over the capacity and under it again, before it rests.
    await expect(async () => {
      await page.getByRole("button", { name: "Take left breast" }).click();
      await expect(page.getByText("Not taken: the load is over the capacity")).toBeVisible({ timeout: 500 });
    }).toPass();
    await loadSettles(page, () => page.getByRole("button", { name: "Take it off" }).click());
    await page.getByLabel("Any mass").fill("400 g");
    await pressWhileMoving(page.getByRole("button", { name: "Take left breast" }), () => page.getByLabel("Any mass").press("Enter"));
    await expect(page.getByText("Not taken: the reading is still moving")).toBeVisible();
    await page.locator('[data-scale="stable"]').waitFor();
    let letGo = (): void => undefined;
    const held = new Promise<void>((go) => (letGo = go));
    await page.route("**/pan", async (route) => {
      if (route.request().postData()?.includes("tare")) await held;
      await route.continue();
    });
    await page.getByRole("button", { name: "Tare" }).click();
    await page.getByRole("button", { name: "Take it off" }).click();
    letGo();
    await expect(page.locator('[data-scale="refused"]')).toContainText("below zero");
    await page.getByRole("button", { name: "Take left breast" }).click();
    await expect(page.getByText("Not taken: the reading is below zero")).toBeVisible();
    await page.unroute("**/pan");
    await page.getByRole("button", { name: "Zero" }).click();
    await page.locator('[data-scale="stable"]').waitFor();
  });

  await test.step("a wrong weight shows in the balance, and undo takes it back", async () => {
    await place(page, "drumstick.right").click();
    await page.keyboard.press("ArrowUp");
    await expect(place(page, "wing.right")).toHaveAttribute("aria-pressed", "true");
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("ArrowDown");
    await expect(place(page, "scrape")).toHaveAttribute("aria-pressed", "true");
    await page.keyboard.press("ArrowLeft");
    await expect(place(page, "waste")).toHaveAttribute("aria-pressed", "true");
    await place(page, "wing.right").click();
    await page.keyboard.press("1");
    await page.keyboard.type("90");
    await page.keyboard.press("Enter");
    await expect(place(page, "wing.right")).toContainText("over");
    await expect(page.getByRole("alert")).toContainText("over: more was weighed than came in");
    await expect(page.getByRole("alert")).toContainText("Weigh right wing again");
    await page.keyboard.press("u");
    await expect(page.getByRole("group", { name: "Balance: balanced" })).toBeVisible();
  });

  await test.step("inspect by digits; a fault counts up; the log keeps all of it", async () => {
    await page.keyboard.press("i");
    await expect(page.getByText("15 of 15 criteria to judge.")).toBeVisible();
    for (const level of "445444444445344") await page.keyboard.press(level);
    await expect(page.getByText("Every criterion is judged.")).toBeVisible();
    const sawing = page.getByRole("button", { name: /^Mark Sawing/ });
    await sawing.focus();
    await page.keyboard.press("Enter");
    await page.keyboard.press("Enter");
    await expect(sawing).toHaveAccessibleName(/Mark Sawing ?, marked 2 times/);
    await page.getByRole("button", { name: /^Undo: Mark: sawing/ }).press("Enter");
    await expect(sawing).toHaveAccessibleName(/marked once/);
    await page.locator("h1").first().click();
    await page.keyboard.press("l");
    const log = page.getByRole("dialog", { name: "Log of this tray" });
    await expect(log).toContainText("replaced by a later entry");
    await expect(log).toContainText("withdrawn by Marit Oyelaran: Undone at once");
    await log.getByLabel("Note").fill("Steady hands after the second joint");
    await log.getByLabel("Note").press("Enter");
    await expect(log).toContainText("Note: Steady hands after the second joint");
    await log.getByRole("button", { name: "Withdraw Mark: sawing" }).press("Enter");
    const dialog = page.getByRole("dialog", { name: "Withdraw this entry" });
    await dialog.getByRole("button", { name: "Withdraw" }).press("Enter");
    await expect(dialog).toContainText("Say why");
    await dialog.getByLabel("Reason").fill("It was the station beside");
    await dialog.getByLabel("Reason").press("Enter");
    await expect(log).toContainText("withdrawn by Marit Oyelaran: It was the station beside");
    await page.keyboard.press("Escape");
    await expect(sawing).toHaveAccessibleName(/marked 0 times/);
  });

  await test.step("verdict: total, band, reasons that add up", async () => {
    await page.keyboard.press("v");
    await expect(page.getByText("Final", { exact: true })).toBeVisible();
    const total = Number(await page.getByTestId("total").textContent());
    const lost = await page.getByRole("list", { name: "Reasons" }).getByRole("listitem").last().textContent();
    expect(total).toBeCloseTo(100 - Number(/[\d.]+/.exec(lost ?? "")?.[0]), 0);
    const bands = await page.evaluate(
      async () => ((await (await fetch("/api/v1/policy/document")).json()) as { bands: { label: string; min: number }[] }).bands,
    );
    const reached = bands.filter((it) => it.min <= total).sort((one, other) => other.min - one.min)[0];
    await expect(page.getByTestId("band")).toHaveText(reached?.label ?? "none is reached");
    await expect(page.getByRole("row", { name: /Right thigh/ })).toContainText("excused");
  });

  await test.step("class sheet: sort and export", async () => {
    await page.getByRole("navigation", { name: "Where you are" }).getByRole("link", { name: "Chicken eight-piece" }).press("Enter");
    const students = page.getByRole("rowheader");
    await page.getByRole("button", { name: "Total" }).press("Enter");
    await expect(students.first()).toHaveText("Amina Berhane");
    await page.getByRole("button", { name: "Student" }).press("Enter");
    await expect(students.nth(1)).toHaveText("Dagný Hólmsteinsdóttir");
    const [book] = await Promise.all([page.waitForEvent("download"), page.getByRole("button", { name: "Export XLSX" }).press("Enter")]);
    // A zip of XML: text that looks like a formula is text in it.
    expect(
      readFileSync(await book.path())
        .subarray(0, 2)
        .toString(),
    ).toBe("PK");
    const csv = page.waitForEvent("download");
    await page.getByRole("link", { name: "Export CSV" }).press("Enter");
    expect(await contents(await csv)).toContain('"Siobhán Mac Giolla Rua",final,');
    const rows = page.getByRole("row");
    const shown = await Promise.all(
      (await rows.all())
        .slice(1)
        .map(async (row) => [await row.getByRole("link").getAttribute("href"), await row.locator("td").nth(12).textContent()]),
    );
    const pack = page.waitForEvent("download");
    await page.getByRole("link", { name: "Export package" }).press("Enter");
    const graded = JSON.parse(execFileSync("php", ["core/bin/grade"], { input: await contents(await pack), encoding: "utf8" })) as {
      attempts: { id: string; total: number | null }[];
    };
    const totals = graded.attempts.map(({ id, total }) => [`/verdict/${id}`, total === null ? "–" : total.toFixed(1)]);
    expect(new Map(shown as [string, string][])).toEqual(new Map(totals as [string, string][]));
  });
});

test.describe("by touch, on a tablet held upright", () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true, isMobile: true });

  test("receive, weigh in, inspect, verdict", async ({ page }) => {
    await signIn(page);
    await stationCard(page, 11).tap();
    await page.getByRole("button", { name: "Start", exact: true }).tap();
    await page.getByLabel("Or start all the same, because").fill("Towels are on their way");
    await page.getByRole("button", { name: "Start anyway" }).tap();
    await page.getByRole("button", { name: "Present" }).tap();
    await page.getByRole("button", { name: "Weigh in" }).tap();
    for (const id of weights) {
      await expect(place(page, id)).toHaveAttribute("aria-pressed", "true");
      await loadSettles(page, () => page.getByRole("button", { name: "Put it on" }).tap());
      await page
        .getByRole("button", { name: /^Take / })
        .first()
        .tap();
      await expect(place(page, id)).not.toContainText("–");
    }
    await expect(page.getByRole("group", { name: "Balance: balanced" })).toBeVisible();
    await page.getByRole("button", { name: "Inspect" }).tap();
    const criteria = page.locator('[id^="criterion-"]');
    for (let index = 0; index < 15; index++) await criteria.nth(index).getByRole("button").last().tap();
    await expect(page.getByText("Every criterion is judged.")).toBeVisible();
    await page.getByRole("button", { name: /^Mark Skin torn/ }).tap();
    await page.getByRole("link", { name: "Verdict" }).tap();
    await expect(page.getByText("Final", { exact: true })).toBeVisible();
    await expect(page.getByRole("list", { name: "Reasons" })).toContainText("Skin torn: marked once");
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820);
  });
});

test("two trays that exchanged a piece point at each other", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: /Kenji Moriwaki Weights do not balance/ }).click();
  const advice = page.getByRole("alert");
  await expect(advice).toContainText("57 g short");
  await expect(advice).toContainText("If left thigh was exchanged with station 5, Lucía Ferreyra, both trays would balance");
  await advice.getByRole("link", { name: "Open that tray" }).click();
  await expect(page.getByRole("heading", { name: "Lucía Ferreyra" })).toBeVisible();
  await expect(page.getByRole("alert")).toContainText("over");
});

test("a capture that cannot go up is kept, and goes up once by itself", async ({ page, context }) => {
  await signIn(page);
  await stationCard(page, 10).click();
  await expect(page.getByText("Defects on arrival")).toBeVisible();
  await context.setOffline(true);
  await page.getByRole("button", { name: "Skin torn on arrival" }).click();
  await expect(page.getByRole("status", { name: "Waiting captures" })).toContainText("1 capture waits.");
  await expect(page.getByRole("button", { name: "Skin torn on arrival" })).toHaveAttribute("aria-pressed", "true");
  await context.setOffline(false);
  await expect(page.getByRole("status", { name: "Waiting captures" })).toHaveCount(0, { timeout: 20_000 });
  await page.getByRole("button", { name: "Log", exact: true }).click();
  await expect(page.getByRole("dialog").getByRole("listitem").filter({ hasText: "skin torn on arrival" })).toHaveCount(1);
});
