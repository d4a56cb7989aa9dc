import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { type Browser, type Locator, type Page } from "@playwright/test";
import { dragByFinger, expect, hasItsCopy, holdTime, loadSettles, place, fillInSignIn, signIn, stationCard, test } from "./kitchen";

const tile = (page: Page, station: number): Locator => page.locator(`[data-station="${station}"]`);
const round = (page: Page, name: string): Locator => page.getByRole("navigation", { name: "Rounds" }).getByRole("button", { name });
const waiting = (page: Page): Locator => page.getByRole("status", { name: "Waiting captures" });

async function toFloor(page: Page, practical: string): Promise<string> {
  const id = await page.evaluate(async (title) => {
    const bench = (await (await fetch("/api/v1/bench")).json()) as {
      coming: { id: string; title: string }[];
      today: { id: string; title: string }[];
      earlier: { id: string; title: string }[];
    };

    return [...bench.today, ...bench.earlier, ...bench.coming].find((it) => it.title === title)?.id ?? "";
  }, practical);
  await page.goto(`/floor/${id}`);
  await page.getByRole("group", { name: "Stations" }).waitFor();

  return id;
}

interface Taken {
  attempt: string;
  capture: { id: string; kind: string; text?: string };
}

/** What the server took of a class since a cursor, in the order in which it took it. */
const captures = (page: Page, assessment: string, after: number) =>
  page.evaluate(
    async ([id, from]) => {
      const answer = await fetch(`/api/v1/assessments/${id}/captures?after=${from}`);

      return ((await answer.json()) as { captures: Taken[] }).captures;
    },
    [assessment, after] as const,
  );

/** Where the captures of a class have come to. */
const cursor = (page: Page, assessment: string): Promise<number> =>
  page.evaluate(async (id) => ((await (await fetch(`/api/v1/assessments/${id}/captures`)).json()) as { next: number }).next, assessment);

test.describe("by touch", () => {
  test.use({ hasTouch: true });

  test("the room: mise, receiving, the clock, marks, undo, a safety stop", async ({ page }) => {
    await page.clock.install();
    await signIn(page);
    await toFloor(page, "Truss first");
    await expect(tile(page, 12)).toContainText("empty");

    await round(page, "Mise").tap();
    const mise = page.getByRole("group", { name: "Mise of station 11" });
    await mise.getByRole("button", { name: "Except" }).tap();
    await mise.getByRole("button", { name: /Knife sharp/ }).tap();
    await expect(mise).toContainText("1 open");
    await page.getByRole("group", { name: "Mise of station 12" }).getByRole("button", { name: "All in order" }).tap();
    await expect(page.getByRole("group", { name: "Mise of station 12" })).toContainText("in order");

    await round(page, "Receiving").tap();
    await page.getByRole("button", { name: /^Out of the refrigerator/ }).tap();
    await expect(page.getByRole("group", { name: "Cold chain" })).toContainText("of 120:00");
    await page.getByRole("group", { name: "Carcasses" }).getByRole("button", { name: /^12/ }).tap();
    await page.getByLabel("Carcass tag").fill("TQ-12");
    await page.getByLabel("Refuse it, because").fill("Belly torn");
    await page.getByRole("button", { name: "Refuse", exact: true }).tap();
    await page.getByLabel("Or type it").fill("1822");
    await page.getByLabel("Or type it").press("Enter");
    await expect(page.getByRole("group", { name: "Carcasses" }).getByRole("button", { name: /^12/ })).toContainText("1822 g, 1 refused");

    await round(page, "Room").tap();
    await tile(page, 11).tap();
    await page.getByRole("button", { name: "Start", exact: true }).tap();
    const unsafe = page.getByRole("dialog", { name: "Not safe to start" });
    await expect(unsafe).toContainText("Knife sharp");
    await unsafe.getByRole("button", { name: "Not yet" }).tap();
    await expect(unsafe).toHaveCount(0);
    await round(page, "Mise").tap();
    await mise.getByRole("button", { name: "All in order" }).tap();
    await expect(mise).toContainText("in order ✓");
    await round(page, "Room").tap();
    await tile(page, 12).tap();
    const panel = page.getByRole("complementary", { name: "Station 12" });
    await panel.getByRole("button", { name: "Start", exact: true }).tap();
    await expect(tile(page, 12)).toContainText("at work");
    await holdTime(page);
    await panel.getByRole("button", { name: "Sawing" }).tap();
    const undo = page.getByRole("status", { name: "Just taken down" });
    await expect(undo).toContainText("Sawing, station 12");
    await undo.getByRole("button", { name: "Undo" }).tap();
    await page.clock.resume();
    await expect(tile(page, 12)).not.toContainText("Sawing");
    await panel.getByRole("button", { name: "Knife sure and safe" }).tap();
    await panel.getByRole("button", { name: "Trussed" }).tap();
    await expect(panel).toContainText(/Trussed: \d:\d\d/);

    await panel.getByRole("button", { name: "Safety stop" }).tap();
    const stop = page.getByRole("dialog", { name: "Stopped: station 12" });
    await expect(tile(page, 12)).toContainText("paused");
    await stop.getByRole("button", { name: "Cut", exact: true }).tap();
    await expect(stop.getByRole("note")).toContainText("school’s procedure");
    await stop.getByRole("group", { name: "Touched" }).getByRole("button").first().tap();
    await stop.getByRole("button", { name: "Record it" }).tap();
    await expect(tile(page, 12)).toContainText("Incident: cut");
    await panel.getByRole("button", { name: "Run on" }).tap();
    await panel.getByRole("button", { name: "Present" }).tap();
    await expect(tile(page, 12)).toContainText("presented");
    await page.getByRole("link", { name: /^Next on the scale: 12/ }).tap();
    await expect(page.getByRole("heading", { name: "Siobhán Mac Giolla Rua" })).toBeVisible();
    await page.getByRole("button", { name: "Log", exact: true }).tap();
    await expect(page.getByRole("dialog")).toContainText("Incident: cut");
    await expect(page.getByRole("dialog")).toContainText("withdrawn by Marit Oyelaran: Undone at once");
  });
});

