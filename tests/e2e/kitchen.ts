import { execFileSync } from "node:child_process";
import { expect, test as base, type Locator, type Page } from "@playwright/test";

/** Every test begins with the demo as it was seeded: none leans on another, and one that fails stays one. */
export const test = base.extend<{ demo: string | undefined }>({
  demo: [
    async ({ baseURL }, use) => {
      execFileSync("bin/lib/demo-again");
      await use(baseURL);
    },
    { auto: true },
  ],
});

export { expect };

/** Signed in and at an address. By a request: what a person fills in has tests of its own. */
export async function signIn(page: Page, account = "marit", address = "/"): Promise<void> {
  const { request } = page;
  const school = (await request.get("/sanctum/csrf-cookie")).url();
  const token = (await page.context().cookies()).find((it) => it.name === "XSRF-TOKEN")?.value ?? "";
  const answer = await request.post("/api/v1/session", {
    headers: { Referer: school, Accept: "application/json", "X-XSRF-TOKEN": decodeURIComponent(token) },
    data: { email: `${account}@tollgate-quay.example`, password: "larder-week" },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
  await page.goto(address);
  await expect(page.getByRole("button", { name: "Sign out", exact: true })).toBeVisible();
}

/** Signed in as a person does it. */
export async function fillInSignIn(page: Page, account: string): Promise<void> {
  await page.getByLabel("E-mail").fill(`${account}@tollgate-quay.example`);
  await page.getByLabel("Password").fill("larder-week");
  await page.getByLabel("Password").press("Enter");
  await expect(page.getByRole("button", { name: "Sign out", exact: true })).toBeVisible();
}

/** The device has its copy of the application, and opens from it without a network. */
export async function hasItsCopy(page: Page): Promise<void> {
  const has = (): Promise<boolean> =>
    page.evaluate(async () => navigator.serviceWorker.controller !== null && (await caches.match("/build/manifest.json")) !== undefined);
  await expect.poll(has).toBe(true);
}

export const stationCard = (page: Page, station: number): Locator =>
  page.getByRole("region", { name: "Chicken eight-piece", exact: true }).getByRole("link", { name: new RegExp(`^Station ${station} `) });

export const place = (page: Page, id: string): Locator => page.locator(`[data-place="${id}"]`);

export const weights = [
  "breast.left",
  "breast.right",
  "thigh.left",
  "thigh.right",
  "drumstick.left",
  "drumstick.right",
  "wing.left",
  "wing.right",
  "stock",
  "fat",
  "trim",
  "waste",
  "scrape",
];

/** Until the scale has felt the change and come to rest on it. Watched inside the page: motion is shorter than a locator's patience. */
export async function loadSettles(page: Page, change: () => Promise<void>): Promise<void> {
  await page.locator('[data-scale="stable"], [data-scale="refused"]').waitFor();
  const settled = page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const dial = document.querySelector("[data-scale]");
        const before = dial?.textContent;
        let hasMoved = false;
        const watch = new MutationObserver(() => {
          const state = dial?.getAttribute("data-scale");
          hasMoved ||= state === "moving" || dial?.textContent !== before;
          if (!hasMoved || state !== "stable") return;
          watch.disconnect();
          resolve();
        });
        watch.observe(document.body, {
          subtree: true,
          childList: true,
          characterData: true,
          attributes: true,
          attributeFilter: ["data-scale"],
        });
      }),
  );
  await change();
  await settled;
}

/** Presses a button as soon as the scale is felt to move by a load. Pressed inside the page, for the same reason, and watched for before the load is put on. */
export async function pressWhileMoving(button: Locator, putOn: () => Promise<void>): Promise<void> {
  const press = await button.evaluateHandle((it: HTMLButtonElement) => ({
    isDone: new Promise<void>((resolve) => {
      const watch = new MutationObserver(() => {
        if (document.querySelector('[data-scale="moving"]') === null) return;
        watch.disconnect();
        it.click();
        resolve();
      });
      watch.observe(document.body, { subtree: true, attributes: true, attributeFilter: ["data-scale"] });
    }),
  }));
  await putOn();
  await press.evaluate(({ isDone }) => isDone);
}

/** Holds a clock that was installed, so that what lasts ten seconds lasts until the test has done with it. */
export const holdTime = async (page: Page): Promise<void> => page.clock.pauseAt((await page.evaluate(() => Date.now())) + 10_000);

/** From the middle of one thing to the middle of another, without a rest before the finger lifts. */
export async function dragByFinger(page: Page, from: Locator, to: Locator): Promise<void> {
  const middle = async (of: Locator): Promise<{ x: number; y: number }> => {
    const box = await of.boundingBox();
    if (box === null) throw new Error("is not on the screen");

    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const [start, end] = [await middle(from), await middle(to)];
  const finger = await page.context().newCDPSession(page);
  const touch = (type: "touchStart" | "touchMove" | "touchEnd", points: { x: number; y: number }[]) =>
    finger.send("Input.dispatchTouchEvent", { type, touchPoints: points });
  await touch("touchStart", [start]);
  // Lifted while it moves: the browser takes that for a fling, and gives the next tap no click.
  for (const share of [0.25, 0.5, 0.75, 1])
    await touch("touchMove", [{ x: start.x + (end.x - start.x) * share, y: start.y + (end.y - start.y) * share }]);
  await touch("touchEnd", []);
}

/** A school with nobody in it, as bin/start --empty begins one. The next test begins with the demo again. */
export function emptySchool(): void {
  execFileSync("bin/artisan", ["migrate:fresh", "--force", "--quiet"]);
  execFileSync("bin/artisan", ["db:seed", "--class=ShippedStandards", "--force", "--quiet"]);
}

/** From the Bench to a step of the tray at a station; its attempt. The address follows as soon as the file of the page is there. */
export async function toTray(page: Page, station: number, step: string): Promise<string> {
  await stationCard(page, station).click();
  await page.waitForURL(/\/(tray|verdict)\//);
  const attempt = /[0-9a-f-]{36}/.exec(page.url())?.[0] ?? "";
  await page.goto(`/tray/${attempt}/${step}`);

  return attempt;
}
