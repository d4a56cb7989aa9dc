import { expect, signIn, test } from "./kitchen";

const trial = "What it would do";

test("a policy is changed, shows whose band it would change, is published, and asks before it is left", async ({ page }) => {
  await signIn(page, "ilse", "/standards");
  await page.getByRole("link", { name: "Grading policy" }).click();
  const panel = page.getByRole("region", { name: trial });
  await expect(panel).toContainText("up to 1.5 g outside its window it is allowed");
  await expect(page.getByRole("img", { name: /^Of 100 %: Portion weights 18.0 %/ })).toBeVisible();
  await expect(panel.getByRole("button", { name: "Publish version 2" })).toBeDisabled();

  await page.getByLabel("Weight of Portion weights").fill("40");
  await expect(page.getByRole("group", { name: "Portion weights" })).toContainText("32.8 %");
  await expect(panel.getByRole("list", { name: "Changes" })).toHaveText("Portion weights, weight: 18 → 40");
  await expect(panel.getByRole("group", { name: "Chicken eight-piece", exact: true }).getByRole("row")).toHaveText([
    /^Rosalind Achterberg69\.6 Pass→ \d\d\.\d Merit$/,
  ]);

  await page.getByLabel("Refer, from").fill("5");
  await expect(panel.getByRole("alert")).toContainText("the lowest band must have the minimum 0");
  await expect(panel.getByRole("button", { name: "Publish version 2" })).toBeDisabled();
  await page.getByLabel("Refer, from").fill("0");
  await page.getByLabel("Decision rule").selectOption("Strict");
  await expect(panel).toContainText("it must lie 1.5 g inside its window");

  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Roster" }).click();
  await page.getByRole("dialog", { name: "Leave the policy?" }).getByRole("button", { name: "Stay" }).click();
  await expect(page.getByLabel("Weight of Portion weights")).toHaveValue("40");

  await panel.getByRole("button", { name: "Publish version 2" }).click();
  await expect(panel.getByRole("status")).toHaveText("Version 2 is published.");
  const versions = page.getByRole("region", { name: "Versions of the policy" }).getByRole("listitem");
  await expect(versions.first()).toContainText("Published by Ilse Karimova");
  await expect(versions.first()).toContainText("Decision, rule: benefit of the doubt → strict");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Roster" }).click();
  await expect(page.getByRole("heading", { name: "Roster", level: 1 })).toBeVisible();
});

test("of two who change the policy the second is told, and a file that does not add up is not taken in", async ({ browser, page }) => {
  await signIn(page, "ilse", "/standards/policy");
  await page.getByLabel("Distinction, from").fill("90");
  await expect(page.getByRole("button", { name: "Publish version 2" })).toBeEnabled();

  const other = await (await browser.newContext()).newPage();
  await signIn(other, "marit", "/standards/policy");
  await other.getByLabel("Merit, from").fill("75");
  await other.getByRole("button", { name: "Publish version 2" }).click();
  await expect(other.getByRole("status")).toHaveText("Version 2 is published.");
  await other.context().close();

  await page.getByRole("button", { name: "Publish version 2" }).click();
  await expect(page.getByRole("status")).toContainText("Marit Oyelaran changed this meanwhile.");
  await expect(page.getByLabel("Distinction, from")).toHaveValue("90");
  await expect(page.getByRole("list", { name: "Changes" })).toContainText("Merit, from: 75 → 70");
  await page.getByRole("button", { name: "Go on with mine" }).click();
  await page.getByLabel("Merit, from").fill("75");
  await expect(page.getByRole("list", { name: "Changes" })).toHaveText("Distinction, from: 85 → 90");
  await page.getByRole("button", { name: "Publish version 3" }).click();
  await expect(page.getByRole("status")).toHaveText("Version 3 is published.");

  const [chooser] = await Promise.all([page.waitForEvent("filechooser"), page.getByRole("button", { name: "Import JSON" }).click()]);
  await chooser.setFiles({ name: "policy.json", mimeType: "application/json", buffer: Buffer.from('{"components": [], "colour": "red"}') });
  const slip = page.getByRole("dialog", { name: "Not imported" });
  await expect(slip).toContainText("policy.colour");
  await expect(slip).toContainText("Nothing of it was taken in.");
});

test("twelve who publish at once make a version each, or are told", async ({ page }) => {
  await signIn(page, "ilse");
  const cookies = await page.context().cookies();
  const token = decodeURIComponent(cookies.find((it) => it.name === "XSRF-TOKEN")?.value ?? "");
  const headers = { "X-XSRF-TOKEN": token, Accept: "application/json", Referer: page.url() };
  const { document } = (await (await page.request.get("/api/v1/policy", { headers })).json()) as { document: Record<string, unknown> };
  const answers = await Promise.all(
    Array.from({ length: 12 }, (_, index) =>
      page.request.post("/api/v1/policy", { headers: { ...headers, "If-Match": '"1"' }, data: { ...document, title: `Policy ${index}` } }),
    ),
  );
  const statuses = answers.map((it) => it.status());
  expect(statuses.filter((it) => it === 200)).toHaveLength(1);
  expect(statuses.filter((it) => it === 412)).toHaveLength(11);
  const kept = (await (await page.request.get("/api/v1/policy", { headers })).json()) as { version: number; document: { title: string } };
  expect(kept.version).toBe(2);
  expect(kept.document.title).toBe(`Policy ${statuses.indexOf(200)}`);
});

test("the policy fits a phone", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page, "ilse", "/standards/policy");
  await expect(page.getByRole("region", { name: trial })).toContainText("none would change");
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
});

test("an assessor reads the policy and cannot change it", async ({ page }) => {
  await signIn(page, "teodor", "/standards/policy");
  await expect(page.getByRole("region", { name: "House policy" })).toContainText("Portion weights");
  await expect(page.getByRole("region", { name: "Versions of the policy" })).toContainText("Version 1");
  await expect(page.getByRole("button", { name: /^Publish/ })).toHaveCount(0);
});