test.describe("a whole class by touch", () => {
  test.use({ hasTouch: true, viewport: { width: 1180, height: 820 } });

  test("a station is dragged to where it stands; clocks, waves and the cold chain follow a clock that is turned forward", async ({
    page,
    context,
  }) => {
    await page.clock.install();
    await signIn(page);
    await toFloor(page, "Lamb leg by the seam");
    await round(page, "Arrange").tap();
    const twelve = page.getByRole("button", { name: /^Station 12/ });
    await dragByFinger(page, twelve, page.getByRole("button", { name: "Free, row 1" }));
    await expect(twelve).toHaveAccessibleName("Station 12, row 1");
    await expect(page.getByRole("status", { name: "Station in hand" })).toContainText("Drag a station");
    await twelve.tap();
    await page.getByRole("button", { name: "Station 12 in wave 2" }).tap();
    await page.getByLabel("Between waves, min").fill("10");
    await page.getByRole("button", { name: "Keep it so" }).tap();
    await expect(tile(page, 12)).toContainText("wave 2");

    // Nothing of this goes up: without a network the clock is not put right by the server either.
    await context.setOffline(true);
    await round(page, "Mise").tap();
    for (const station of [1, 12])
      await page
        .getByRole("group", { name: `Mise of station ${station}`, exact: true })
        .getByRole("button", { name: "All in order" })
        .tap();
    await round(page, "Receiving").tap();
    const cold = page.getByRole("group", { name: "Cold chain" });
    await holdTime(page);
    await page.getByRole("button", { name: "Out of the refrigerator (12)" }).tap();
    const undo = page.getByRole("status", { name: "Just taken down" });
    await expect(undo).toContainText("Out of the refrigerator, 12 stations");
    await undo.getByRole("button", { name: "Undo" }).tap();
    await page.clock.resume();
    await expect(cold.getByRole("status")).toContainText("The limit of the school is 120 min");
    await page.getByRole("button", { name: "Out of the refrigerator (12)" }).tap();
    for (const station of [1, 12]) {
      await page
        .getByRole("group", { name: "Carcasses" })
        .getByRole("button", { name: new RegExp(`^${station}\\D`) })
        .tap();
      await page.getByLabel("Or type it").fill("2100");
      await page.getByRole("button", { name: "Enter", exact: true }).tap();
    }
    await expect(cold.getByRole("status")).toContainText("of 120:00");

    await round(page, "Room").tap();
    await page.getByRole("button", { name: "Start wave 1 (1)" }).tap();
    const timer = page.getByRole("timer", { name: "Clock of station 1", exact: true });
    await expect(timer).toHaveText(/^0:\d\d$/);
    await expect(page.getByRole("button", { name: /^Start wave 2 \(1\) in (10:00|9:\d\d)$/ })).toBeVisible();
    await page.clock.fastForward("06:00");
    await expect(timer).toHaveText(/^6:\d\d$/);
    await expect(page.getByRole("button", { name: /^Start wave 2 \(1\) in 3:\d\d$/ })).toBeVisible();
    await page.clock.fastForward("05:00");
    await expect(page.getByRole("button", { name: "Start wave 2 (1)", exact: true })).toBeVisible();

    await round(page, "Receiving").tap();
    await page.clock.fastForward("01:20:00");
    await expect(cold.getByRole("alert")).toContainText("the limit of 120:00 is near");
    await page.clock.fastForward("30:00");
    await expect(cold.getByRole("alert")).toContainText("past the limit of 120:00");
  });

  test("twelve stations from mise to presented, in two waves", async ({ page }) => {
    await signIn(page);
    await toFloor(page, "Lamb leg by the seam");
    const stations = Array.from({ length: 12 }, (_, index) => index + 1);
    await expect(tile(page, 12)).toContainText("raw meat");

    await round(page, "Arrange").tap();
    for (const station of [11, 12]) {
      await page.getByRole("button", { name: new RegExp(`^Station ${station}( wave 2)?, row`) }).tap();
      await page.getByRole("button", { name: `Station ${station} in wave 2` }).tap();
      await page.getByRole("button", { name: new RegExp(`^Station ${station}( wave 2)?, row`) }).tap();
    }
    await page.getByRole("button", { name: "Keep it so" }).tap();
    await expect(tile(page, 12)).toContainText("wave 2");

    await round(page, "Mise").tap();
    for (const station of stations)
      await page
        .getByRole("group", { name: `Mise of station ${station}`, exact: true })
        .getByRole("button", { name: "All in order" })
        .tap();
    await expect(page.getByRole("status", { name: "Stations looked at" })).toContainText("12 of 12");

    await round(page, "Receiving").tap();
    for (const station of stations) {
      await expect(page.getByRole("heading", { name: new RegExp(`^Station ${station}:`) })).toBeVisible();
      await page.getByLabel("Or type it").fill(String(1900 + station));
      await page.getByRole("button", { name: "Enter", exact: true }).tap();
    }
    await expect(page.getByRole("group", { name: "Carcasses" })).not.toContainText("to receive");

    await round(page, "Room").tap();
    await page.getByRole("button", { name: "Start wave 1 (10)" }).tap();
    for (const station of stations.slice(0, 10)) await expect(tile(page, station)).toContainText("at work");
    await expect(tile(page, 11)).toContainText("received");
    await page.getByRole("button", { name: "Start wave 2 (2)" }).tap();
    for (const station of stations) {
      await tile(page, station).tap();
      await page
        .getByRole("complementary", { name: `Station ${station}` })
        .getByRole("button", { name: "Present" })
        .tap();
      await expect(tile(page, station)).toContainText("presented");
    }
    await expect(page.getByRole("link", { name: "Next on the scale: 1 of 12" })).toBeVisible();
    await expect(waiting(page)).toHaveCount(0);
  });
});

