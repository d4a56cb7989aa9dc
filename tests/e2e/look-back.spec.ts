import { execFileSync } from "node:child_process";
import { expect, signIn, test } from "./kitchen";

/** A year of classes in which the birds changed. */
const withYear = (): Buffer => execFileSync("bin/lib/demo-again", ["year"]);

test("from a point on a chart to what to teach next, by keys alone; what changed is written down beside it", async ({ page }) => {
  await signIn(page);
  await page.getByRole("link", { name: "Look back" }).click();
  const standard = page.getByLabel("Classes by");
  await standard.selectOption({ label: "Chicken, eight pieces (2)" });
  const total = page.getByRole("region", { name: "Total", exact: true });
  await expect(total).toContainText(/on average over 2 classes; classes like each other lie between/);
  await expect(total).toContainText("That is few");
  await expect(page.getByRole("group", { name: "Class by class" }).getByRole("row")).toHaveCount(3);

  const form = page.getByRole("form", { name: "Write down what changed" });
  const yesterday = await page.evaluate(() => new Date(Date.now() - 86_400_000).toISOString().slice(0, 10));
  await form.getByLabel("On").fill(yesterday);
  await form.getByLabel("What changed").fill("New boning knives");
  await form.getByRole("button", { name: "Write it down" }).click();
  const changed = page.getByRole("list", { name: "What changed" });
  await expect(changed).toContainText("New boning knives");
  await changed.getByRole("button", { name: "Take it back: New boning knives" }).click();
  await expect(changed).not.toContainText("New boning knives");

  const point = total.getByRole("link").first();
  await expect(point).toHaveAccessibleName(/^\w+ \d+ \w+ \d{4}, Larder 2, Sandpiper: \d+\.\d/);
  await point.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { level: 1, name: "Chicken eight-piece, rehearsal" })).toBeVisible();
  const teach = page.getByRole("region", { name: "What to teach next" });
  await expect(teach.getByRole("listitem")).toHaveCount(3);
  await expect(teach.getByRole("listitem").first()).toContainText("Say: ");
  await teach
    .getByRole("link", { name: /^step \d/ })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: "Before you begin" })).toBeVisible();
  await page.goBack();
  await page.getByRole("link", { name: "Class sheet" }).click();
  await expect(page).toHaveURL(/\/sheet\//);
});

test("from a signal on a chart to the changed standard", async ({ page }) => {
  withYear();
  await signIn(page);
  await page.getByRole("link", { name: "Look back" }).click();
  await expect(page.getByRole("region", { name: "Yield in pieces" })).toContainText(
    "below the mean: something changed, after “Birds from another supplier”",
  );
  await page.getByRole("link", { name: "What the school’s carcasses weigh" }).click();
  await page.getByRole("combobox", { name: "Supplier" }).selectOption("Weir Farm Poultry");
  const windows = page.getByRole("group", { name: "Windows", exact: true });
  const breast = windows.getByRole("row", { name: /^Left breast/ });
  await expect(breast).toContainText("96");
  const proposed = (await breast.getByRole("cell").last().textContent()) ?? "";
  expect(proposed).toMatch(/^\d+\.\d\d % to \d+\.\d\d %$/);
  await page.getByRole("button", { name: /^Left breast: in force / }).press("Enter");
  await expect(page.getByText(/^Left breast: \d+\.\d\d % of the carcass, \d+\.\d % less than the book\.$/)).toBeVisible();
  await expect(page.getByText(/^Of \d+ released results, [1-9]\d* would have another total and \d+ another band/)).toBeVisible();

  const button = page.getByRole("button", { name: /^Publish as version \d+$/ });
  const version = Number(/\d+/.exec((await button.textContent()) ?? "")?.[0]);
  await button.click();
  const slip = page.getByRole("dialog");
  await expect(slip).toContainText("Released results stay");
  const others = slip.getByRole("group", { name: "Other standards" }).getByRole("button");
  const count = await others.count();
  expect(count).toBeGreaterThan(3);
  await others.first().click();
  await slip.getByRole("button", { name: "Publish", exact: true }).click();
  const published = page.getByRole("dialog", { name: "Published" });
  await expect(published.getByRole("listitem")).toHaveCount(count);
  await expect(published.getByRole("listitem").first()).toHaveText(`Chicken, eight pieces, version ${version}`);
  await published.getByRole("link", { name: "Chicken, eight pieces" }).click();
  await expect(page.getByRole("table", { name: "Cuts" })).toBeVisible();
  await page.goto("/look-back?standard=chicken-eight-piece");
  await page.getByRole("button", { name: "Own carcasses" }).click();
  await expect(page.getByRole("button", { name: `Publish as version ${version + 1}` })).toBeVisible();
  await page.getByRole("combobox", { name: "Supplier" }).selectOption("Weir Farm Poultry");
  await expect(breast.getByRole("cell").nth(4)).toHaveText(proposed);
});

