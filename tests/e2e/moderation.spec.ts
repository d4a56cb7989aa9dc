import type { Page } from "@playwright/test";
import { expect, signIn, stationCard, test } from "./kitchen";

async function toModeration(page: Page, practical: string, tab?: string): Promise<void> {
  await page.getByRole("region", { name: practical, exact: true }).getByRole("link", { name: "Class sheet" }).click();
  await page.getByRole("link", { name: "Moderate" }).click();
  await page.getByRole("heading", { name: practical, level: 1 }).waitFor();
  if (tab !== undefined) await page.getByRole("button", { name: tab }).click();
}

const onList = (page: Page, station: number) =>
  page
    .getByRole("list", { name: "Trays to mark twice" })
    .getByRole("listitem")
    .filter({ has: page.getByText(String(station), { exact: true }) });

test("a second look is asked for, given by keyboard without seeing the first, and then both see both", async ({ page, browser }) => {
  await signIn(page);
  await toModeration(page, "Chicken eight-piece");
  await expect(onList(page, 6)).toContainText("in the lowest band");
  await page.getByRole("button", { name: "Ask for a second look at station 6" }).press("Enter");
  await expect(onList(page, 6)).toContainText("asked: Teodor Vance");

  const teodor = await browser.newPage();
  await signIn(teodor, "teodor");
  await teodor
    .getByRole("complementary", { name: "What waits" })
    .getByRole("link", { name: /Chicken eight-piece: Station 6/ })
    .press("Enter");
  await expect(teodor.getByText("15 of 15 criteria to judge.")).toBeVisible();
  await expect(teodor.locator('[aria-pressed="true"]')).toHaveCount(0);
  await expect(teodor.getByRole("link", { name: "Verdict" })).toHaveCount(0);
  await teodor.keyboard.press("l");
  await expect(teodor.getByRole("dialog")).toContainText("Carcass received");
  await expect(teodor.getByRole("dialog")).not.toContainText(/step \d of/);
  await teodor.keyboard.press("Escape");
  for (let criterion = 0; criterion < 14; criterion++) await teodor.keyboard.press("2");
  await expect(teodor.getByText("1 of 15 criteria to judge.")).toBeVisible();
  await teodor.getByRole("button", { name: "Finish" }).press("Enter");
  await expect(teodor.getByRole("dialog")).toContainText("14 levels given");
  await expect(teodor.getByRole("dialog")).toContainText("Left out:");
  await teodor.getByRole("dialog").getByRole("button", { name: "Finish" }).press("Enter");
  await teodor.getByRole("link", { name: "Both looks" }).press("Enter");
  await expect(teodor.getByText("first: Marit Oyelaran").first()).toBeVisible();

  await page.reload();
  await expect(onList(page, 6)).toContainText("looked at by Teodor Vance");
  await teodor.close();
});

test("an assessor who takes a second look up by themselves is shown nothing more from then on, without a network too", async ({
  page,
  context,
}) => {
  await signIn(page, "teodor");
  await stationCard(page, 3).click();
  await page.getByRole("list", { name: "Reasons" }).waitFor();
  await page.getByRole("link", { name: "To the tray" }).click();
  await page.getByRole("button", { name: "Second look" }).click();
  await context.setOffline(true);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByText("15 of 15 criteria to judge.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Inspect" })).toHaveCount(0);
  await page.keyboard.press("3");
  await expect(page.getByText("14 of 15 criteria to judge.")).toBeVisible();
  await page.getByRole("button", { name: "Log" }).click();
  await expect(page.getByRole("dialog").getByText(/step \d of/)).toHaveCount(1);
  await page.keyboard.press("Escape");
  await context.setOffline(false);
  await expect(page.getByText(/waits? to go up/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText("14 of 15 criteria to judge.")).toBeVisible();
  await expect(page.locator('[aria-pressed="true"]')).toHaveCount(1);
});