/** Signs this person out on every device, as somebody does who left a tablet behind. */
async function endSessions(browser: Browser): Promise<void> {
  const elsewhere = await browser.newPage();
  await signIn(elsewhere, "marit", "/account");
  await elsewhere.getByRole("button", { name: "Sign out everywhere" }).click();
  await expect(elsewhere.getByLabel("E-mail")).toBeVisible();
  await elsewhere.close();
}

test("a session that ends while clocks tick leads to the way in, also on a device that is slow to tell its screen", async ({
  page,
  browser,
}) => {
  await signIn(page);
  // What is put off to the next turn comes two ticks of the clock later.
  await page.addInitScript(() => {
    const later = window.setTimeout.bind(window);
    window.setTimeout = ((what: TimerHandler, ms?: number, ...rest: unknown[]) =>
      later(what, ms === undefined || ms === 0 ? 2_500 : ms, ...rest)) as typeof window.setTimeout;
  });
  await toFloor(page, "Chicken eight-piece");
  await tile(page, 8).click();
  await expect(page.getByRole("complementary").getByLabel("Note")).toBeVisible();
  await endSessions(browser);
  await page.getByRole("complementary").getByLabel("Note").fill("After the end");
  await page.getByRole("complementary").getByLabel("Note").press("Enter");
  await expect(page.getByLabel("E-mail")).toBeVisible({ timeout: 30_000 });
});

