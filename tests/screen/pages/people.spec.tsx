import { screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { IssuedCode, Person } from "../../../ui/src/api/types";
import { away, nothing, open, press, refused, school, slipCloses, type, type Asked } from "../support/kitchen";
import { amina, OTHER, sandpiper } from "../support/people";

/** Who works at the school and who learns there: codes that are shown once, who has left, links of calendars, and who changed what. */

const user = userEvent.setup({ delay: null });

const person = (name: string, said: Partial<Person> = {}): Person => ({
  id: `person-${name}`,
  name,
  email: `${name.toLowerCase()}@tollgate-quay.example`,
  role: "assessor",
  in_training: false,
  has_come: true,
  code_until: null,
  left_at: null,
  ...said,
});
const code = (name: string, said: Partial<IssuedCode> = {}): IssuedCode => ({
  person: `person-${name}`,
  name,
  email: `${name.toLowerCase()}@tollgate-quay.example`,
  code: "K7PM-2QXR-9TVC",
  link: "https://kitchen.example/code/K7PM-2QXR-9TVC",
  expires_at: "2026-03-11T08:00:00Z",
  is_mailed: false,
  ...said,
});
const textOf = (name: string): string => screen.getByRole("group", { name }).textContent;
const inRow = (name: string) => within(screen.getByRole("group", { name }));
const sentTo = (operation: string, asked: Asked[]): unknown[] => asked.filter((it) => it.operation === operation).map((it) => it.body);

test("who is here and who has left, with their role and how their invitation stands", async () => {
  await open(
    "/people",
    school({
      "GET /people": [
        person("Ilse", { role: "coordinator" }),
        person("Teodor", { in_training: true, code_until: "2026-03-11T08:00:00Z" }),
        person("Bruno", { has_come: false, code_until: "2026-03-11T23:30:00Z" }),
        person("Vera", { has_come: false }),
        person("Otto", { left_at: "2025-06-20T10:00:00Z" }),
      ],
    }),
  );
  await screen.findByRole("region", { name: "Here" });
  expect(textOf("Ilse")).toMatch(/ilse@tollgate-quay\.exampleCoordinator/);
  expect(textOf("Teodor")).toContain("; in training; has a code until Wednesday 11 March");
  // Half an hour before midnight of one zone is the next day at the school.
  expect(textOf("Bruno")).toContain("; invited, has a code until Thursday 12 March");
  expect(textOf("Vera")).toContain("; invited; the code has run out");
  expect(textOf("Otto")).toContain("; left on Friday 20 June 2025");
  expect(within(screen.getByRole("region", { name: "Left" })).getAllByRole("group")).toHaveLength(1);
});

test("somebody who has left is asked about once, is refused with its reason, and may be back", async () => {
  const answers = [refused(409, "conflict", "The last coordinator cannot leave."), person("Ilse", { left_at: "2026-03-04T09:00:00Z" })];
  let people = [person("Ilse", { role: "coordinator" })];
  const { asked } = await open(
    "/people",
    school({ "GET /people": () => people, "PATCH /people/{person}": () => answers.shift() ?? person("Ilse") }),
  );
  await screen.findByRole("group", { name: "Ilse" });
  await press(user, "Has left");
  await press(user, "No");
  expect(sentTo("PATCH /people/{person}", asked)).toEqual([]);
  const leaves = async (): Promise<void> => {
    await user.click(inRow("Ilse").getByRole("button", { name: "Has left" }));
    await user.click(within(await screen.findByRole("dialog", { name: "Ilse has left?" })).getByRole("button", { name: "Has left" }));
  };
  await leaves();
  await screen.findByText("The last coordinator cannot leave.");
  await slipCloses();
  people = [person("Ilse", { left_at: "2026-03-04T09:00:00Z" })];
  await leaves();
  await press(user, "Is back");
  await waitFor(() => expect(sentTo("PATCH /people/{person}", asked)).toEqual([{ left: true }, { left: true }, { left: false }]));
});

test("a code is shown once, with the address that takes it and until when it is good", async () => {
  await open("/people", school({ "GET /people": [person("Teodor")], "POST /people/{person}/code": code("Teodor", { is_mailed: true }) }));
  await screen.findByRole("group", { name: "Teodor" });
  await press(user, "New code");
  const slip = within(await screen.findByRole("dialog", { name: "A code for Teodor" }));
  expect(slip.getByTestId("code").textContent).toBe("K7PM-2QXR-9TVC");
  slip.getByText("https://kitchen.example/code");
  slip.getByText(/It is good once, until Wednesday 11 March\./);
  slip.getByText(/^Sent by mail as well\. Nobody can look a code up later/);
  await user.click(slip.getByRole("button", { name: "Done" }));
  await slipCloses();
  expect(screen.queryByText("K7PM-2QXR-9TVC")).toBeNull();
});

test("a change of somebody sends only what was changed, and says at the line what is not right", async () => {
  const answers = [
    refused(422, "invalid", "One line is not right.", { path: "email", detail: "Somebody has this address already." }),
    person("Teodor"),
  ];
  const { asked } = await open("/people", school({ "GET /people": [person("Teodor")], "PATCH /people/{person}": () => answers.shift() }));
  await screen.findByRole("group", { name: "Teodor" });
  await press(user, "Change");
  await user.click(within(screen.getByRole("dialog")).getByRole("button", { name: "Change" }));
  await slipCloses();
  expect(sentTo("PATCH /people/{person}", asked)).toEqual([]);
  await press(user, "Change");
  await type("E-mail", " ilse@tollgate-quay.example ");
  const send = (): Promise<void> => user.click(within(screen.getByRole("dialog")).getByRole("button", { name: "Change" }));
  await send();
  await screen.findByText("Somebody has this address already.");
  expect(screen.getByLabelText("E-mail").getAttribute("aria-invalid")).toBe("true");
  await type("E-mail", "teo@tollgate-quay.example");
  await send();
  await slipCloses();
  expect(sentTo("PATCH /people/{person}", asked)).toEqual([
    { email: "ilse@tollgate-quay.example" },
    { email: "teo@tollgate-quay.example" },
  ]);
});

test("codes of a whole group are for those without a password; where all have one it is said", async () => {
  const answers = [[code("Amina"), code("Kenji", { code: "2222-3333-4444" })], []];
  await open(
    "/roster",
    school({
      "GET /roster": { groups: [sandpiper], products: [] },
      "GET /students": { count: 1, a_page: 50, students: [amina] },
      "POST /groups/{group}/codes": () => answers.shift(),
    }),
  );
  await user.click(await screen.findByRole("button", { name: /^Sandpiper/ }));
  await press(user, "Codes for the group");
  const slip = within(await screen.findByRole("dialog", { name: "Codes for Sandpiper" }));
  expect(slip.getAllByRole("heading", { level: 3 }).map((it) => it.textContent)).toEqual(["Amina", "Kenji"]);
  await user.click(slip.getByRole("button", { name: "Done" }));
  await slipCloses();
  await press(user, "Codes for the group");
  await screen.findByRole("dialog", { name: "Everybody in this group has a password already" });
});

test("links of calendars are made, shown once and ended; what fails is said", async () => {
  let links = [{ id: OTHER, room: "Fish kitchen", made_at: "2026-01-05T09:00:00Z", address: null }];
  const { asked } = await open(
    "/account",
    school({
      "GET /calendars": () => links,
      "POST /calendars": { id: OTHER, room: null, made_at: "2026-03-04T09:00:00Z", address: "https://kitchen.example/calendar.ics?key=1" },
      "DELETE /calendars/{calendar}": () => {
        links = [];

        return nothing();
      },
    }),
  );
  await screen.findByText("made on Monday 5 January 2026");
  await press(user, "Link to your practicals");
  expect((await screen.findByTestId("address")).textContent).toBe("https://kitchen.example/calendar.ics?key=1");
  await press(user, "Done");
  await slipCloses();
  await press(user, "End it: Fish kitchen");
  await waitFor(() => expect(screen.queryByText("Fish kitchen")).toBeNull());
  expect(sentTo("POST /calendars", asked)).toHaveLength(1);
});

test("a student has a link to their own practicals only; links that cannot be shown are said", async () => {
  await open("/account", school({ "GET /calendars": () => refused(422, "invalid", "Not now.") }, { role: "student", may_capture: false }));
  await screen.findByText("The links you have cannot be shown. Not now.");
  expect(screen.queryByRole("form", { name: "Calendar of a room" })).toBeNull();
});

test("who changed what stands by the day it was at the school, years included, page by page", async () => {
  const change = (seq: number, at: string, text: string) => ({ seq, at, by: "Ilse Brandt", code: "change.role", text });
  const { asked } = await open(
    "/people/changes",
    school({
      "GET /changes": ({ path }: Asked) =>
        path.includes("before")
          ? { changes: [change(1, "2025-03-04T09:00:00Z", "made the school")], before: null }
          : {
              changes: [change(3, "2026-03-04T23:30:00Z", "invited Bruno"), change(2, "2026-03-04T09:00:00Z", "published the policy")],
              before: 2,
            },
    }),
  );
  const days = (): string[] => screen.getAllByRole("heading", { level: 2 }).map((it) => it.textContent);
  await screen.findByText("invited Bruno");
  expect(days()).toEqual(["Thursday 5 March 2026", "Wednesday 4 March 2026"]);
  await press(user, "Earlier ones");
  await screen.findByText("made the school");
  expect(days()).toEqual(["Thursday 5 March 2026", "Wednesday 4 March 2026", "Tuesday 4 March 2025"]);
  expect(asked.at(-1)?.path).toBe("/changes?before=2");
  expect(screen.queryByRole("button", { name: "Earlier ones" })).toBeNull();
});

test("a password is changed with the one before it, and every other device is signed out", async () => {
  const answers = [away, nothing];
  const { asked } = await open("/account", school({ "GET /calendars": [], "PUT /account/password": () => answers.shift()?.() }));
  await type("The one you have", "larder-week");
  await type("The new one", "four spoons under a quiet lamp");
  await press(user, "Change the password");
  await screen.findByText("The server does not answer; check the network.");
  await press(user, "Change the password");
  await screen.findByText("Changed. Every other device is signed out.");
  expect(screen.getByLabelText("The new one")).toHaveProperty("value", "");
  expect(sentTo("PUT /account/password", asked)).toHaveLength(2);
});