test("what the standard measures twice leads into the editor at that place; totals go with an assessor; a student is talked to", async ({
  page,
}) => {
  withYear();
  await signIn(page);
  await page.getByRole("link", { name: "Look back" }).click();
  await page.getByRole("button", { name: "The standard" }).click();
  const found = page.getByRole("list", { name: "Worth a look" }).getByRole("listitem");
  await expect(found.filter({ hasText: "go up and down together" })).toContainText(
    "One dry knife hand, one product hand and Board kept dry and reset",
  );
  await found.filter({ hasText: "Nearly everybody has them" }).getByRole("link").click();
  const entry = page.getByRole("group", { name: "Station in order before the clock" });
  await expect(entry.getByRole("button", { name: "Close Station in order before the clock" })).toBeInViewport();
  await page.goBack();
  await page.getByRole("button", { name: "Fairness" }).click();
  await expect(page.getByText(/^Over 226 trays these stand out: assessor/)).toBeVisible();
  await expect(page.getByRole("group", { name: "Assessor" }).getByRole("row", { name: /^Teodor Vance, stands out/ })).toContainText("−");

  await page.getByRole("button", { name: "Over time" }).click();
  await page
    .getByRole("region", { name: "Yield in pieces" })
    .getByRole("link", { name: /Curlew/ })
    .last()
    .click();
  const where = page.getByRole("region", { name: "What cost points, and where" });
  await where.getByRole("radio", { name: "Wave" }).press("End");
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("Space");
  await expect(where).toContainText("They lie furthest apart at Yield: Weir Farm Poultry lost");
  const lost = where.getByRole("group", { name: "Points lost, supplier by supplier" });
  await expect(lost.getByRole("columnheader", { name: /^Saltmarsh Provisions, \w+ \d+ \w+ \d{4} \(8\)$/ })).toBeVisible();
  await expect(lost.getByRole("row")).toHaveCount(9);
  await where.getByRole("button", { name: /^All \d+$/ }).click();
  await expect(lost.getByRole("row", { name: /^Station in order/ })).toHaveCount(0);
  expect(await lost.getByRole("row").count()).toBeGreaterThan(15);

  await page.goto("/roster");
  await page.getByRole("searchbox", { name: "Find" }).fill("Kowal");
  await page.getByRole("button", { name: "Open Ania Kowal" }).click();
  await page.getByRole("link", { name: "Over the course" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Ania Kowal" })).toBeVisible();
  const csv = await page.request.get((await page.getByRole("link", { name: "CSV" }).getAttribute("href")) ?? "", {
    headers: { Referer: page.url() },
  });
  expect((await csv.text()).trim().split("\n")).toHaveLength(27);
  await expect(page.getByRole("group", { name: "Tries at Chicken, eight pieces" }).getByRole("row")).toHaveCount(27);
  await expect(page.getByRole("list", { name: "To talk about at Chicken, eight pieces" }).getByRole("listitem").first()).toContainText(
    /in \d+ of 26 tries/,
  );
});

test("a term adds up to a report, as a page and a workbook, and stands under another policy without anything stored", async ({ page }) => {
  await signIn(page, "ilse");
  await page.getByRole("link", { name: "Look back" }).click();
  await page.getByRole("link", { name: "School report" }).click();
  await expect(page.getByText(/: \d+ practicals, \d+ trays marked to the end of \d+ students; \d+ passed/)).toBeVisible();
  await expect(page.getByRole("group", { name: "Results" }).getByRole("row")).toHaveCount(5);
  const workbook = page.waitForEvent("download");
  await page.getByRole("button", { name: "Spreadsheet" }).click();
  expect((await workbook).suggestedFilename()).toMatch(/^report-\d{4}-\d\d-\d\d\.xlsx$/);

  await page.goto("/standards/policy");
  const merit = page.getByRole("textbox", { name: "Distinction, from" });
  await expect(merit).toBeVisible();
  await page.getByRole("button", { name: "Grade the term under it" }).click();
  const term = page.getByRole("group", { name: "The term under this policy" });
  await expect(term).toContainText("agreement of their totals, ICC(2,1), is 0.9");
  const bands = term.getByRole("group", { name: "Bands before and after" }).getByRole("row");
  await expect(bands).toHaveCount(5);
  await merit.fill("97");
  await expect(page.getByText("The policy was changed since; grade the term once more.")).toBeVisible();
  await page.getByRole("button", { name: "Grade the term under it" }).click();
  await expect(bands.nth(1).getByRole("cell").nth(2)).not.toHaveText((await bands.nth(1).getByRole("cell").nth(1).textContent()) ?? "");
  // Another limit moves bands and no total.
  const moved = term.getByRole("group").filter({ has: page.getByRole("cell", { name: /^→/ }) });
  await expect(moved.first()).toContainText(/: 0 would have another total, [1-9]\d* another band/);
  await expect(moved.filter({ hasText: "none would change" })).toHaveCount(0);
  const sheets = page.waitForEvent("download");
  await term.getByRole("button", { name: "Spreadsheet" }).click();
  expect((await sheets).suggestedFilename()).toMatch(/^policy-\d{4}-\d\d-\d\d\.xlsx$/);
  await page.getByRole("button", { name: "As published" }).click();
});

test("weights go to another school as a file without names, and come back as one to calibrate with", async ({ page }, info) => {
  withYear();
  await signIn(page, "marit", "/look-back?standard=chicken-eight-piece");
  await page.getByRole("button", { name: "Own carcasses" }).click();
  const saved = page.waitForEvent("download");
  await page.getByRole("link", { name: "Save the weights for others" }).click();
  const file = info.outputPath("weir-lane.json");
  await (await saved).saveAs(file);
  await page.getByLabel("File of another school").setInputFiles(file);
  await expect(page.getByRole("status")).toContainText(/^\d+ carcasses taken in\.$/);
  // What was asked before the file is taken out is answered after it: it is not taken for what is so then.
  const gone = page.waitForResponse((it) => it.request().method() === "DELETE");
  await page.route(
    /own-carcasses\?.*source=pooled/,
    async (route) => {
      const before = await route.fetch();
      await gone;
      await route.fulfill({ response: before });
    },
    { times: 1 },
  );
  await page.getByRole("radio", { name: "Of other schools" }).press("Space");
  await expect(page.getByText(/^\d+ carcasses whose weights add up/)).toBeVisible();
  await page.getByRole("button", { name: "Take it out: weir-lane" }).click();
  await expect(page.getByRole("list", { name: "Files of other schools" })).toHaveCount(0);
  await page
    .getByLabel("File of another school")
    .setInputFiles({ name: "duck.json", mimeType: "application/json", buffer: Buffer.from("{}") });
  await expect(page.getByRole("alert")).toContainText("Nothing of it was taken in.");
});

test("a phone shows the look back whole", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page);
  for (const address of ["/look-back", ""]) {
    if (address !== "") await page.goto(address);
    else await page.getByRole("group", { name: "Class by class" }).getByRole("link").first().click();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await expect(page.getByRole("heading", { level: 2 }).first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  }
  await page.goto("/look-back");
  for (const look of ["The standard", "Own carcasses", "Fairness"]) {
    await page.getByRole("button", { name: look }).click();
    await expect(page.getByRole("heading", { level: 1, name: look })).toBeVisible();
    await expect(page.getByRole("heading", { level: 2 }).first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), look).toBeLessThanOrEqual(360);
  }
  await page.getByRole("link", { name: "School report" }).click();
  await expect(page.getByRole("heading", { level: 2, name: "Results" })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth), "School report").toBeLessThanOrEqual(360);
});