test("a session that ended keeps what waits for the same person, and shows it to nobody else", async ({ page, context, browser }) => {
  await signIn(page);
  const id = await toFloor(page, "Chicken eight-piece");
  const before = await cursor(page, id);
  await tile(page, 11).click();
  await context.setOffline(true);
  await page.getByRole("complementary").getByLabel("Note").fill("Kept for Marit");
  await page.getByRole("complementary").getByLabel("Note").press("Enter");
  await expect(waiting(page)).toContainText("1 capture waits.");
  await endSessions(browser);
  await context.setOffline(false);
  await expect(page.getByLabel("E-mail")).toBeVisible({ timeout: 20_000 });
  await signIn(page, "teodor");
  await toFloor(page, "Chicken eight-piece");
  await expect(waiting(page)).toHaveCount(0);
  expect((await captures(page, id, before)).map(({ capture }) => capture.text)).not.toContain("Kept for Marit");
  await page.getByRole("button", { name: "Sign out" }).click();
  await fillInSignIn(page, "marit");
  await expect.poll(async () => (await captures(page, id, before)).map(({ capture }) => capture.text)).toEqual(["Kept for Marit"]);
});

test("undo stands for ten seconds of a clock that is turned forward, and the mark stands after it", async ({ page }) => {
  await page.clock.install();
  await signIn(page);
  await toFloor(page, "Chicken eight-piece");
  await tile(page, 11).click();
  await holdTime(page);
  await page.getByRole("complementary").getByRole("button", { name: "Wishbone left in" }).click();
  const undo = page.getByRole("status", { name: "Just taken down" });
  await expect(undo).toBeVisible();
  await page.clock.runFor(9_000);
  await expect(undo).toBeVisible();
  await page.clock.runFor(1_500);
  await expect(undo).toHaveCount(0);
  await expect(tile(page, 11)).toContainText("Wishbone left in");
});

test("signing out without a network shows nothing of it to whoever comes next", async ({ page, context }) => {
  await signIn(page);
  await toFloor(page, "Chicken eight-piece");
  await context.setOffline(true);
  await page.getByRole("button", { name: "Sign out" }).click();
  await expect(page.getByLabel("E-mail")).toBeVisible();
  await expect.poll(() => kept(page)).toEqual([]);
  await context.setOffline(false);
  await page.reload();
  await expect(page.getByLabel("E-mail")).toBeVisible();
});

