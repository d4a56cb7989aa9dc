import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { expect, fillInSignIn, loadSettles, place, signIn, stationCard, test, toTray } from "./kitchen";

const waiting = (page: Page) => page.getByRole("status", { name: "Waiting captures" });

/** What the device cannot do it says, and what it holds is nobody else's. */

test("a weight that the device cannot keep is said at once, and nobody is led on to the next place", async ({ page }) => {
  await page.addInitScript(() => {
    const add = IDBObjectStore.prototype.add;
    IDBObjectStore.prototype.add = function (...what) {
      if (this.name === "waiting" && localStorage.getItem("full") !== null) throw new DOMException("no space", "QuotaExceededError");

      return add.apply(this, what);
    };
  });
  await signIn(page);
  await toTray(page, 8, "weigh");
  const current = page.locator('[data-place][aria-pressed="true"]').first();
  const before = "wing.left";
  await place(page, before).click();
  await page.evaluate(() => localStorage.setItem("full", "1"));
  await page.getByLabel("Or type it").fill("212");
  await page.getByLabel("Or type it").press("Enter");
  const slip = page.getByRole("dialog", { name: "Not taken down" });
  await expect(slip).toContainText("no space left");
  await slip.getByRole("button", { name: "I have seen it" }).click();
  await expect(current).toHaveAttribute("data-place", before);
  await page.evaluate(() => localStorage.removeItem("full"));
  await page.getByLabel("Or type it").fill("212");
  await page.getByLabel("Or type it").press("Enter");
  await expect(place(page, before)).toContainText("212");
  // It was the last one open.
  await expect(current).toHaveCount(0);
});

test("signing out with captures on the device says so; they can be saved as a file, and stay", async ({ page, context }) => {
  await signIn(page);
  await toTray(page, 8, "inspect");
  await expect(page.getByRole("button", { name: "Log", exact: true })).toBeVisible();
  await context.setOffline(true);
  await page.getByRole("button", { name: "Log", exact: true }).click();
  await page.getByLabel("Note").fill("Waits here");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await page.keyboard.press("Escape");
  await expect(waiting(page)).toContainText("1 capture waits");
  await page.getByRole("button", { name: "Sign out" }).click();
  const slip = page.getByRole("dialog", { name: "1 capture waits on this device" });
  const saved = page.waitForEvent("download");
  await slip.getByRole("button", { name: "Save what waits as a file" }).click();
  expect((await saved).suggestedFilename()).toMatch(/^waiting-.*\.json$/);
  await slip.getByRole("button", { name: "Stay signed in" }).click();
  await expect(waiting(page)).toContainText("1 capture waits");
  // What goes up while it is asked is said at once.
  await page.getByRole("button", { name: "Sign out" }).click();
  await expect(slip).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByRole("dialog", { name: "Nothing waits here any more" })).toContainText("is on the server");
  await page.getByRole("dialog").getByRole("button", { name: "Sign out" }).click();
  await expect(page.getByLabel("Password")).toBeVisible();
});

test("signing out gives what is on its way up the time to arrive", async ({ page }) => {
  await signIn(page);
  await toTray(page, 8, "inspect");
  await page.getByRole("button", { name: "Log", exact: true }).click();
  await page.getByLabel("Note").fill("On its way");
  await page.route("**/captures", async (route) => {
    if (route.request().method() === "POST") await expect(page.getByRole("button", { name: "Sending what waits …" })).toBeVisible();
    await route.continue();
  });
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await page.keyboard.press("Escape");
  const stored = page.waitForResponse((it) => it.request().method() === "POST" && it.url().endsWith("/captures") && it.ok());
  await page.getByRole("button", { name: "Sign out" }).click();
  await stored;
  await expect(page.getByLabel("Password")).toBeVisible();
});

test("who signs in or out in one tab is known in the other", async ({ page, context }) => {
  await signIn(page);
  const other = await context.newPage();
  await other.goto("/");
  await expect(other.getByRole("link", { name: /Marit Oyelaran/ })).toBeVisible();
  await other.getByRole("button", { name: "Sign out" }).click();
  await expect(page.getByLabel("Password")).toBeVisible();
  await fillInSignIn(other, "teodor");
  await expect(page.getByRole("link", { name: /Teodor Vance/ })).toBeVisible();
});

