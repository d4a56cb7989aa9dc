import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";
import { signIn, stationCard } from "./kitchen";

async function expectNoSeriousViolation(page: Page, view: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"]).analyze();
  const serious = violations.filter((it) => it.impact === "serious" || it.impact === "critical");
  expect(
    serious.map(
      (it) =>
        `${view}: ${it.id} ${it.nodes
          .slice(0, 4)
          .map((node) => node.target.join(" "))
          .join(" | ")}`,
    ),
  ).toEqual([]);
}

for (const scheme of ["light", "dark"] as const) {
  test(`no serious violation on any view, ${scheme}`, async ({ browser }) => {
    const context = await browser.newContext({ colorScheme: scheme });
    const page = await context.newPage();
    await page.goto("/");
    await page.getByLabel("E-mail").waitFor();
    await expectNoSeriousViolation(page, "sign-in");
    await signIn(page);
    await stationCard(page, 4).waitFor();
    await expectNoSeriousViolation(page, "bench");
    await stationCard(page, 4).click();
    await page.getByRole("list", { name: "Reasons" }).waitFor();
    await expectNoSeriousViolation(page, "verdict");
    await page.getByRole("link", { name: "To the tray" }).click();
    for (const [step, sign] of [
      ["Receive", "Defects on arrival"],
      ["Weigh in", "57 g short"],
      ["Inspect", "Every criterion is judged."],
    ] as const) {
      await page.getByRole("button", { name: step }).click();
      await page.getByText(sign).first().waitFor();
      await expectNoSeriousViolation(page, step);
    }
    await page.keyboard.press("l");
    await page.getByRole("dialog").waitFor();
    await expectNoSeriousViolation(page, "log");
    await page.keyboard.press("Escape");
    await page.keyboard.press("?");
    await page.getByRole("dialog", { name: "Keys" }).waitFor();
    await expectNoSeriousViolation(page, "keys");
    await page.keyboard.press("Escape");
    await page.getByRole("navigation", { name: "Where you are" }).getByRole("link", { name: "Chicken eight-piece" }).click();
    await page.getByRole("table").waitFor();
    await expectNoSeriousViolation(page, "class sheet");
    await page.getByRole("navigation", { name: "Areas" }).getByRole("link", { name: "Standards" }).click();
    await page.getByRole("link", { name: /Chicken, eight pieces/ }).waitFor();
    await expectNoSeriousViolation(page, "shelf");
    await page.getByRole("link", { name: /Chicken, eight pieces/ }).click();
    await page.getByRole("group", { name: "Cut map" }).waitFor();
    await expectNoSeriousViolation(page, "standard");
    await page.getByRole("link", { name: "Change it" }).click();
    await page.getByText("nothing is changed yet").waitFor();
    await expectNoSeriousViolation(page, "editor");
    await context.close();
  });
}