test("two assessors at one tray see each other, and a mark of one comes to the other's screen", async ({ browser }) => {
  const [one, other] = await Promise.all(
    ["marit", "teodor"].map(async (account) => {
      const page = await (await browser.newContext()).newPage();
      await signIn(page, account);
      await toFloor(page, "Chicken eight-piece");
      await tile(page, 11).click();

      return page;
    }),
  );
  if (one === undefined || other === undefined) throw new Error("two are needed");
  await expect(tile(one, 11)).toContainText("Teodor Vance here");
  await expect(tile(other, 11)).toContainText("Marit Oyelaran here");
  await one.getByRole("complementary").getByRole("button", { name: "Joint missed" }).click();
  await expect(tile(other, 11)).toContainText("Joint missed");
  await tile(one, 10).click();
  const tray = (await one.getByRole("complementary").getByRole("link", { name: "Tray" }).getAttribute("href")) ?? "";
  await other.goto("/floor/wall");
  await expect(other.getByRole("timer", { name: "Clock of station 11" })).toHaveText("0:00");

  for (const [page, weight] of [
    [one, "1812"],
    [other, "1809"],
  ] as const) {
    await page.goto(`${tray}/receive`);
    await page.getByLabel("Or type it").fill(weight);
    await page.getByLabel("Or type it").press("Enter");
    await expect(page.getByTestId("as-purchased")).toHaveText(`${weight} g`);
  }
  for (const page of [one, other])
    await expect(page.getByRole("note", { name: "Taken down by two" })).toContainText(
      /AP 1809 g \(Teodor Vance, .*\) holds\. Before it: Carcass received, AP 1812 g \(Marit Oyelaran, /,
    );
  await one.context().close();
  await other.context().close();
});

test.describe("with what a device keeps", () => {
  test.use({ serviceWorkers: "allow" });

  test("without a network everything is taken down, survives a reload, and goes up once, in order", async ({ page, context }) => {
    await signIn(page);
    const id = await toFloor(page, "Chicken eight-piece");
    await hasItsCopy(page);
    const before = await cursor(page, id);
    await tile(page, 10).click();
    const panel = page.getByRole("complementary", { name: "Station 10" });
    await expect(panel).toBeVisible();
    // The trays of the day are fetched while there is a network, and kept.
    await expect.poll(() => keptTrays(page)).toBe(12);

    await context.setOffline(true);
    await expect(waiting(page)).toContainText("No network.");
    for (const note of ["first", "second"]) {
      await panel.getByLabel("Note").fill(note);
      await panel.getByLabel("Note").press("Enter");
    }
    await expect(waiting(page)).toContainText("2 captures wait.");
    await page.reload();
    await page.getByRole("group", { name: "Stations" }).waitFor();
    await expect(waiting(page)).toContainText("2 captures wait.");
    await tile(page, 10).click();
    await expect(tile(page, 10)).toContainText("second");
    await panel.getByLabel("Note").fill("third");
    await panel.getByLabel("Note").press("Enter");
    await page.goto(`/tray/${await attemptOf(page, 9)}/weigh`);
    await page.getByRole("group", { name: "Tray", exact: true }).waitFor();
    const weigh = async (weight: string): Promise<void> => {
      await place(page, "wing.left").click();
      await page.getByLabel("Or type it").fill(weight);
      await page.getByLabel("Or type it").press("Enter");
      await expect(place(page, "wing.left")).toContainText(weight.replace(" g", ""));
    };
    await weigh("68 g");
    await page.keyboard.press("u");
    await expect(place(page, "wing.left")).toContainText("–");
    await weigh("86 g");
    await page.keyboard.press("l");
    await expect(page.getByRole("dialog", { name: "Log of this tray" })).toContainText("waits to go up");
    await page.keyboard.press("Escape");
    await expect(waiting(page)).toContainText("6 captures wait.");

    await context.setOffline(false);
    await expect
      .poll(async () => (await captures(page, id, before)).map(({ capture }) => capture.text ?? capture.kind), { timeout: 20_000 })
      .toEqual(["first", "second", "third", "piece", "void", "piece"]);
    await expect(waiting(page)).toHaveCount(0);
  });
});

/** How many trays this device keeps. */
const keptTrays = (page: Page): Promise<number> => kept(page).then((queries) => queries.filter((it) => it.queryKey[0] === "tray").length);

/** Which attempt stands at a station, from what this device keeps. */
const attemptOf = async (page: Page, station: number): Promise<string> => {
  const floor = (await kept(page)).find((it) => it.queryKey[0] === "floor");

  return floor?.state.data.stations?.find((it) => it.station === station)?.attempt ?? "";
};

test("what an earlier build kept on a tablet is fetched anew, not shown", async ({ page }) => {
  await signIn(page);
  await stationCard(page, 1).waitFor();
  await expect.poll(async () => (await kept(page)).some((it) => it.queryKey[0] === "bench")).toBe(true);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open("deft-blade");
        open.onerror = () => reject(new Error("the store does not open"));
        open.onsuccess = () => {
          const answers = open.result.transaction("answers", "readwrite").objectStore("answers");
          answers.getAll().onsuccess = ({ target }) => {
            for (const it of (target as IDBRequest<{ value: string }[]>).result) {
              // As it was before practicals said who marks them.
              answers.put({
                ...it,
                build: "/build/assets/main-earlier.js",
                value: it.value.replaceAll('"assessors"', '"assessors_to_come"'),
              });
            }
          };
          answers.transaction.oncomplete = () => resolve();
        };
      }),
  );
  await page.reload();
  await stationCard(page, 1).waitFor();
  await expect(page.getByRole("alert")).toHaveCount(0);
});

interface KeptQuery {
  queryKey: string[];
  state: { data: { stations?: { station: number; attempt: string }[] } };
}