/** The next answer by which this page is let listen to what is pushed of a class. */
const heard = (page: Page) => page.waitForResponse((it) => it.url().includes("/live/class/") && it.status() === 200);

for (const [how, isPushed] of [
  ["pushed", true],
  ["asked for, where nothing can be pushed", false],
] as const) {
  test(`a mark of one device comes to another: ${how}`, async ({ page, browser }) => {
    await signIn(page);
    const attempt = await toTray(page, 8, "inspect");
    const context = await browser.newContext();
    const other = await context.newPage();
    if (!isPushed) await context.route("**/live/**", (route) => route.abort());
    await signIn(other, "teodor");
    const listens = isPushed ? heard(other) : Promise.resolve();
    await other.goto(`/tray/${attempt}/inspect`);
    await listens;
    await other.getByRole("button", { name: "Log", exact: true }).click();
    await page.getByRole("button", { name: "Log", exact: true }).click();
    await page.getByLabel("Note").fill("Seen from across the room");
    const asked: string[] = [];
    other.on("request", (it) => asked.push(it.url()));
    await page.getByRole("button", { name: "Add", exact: true }).click();
    await expect(other.getByText("Seen from across the room").first()).toBeVisible();
    // Who is told need not ask; who is not asks on and on.
    const cursors = (): number => asked.filter((it) => it.includes("/captures")).length;
    if (isPushed) expect(cursors()).toBeLessThan(3);
    else await expect.poll(cursors).toBeGreaterThan(4);
    await context.close();
  });
}

test.describe("by touch", () => {
  test.use({ hasTouch: true });

  test("a mark that is tapped twice in a moment is asked about before it counts twice", async ({ page }) => {
    await signIn(page);
    await toTray(page, 8, "inspect");
    const sawing = page.getByRole("button", { name: /^Mark Sawing/ });
    const count = async (): Promise<number> =>
      (await sawing.innerText()).includes("once") ? 1 : Number(/(\d+) times/.exec(await sawing.innerText())?.[1]);
    const before = await count();
    await sawing.evaluate((it: HTMLButtonElement) => {
      for (const detail of [1, 2]) it.dispatchEvent(new MouseEvent("click", { bubbles: true, detail }));
    });
    const asked = page.getByRole("alert").filter({ hasText: "Was the second meant?" });
    await expect(asked).toBeVisible();
    await expect.poll(count).toBe(before + 1);
    await asked.getByRole("button", { name: "Mark it again" }).tap();
    await expect(asked).toHaveCount(0);
    await expect.poll(count).toBe(before + 2);
  });
});

/** What this device keeps of what it was shown. */
const keptAnswers = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve) => {
        const opened = indexedDB.open("deft-blade");
        opened.onsuccess = () => {
          const all: IDBRequest<{ value: string }[]> = opened.result.transaction("answers").objectStore("answers").getAll();
          all.onsuccess = () => {
            opened.result.close();
            resolve(all.result.map(({ value }) => value).join());
          };
        };
      }),
  );

test("a weight that went up in the moment before a reload is shown after it", async ({ page, context }) => {
  await signIn(page);
  await expect.poll(() => keptAnswers(page)).toContain("today");
  const attempt = await toTray(page, 9, "weigh");
  await expect.poll(() => keptAnswers(page)).toContain(`["tray","${attempt}"]`);
  // The answer after it does not arrive any more.
  const tray = new RegExp(`/api/v1/attempts/${attempt}$`);
  await context.route(tray, (route) => route.abort());
  await place(page, "wing.left").click();
  const sent = page.waitForResponse((it) => it.url().endsWith(`/attempts/${attempt}/captures`));
  await page.getByLabel("Or type it").fill("87");
  await page.getByLabel("Or type it").press("Enter");
  expect((await sent).status()).toBe(200);
  await context.unroute(tray);
  await page.reload();
  await expect(place(page, "wing.left")).toContainText("87");
});

test("keys of one character can be switched off, and Enter still takes a weight", async ({ page }) => {
  await signIn(page, "marit", "/account");
  await page.getByRole("button", { name: "Keys of one character off" }).click();
  await page.keyboard.press("f");
  await expect(page).toHaveURL(/account/);
  await page.getByRole("button", { name: "Keys of one character off" }).click();
  await page.getByRole("heading", { name: "Keys" }).click();
  await page.keyboard.press("f");
  await expect(page).toHaveURL(/floor/);
});

