import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { Found } from "../../../ui/src/api/types";
import { ID } from "../support/addresses";
import { away, open, press, school, slipCloses, type, type Asked } from "../support/kitchen";
import { OTHER } from "../support/people";

/** Finding by a few letters: what is opened is what was found for all that is written, however late it is found. */

const user = userEvent.setup({ delay: null });
const practical: Found = { kind: "practical", id: ID, title: "Chicken eight-piece", note: "Larder 2" };
const kenji: Found = { kind: "student", id: OTHER, title: "Kenji Moriwaki", note: "Sandpiper" };

const line = (): HTMLElement => screen.getByLabelText("Practical, student or standard");
const enter = (): boolean => fireEvent.submit(line().closest("form") as HTMLFormElement);

async function openFind(find: (text: string) => unknown): Promise<Asked[]> {
  const { asked } = await open(
    "/account",
    school({ "GET /calendars": [], "GET /find": ({ path }: Asked) => find(new URLSearchParams(path.split("?")[1]).get("text") ?? "") }),
  );
  await press(user, "Find");

  return asked;
}

/** The server answers what is asked about these words when it is let. */
function holdBack(words: string): () => void {
  let lets = (): void => {};
  const held = new Promise<void>((resolve) => (lets = resolve));
  const fetched = globalThis.fetch;
  globalThis.fetch = async (input, init) => {
    if ((input instanceof Request ? input.url : String(input)).endsWith(`text=${words}`)) await held;

    return fetched(input, init);
  };

  return lets;
}

test("Enter opens the first of what was found for all that is written, and waits for it", async () => {
  const asked = await openFind((text) => (text === "k" ? [practical, kenji] : [kenji]));
  await type("Practical, student or standard", "k");
  await screen.findByRole("button", { name: /^Chicken eight-piece/ });
  const lets = holdBack("kenji");
  await type("Practical, student or standard", "kenji");
  await screen.findByRole("button", { name: /^Kenji Moriwaki/ });
  enter();
  expect(screen.getByRole("dialog", { name: "Find" })).toBeTruthy();
  lets();
  await slipCloses();
  await waitFor(() => expect(asked.some(({ path }) => path.startsWith(`/attempts/${OTHER}`))).toBe(true));
  expect(asked.some(({ path }) => path.includes(`/assessments/${ID}/sheet`))).toBe(false);
});

test("what is written on after Enter is not opened for what stood there before", async () => {
  await openFind((text) => (text === "kenjis" ? [] : [kenji]));
  const lets = holdBack("kenji");
  await type("Practical, student or standard", "kenji");
  enter();
  await type("Practical, student or standard", "kenjis");
  lets();
  await screen.findByText("Nothing is called “kenjis”.");
  expect(screen.getByRole("button", { name: "Open" })).toHaveProperty("disabled", true);
});

test("the arrows choose among what was found, round and round; a tap opens any of it", async () => {
  const asked = await openFind(() => [practical, kenji]);
  await type("Practical, student or standard", "ch");
  const current = (): string | undefined =>
    screen.getAllByRole("button").find((it) => it.getAttribute("aria-current") === "true")?.textContent;
  await waitFor(() => expect(current()).toBe("Chicken eight-pieceLarder 2"));
  fireEvent.keyDown(line(), { key: "ArrowUp" });
  expect(current()).toBe("Kenji MoriwakiSandpiper");
  fireEvent.keyDown(line(), { key: "ArrowDown" });
  fireEvent.keyDown(line(), { key: "ArrowDown" });
  enter();
  await slipCloses();
  await waitFor(() => expect(asked.some(({ path }) => path.startsWith(`/attempts/${OTHER}`))).toBe(true));
});

test("where the server does not answer it is said at the line, and nothing is opened", async () => {
  await openFind(away);
  await type("Practical, student or standard", "kenji");
  enter();
  await within(screen.getByRole("dialog")).findByText("The server does not answer; check the network.");
});
