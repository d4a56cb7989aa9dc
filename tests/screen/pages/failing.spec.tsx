import { screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import { ADDRESSES } from "../support/addresses";
import { isSettled, open, refused, school } from "../support/kitchen";

/** A page whose answer is refused says why in the server's words; tried again, it opens. */

/** What they show needs no answer, or is shown by what the device knows. */
const OWN = ["/account", "/roster/import"];

test.each(ADDRESSES.filter((it) => !OWN.includes(it)))("%s", async (address) => {
  const answers = school({});
  let refuses = true;
  const { queries } = await open(address, (asked) =>
    refuses && asked.operation.startsWith("GET") && asked.operation !== "GET /session"
      ? refused(403, "forbidden", "Not for the test.")
      : answers(asked),
  );
  expect((await screen.findAllByText(/Not for the test\./)).length).toBeGreaterThan(0);

  refuses = false;
  await userEvent.click(screen.getAllByRole("button", { name: "Try again" })[0] as HTMLElement);
  await waitFor(() => expect([isSettled(), queries.isFetching()]).toEqual([true, 0]));
  expect(screen.queryByText(/Not for the test\./)).toBeNull();
});
