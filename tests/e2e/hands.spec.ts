import { type Page } from "@playwright/test";
import { expect, signIn, stationCard, test } from "./kitchen";

const areas = (page: Page) => page.getByRole("navigation", { name: "Areas" });

/** WCAG 2.2, 2.5.8 asks for 24 px; a wet or gloved finger for more (common practice in kitchens and on machines). */
const LEAST_PX = 48;

/** What can be pressed in the page and is smaller; links within a sentence are read, not hit. */
const tooSmall = (page: Page): Promise<string[]> =>
  page.evaluate(
    (least) =>
      [...document.querySelectorAll<HTMLElement>("main button, main a, main select, main input, main [role=radio]")]
        .filter((it) => getComputedStyle(it).display !== "inline" && it.checkVisibility({ opacityProperty: true }))
        // A line to write on is hit anywhere within its frame.
        .map((it) => ({ it, box: (it.closest(".MuiInputBase-root") ?? it).getBoundingClientRect() }))
        .filter(({ box }) => box.width > 1 && (Math.round(box.height) < least || Math.round(box.width) < least))
        .map(({ it, box }) => `${it.getAttribute("aria-label") ?? it.textContent}: ${Math.round(box.width)} × ${Math.round(box.height)}`),
    LEAST_PX,
  );

/** Lines of text of the page that lie over one another, by more than the air between lines; what is drawn, folded, cut off or scrolled under is left out. */
const lyingOver = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    /** What is left of a box that its holders cut off. */
    const seenOf = (box: DOMRect, holder: Element | null): DOMRect => {
      if (holder === null) return box;
      const cut = holder.getBoundingClientRect();
      const [left, top] = [Math.max(box.left, cut.left), Math.max(box.top, cut.top)];
      const isCut = getComputedStyle(holder).overflow !== "visible";
      const size = [Math.min(box.right, cut.right) - left, Math.min(box.bottom, cut.bottom) - top] as const;

      return seenOf(isCut ? new DOMRect(left, top, Math.max(0, size[0]), Math.max(0, size[1])) : box, holder.parentElement);
    };
    const isStuck = (holder: Element | null): boolean =>
      holder !== null && (["sticky", "fixed"].includes(getComputedStyle(holder).position) || isStuck(holder.parentElement));
    const lines: { text: string; node: Node; box: DOMRect }[] = [];
    const nodes = document.createTreeWalker(document.querySelector("main") ?? document.body, NodeFilter.SHOW_TEXT);
    for (let node = nodes.nextNode(); node !== null; node = nodes.nextNode()) {
      const text = node.textContent?.trim() ?? "";
      const holder = node.parentElement;
      if (
        text === "" ||
        holder === null ||
        holder.closest("svg, option, details:not([open])") !== null ||
        !holder.checkVisibility() ||
        isStuck(holder)
      )
        continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      lines.push(...[...range.getClientRects()].map((box) => ({ text, node, box: seenOf(box, holder) })));
    }
    const isOver = (one: DOMRect, other: DOMRect): boolean =>
      Math.min(one.right, other.right) - Math.max(one.left, other.left) > 2 &&
      Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > Math.min(one.height, other.height) / 2;

    return lines.flatMap((one, index) =>
      lines
        .slice(index + 1)
        .filter((other) => other.node !== one.node && isOver(one.box, other.box))
        .map((other) => `“${one.text}” and “${other.text}”`),
    );
  });

