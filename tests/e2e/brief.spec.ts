import { type Page } from "@playwright/test";
import { expect, signIn, test } from "./kitchen";

const section = (page: Page, name: string) => page.getByRole("region", { name, exact: true });
const ready = (page: Page) => section(page, "Ready to be set");

async function openBrief(page: Page, name: string): Promise<void> {
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Brief" }).click();
  await page.getByRole("link", { name, exact: true }).click();
  await expect(section(page, "With what")).toBeVisible();
}

test("a practical is planned by keyboard in three waves, set, and is on the Floor", async ({ page }) => {
  await signIn(page);
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Brief" }).press("Enter");
  await page.getByRole("button", { name: "Plan a practical" }).press("Enter");
  const missing = page.getByRole("list", { name: "Missing" });
  await expect(missing).toContainText("A name for the practical.");
  await expect(page.getByRole("button", { name: "Set it" })).toBeDisabled();

  await page.getByLabel("Name", { exact: true }).fill("Spatchcock for the grill");
  await page.getByRole("searchbox", { name: "Standard" }).fill("spatch chicken");
  await page.getByRole("list", { name: "Standards found" }).getByRole("button").press("Enter");
  await expect(section(page, "What")).toContainText("version 1");
  await expect(section(page, "What")).toContainText(/Graded by .+, version \d+\./);
  await page.getByLabel("A whole group").selectOption({ label: "Larder 2, Sandpiper, 12 students" });
  const students = page.getByRole("list", { name: "Students", exact: true }).getByRole("listitem");
  await expect(students).toHaveCount(12);
  await expect(students.filter({ hasText: "Farid Nazaryan" })).toContainText("more time");
  await expect(section(page, "Ready to be set")).toHaveCount(0);

  await page.getByLabel("Day").fill(new Date(Date.now() + 3 * 86_400_000).toISOString().slice(0, 10));
  await page.getByLabel("Begins").fill("08:30");
  await page.getByLabel("Room", { exact: true }).fill("Larder kitchen");
  await page.getByRole("textbox", { name: "Waves" }).fill("3");
  await expect(ready(page)).toBeVisible();
  await expect(page.getByRole("img", { name: /^The hour: 12 students in 3 waves; wave 1 at 08:40, 4 students;/ })).toBeVisible();
  await page.getByLabel("Price, EUR").fill("4,95");
  await expect(page.getByTestId("order")).toContainText(
    "14 needed with spares, 14 to buy: 3 cases, 18 carcasses, about 33.3 kg, EUR 164.84",
  );
  await expect(page.getByRole("article")).toContainText("08:40, wave 1:");

  await page.getByRole("button", { name: "Set it" }).press("Enter");
  const slip = page.getByRole("dialog", { name: "Set Spatchcock for the grill?" });
  await expect(slip).toContainText("12 students");
  await slip.getByRole("button", { name: "Set it" }).press("Enter");
  await expect(page.getByText("What it is held against stays as it was then.")).toBeInViewport();
  await page.getByRole("link", { name: "To the Floor" }).press("Enter");
  await expect(page.locator("[data-station]")).toHaveCount(12);
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Bench" }).click();
  await expect(page.getByText("Spatchcock for the grill")).toBeVisible();
});

