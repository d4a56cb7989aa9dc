import ICAL from "ical.js";
import { expect, signIn, test } from "./kitchen";

test("a link puts a practical that is set into one's calendar, until it is ended", async ({ page, playwright }) => {
  await signIn(page, "marit", "/brief");
  await page.getByRole("link", { name: "Crown and legs", exact: true }).click();
  await page.getByRole("button", { name: "Set it" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Set it" }).click();
  await expect(page.getByRole("link", { name: "To the Floor" })).toBeVisible();

  await page.goto("/account");
  await page.getByRole("button", { name: "Link to your practicals" }).press("Enter");
  const address = await page.getByTestId("address").innerText();
  await page.getByRole("dialog").getByRole("button", { name: "Done" }).press("Enter");
  const stranger = await playwright.request.newContext();
  const feed = await stranger.get(address);
  expect(feed.headers()["content-type"]).toContain("text/calendar");
  const events = new ICAL.Component(ICAL.parse(await feed.text()) as unknown[])
    .getAllSubcomponents("vevent")
    .map((it) => new ICAL.Event(it));
  const crown = events.find((it) => it.summary === "Crown and legs");
  expect(crown?.location).toBe("Larder kitchen");
  expect(crown?.startDate.toJSDate().toISOString().slice(11, 16)).toBe("09:00");
  expect(crown?.duration.toSeconds()).toBeGreaterThan(40 * 60);

  await page.getByRole("button", { name: "End it: your practicals" }).press("Enter");
  await expect(page.getByRole("button", { name: "End it: your practicals" })).toHaveCount(0);
  expect((await stranger.get(address)).status()).toBe(404);
  await stranger.dispose();
});