/** What the device keeps of the answers it was given. */
const kept = (page: Page): Promise<KeptQuery[]> =>
  page.evaluate(
    () =>
      new Promise<KeptQuery[]>((resolve, reject) => {
        const opening = indexedDB.open("deft-blade");
        opening.onerror = () => reject(new Error("no store"));
        opening.onsuccess = () => {
          const all = opening.result.transaction("answers").objectStore("answers").getAll();
          all.onsuccess = () => {
            opening.result.close();
            resolve((all.result as { value: string }[]).flatMap((it) => (JSON.parse(it.value) as { queries: KeptQuery[] }).queries));
          };
        };
      }),
  );

test("a capture that the server will not have is shown with its reason, put right in place, or dropped by hand only", async ({ page }) => {
  await signIn(page);
  const id = await toFloor(page, "Chicken eight-piece");
  const before = await cursor(page, id);
  await page.route("**/captures", (route) =>
    route.request().method() === "POST"
      ? route.fulfill({
          status: 422,
          contentType: "application/problem+json",
          body: JSON.stringify({
            type: "urn:deft-blade:problem:invalid",
            title: "Something here is not right",
            detail: "captures[0].text: is too long",
            errors: [],
          }),
        })
      : route.continue(),
  );
  await tile(page, 11).click();
  const panel = page.getByRole("complementary", { name: "Station 11" });
  await panel.getByRole("button", { name: "Sawing" }).click();
  const first = page.getByRole("alert").filter({ hasText: "Station 11, not taken: Mark: sawing. Captures[0].text: is too long" });
  await expect(first).toBeVisible();
  await panel.getByLabel("Note").fill("Steady hands");
  await panel.getByLabel("Note").press("Enter");
  const second = page.getByRole("alert").filter({ hasText: "Note: Steady hands" });
  await expect(second).toBeVisible();
  await page.unroute("**/captures");
  await page.reload();
  await first.getByRole("button", { name: "Put right" }).click();
  const mend = page.getByRole("dialog", { name: "Station 11, not taken" });
  await mend.getByLabel("Mark").selectOption({ label: "Cartilage left" });
  await mend.getByRole("button", { name: "Send it so" }).click();
  await expect(first).toHaveCount(0);
  await expect(tile(page, 11)).toContainText("Cartilage left");
  await second.getByRole("button", { name: "Put right" }).click();
  await mend.getByLabel("Words").fill(" ");
  await expect(mend.getByRole("button", { name: "Send it so" })).toBeDisabled();
  await mend.getByRole("button", { name: "Drop it for good" }).click();
  await expect(page.getByRole("alert")).toHaveCount(0);
  expect((await captures(page, id, before)).map(({ capture }) => capture.kind)).toEqual(["fault"]);
});

test("the same capture sent twenty times at once leaves one, and a clock seven minutes slow is put right", async ({ page }) => {
  await page.addInitScript(() => {
    const real = Date.now.bind(Date);
    const RealDate = Date;
    const slow = 7 * 60_000;
    Date.now = () => real() - slow;
    window.Date = new Proxy(RealDate, {
      construct: (target, args: []) => (args.length === 0 ? new target(real() - slow) : new target(...args)),
    });
    const fetched = window.fetch;
    window.fetch = async (input, init) => {
      if (input instanceof Request && input.method === "POST" && input.url.endsWith("/captures"))
        document.documentElement.dataset.sent = await input.clone().text();

      return fetched(input, init);
    };
  });
  await signIn(page);
  const id = await toFloor(page, "Chicken eight-piece");
  const before = await cursor(page, id);
  await expect.poll(() => page.evaluate(() => Number(localStorage.getItem("deft-blade.clock-offset")))).toBeGreaterThan(6.9 * 60_000);
  await tile(page, 11).click();
  const sent = page.waitForRequest((it) => it.method() === "POST" && it.url().endsWith("/captures"));
  await page.getByRole("complementary").getByRole("button", { name: "Cartilage left" }).click();
  const request = await sent;
  const body = (await page.locator("html").getAttribute("data-sent")) ?? "";
  const { captures: made, offset_ms: offset } = JSON.parse(body) as { captures: { id: string; at: string }[]; offset_ms: number };
  expect(Math.abs(Date.parse(made[0]?.at ?? "") - Date.now())).toBeLessThan(30_000);
  expect(Math.abs(offset - 7 * 60_000)).toBeLessThan(5_000);
  const answers = await Promise.all(
    Array.from({ length: 20 }, () =>
      page.request.post(request.url(), { headers: request.headers(), data: body }).then((it) => it.status()),
    ),
  );
  expect(new Set(answers)).toEqual(new Set([200]));
  expect((await captures(page, id, before)).filter(({ capture }) => capture.id === made[0]?.id)).toHaveLength(1);
});