test("a brief is kept as it is written, takes the gap that is proposed, and names who may not assess whom", async ({ page }) => {
  await signIn(page);
  await openBrief(page, "Crown and legs");
  const when = section(page, "When and where");
  await expect(when).toContainText("19 in 20 wait no longer than");
  await page.getByLabel("Wait up to, min").fill("3");
  await expect(when).toContainText("The smallest gap that keeps 19 in 20 under 3.0 min");
  await when.getByRole("button", { name: "Take it" }).click();
  await expect(when.getByRole("button", { name: "Take it" })).toHaveCount(0);
  await expect(when).not.toContainText("Raw product stands while it waits");

  await page.getByLabel("Assessor").selectOption({ label: "Teodor Vance" });
  await page.getByLabel("does not assess").selectOption({ label: "Pavel Hrubeš" });
  await page.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByRole("list", { name: "Missing" })).toContainText(
    "Teodor Vance is not to assess Pavel Hrubeš, and is down for station 9.",
  );
  await page.getByRole("group", { name: "Teodor Vance" }).getByLabel("Stations").fill("7-8, 10-12");
  await expect(ready(page)).toContainText("Nobody is down to mark Pavel Hrubeš at station 9.");
  await expect(page.getByRole("status")).toHaveText("Kept.");

  await page.reload();
  await expect(page.getByRole("group", { name: "Teodor Vance" }).getByLabel("Stations")).toHaveValue("7–8, 10–12");
  await expect(page.getByLabel("Wait up to, min")).toHaveValue("3");
});

test("two standards share an hour, and of two who write the second is told", async ({ browser, page }) => {
  await signIn(page);
  await openBrief(page, "Crown and legs");
  await page.getByRole("button", { name: "A second standard in this hour" }).click();
  await page.getByRole("searchbox", { name: "Standard of list 2" }).fill("lamb");
  await page
    .getByRole("list", { name: "Standards found" })
    .getByRole("button", { name: /^Lamb leg by the seam/ })
    .click();
  await page.getByRole("button", { name: "Take Tomasz Wilkowski off" }).click();
  await page.getByLabel("List", { exact: true }).selectOption("Lamb leg by the seam, seven cuts");
  await page.getByLabel("A student", { exact: true }).fill("tomasz");
  await page.getByRole("list", { name: "Students found" }).getByRole("button").click();
  await expect(page.getByRole("list", { name: "Students", exact: true }).getByRole("listitem")).toHaveText(/^12Tomasz Wilkowski/);
  await expect(page.getByRole("article")).toContainText("Lamb leg by the seam");

  const other = await (await browser.newContext()).newPage();
  await signIn(other, "ilse");
  await openBrief(other, "Crown and legs");
  await other.getByLabel("Room", { exact: true }).fill("North kitchen");
  await expect(other.getByRole("status")).toHaveText("Kept.");
  await other.context().close();
  await page.getByLabel("Room", { exact: true }).fill("South kitchen");
  await expect(page.getByRole("status")).toContainText("Somebody changed this brief meanwhile");
  await page.getByRole("button", { name: "keep mine over it" }).click();
  await expect(page.getByRole("status")).toHaveText("Kept.");
  await page.reload();
  await expect(page.getByLabel("Room", { exact: true })).toHaveValue("South kitchen");
});

test("what comes late does not undo what was written meanwhile", async ({ page }) => {
  await signIn(page);
  await openBrief(page, "No name yet");
  let release: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route(/\/students\?/, async (route) => {
    await held;
    await route.continue();
  });
  await page.getByLabel("A whole group").selectOption({ label: "Larder 2, Sandpiper, 12 students" });
  await page.getByLabel("Name", { exact: true }).fill("Trout, written meanwhile");
  await page.getByLabel("Room", { exact: true }).fill("Cold kitchen");
  release();
  await expect(page.getByRole("list", { name: "Students", exact: true }).getByRole("listitem")).toHaveCount(12);
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("Trout, written meanwhile");
  await expect(page.getByRole("status")).toHaveText("Kept.");
  await page.reload();
  await expect(page.getByLabel("Room", { exact: true })).toHaveValue("Cold kitchen");
  await expect(page.getByRole("list", { name: "Students", exact: true }).getByRole("listitem")).toHaveCount(12);
});

