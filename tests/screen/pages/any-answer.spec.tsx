import { act, cleanup, waitFor } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import { ADDRESSES, ID } from "../support/addresses";
import { anAnswer } from "../support/description";
import { isSettled, nothing, open } from "../support/kitchen";

/**
 * No page falls over an answer that the API description allows: lists that are empty, what is null, words of another script, marks of a page in a name, and
 * figures of any size. What refers to something (an id, a place among classes) is made up, too, and now and then finds nothing.
 */

const SEEDS = [1, 2];

/** What the answers of one address must agree on among themselves, and no form says. */
const agreeing: Record<string, Record<string, unknown>> = {
  "GET /ledger/week": {
    places: ["Chicken", "Stock"].map((title) => ({ id: title, title, mass_mg: 900_000 })),
    bands: [{ from: "Chicken", to: "Stock", mass_mg: 900_000 }],
  },
  "GET /trends": { charts: [] },
  "GET /standards/{standard}": { low_mg: 1_000_000, usual_mg: 1_500_000, high_mg: 2_000_000 },
};

const ROLES = ["instructor", "assessor", "coordinator"];

/** Nothing that a screen says. */
const SLIPS = ["undefined", "NaN", "Invalid Date", "[object", "Infinity", "tripped over"];

test.each(ADDRESSES)("%s", { timeout: 60_000 }, async (address) => {
  for (const seed of SEEDS) {
    const said: string[] = [];
    const listening = vi.spyOn(console, "error").mockImplementation((...words: unknown[]) => {
      const text = words.map((it) => (it instanceof Error ? it.stack : String(it))).join(" ");
      // Ids that were made up come twice.
      if (!text.includes("same key")) said.push(text);
    });
    const { queries } = await open(address, ({ operation }) => {
      const made = anAnswer(operation, seed);
      if (operation === "GET /session") return { ...(made as object), id: ID, role: ROLES[seed % ROLES.length] };

      return operation in agreeing ? { ...(made as object), ...agreeing[operation] } : (made ?? nothing());
    });
    await waitFor(() => expect([isSettled(), queries.isFetching()]).toEqual([true, 0]), { timeout: 20_000 });
    await act(async () => undefined);
    expect(said, `seed ${seed}`).toEqual([]);
    const page = document.body.textContent;
    expect(
      SLIPS.filter((it) => page.includes(it)).map((it) => page.slice(Math.max(0, page.indexOf(it) - 80), page.indexOf(it) + 40)),
      `seed ${seed}`,
    ).toEqual([]);
    listening.mockRestore();
    cleanup();
  }
});
