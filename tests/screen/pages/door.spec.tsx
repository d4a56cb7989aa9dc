import { QueryClientProvider } from "@tanstack/react-query";
import { act, render, screen, waitFor } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { Entrance } from "../../../ui/src/app/Entrance";
import { makeQueryClient } from "../../../ui/src/app/queryClient";
import { away, marit, nothing, play, press, refused, school, type, type Asked } from "../support/kitchen";

// Outside a build the two entries of the package are two routers.
vi.mock("react-router/dom", () => import("react-router"));

/** What is shown until it is known who is signed in, and what is fetched when. */

const user = userEvent.setup({ delay: null });
const bench = { date: "2026-03-04", today: [], earlier: [], coming: [], waiting: [], has_earlier: false, spare: null };
const start = { is_empty: false, time_zones: ["UTC"], currencies: ["EUR"], words: [], least_password: 15 };
const register = vi.fn(() => Promise.resolve());

beforeEach(() => {
  localStorage.clear();
  register.mockClear();
  Object.defineProperty(navigator, "serviceWorker", { configurable: true, value: { register } });
});
afterEach(() => Reflect.deleteProperty(navigator, "serviceWorker"));

async function stand(answers: Record<string, unknown>): Promise<Asked[]> {
  const asked = play(school({ "GET /start": start, "GET /bench": bench, ...answers }));
  await act(async () => {
    render(
      <QueryClientProvider client={makeQueryClient()}>
        <Entrance />
      </QueryClientProvider>,
    );
  });

  return asked;
}

test("whoever is signed in goes in; what the hour needs, and the copy for when there is no network, are fetched once nothing is asked any more", async () => {
  let letBench = (): void => {};
  const held = new Promise<void>((resolve) => (letBench = resolve));
  await stand({ "GET /bench": () => held.then(() => bench) });
  await screen.findByText("Fetching the Bench …");
  await new Promise((resolve) => setTimeout(resolve, 500));
  expect(register).not.toHaveBeenCalled();
  letBench();
  await screen.findByText("No practical yet");
  await waitFor(() => expect(register).toHaveBeenCalledExactlyOnceWith("/worker.js"));
});

test("whoever signs in goes in without a word of fetching, and whoever signs out sees the sign-in at once", async () => {
  const who = [nothing(), marit];
  await stand({
    "GET /session": () => who.shift() ?? nothing(),
    "POST /session": () => (who.shift() === marit ? marit : refused(422, "invalid", "That name and password do not go together.")),
    "DELETE /session": nothing(),
  });
  await type("E-mail, or the sign-in name on your slip", "marit@tollgate-quay.example");
  await type("Password", "larder-week");
  await press(user, "Sign in");
  await screen.findByText("No practical yet");
  await press(user, "Sign out");
  await screen.findByRole("button", { name: "Sign in" });
});

test("where the server does not answer and nobody was here before, it is said, and asked again", async () => {
  const outcomes: unknown[] = [away, away, away, marit];
  await stand({
    "GET /session": () => {
      const outcome = outcomes.shift() ?? marit;

      return typeof outcome === "function" ? (outcome as () => never)() : outcome;
    },
  });
  await press(user, "Try again");
  await screen.findByText("No practical yet");
});
