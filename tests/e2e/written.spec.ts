import { expect, signIn, test } from "./kitchen";

test("a student prepares a written answer at home, hands it in, and the assessor judges it as its criterion", async ({ page, browser }) => {
  const context = await browser.newContext({ viewport: { width: 360, height: 740 } });
  const student = await context.newPage();
  await signIn(student, "amina");
  await student.getByRole("link", { name: "Practice" }).click();
  const toWrite = student.getByRole("list", { name: "To write" });
  await expect(toWrite).toContainText("1 of 1 question open");
  await toWrite.getByRole("link", { name: "Written answers: Leg boned for rolling" }).click();
  const answer = student.getByLabel("Your answer");
  await answer.fill("Brown stock: bones roasted, cold water");
  await expect(student.getByRole("status").filter({ hasText: "Not handed in yet." })).toBeVisible();
  // What is being written stays on the phone, also without a network, until it arrived.
  await context.setOffline(true);
  await answer.press("End");
  await answer.pressSequentially(", skimmed, four hours.");
  await student.getByRole("button", { name: "Hand it in" }).click();
  await expect(student.getByRole("alert")).toBeVisible();
  await context.setOffline(false);
  await student.reload();
  await expect(answer).toHaveValue("Brown stock: bones roasted, cold water, skimmed, four hours.");
  await student.getByRole("button", { name: "Hand it in" }).click();
  await expect(student.getByRole("status").filter({ hasText: "Handed in." })).toBeVisible();
  await expect(student.getByRole("button", { name: "Hand it in again" })).toBeDisabled();

  await signIn(page);
  const bench = (await (await page.request.get("/api/v1/bench", { headers: { Referer: page.url() } })).json()) as {
    coming: { id: string; title: string }[];
  };
  const practical = bench.coming.find((it) => it.title === "Leg boned for rolling")?.id ?? "";
  await page.goto(`/floor/${practical}`);
  await page
    .getByRole("button", { name: /Amina Berhane/ })
    .first()
    .click();
  await page.getByRole("link", { name: "Tray" }).click();
  await page.getByRole("button", { name: "Inspect" }).click();
  const criterion = page.getByRole("group", { name: "Written: what the bones are for" });
  await expect(criterion).toContainText("Brown stock: bones roasted, cold water, skimmed, four hours.");
  await criterion.getByRole("button", { name: /A white or brown stock is named/ }).click();
  await expect(criterion.getByRole("button", { name: /A white or brown stock is named/ })).toHaveAttribute("aria-pressed", "true");
  await context.close();
});