test("a photograph is drawn anew, goes up, and stands beside inspection and verdict; a text called .jpg does not", async ({ page }) => {
  await signIn(page);
  await page
    .getByRole("link", { name: /^Station 7 / })
    .first()
    .click();
  await page.getByText("criteria to judge.").waitFor();
  const file = page.getByLabel("Photograph file");
  await file.setInputFiles({ name: "tray.jpg", mimeType: "image/jpeg", buffer: Buffer.from("Left wing, 86 g") });
  await expect(page.getByRole("alert")).toContainText("not a picture, whatever it is called");
  await file.setInputFiles("docs/screenshots/bench.png");
  const photo = page.getByRole("img", { name: "Photograph 1 of the tray" });
  await expect(photo).toBeVisible();
  expect(await photo.evaluate((it: HTMLImageElement) => it.decode().then(() => it.naturalWidth))).toBe(1280);
  await page.keyboard.press("v");
  await expect(photo).toBeVisible();
});

test("whatever dies in the middle of a burst, every capture is on the server once", async ({ page }) => {
  const state = process.env.DEFT_BLADE_STATE ?? "storage/test";
  await signIn(page);
  const id = await toFloor(page, "Skewer set");
  const before = await cursor(page, id);
  await tile(page, 11).click();
  const panel = page.getByRole("complementary", { name: "Station 11" });
  const mark = async (from: number, to: number): Promise<void> => {
    for (let number = from; number <= to; number++) {
      await panel.getByLabel("Note").fill(`burst ${number}`);
      await panel.getByLabel("Note").press("Enter");
    }
  };
  await mark(1, 5);
  for (const worker of children(pidIn(`${state}/pid/php-fpm`))) process.kill(worker, "SIGKILL");
  await mark(6, 10);
  const cluster = execFileSync("bash", ["-c", ". bin/lib/env.sh; . bin/lib/database.sh; cluster_folder"], { encoding: "utf8" });
  const database = pidIn(`${cluster}/postmaster.pid`);
  for (const backend of [database, ...children(database)]) process.kill(backend, "SIGKILL");
  await mark(11, 15);
  execFileSync("bin/start", { stdio: "ignore" });
  await expect(waiting(page)).toHaveCount(0, { timeout: 60_000 });
  await expect.poll(async () => (await captures(page, id, before)).length, { timeout: 30_000 }).toBe(15);
  const taken = await captures(page, id, before);
  const ids = taken.map(({ capture }) => capture.id);
  expect(ids, "RFC 9562, 6.2: ids of version 7 made one after the other sort as they were made").toEqual([...ids].sort());
  const notes = taken.flatMap(({ capture }) => (capture.text?.startsWith("burst") ? [capture.text] : []));
  expect(notes).toEqual(Array.from({ length: 15 }, (_, index) => `burst ${index + 1}`));
});

const pidIn = (file: string): number => Number(readFileSync(file, "utf8").split("\n")[0]);

const children = (parent: number): number[] => {
  try {
    return execFileSync("pgrep", ["-P", String(parent)], { encoding: "utf8" })
      .trim()
      .split("\n")
      .map(Number);
  } catch {
    return [];
  }
};

test("the next tray on the scale is one key away, and a digit picks a station", async ({ page }) => {
  await signIn(page);
  await toFloor(page, "Chicken eight-piece");
  await page.keyboard.press("1");
  await page.keyboard.press("2");
  await expect(page.getByRole("complementary", { name: "Station 12" })).toBeVisible();
  const third = page.getByRole("complementary", { name: "Station 12" });
  await page.keyboard.press("m");
  await expect(third.getByRole("group", { name: "technique" }).getByRole("button").first()).toBeFocused();
  await third.getByText("Siobhán").click();
  await page.keyboard.press(" ");
  await page.getByRole("dialog", { name: "Nobody has looked at this station" }).getByRole("button", { name: "Not yet" }).click();
  await page.keyboard.press("Escape");
  await expect(third).toHaveCount(0);
  await page.keyboard.press("w");
  await expect(page.getByRole("heading", { name: "Farid Nazaryan" })).toBeVisible();
  await page.locator('[data-scale="stable"]').waitFor();
  await loadSettles(page, () => page.keyboard.press("p"));
  await page.keyboard.press("o");
});