test("whatever is pressed with wet hands is large enough: the room, its rounds, the tray", async ({ browser, baseURL }) => {
  const tablet = await browser.newContext({
    baseURL: baseURL ?? "",
    viewport: { width: 820, height: 1180 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await tablet.newPage();
  await signIn(page);
  await areas(page).getByRole("link", { name: "Floor" }).click();
  await page.locator('[data-station="9"]').click();
  await page.getByRole("complementary", { name: "Station 9" }).waitFor();
  expect.soft(await tooSmall(page), "the room").toEqual([]);
  await page.keyboard.press("Escape");
  for (const name of ["Mise", "Receiving", "Scale", "Arrange"]) {
    const rounds = page.getByRole("navigation", { name: "Rounds" });
    await rounds.getByRole("button", { name }).click();
    await expect(rounds.getByRole("button", { name })).toHaveAttribute("aria-current");
    expect.soft(await tooSmall(page), name).toEqual([]);
  }
  await areas(page).getByRole("link", { name: "Bench" }).click();
  await stationCard(page, 9).click();
  for (const step of ["Receive", "Weigh in", "Inspect"]) {
    await page.getByRole("button", { name: step, exact: true }).click();
    await expect(page.getByRole("button", { name: step, exact: true })).toHaveAttribute("aria-current");
    expect.soft(await tooSmall(page), step).toEqual([]);
  }
  await tablet.close();
});

test("no page is wider than a phone, or than a tablet shown at 200 %, and no line lies over another", async ({ page }) => {
  await signIn(page, "ilse");
  const seen = ["/", "/floor", "/brief", "/ledger", "/ledger/on-hand", "/ledger/pots", "/ledger/money", "/ledger/week", "/ledger/term"];
  seen.push("/roster", "/roster/import", "/people", "/people/changes", "/account", "/standardising", "/agreement");
  seen.push("/standards", "/standards/new", "/standards/school", "/standards/policy");
  for (const [name, opens] of [
    ["/", /^\/(sheet|tray|verdict)\//],
    ["/floor", /^\/floor\/wall\//],
    ["/standards", /^\/standards\/[0-9a-f-]{36}$/],
    ["/brief", /^\/brief\/[0-9a-f-]{36}$/],
  ] as const) {
    await page.goto(name);
    await page.getByRole("main").getByRole("link").first().waitFor();
    const links = await page
      .getByRole("main")
      .getByRole("link")
      .evaluateAll((all) => all.map((it) => it.getAttribute("href") ?? ""));
    const found = links.filter((it) => opens.test(it));
    seen.push(...new Map(found.map((it) => [it.split("/")[1] ?? "", it])).values());
  }
  const group =
    /[0-9a-f-]{36}/.exec(await page.request.get("/api/v1/roster", { headers: { Referer: page.url() } }).then((it) => it.text()))?.[0] ??
    "none";
  const standard = seen.find((it) => /^\/standards\/[0-9a-f-]{36}$/.test(it))?.split("/")[2] ?? "none";
  seen.push(
    `/roster/${group}/practice`,
    "/practice",
    ...["", "/follow", "/quiz", "/opener", `/tray/${standard}`].map((it) => `/practice/${standard}${it}`),
  );
  const tray = seen.find((it) => it.startsWith("/tray/"))?.split("/")[2];
  seen.push(...["receive", "weigh", "inspect"].map((step) => `/tray/${tray ?? "none"}/${step}`));
  // A tray that is judged offers a second look beside the other steps.
  const judged = seen.find((it) => it.startsWith("/verdict/"))?.split("/")[2];
  seen.push(`/tray/${judged ?? "none"}/weigh`);
  const ofTheHour = seen.filter((it) => /^\/($|floor|tray)/.test(it));
  for (const [width, height, addresses] of [
    [360, 740, seen],
    [640, 400, ofTheHour],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const address of addresses) {
      await page.goto(address);
      await expect(page.getByRole("main").getByRole("heading").first()).toBeAttached();
      await expect(page.getByText(/^Fetching .*…$/)).toHaveCount(0);
      const needs = await page.evaluate(() => document.documentElement.scrollWidth);
      expect.soft(needs, `${address} at ${String(width)}`).toBeLessThanOrEqual(width);
      expect.soft(await lyingOver(page), `${address} at ${String(width)}`).toEqual([]);
    }
  }
});

test("a page begins at its top with the keyboard in it, and one that is gone back to where it was left", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page);
  await areas(page).getByRole("link", { name: "Standards" }).click();
  const shelf = page.getByRole("link", { name: /^Chicken, eight pieces \d/ });
  await shelf.waitFor();
  await expect(page.getByRole("main")).toBeFocused();
  await shelf.scrollIntoViewIfNeeded();
  const left = await page.evaluate(() => window.scrollY);
  expect(left).toBeGreaterThan(100);
  await shelf.press("Enter");
  await page.getByRole("group", { name: "Cut map" }).waitFor();
  await expect(page.getByRole("main")).toBeFocused();
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
  await page.goBack();
  await shelf.waitFor();
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBe(left);
});

test("the keyboard passes the rail, and arrows go through answers without taking them", async ({ page }) => {
  await signIn(page, "ilse", "/standards/school");
  const oyster = page.getByRole("radiogroup", { name: "The oyster?" });
  await oyster.waitFor();
  await page.keyboard.press("Tab");
  await expect(page.getByRole("button", { name: "Skip to the page" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("main")).toBeFocused();
  const [first, second] = [oyster.getByRole("radio").first(), oyster.getByRole("radio").nth(1)];
  const chosen = (await first.isChecked()) ? first : second;
  const other = chosen === first ? second : first;
  await chosen.focus();
  await page.keyboard.press(chosen === first ? "ArrowRight" : "ArrowLeft");
  await expect(other).toBeFocused();
  await expect(chosen).toBeChecked();
  await page.keyboard.press(" ");
  await expect(other).toBeChecked();
  // One stop of the tab key for the whole question.
  await expect(oyster.locator('[tabindex="0"]')).toHaveCount(1);
});

test("no slip is wider than a phone", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page, "ilse", "/roster");
  const slips: [address: string, ...buttons: (string | RegExp)[]][] = [
    ["/roster", "New group"],
    ["/roster", "Add a student"],
    ["/roster", /^Open /, "Allow something"],
    ["/people", "Invite somebody"],
    ["/people", "Change"],
    ["/ledger/money", /^Write the delivery down|^Change the delivery/],
    ["/ledger/money", /wage/i],
    ["/ledger/on-hand", "Covers …"],
  ];
  for (const [address, ...buttons] of slips) {
    if (!page.url().endsWith(address)) await page.goto(address);
    for (const name of buttons) await page.getByRole("button", { name }).first().click();
    const slip = page.getByRole("dialog");
    await expect(slip).toBeVisible();
    const over = await slip.evaluate((it) =>
      [it, ...it.querySelectorAll<HTMLElement>("*")]
        .filter((one) => one.scrollWidth > one.clientWidth + 1 && ["auto", "scroll"].includes(getComputedStyle(one).overflowX))
        .map((one) => `${one.tagName} ${one.textContent.slice(0, 40)}: ${one.scrollWidth} in ${one.clientWidth}`),
    );
    expect.soft(over, `${address}: ${buttons.join(", ")}`).toEqual([]);
    await page.keyboard.press("Escape");
    await expect(slip).toBeHidden();
  }
});

test("on a phone the open area is in sight, and what lies beside it can be scrolled to", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page, "ilse");
  const rail = areas(page);
  await expect(rail.getByRole("link", { name: "People" })).not.toBeInViewport();
  for (const [name, address] of [
    ["Standards", "/standards"],
    ["People", "/people"],
    ["Bench", "/"],
  ] as const) {
    await page.goto(address);
    await expect(rail.getByRole("link", { name })).toBeInViewport({ ratio: 1 });
  }
});

test("on a phone the head of the Bench leads to what waits, far below; on a wide screen it stands beside", async ({ page }) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await signIn(page);
  const heading = page.getByRole("heading", { name: "What waits" });
  const toIt = page.getByRole("button", { name: /^What waits: \d+$/ });
  await expect(toIt).toBeVisible();
  await expect(heading).not.toBeInViewport();
  await toIt.click();
  await expect(heading).toBeInViewport();
  await expect(heading).toBeFocused();
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(toIt).toBeHidden();
});

test("on a phone the room stands two abreast, in its order; on a tablet as it is built", async ({ page }) => {
  await signIn(page);
  await areas(page).getByRole("link", { name: "Floor" }).click();
  const tiles = page.locator("[data-station]");
  await tiles.first().waitFor();
  const abreast = (): Promise<number> =>
    tiles.evaluateAll((all) => all.filter((it) => it.getBoundingClientRect().top === all[0]?.getBoundingClientRect().top).length);
  const inOrder = (): Promise<string[]> =>
    tiles.evaluateAll((all) =>
      all
        .map((it) => ({ station: it.getAttribute("data-station") ?? "", ...it.getBoundingClientRect().toJSON() }))
        .sort((a, b) => a.top - b.top || a.left - b.left)
        .map(({ station }) => station),
    );
  const built = await inOrder();
  expect(await abreast()).toBeGreaterThan(2);
  await page.setViewportSize({ width: 360, height: 740 });
  await expect.poll(abreast).toBe(2);
  expect(await inOrder()).toEqual(built);
  await expect(tiles.first()).toContainText("Amina Berhane");
});
