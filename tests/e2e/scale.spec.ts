import { connect } from "node:net";
import type { Page } from "@playwright/test";
import { expect, loadSettles, place, signIn, test, toTray } from "./kitchen";

declare global {
  interface Window {
    /** One report of the stand-in that is plugged into the device. */
    scaleSays: (bytes: number[]) => void;
  }
}

/** A scale at the USB port of the device, as the browser shows it (WebHID): it says what it is told to. */
const plugIn = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const chosen = "stand-in.chosen";
    const device = Object.assign(new EventTarget(), {
      opened: false,
      productName: "Stand-in 6 kg",
      collections: [{ usagePage: 0x8d }],
      open: () => Promise.resolve(void (device.opened = true)),
      close: () => Promise.resolve(void (device.opened = false)),
    });
    const hid = Object.assign(new EventTarget(), {
      requestDevice: () => (localStorage.setItem(chosen, "1"), Promise.resolve([device])),
      getDevices: () => Promise.resolve(localStorage.getItem(chosen) === null ? [] : [device]),
    });
    Object.defineProperty(navigator, "hid", { value: hid });
    window.scaleSays = ([reportId = 0, ...rest]) => {
      const data = new DataView(Uint8Array.from(rest).buffer);
      device.dispatchEvent(Object.assign(new Event("inputreport"), { reportId, data }));
    };
  });

/** The bytes of the simulated scale of this place (two ports on from it), report by report, carried to the page. */
function carry(page: Page): () => void {
  const line = connect(Number(process.env.DEFT_BLADE_PORT) + 2, "127.0.0.1");
  let rest = Buffer.alloc(0);
  line.on("data", (bytes) => {
    rest = Buffer.concat([rest, bytes]);
    for (; rest.length >= 6; rest = rest.subarray(6))
      void page.evaluate((report) => window.scaleSays(report), [...rest.subarray(0, 6)]).catch(() => undefined);
  });

  return () => line.destroy();
}

test("a scale at the device: connected once, remembered, read like the room's, also without a network", async ({ page, context }) => {
  // Nothing of the room's scale is heard here.
  await context.route(/\/(live|api\/v1)\/scale$/, (route) => route.abort());
  await plugIn(page);
  await signIn(page);
  await toTray(page, 8, "weigh");
  const scale = page.getByRole("region", { name: "Scale", exact: true });
  await expect(scale).toContainText("no answer");
  await scale.getByRole("button", { name: "Connect a scale" }).click();
  await page.getByRole("dialog", { name: "A scale at this device" }).getByRole("button", { name: "USB scale" }).click();
  await expect(scale).toContainText("This device’s scale: Stand-in 6 kg");
  let stop = carry(page);
  await place(page, "wing.left").click();
  await loadSettles(page, () => scale.getByRole("button", { name: "Put it on" }).click());
  await scale.getByRole("button", { name: "Take left wing" }).click();
  await expect(place(page, "wing.left")).toHaveAttribute("aria-pressed", "false");
  await place(page, "wing.left").click();
  await page.locator('[data-scale="stable"]').waitFor();
  await page.keyboard.press("Enter");
  await expect(scale.getByRole("status")).toContainText("this weight was taken already");

  stop();
  await page.evaluate(() => window.scaleSays([3, 4, 2]));
  // Enter means what the dial shows, and not what was heard a moment ago.
  await expect(scale).toContainText("no answer");
  await page.keyboard.press("Enter");
  await expect(scale.getByRole("status")).toContainText("cannot be read: 3 bytes instead of 6");
  await page.evaluate(() => window.scaleSays([3, 3, 2, 0, 200, 0]));
  await page.locator('[data-scale="moving"]').waitFor();
  await page.keyboard.press("Enter");
  await expect(scale.getByRole("status")).toContainText("still moving");

  await page.reload();
  await expect(scale).toContainText("This device’s scale: Stand-in 6 kg");
  stop = carry(page);
  await expect(page.locator('[data-scale="stable"], [data-scale="refused"]')).toBeVisible();
  stop();
  await context.setOffline(true);
  await page.evaluate(() => window.scaleSays([3, 4, 2, 0, 212, 0]));
  await place(page, "wing.right").click();
  await page.keyboard.press("Enter");
  await expect(place(page, "wing.right")).toContainText("212");
  await context.setOffline(false);
  await scale.getByRole("button", { name: "Use the room’s" }).click();
  await expect(scale.getByRole("button", { name: "Connect a scale" })).toBeVisible();
  const isOff = page.waitForResponse((it) => it.url().endsWith("/pan"));
  await scale.getByRole("button", { name: "Take it off" }).click();
  expect((await isOff).ok()).toBe(true);
});