test("a check weight before the hour: a scale that is off is told there, at weigh-in and on the verdict, until it is put right", async ({
  page,
}) => {
  await signIn(page);
  await toFloor(page, "Chicken eight-piece");
  await round(page, "Scale").press("Enter");
  await expect(page.getByText("Not checked for this practical yet.")).toBeVisible();
  await page.getByLabel("The check weight weighs").fill("500 g");
  await page.getByLabel("Or type it").fill("506 g");
  await page.getByLabel("Or type it").press("Enter");
  const check = page.getByRole("status", { name: "Check of the scale" });
  await expect(check).toContainText("The scale is out of its limits.");
  await expect(check).toContainText("500 g read 506 g: +6 g, 1 g either way is permissible (OIML R 76). Marit Oyelaran");

  await page.goto("/");
  await stationCard(page, 12).click();
  await page.getByRole("button", { name: "Weigh in" }).click();
  await expect(check).toContainText("The scale is out of its limits.");
  await page.getByLabel("Or type it").fill("240");
  await page.getByLabel("Or type it").press("Enter");
  await expect(page.getByText("240").first()).toBeVisible();
  await page.keyboard.press("v");
  await expect(page.getByText("the check weight of 500 g read 506 g", { exact: false })).toBeVisible();

  await toFloor(page, "Chicken eight-piece");
  await round(page, "Scale").press("Enter");
  await page.getByLabel("The check weight weighs").fill("500 g");
  await page.locator('[data-scale="stable"]').waitFor();
  await loadSettles(page, () => page.getByRole("button", { name: "Put it on" }).click());
  await page.getByRole("button", { name: "Take check weight" }).click();
  await expect(check).toContainText("The scale is within its limits.");
  await loadSettles(page, () => page.getByRole("button", { name: "Take it off" }).click());
});

test.describe("the look at a carcass, by touch", () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test("all as it should be in one tap, also without a network; what is not is told on the verdict or sends it back", async ({ page }) => {
    await signIn(page);
    const id = await toFloor(page, "Chicken eight-piece");
    const before = await cursor(page, id);
    await round(page, "Receiving").tap();
    await page.getByRole("group", { name: "Carcasses" }).getByRole("button", { name: /^12/ }).tap();
    const look = page.getByRole("region", { name: "The look at the carcass" });
    await expect(look).toContainText("Nobody has looked at it yet.");
    await page.context().setOffline(true);
    await look.getByRole("button", { name: "As it should be" }).tap();
    await expect(look.getByRole("button", { name: "As it should be ✓" })).toBeVisible();
    await expect(waiting(page)).toContainText("1");
    await page.context().setOffline(false);
    await expect(waiting(page)).toHaveCount(0, { timeout: 30_000 });
    await expect.poll(async () => (await captures(page, id, before)).map((it) => it.capture.kind)).toEqual(["look"]);

    await look.getByRole("button", { name: "Smells of nothing" }).tap();
    await expect(look).toContainText("Smells off: it should go back.");
    await look.getByRole("button", { name: "Refuse it" }).tap();
    await expect(page.getByLabel("Refuse it, because")).toHaveValue("Smells off");
    await page.getByRole("button", { name: "Refuse", exact: true }).tap();
    await expect(look).toContainText("Nobody has looked at it yet.");

    await look.getByRole("button", { name: "Skin whole" }).tap();
    await expect(look).toContainText("Skin torn: choose the defect below");
    await look.getByLabel("Core, °C").fill("6,5");
    await look.getByLabel("Core, °C").press("Enter");
    await expect(look).toContainText("Core at 6.5 °C: it should go back.");
    await look.getByRole("button", { name: "Read the probe" }).tap();
    await expect(look.getByLabel("Core, °C")).not.toHaveValue("6.5");
    await expect(look.getByLabel("Core, °C")).toBeEnabled();
    await look.getByLabel("Core, °C").fill("7");
    await look.getByLabel("Core, °C").press("Enter");
    await page.goto("/");
    await stationCard(page, 12).tap();
    await page.getByRole("link", { name: "Verdict" }).tap();
    await expect(page.getByText("At receiving: skin torn.")).toBeVisible();
    await expect(page.getByText("Its core was at 7 °C at receiving", { exact: false })).toBeVisible();
  });
});
