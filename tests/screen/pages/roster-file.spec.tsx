import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { RosterPlan } from "../../../ui/src/api/types";
import { away, open, press, refused, school, type, type Answering, type Asked } from "../support/kitchen";

/** A file of a roster: looked at first, line by line, and written only when one says so. */

const user = userEvent.setup({ delay: null });

const plan = (said: Partial<RosterPlan> = {}): RosterPlan => ({
  has_header: true,
  is_mapped: true,
  headings: ["No", ""],
  columns: ["number", "name"],
  groups: ["Curlew", "Sandpiper"],
  new: 2,
  changed: 1,
  same: 4,
  lines: [
    { line: 2, name: "Amina Haddad", number: "7", group: "Sandpiper", does: "changed", changes: ["name was Amina Hadad"] },
    { line: 3, name: "Kenji Moriwaki", number: "8", group: "Curlew", does: "new", changes: [] },
    { line: 4, name: "Farid Nazaryan", number: "9", group: "Curlew", does: "same", changes: [] },
  ],
  problems: [],
  ...said,
});

const planned = (asked: Asked[]): Asked[] => asked.filter(({ operation }) => operation === "POST /roster/plan");
const sent = (asked: Asked[]): string => String(planned(asked).at(-1)?.body);

async function openFile(onPlan: Answering, onImport: Answering = () => plan()): Promise<Asked[]> {
  const { asked } = await open("/roster/import", school({ "POST /roster/plan": onPlan, "POST /roster/import": onImport }));
  fireEvent.change(await screen.findByLabelText("or paste cells"), { target: { value: "7\tAmina Haddad" } });

  return asked;
}

test("pasted cells are looked at first: what each line would do, and that the rest is brought in as well", async () => {
  const asked = await openFile(() => plan());
  expect(asked.filter(({ operation }) => operation.startsWith("POST"))).toEqual([]);
  await press(user, "Look at it");
  await screen.findByRole("heading", { name: "2 new, 1 changed, 4 as they are" });
  const rows = within(screen.getByRole("region", { name: "Rows, scrolls" }))
    .getAllByRole("row")
    .slice(1);
  expect(rows.map((row) => [...row.children].map((cell) => cell.textContent).join(" | "))).toEqual([
    "2 | 7 | Amina Haddad | Sandpiper | name was Amina Hadad",
    "3 | 8 | Kenji Moriwaki | Curlew | new",
    "4 | 9 | Farid Nazaryan | Curlew | as it is",
  ]);
  await screen.findByText("The first 3 rows are shown; all of them are brought in.");
  await press(user, "Bring in 3 students");
  await screen.findByText("Done: 2 new, 1 changed.");
  expect(screen.getByRole("link", { name: "To the roster" }).getAttribute("href")).toBe("/roster");
});

test("columns are said by hand, rows without a group get one, and only some groups are brought in", async () => {
  const asked = await openFile(() => plan());
  await press(user, "Look at it");
  await user.selectOptions(await screen.findByLabelText("Column 2"), "family name");
  await waitFor(() => expect(sent(asked)).toContain('["number","family"]'));
  expect(sent(asked)).toMatch(/name="has_header"\s+yes/);
  await press(user, "The first row is a header");
  await waitFor(() => expect(sent(asked)).toMatch(/name="has_header"\s+no/));
  const course = screen.getByLabelText("Course, where a row names none");
  fireEvent.change(course, { target: { value: " Larder 2 " } });
  expect(sent(asked)).not.toContain("Larder 2");
  fireEvent.blur(course);
  await waitFor(() => expect(sent(asked)).toMatch(/name="course"\s+Larder 2\s/));
  await press(user, "Curlew");
  await waitFor(() => expect(sent(asked)).toMatch(/name="only\[\]"\s+Curlew/));
  await press(user, "Curlew");
  await waitFor(() => expect(sent(asked)).not.toContain("only[]"));
});

test("lines with a problem stay out and are named; where the name is not found nothing can be brought in", async () => {
  const problems = Array.from({ length: 203 }, (_, index) => ({ line: index + 2, text: `“${index}” is no e-mail address` }));
  await openFile(() => plan({ problems, is_mapped: false }));
  await press(user, "Look at it");
  await screen.findByRole("heading", { name: /; 203 problems$/ });
  expect(within(screen.getByRole("list", { name: "Problems" })).getAllByRole("listitem")).toHaveLength(200);
  await screen.findByText("and 3 more");
  await screen.findByText("Say which column holds the name.");
  await screen.findByText(/Rows with a problem stay out/);
  expect(screen.getByRole("button", { name: "Bring in 3 students" })).toHaveProperty("disabled", true);
});

test("a file that is refused says why, and nothing of the one before stays in sight", async () => {
  const plans = [plan(), refused(422, "invalid", "This is no zip of OneRoster.")];
  await openFile(() => plans.shift());
  await press(user, "Look at it");
  await screen.findByRole("heading", { name: /^2 new/ });
  await user.upload(screen.getByLabelText("File"), new File(["x"], "roster.zip", { type: "application/zip" }));
  await screen.findByText("This is no zip of OneRoster.");
  await screen.findByText("roster.zip");
  expect(screen.queryByRole("heading", { name: /^2 new/ })).toBeNull();
});

test.each([
  ["was refused, and then nothing was written", () => refused(409, "conflict", "Somebody changed the roster meanwhile."), true],
  ["had no answer, and then nobody knows", away, false],
])("a roster that %s", async (_, answer, isSure) => {
  await openFile(() => plan(), answer);
  await press(user, "Look at it");
  await press(user, "Bring in 3 students");
  expect((await screen.findByRole("alert")).textContent.includes("Nothing was written.")).toBe(isSure);
  expect(screen.getByRole("button", { name: "Bring in 3 students" })).toHaveProperty("disabled", false);
});

test("a file that changes nothing says so", async () => {
  await openFile(() => plan({ new: 0, changed: 0 }));
  await press(user, "Look at it");
  expect(await screen.findByRole("button", { name: "Nothing to bring in" })).toHaveProperty("disabled", true);
});

test("lines that are emptied again are looked at no more", async () => {
  await openFile(() => plan());
  await press(user, "Look at it");
  await screen.findByRole("heading", { name: /^2 new/ });
  await type("or paste cells", "");
  expect(screen.queryByRole("heading", { name: /^2 new/ })).toBeNull();
  expect(screen.getByRole("button", { name: "Look at it" })).toHaveProperty("disabled", true);
});