test("Enter in the moment a load comes to rest takes the weight that is shown", async ({ page }) => {
  await signIn(page);
  await toTray(page, 12, "receive");
  await page.locator('[data-scale="stable"]').waitFor();
  await page.evaluate(() => {
    const watch = new MutationObserver(() => {
      const figure = document.querySelector('[data-scale="stable"] [role="img"]')?.textContent ?? "0";
      if (Number.parseFloat(figure.replace(",", "")) < 100) return;
      watch.disconnect();
      document.body.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true, cancelable: true }));
    });
    watch.observe(document.body, {
      subtree: true,
      childList: true,
      characterData: true,
      attributes: true,
      attributeFilter: ["data-scale"],
    });
  });
  await page.keyboard.press("p");
  await expect(page.getByTestId("as-purchased")).toHaveText(/ g$/);
});

test("Enter on the place that was just tapped takes the reading for it", async ({ page }) => {
  await signIn(page);
  await toTray(page, 8, "weigh");
  await page.getByRole("button", { name: "Put it on" }).waitFor();
  await place(page, "thigh.left").click();
  await loadSettles(page, () => page.getByRole("button", { name: "Put it on" }).click());
  await place(page, "thigh.left").focus();
  await page.keyboard.press("Enter");
  await expect(place(page, "thigh.left")).toHaveAttribute("aria-pressed", "false");
  await loadSettles(page, () => page.getByRole("button", { name: "Take it off" }).click());
});

test("where a page is asked for again in vain, what was shown stays, and it is said that it may be old", async ({ page }) => {
  await signIn(page);
  await expect(stationCard(page, 1)).toBeVisible();
  await page.route("**/api/v1/**", (route) => route.fulfill({ status: 502, contentType: "text/html", body: "<h1>Bad gateway</h1>" }));
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
  // Going back before it is there, the Bench would never have been left, nor asked for again.
  await page.waitForURL("**/standards");
  await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Bench" }).click();
  await expect(waiting(page)).toContainText("The server does not answer: what is shown may be old.");
  await expect(stationCard(page, 1)).toBeVisible();
  await page.unroute("**/api/v1/**");
  await page.reload();
  await expect(stationCard(page, 1)).toBeVisible();
  await expect(waiting(page)).toHaveCount(0);
});

test("what the server fails at three times steps aside and is told; what is behind it goes up, and it too once it is sent again", async ({
  page,
}) => {
  await signIn(page);
  const attempt = await toTray(page, 8, "inspect");
  await page.getByRole("button", { name: "Log", exact: true }).click();
  await page.route("**/captures", (route) =>
    route.request().postData()?.includes("Breaks the server") === true
      ? route.fulfill({
          status: 500,
          contentType: "application/problem+json",
          body: JSON.stringify({
            type: "urn:deft-blade:problem:fault",
            title: "Something went wrong here",
            status: 500,
            detail: "Try again.",
          }),
        })
      : route.continue(),
  );
  for (const note of ["Breaks the server", "Right behind it"]) {
    await page.getByRole("textbox", { name: "Note" }).fill(note);
    await page.getByRole("button", { name: "Add", exact: true }).click();
  }
  await page.keyboard.press("Escape");
  const aside = page.getByRole("alert").filter({ hasText: "The server failed at 1 capture three times." });
  await expect(aside).toBeVisible();
  const log = async (): Promise<string> =>
    (await page.request.get(`/api/v1/attempts/${attempt}`, { headers: { Referer: page.url() } })).text();
  await expect.poll(log).toContain("Right behind it");
  expect(await log()).not.toContain("Breaks the server");
  await page.unroute("**/captures");
  await aside.getByRole("button", { name: "Send all again" }).click();
  await expect(aside).toHaveCount(0);
  await expect.poll(log).toContain("Breaks the server");
});

test("where nobody pushes what the scale says, the server is asked for it", async ({ page }) => {
  const state = process.env.DEFT_BLADE_STATE ?? "storage/test";
  process.kill(Number(readFileSync(`${state}/pid/follow`, "utf8")));
  try {
    await signIn(page);
    await toTray(page, 8, "weigh");
    await expect(page.locator('[data-scale="stable"], [data-scale="refused"]')).toBeVisible();
  } finally {
    execFileSync("bin/start", { stdio: "ignore" });
  }
  await page.reload();
  await expect(page.locator('[data-scale="stable"], [data-scale="refused"]')).toBeVisible();
});
