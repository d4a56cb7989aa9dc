import { expect, hasItsCopy, signIn, stationCard, test } from "./kitchen";

test("signed out, every address leads to the sign-in and a wrong password is refused in words", async ({ page }) => {
  await page.goto("/sheet/01a21098-6cb4-737b-a221-20936c1a0249");
  await page.getByLabel("E-mail").fill("marit@tollgate-quay.example");
  await page.getByLabel("Password").fill("guess");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("alert")).toHaveText("That name and password do not go together.");
});

test("a student reads their own released result and is shown nothing else", async ({ page }) => {
  await signIn(page, "marit");
  await stationCard(page, 1).click();
  await expect(page.getByRole("heading", { name: "Amina Berhane" })).toBeVisible();
  const others = page.url();
  await page.getByRole("button", { name: "Sign out" }).click();
  await expect(page.getByLabel("E-mail")).toBeVisible();
  await signIn(page, "tomasz");
  await expect(page.getByRole("heading", { name: "Your results" })).toBeVisible();
  await page.getByRole("link", { name: /rehearsal/ }).click();
  await expect(page.getByText("Version 1, shown here")).toBeVisible();
  await expect(page.getByRole("link", { name: "To the tray" })).toHaveCount(0);
  await expect(page.getByRole("region", { name: "What to change first" }).getByRole("listitem").first()).toContainText("points:");
  for (const print of ["PDF", "Large print"]) {
    const address = (await page.getByRole("link", { name: print, exact: true }).getAttribute("href")) ?? "";
    const file = await page.request.get(address, { headers: { Referer: page.url() } });
    expect([file.status(), file.headers()["content-type"]]).toEqual([200, "application/pdf"]);
  }
  await page.goto(others);
  await expect(page.getByRole("alert")).toContainText("Not allowed");
  await page.goto(others.replace("/verdict/", "/result/"));
  await expect(page.getByRole("alert")).toContainText("There is nothing here that you may see.");
  await page.goto(others.replace("/verdict/", "/tray/"));
  await expect(page.getByRole("alert")).toContainText("Not allowed");
});

test("a coordinator reads a tray and its log and may change its terms, but cannot mark", async ({ page }) => {
  await signIn(page, "ilse");
  await page
    .getByRole("link", { name: /To be weighed in/ })
    .first()
    .click();
  await expect(page.getByText("You may read this tray, not mark it")).toBeVisible();
  await page.keyboard.press("l");
  await expect(page.getByRole("dialog")).toContainText("Carcass received");
  const withdrawals = page.getByRole("dialog").getByRole("button", { name: /Withdraw/ });
  await expect(withdrawals).toHaveCount(1);
  await expect(withdrawals).toHaveAccessibleName(/^Withdraw Time allowance/);
});

test("a write without its token is refused as a problem, not a page", async ({ page }) => {
  await signIn(page);
  const answer = await page.evaluate(async () => {
    const response = await fetch("/api/v1/session", { method: "DELETE" });

    return { status: response.status, type: response.headers.get("Content-Type"), body: (await response.json()) as { title: string } };
  });
  expect(answer).toEqual({
    status: 419,
    type: "application/problem+json",
    body: expect.objectContaining({ title: "This page is out of date" }) as unknown,
  });
});

test("when the server does not answer, the screen says so and can try again", async ({ page }) => {
  await signIn(page);
  await stationCard(page, 1).waitFor();
  await page.route("**/api/v1/assessments/*/sheet", (route) => route.abort());
  await page.getByRole("link", { name: "Class sheet" }).first().click();
  await expect(page.getByRole("alert")).toContainText("The server does not answer", { timeout: 20_000 });
  await page.unroute("**/api/v1/assessments/*/sheet");
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("table")).toBeVisible();
  await page.goto("/no/such/place");
  await expect(page.getByText("There is nothing at this address")).toBeVisible();
});

test.describe("with what a device keeps", () => {
  test.use({ serviceWorkers: "allow" });

  test("a page of the desk that was never opened opens without a network, and is filled when there is one", async ({ page, context }) => {
    await signIn(page);
    await hasItsCopy(page);
    await context.setOffline(true);
    await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Roster" }).click();
    await expect(page).toHaveURL(/\/roster$/);
    await expect(page.getByText("Fetching the roster")).toBeVisible();
    await expect(page.getByText("No network.")).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText("Amina Berhane")).toBeVisible();
  });
});

test("the scheme one chooses stays", async ({ page }) => {
  await signIn(page);
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);

  // On a phone, too, the rail has room for who is here, the way out and the areas.
  await page.setViewportSize({ width: 360, height: 740 });
  expect((await page.getByRole("banner").boundingBox())?.height).toBeLessThan(104);
  await page.getByRole("link", { name: "Marit Oyelaran: your account" }).click();
  const scheme = page.getByRole("radiogroup", { name: "Light or dark" });
  await scheme.getByRole("radio", { name: "Dark", exact: true }).click();
  await page.reload();
  await expect(scheme.getByRole("radio", { name: "Dark", exact: true })).toBeChecked();
  expect(await ground()).toBe("rgb(25, 24, 22)");
  await scheme.getByRole("radio", { name: "As the device has it" }).click();
  await expect.poll(ground).not.toBe("rgb(25, 24, 22)");
  await page.reload();
  await expect(scheme.getByRole("radio", { name: "As the device has it" })).toBeChecked();
});

test("on a slow device a key right behind Escape is heard: what was closed is gone", async ({ page }) => {
  await signIn(page);
  await stationCard(page, 4).click();
  await page.getByRole("link", { name: "To the tray" }).click();
  await page.getByRole("button", { name: "Receive" }).click();
  await page.getByText("Defects on arrival").waitFor();
  const device = await page.context().newCDPSession(page);
  await device.send("Emulation.setCPUThrottlingRate", { rate: 12 });
  await page.keyboard.press("l");
  await expect(page.getByRole("dialog", { name: "Log of this tray" })).toBeVisible();
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
});

test("Escape is heard in the very moment in which a line of the log is withdrawn", async ({ page }) => {
  await signIn(page);
  await stationCard(page, 9).click();
  await page.getByRole("button", { name: "Log", exact: true }).click();
  const log = page.getByRole("dialog", { name: "Log of this tray" });
  await log.getByLabel("Note").fill("A second look at the wing");
  await log.getByLabel("Note").press("Enter");
  await log.getByRole("button", { name: "Withdraw Note: A second look at the wing" }).press("Enter");
  await page.getByRole("dialog", { name: "Withdraw this entry" }).getByLabel("Reason").fill("Another tray");
  // Pressed inside the page: a locator comes too late for the moment between the line, the slip over it, and the focus that they take with them.
  await page.evaluate(() => {
    const it = document.querySelector('[aria-label="Log of this tray"]');
    if (it === null) throw new Error("the log is not open");
    const watch = new MutationObserver(() => {
      const isOpen = document.querySelectorAll('[role="dialog"]').length > 1;
      if (isOpen || !it.textContent.includes("withdrawn by Marit Oyelaran: Another tray")) return;
      watch.disconnect();
      document.activeElement?.dispatchEvent(new KeyboardEvent("keydown", { key: "Escape", bubbles: true, cancelable: true }));
    });
    watch.observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await page.keyboard.press("Enter");
  await expect(log).toHaveCount(0);
});
