import { screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { Student } from "../../../ui/src/api/types";
import { ID } from "../support/addresses";
import { open, press, school, slipCloses, type, type Asked } from "../support/kitchen";
import { amina, sandpiper } from "../support/people";

/** What a student works under is written on the slip of the student, and neither is lost by sending the other. */

const user = userEvent.setup({ delay: null });

async function openAmina(): Promise<Asked[]> {
  const allowed: Student["accommodations"] = [];
  const { asked } = await open(
    "/roster",
    school({
      "GET /roster": { groups: [sandpiper], products: ["fish"] },
      "GET /students": () => ({ count: 1, a_page: 50, students: [{ ...amina, accommodations: allowed }] }),
      "POST /students/{student}/accommodations": ({ body }: Asked) => {
        allowed.push({ id: ID, ...(body as Omit<Student["accommodations"][number], "id">) });

        return { ...amina, accommodations: allowed };
      },
    }),
  );
  await press(user, "Open Amina Haddad");

  return asked;
}

const writesOf = (asked: Asked[]): Asked[] => asked.filter((it) => !it.operation.startsWith("GET"));

test("Enter in a line of an allowance allows it as soon as it is whole, and the slip stays", async () => {
  const asked = await openAmina();
  await press(user, "Allow something");
  await type("From", "");
  await type("Because", "Wrist in plaster");
  await user.type(screen.getByLabelText("Because"), "{Enter}");
  expect([writesOf(asked), screen.getByRole("heading", { name: "Amina Haddad" })]).toEqual([[], expect.anything()]);

  await type("From", "2026-03-02");
  await user.type(screen.getByLabelText("Because"), "{Enter}");
  expect(await screen.findByText("more time × 1.25, from 2 Mar 2026: Wrist in plaster")).toBeTruthy();
  expect(writesOf(asked).map((it) => it.operation)).toEqual(["POST /students/{student}/accommodations"]);

  await press(user, "Allow something");
  expect(screen.getByLabelText("Because")).toHaveProperty("value", "");
});

test("while an allowance is being written the rest is not sent; it is left, or allowed, first", async () => {
  const asked = await openAmina();
  await type("Name", "Amina Haddad-Berg");
  await press(user, "Allow something");
  expect(screen.getByText(/allow it or leave it/)).toBeTruthy();
  await user.type(screen.getByLabelText("Name"), "{Enter}");
  await press(user, "Leave it");
  expect(screen.queryByText(/allow it or leave it/)).toBeNull();
  await press(user, "Change");
  await waitFor(() =>
    expect(writesOf(asked).map((it) => [it.operation, it.body])).toEqual([["PATCH /students/{student}", { name: "Amina Haddad-Berg" }]]),
  );
});

test("an allowance of another kind has no factor, and one with no more time than usual is not allowed", async () => {
  const asked = await openAmina();
  await press(user, "Allow something");
  await type("From", "2026-03-02");
  await type("Because", "Sits on a stool");
  await type("Times", "1");
  expect(screen.getByRole("button", { name: "Allow it" })).toHaveProperty("disabled", true);
  await user.selectOptions(screen.getByLabelText("What"), "stool");
  expect(screen.getByLabelText("Times")).toHaveProperty("disabled", true);
  await type("Until", "2026-04-01");
  await press(user, "Allow it");
  await waitFor(() =>
    expect(writesOf(asked)[0]?.body).toEqual({
      kind: "stool",
      time_factor: null,
      from: "2026-03-02",
      until: "2026-04-01",
      reason: "Sits on a stool",
    }),
  );
});

test("a button that is gone with its tap leaves the keyboard on the slip, where Escape is heard at once", async () => {
  await openAmina();
  await press(user, "Allow something");
  await user.keyboard("{Escape}");
  await slipCloses();
});
