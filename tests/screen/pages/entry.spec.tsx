import { fireEvent, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { Start } from "../../../ui/src/api/types";
import { away, marit, nothing, open, press, refused, school, type, type Asked } from "../support/kitchen";

/** The ways in: what is refused is said where it was written, and nothing of it has to be written twice. */

const user = userEvent.setup({ delay: null });
const bench = { date: "2026-03-04", today: [], earlier: [], coming: [], waiting: [], has_earlier: false, spare: null };
const start: Start = { is_empty: false, time_zones: ["UTC", "Europe/Oslo"], currencies: ["EUR", "NOK"], words: [], least_password: 15 };
const bodies = (operation: string, asked: Asked[]): unknown[] => asked.filter((it) => it.operation === operation).map((it) => it.body);

/** Refused because of single lines of what was sent. */
const misplaced = (errors: Record<string, string>): Response =>
  new Response(
    JSON.stringify({
      type: "urn:deft-blade:problem:invalid",
      title: "This cannot be taken",
      status: 422,
      detail: "Something is not right.",
      errors: Object.entries(errors).map(([path, detail]) => ({ path, detail })),
    }),
    { status: 422, headers: { "Content-Type": "application/problem+json" } },
  );

const noteOf = (label: string): string | undefined => {
  const described = screen.getByLabelText(label).getAttribute("aria-describedby");

  return described === null ? undefined : document.getElementById(described)?.textContent;
};

test("a sign-in that is refused, or does not arrive, leaves what was written; then one is at the Bench", async () => {
  const outcomes = [away, () => refused(422, "invalid", "E-mail and password do not go together."), () => marit];
  const { asked } = await open(
    "/",
    school({ "GET /session": nothing(), "GET /start": start, "GET /bench": bench, "POST /session": () => outcomes.shift()?.() }),
  );
  await type("E-mail, or the sign-in name on your slip", "marit@tollgate-quay.example");
  await type("Password", "larder-week");
  await press(user, "Sign in");
  await waitFor(() => expect(noteOf("Password")).toBe("The server does not answer; check the network."));
  await press(user, "Sign in");
  await waitFor(() => expect(noteOf("Password")).toBe("E-mail and password do not go together."));
  await press(user, "Sign in");
  expect(await screen.findByText("No practical yet")).toBeTruthy();
  expect(bodies("POST /session", asked)).toEqual(
    Array.from({ length: 3 }, () => ({ email: "marit@tollgate-quay.example", password: "larder-week" })),
  );
});

test("a code is looked at first; one that opens nothing says so until another is written", async () => {
  const owner = { name: "Bruno Tadić", email: "bruno@tollgate-quay.example", least_password: 15 };
  const redeems = [
    () => misplaced({ password: "is too short: 15 characters or more" }),
    () => misplaced({ code: "This code was used meanwhile." }),
    () => ({ ...marit, name: "Bruno Tadić" }),
  ];
  const { asked } = await open(
    "/code",
    school({
      "GET /session": nothing(),
      "GET /bench": bench,
      "POST /code/look": ({ body }: Asked) =>
        (body as { code: string }).code.startsWith("7K2M") ? owner : refused(404, "not-found", "This code opens nothing."),
      "POST /code": () => redeems.shift()?.(),
    }),
  );
  expect(await screen.findByRole("button", { name: "Go on" })).toHaveProperty("disabled", true);
  await type("Code", "0000-0000-0000");
  await press(user, "Go on");
  await waitFor(() => expect(noteOf("Code")).toBe("This code opens nothing."));
  await type("Code", " 7K2M-9QXT-04HB ");
  expect(noteOf("Code")).toMatch(/^Three groups of four/);
  await press(user, "Go on");
  expect(await screen.findByText("Bruno Tadić, set your password. You sign in with bruno@tollgate-quay.example.")).toBeTruthy();

  await type("Password", "tollgate");
  await press(user, "Set it and come in");
  await waitFor(() => expect(noteOf("Password")).toBe("is too short: 15 characters or more"));
  await type("Password", "four spoons under a quiet lamp");
  await press(user, "Set it and come in");
  await waitFor(() => expect(noteOf("Code")).toBe("This code was used meanwhile."));
  expect(bodies("POST /code", asked)).toEqual([
    { code: "7K2M-9QXT-04HB", password: "tollgate" },
    { code: "7K2M-9QXT-04HB", password: "four spoons under a quiet lamp" },
  ]);
});

test("the first coordinator is told of every line that is not right, at that line; what was chosen goes up as it was chosen", async () => {
  const outcomes = [
    () => misplaced({ email: "is no e-mail address", "school.name": "is missing" }),
    () => refused(409, "conflict", "Somebody began this school meanwhile."),
    () => ({ ...marit, role: "coordinator" }),
  ];
  const words = [
    {
      key: "frame",
      title: "What is left when the cuts are off",
      reason: null,
      species: [],
      chosen: "frame",
      options: ["frame", "carcass"].map((key) => ({ key, title: key, reason: null, effects: [] })),
    },
  ];
  const { asked } = await open(
    "/",
    school({
      "GET /session": nothing(),
      "GET /start": { ...start, is_empty: true, words },
      "GET /bench": bench,
      "POST /start": () => outcomes.shift()?.(),
      "DELETE /session": nothing(),
    }),
  );
  await type("Your name", "Ilse Karimova");
  await type("E-mail", "ilse");
  await type("Password", "four spoons under a quiet lamp");
  await type("Its name", " Tollgate Quay School of Cookery ");
  await user.selectOptions(screen.getByLabelText("Time zone"), "Europe/Oslo");
  await user.selectOptions(screen.getByLabelText("Prices are in"), "NOK");
  await user.selectOptions(screen.getByLabelText("Weights are said in"), "us");
  await user.selectOptions(screen.getByLabelText("What is left when the cuts are off"), "carcass");
  const begin = (): boolean => fireEvent.submit(screen.getByLabelText("Your name"));
  begin();
  await waitFor(() => expect([noteOf("E-mail"), noteOf("Its name")]).toEqual(["is no e-mail address", "is missing"]));
  expect(screen.queryByText("Something is not right.")).toBeNull();
  await type("E-mail", "ilse@tollgate-quay.example");
  begin();
  expect(await screen.findByText("Somebody began this school meanwhile.")).toBeTruthy();
  begin();
  expect(await screen.findByText("No practical yet")).toBeTruthy();
  expect(bodies("POST /start", asked).at(-1)).toEqual({
    name: "Ilse Karimova",
    email: "ilse@tollgate-quay.example",
    password: "four spoons under a quiet lamp",
    school: {
      name: "Tollgate Quay School of Cookery",
      time_zone: "Europe/Oslo",
      currency: "NOK",
      units: "us",
      words: { frame: "carcass" },
    },
  });

  // Whoever signs out of the school that was just begun stands at its sign-in, and not at its first page once more.
  await press(user, "Sign out");
  await screen.findByRole("button", { name: "Sign in" });
});

test("the way in comes up also where another answer says first that the session is over", async () => {
  const lets: Record<string, () => void> = {};
  const hold = (name: string): Promise<void> => new Promise((resolve) => (lets[name] = resolve));
  let isOver = false;
  const { queries } = await open(
    "/account",
    school({
      "GET /calendars": () => (isOver ? refused(401, "signed-out", "Nobody is signed in.") : []),
      "GET /start": { is_empty: false, time_zones: [], currencies: [], words: [], least_password: 15 },
      "DELETE /session": nothing,
    }),
  );
  const fetched = globalThis.fetch;
  const held = { DELETE: hold("left"), start: hold("start") };
  globalThis.fetch = async (input, init) => {
    const request = input instanceof Request ? input : new Request(input, init);
    if (request.method === "DELETE") await held.DELETE;
    if (request.url.endsWith("/start")) await held.start;

    return fetched(request);
  };
  await press(user, "Sign out");
  isOver = true;
  await queries.refetchQueries({ queryKey: ["calendars"] });
  await screen.findByText("Fetching Deft Blade …");
  lets["left"]?.();
  await new Promise((resolve) => setTimeout(resolve, 50));
  lets["start"]?.();
  await screen.findByRole("button", { name: "Sign in" });
});