test("a practical that is set is copied to another day, and what is not set is thrown away", async ({ page }) => {
  await signIn(page, "ilse");
  await openBrief(page, "Crown and legs");
  await page.getByRole("button", { name: "Set it" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Set it" }).click();
  await page.getByRole("button", { name: "Copy to another day" }).click();
  await expect(page.getByRole("list", { name: "Missing" })).toHaveText("The day and the time it begins.");
  await expect(page.getByLabel("Room", { exact: true })).toHaveValue("Larder kitchen");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Brief" }).click();
  const briefs = page.getByRole("list", { name: "Briefs" }).getByRole("listitem");
  await expect(briefs).toHaveCount(3);
  await expect(briefs.filter({ hasText: "set" }).filter({ hasText: "Crown and legs" })).toHaveCount(1);
  await page.getByRole("button", { name: "Throw away the brief without a name" }).click();
  await expect(briefs).toHaveCount(2);
});

test("set ten times at once, a practical is set once", async ({ page }) => {
  await signIn(page);
  await openBrief(page, "Crown and legs");
  const id = page.url().split("/").at(-1) ?? "";
  const cookies = await page.context().cookies();
  const headers = {
    "X-XSRF-TOKEN": decodeURIComponent(cookies.find((it) => it.name === "XSRF-TOKEN")?.value ?? ""),
    Accept: "application/json",
    Referer: page.url(),
    "If-Match": '"1"',
  };
  const answers = await Promise.all(Array.from({ length: 10 }, () => page.request.post(`/api/v1/briefs/${id}/set`, { headers })));
  expect(answers.map((it) => it.status())).toEqual(Array.from({ length: 10 }, () => 200));
  const set = await Promise.all(answers.map(async (it) => ((await it.json()) as { assessments: string[] }).assessments));
  expect(new Set(set.flat()).size).toBe(1);
  await page.goto("/");
  await expect(page.getByText("Crown and legs")).toHaveCount(1);
});

test("a brief fits a phone", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page);
  await openBrief(page, "Crown and legs");
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
});

test("a practical that is set is put off with its reason, and then cancelled; the Bench says so", async ({ page }) => {
  await signIn(page);
  await openBrief(page, "Crown and legs");
  await page.getByRole("button", { name: "Set it" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Set it" }).click();
  await page.getByRole("button", { name: "Put it off" }).press("Enter");
  const slip = page.getByRole("dialog", { name: "Put Crown and legs off" });
  await expect(slip.getByRole("button", { name: "Put it off" })).toBeDisabled();
  await slip.getByLabel("New day").fill(new Date(Date.now() + 6 * 86_400_000).toISOString().slice(0, 10));
  await slip.getByLabel("Begins").fill("10:30");
  await slip.getByLabel("Because").fill("The oven is out");
  await slip.getByLabel("Because").press("Enter");
  const became = page.getByRole("list", { name: "Since it was set" });
  await expect(became).toContainText("10:30, from");
  await expect(became).toContainText("The oven is out (Marit Oyelaran");
  await expect(page.getByRole("article", { name: "The brief as it is handed out" })).toContainText("10:40");

  await page.getByRole("button", { name: "Cancel it" }).click();
  await page.getByRole("dialog").getByLabel("Because").fill("No birds came");
  await page.getByRole("dialog").getByRole("button", { name: "Cancel the practical" }).press("Enter");
  await expect(became).toContainText("Cancelled");
  await expect(page.getByRole("button", { name: "Put it off" })).toHaveCount(0);
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Bench" }).click();
  await expect(page.getByText("Cancelled: No birds came")).toBeVisible();
});

test("a student who resits is marked in the brief, and is one at the tray", async ({ page }) => {
  await signIn(page);
  await openBrief(page, "Crown and legs");
  const resits = page.getByRole("button", { name: "Amina Berhane: resit" });
  await resits.press("Enter");
  await expect(resits).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByText("Kept.", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Set it" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Set it" }).click();
  await page.getByRole("link", { name: "To the Floor" }).click();
  const attempt = await page.evaluate(async () => {
    const floor = (await (await fetch(`/api/v1/assessments/${location.pathname.split("/").at(-1)}/floor`)).json()) as {
      stations: { attempt: string; student: string }[];
    };

    return floor.stations.find((it) => it.student === "Amina Berhane")?.attempt;
  });
  await page.goto(`/tray/${attempt}`);
  await page.getByRole("button", { name: "Terms" }).click();
  await expect(page.getByRole("radiogroup", { name: "Resit" }).getByRole("radio", { name: "Resit" })).toBeChecked();
});

test("a wave is moved by its grip with the arrow keys and the pointer, and the gap follows", async ({ page }) => {
  await signIn(page);
  await openBrief(page, "Crown and legs");
  const second = page.getByRole("slider", { name: "Start of wave 2" });
  const third = page.getByRole("slider", { name: "Start of wave 3" });
  await expect(second).toHaveAttribute("aria-valuetext", "09:18, a gap of 8 min");
  await second.focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(page.getByLabel("Gap, min")).toHaveValue("10");
  await expect(third).toHaveAttribute("aria-valuetext", "09:30, a gap of 10 min");
  await expect(page.getByRole("article")).toContainText("09:30, wave 3:");

  await third.scrollIntoViewIfNeeded();
  const [at, before] = [await third.boundingBox(), await second.boundingBox()];
  if (at === null || before === null) throw new Error("the grips are not shown");
  // One gap further: of the third wave's two gaps that is half a gap each.
  const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 10, y);
  await page.mouse.move(x + (at.x - before.x), y);
  await expect(third).toHaveAttribute("aria-valuenow", "15");
  await page.mouse.up();
  await expect(page.getByLabel("Gap, min")).toHaveValue("15");
  await expect(page.getByRole("article")).toContainText("09:40, wave 3:");
  await expect(page.getByText("Kept.", { exact: true })).toBeVisible();
});