test.describe("by touch", () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

  test("what two see too far apart is agreed on, then released, and the student sees it", async ({ page, browser }) => {
    await signIn(page);
    await page
      .getByRole("complementary", { name: "What waits" })
      .getByRole("link", { name: /Station 3, Rosalind.*too far apart/ })
      .tap();
    await expect(page.getByRole("status").filter({ hasText: "1 to agree on" })).toBeVisible();
    const open = page.getByRole("group").filter({ hasText: "too far apart" });
    await page.getByLabel("Agreed, because").fill("");
    await expect(open.getByRole("button").nth(2)).toBeDisabled();
    await page.getByLabel("Agreed, because").fill("The collar was seen from both sides");
    await open.getByRole("button").nth(2).tap();
    await expect(page.getByText("Agreed by Marit Oyelaran: The collar was seen from both sides")).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: "0 to agree on" })).toBeVisible();

    await page.getByRole("navigation", { name: "Where you are" }).getByRole("link", { name: "Sea trout fillets" }).tap();
    await page.getByRole("button", { name: "Before release" }).tap();
    const pause = page.getByRole("region", { name: "Ready" });
    await expect(pause).toContainText("Rosalind Achterberg");
    await page.getByRole("button", { name: "Release 1 result" }).tap();
    await page.getByRole("dialog").getByRole("button", { name: "Release" }).tap();
    await expect(page.getByRole("region", { name: "Released" })).toContainText("Rosalind Achterberg");

    const student = await browser.newPage();
    await signIn(student, "rosalind");
    await student.getByRole("link", { name: /Sea trout fillets/ }).click();
    await expect(student.getByText(/agreed after step 4 and step 2/)).toBeVisible();
    await student.close();
  });

  test("results that should give pause are held back until they are chosen", async ({ page }) => {
    await signIn(page);
    await toModeration(page, "Chicken eight-piece", "Before release");
    const pause = page.getByRole("region", { name: "Should give pause" });
    await expect(pause.getByRole("button", { name: "Release" })).toHaveCount(0);
    await pause.waitFor();
    const ready = await page
      .getByRole("region", { name: "Ready" })
      .getByRole("button", { name: /^Release/ })
      .count();
    const release = (results: number) =>
      page.getByRole("button", {
        name: results === 0 ? "Nothing is chosen" : `Release ${String(results)} result${results === 1 ? "" : "s"}`,
        exact: true,
      });
    await expect(release(ready)).toBeVisible();
    await pause.getByRole("button", { name: /^Held back.*station 5$/ }).tap();
    await expect(pause.getByRole("button", { name: /^Release.*station 5$/ })).toBeVisible();
    await expect(release(ready + 1)).toBeVisible();
  });
});

test("how far assessors lie apart is said in words, in a picture and in a table", async ({ page }) => {
  await signIn(page, "teodor", "/agreement");
  await expect(page.getByRole("region", { name: "Totals" })).toContainText(/On 19 trays .* points less on average/);
  await expect(page.getByRole("img", { name: /Differences of 19 totals/ })).toBeVisible();
  await page.getByText("Tray by tray").click();
  await expect(page.getByRole("group", { name: "Both totals of each tray" }).getByRole("row")).toHaveCount(20);
  const first = page.getByRole("region", { name: "Criterion by criterion" }).getByRole("listitem").first();
  await first.locator("summary").click();
  await expect(first.getByRole("link")).toBeVisible();
  await page.getByLabel("From").fill("2020-01-01");
  await page.getByLabel("To", { exact: true }).fill("2020-02-01");
  await expect(page.getByText("Nothing was marked twice in these days")).toBeVisible();
});

test("the policy says what becomes of two looks", async ({ page }) => {
  await signIn(page, "marit", "/standards/policy");
  await page.getByRole("button", { name: "Two looks count" }).click();
  await page.getByLabel("Two that lie near").selectOption("lower");
  await page.getByLabel("Let pass, steps apart").fill("2");
  await page.getByRole("button", { name: "A third person writes down what is agreed" }).click();
  await page.getByRole("button", { name: "Publish version 2" }).click();
  await expect(page.getByText("Version 2 is published.")).toBeVisible();
  const document = (await (await page.request.get("/api/v1/policy/document", { headers: { Referer: page.url() } })).json()) as {
    moderation: unknown;
  };
  expect(document.moderation).toEqual({ tolerance_levels: 2, combine: "lower", share: 0.1, third_agrees: true });
});

