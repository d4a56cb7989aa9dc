import { fireEvent, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { createMemoryRouter, Link, RouterProvider } from "react-router";
import { expect, test, vi } from "vitest";
import { useKey } from "../../../ui/src/parts/useKey";
import { ID } from "../support/addresses";
import { open, school } from "../support/kitchen";

/** What a key does, and where: on the page that is shown, and nowhere while a hand writes or another page is on its way. */

const user = userEvent.setup({ delay: null });
const pressed = (key: string): boolean => fireEvent.keyDown(document.activeElement ?? document.body, { key });

test("a key pressed while another page is on its way is not taken by the page that is left, but by the one that comes", async () => {
  const [here, there] = [vi.fn(), vi.fn()];
  const Here = () => {
    useKey("w", here);

    return <Link to="/there">To the tray</Link>;
  };
  const There = () => {
    useKey("w", there);

    return <h1>Tray</h1>;
  };
  let comes: (page: { Component: typeof There }) => void = () => {};
  const router = createMemoryRouter([
    { path: "/", element: <Here /> },
    { path: "/there", lazy: () => new Promise<{ Component: typeof There }>((resolve) => (comes = resolve)) },
  ]);
  render(<RouterProvider router={router} useTransitions={false} />);

  pressed("w");
  expect(here).toHaveBeenCalledTimes(1);
  await user.click(screen.getByRole("link"));
  pressed("w");
  expect(here).toHaveBeenCalledTimes(1);
  comes({ Component: There });
  await screen.findByRole("heading", { name: "Tray" });
  pressed("w");
  expect(here).toHaveBeenCalledTimes(1);
  expect(there).toHaveBeenCalledTimes(1);
});

test("letters lead between the areas, and mean letters where something is written", async () => {
  await open("/", school({}));
  await screen.findByRole("complementary", { name: "What waits" });
  pressed("s");
  await screen.findByRole("heading", { level: 1, name: /standards/i });
  pressed("/");
  const line = await screen.findByRole("searchbox");
  line.focus();
  pressed("b");
  screen.getByRole("dialog");
  expect(screen.queryByRole("complementary", { name: "What waits" })).toBeNull();
});

test("the keys of a tray lead through its steps and to its log", async () => {
  await open(`/tray/${ID}/receive`, school({}));
  await screen.findByText("Defects on arrival");
  pressed("l");
  await screen.findByRole("dialog", { name: /log/i });
});