test("students who share a pan have a zone each, from the brief to the scale, where one is weighed whole before the next", async ({
  page,
}) => {
  await signIn(page);
  await openBrief(page, "Crown and legs");
  await expect(page.getByRole("link", { name: /^Pans and zone labels/ })).toHaveCount(0);
  await page.getByLabel("Presented on").selectOption("pan for 3");
  await expect(page.getByRole("list", { name: "Students", exact: true }).getByRole("listitem").nth(3)).toContainText("pan 2 B");
  await expect(page.getByRole("article")).toContainText("4 Kenji Moriwaki (pan 2, zone B)");
  await expect(page.getByRole("link", { name: /^Pans and zone labels/ }).first()).toBeVisible();
  await expect(page.getByText("Kept.", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Set it" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Set it" }).click();
  await expect(page.getByText("Held against Chicken, crown and legs, version 1.")).toBeVisible();
  await page.getByRole("link", { name: "To the Floor" }).click();
  await expect(page.locator('[data-station="3"]')).toContainText("pan 2 A");

  await page.locator('[data-station="3"]').click();
  await page.getByRole("complementary").getByRole("link").click();
  await page.waitForURL(/\/tray\//);
  await expect(page.getByRole("heading", { name: "Farid Nazaryan" })).toBeVisible();
  await page.keyboard.press("w");
  const pan = page.getByRole("region", { name: "Shared pan" });
  await expect(pan).toContainText("Zone A of pan 2 is Farid Nazaryan’s.");
  await expect(pan.getByRole("listitem")).toHaveText(["A3 Farid Nazaryan", "B4 Kenji Moriwaki"]);
  const next = pan.getByRole("link", { name: "Next: zone B, Kenji Moriwaki" });
  const places = page.locator("[data-place]");
  const all = await places.count();
  expect(all).toBeGreaterThan(5);
  for (let weighed = 0; weighed < all; weighed++) {
    await expect(next).toHaveCount(0);
    await page.getByLabel("Or type it").fill("100 g");
    await page.getByLabel("Or type it").press("Enter");
    await expect(places.filter({ hasText: "100" })).toHaveCount(weighed + 1);
  }
  await next.click();
  await expect(page.getByRole("heading", { name: "Kenji Moriwaki" })).toBeVisible();
  await expect(pan).toContainText("Zone B of pan 2 is Kenji Moriwaki’s.");
  await expect(pan.getByRole("link", { name: "A 3 Farid Nazaryan" })).toBeVisible();
});