test("a student appeals, somebody else decides, and the student reads why; a change is a new version", async ({ page, browser }) => {
  await signIn(page, "amina");
  await page.getByRole("link", { name: /Skewer set/ }).press("Enter");
  await page.getByRole("button", { name: "Appeal" }).press("Enter");
  const slip = page.getByRole("dialog", { name: "Which lines are not right?" });
  await expect(slip.getByRole("button", { name: "Send the appeal" })).toBeDisabled();
  await slip.getByRole("button").first().press("Enter");
  await slip.getByLabel("Why it is not right").fill("The muscles were whole before they were diced.");
  await slip.getByRole("button", { name: "Send the appeal" }).press("Enter");
  await expect(page.getByRole("region", { name: "Appeal" })).toContainText("Nobody looks at it yet");
  await expect(page.getByRole("button", { name: "Appeal" })).toHaveCount(0);

  const ilse = await browser.newPage();
  await signIn(ilse, "ilse");
  await ilse
    .getByRole("complementary", { name: "What waits" })
    .getByRole("link", { name: /Skewer set.*Amina/ })
    .press("Enter");
  await ilse.getByLabel("Give it to").selectOption("Ilse Karimova");
  await ilse.getByRole("button", { name: "Give", exact: true }).press("Enter");
  await ilse.getByLabel("Because").fill("The photograph shows both muscles whole.");
  await ilse.getByLabel("Line 1").selectOption("upheld");
  await ilse.getByLabel("Because").press("Enter");
  await expect(ilse.getByRole("list", { name: "Lines of the appeal" })).toContainText("Upheld, by Ilse Karimova");
  const file = await ilse.request.get((await ilse.getByRole("link", { name: "Whole file, PDF" }).getAttribute("href")) ?? "", {
    headers: { Referer: ilse.url() },
  });
  expect((await file.body()).subarray(0, 4).toString()).toBe("%PDF");

  // What was upheld is put right as a new entry, and issued again.
  const marit = await browser.newPage();
  await signIn(marit);
  await ilse.getByRole("link", { name: "Before release" }).waitFor();
  await marit.goto(new URL((await ilse.getByRole("link", { name: "Tray and log" }).getAttribute("href")) ?? "", ilse.url()).href);
  await marit.getByRole("button", { name: "Inspect" }).click();
  const criterion = marit.getByRole("group", { name: /Muscles|muscles/ }).first();
  await criterion.getByRole("button").last().click();
  await expect(criterion.getByRole("button").last()).toHaveAttribute("aria-pressed", "true");
  await marit.getByRole("navigation", { name: "Where you are" }).getByRole("link", { name: "Skewer set" }).click();
  await marit.getByRole("button", { name: "Issue 1 again" }).click();
  await marit.getByLabel("Issued again, because").fill("An appeal was upheld");
  await marit.getByRole("button", { name: "Issue", exact: true }).click();
  await expect(marit.getByRole("row").filter({ hasText: "Amina Berhane" })).toContainText("version 2");

  await page.reload();
  await expect(page.getByText(/Version 2, released/)).toBeVisible();
  await expect(page.getByRole("region", { name: "Appeal" })).toContainText(
    "Upheld, by Ilse Karimova: The photograph shows both muscles whole.",
  );
  await ilse.close();
  await marit.close();
});

test("three people judge a set without names at once, then see all, and the lead fixes the reference", async ({ page, browser }) => {
  await signIn(page);
  await page.getByText("Skewer set", { exact: true }).locator("xpath=../..").getByRole("link", { name: "Class sheet" }).click();
  await page.getByRole("link", { name: "Moderate" }).click();
  await page.getByRole("button", { name: "Standardise" }).click();
  const trays = page.getByRole("group", { name: "Trays" }).getByRole("button");
  await expect(page.getByRole("button", { name: "Make a set of 0 trays" })).toBeDisabled();
  for (const index of [0, 3, 6]) await trays.nth(index).click();
  await page.getByLabel("What the set is called").fill("Friday");
  await page.getByRole("button", { name: "Make a set of 3 trays" }).click();
  await page.getByRole("heading", { name: "Friday", level: 1 }).waitFor();
  const address = page.url();

  const others = await Promise.all(
    ["teodor", "ilse"].map(async (account) => {
      const other = await browser.newPage();
      await signIn(other, account, address);

      return other;
    }),
  );
  const people = [page, ...others];
  await Promise.all(
    people.map(async (person, index) => {
      await person.getByRole("region", { name: "Tray A" }).waitFor();
      await expect(person.getByText(/Amina|Merit|Station \d/)).toHaveCount(0);
      for (const key of [String(index + 1), String(index + 1), "2"]) await person.keyboard.press(key);
      await expect(person.getByRole("status").filter({ hasText: "You have judged 3 of" })).toBeVisible();
      await person.getByRole("button", { name: "Finish" }).click();
      await expect(person.getByRole("status").filter({ hasText: "You have finished" })).toBeVisible();
    }),
  );
  await expect(page.getByRole("status").filter({ hasText: /Marit.*|Teodor.*|Ilse.*/ })).toContainText("Ilse Karimova", { timeout: 15_000 });
  await page.getByRole("button", { name: "Open it to everybody" }).click();
  await expect(page.getByText("1 of 3 criteria were seen alike by everybody.")).toBeVisible();
  const apart = page.getByRole("region", { name: "Tray A" }).getByRole("group").filter({ hasText: "2 steps apart" }).first();
  await expect(apart).toContainText("Teodor Vance");
  await apart.getByRole("button").nth(1).click();
  await expect(apart).toContainText("Reference by Marit Oyelaran: As the descriptor says");
  await expect(
    page.getByRole("group", { name: "Against the reference" }).getByRole("row").filter({ hasText: "Teodor Vance" }),
  ).toContainText("100 %");
  await expect(others[0]?.getByRole("group", { name: "Against the reference" }) ?? page.locator("none")).toContainText("Marit Oyelaran", {
    timeout: 15_000,
  });
  for (const other of others) await other.close();
});
