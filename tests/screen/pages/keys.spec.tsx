import { fireEvent, screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import { pages } from "../../../ui/src/app/routes";
import { ID } from "../support/addresses";
import { away, open, press, school } from "../support/kitchen";
import { room, station } from "../support/room";

/** What a key does, and where: on the page that is shown, and nowhere while a hand writes or another page is on its way. */

const user = userEvent.setup({ delay: null });
const pressed = (key: string): boolean => fireEvent.keyDown(document.activeElement ?? document.body, { key });

test("a key pressed while another page is on its way is not taken by the page that is left; what is over all pages still is", async () => {
  const tray = pages
    .flatMap((it) => it.children ?? [])
    .flatMap((it) => it.children ?? [])
    .find((it) => it.path?.startsWith("tray/"));
  const fetched = tray?.lazy as () => Promise<object>;
  let comes = (): void => {};
  const held = new Promise<void>((resolve) => (comes = resolve));
  Object.assign(tray ?? {}, { lazy: () => held.then(fetched) });
  const floor = room([station(1, { stage: "presented", presented: true, queued_since_ms: 1, weighed: false }), station(2)]);
  await open(
    `/floor/${floor.assessment}`,
    school({ "GET /assessments/{assessment}/floor": floor, "GET /assessments/{assessment}/captures": away }),
  );
  await screen.findByRole("link", { name: "Next on the scale: 1" });
  pressed("2");
  await user.click(within(await screen.findByRole("complementary", { name: "Station 2" })).getByRole("link", { name: "Tray" }));
  await screen.findByText("Fetching the page …");
  pressed("w");
  pressed("Escape");
  screen.getByRole("complementary", { name: "Station 2" });
  pressed("?");
  await screen.findByRole("dialog", { name: "Keys" });
  await press(user, "Close");
  comes();
  await screen.findByRole("navigation", { name: "Steps of this tray" });
  pressed("w");
  await waitFor(() => expect(screen.getByRole("button", { name: "Weigh in" }).getAttribute("aria-current")).toBe("step"));
  Object.assign(tray ?? {}, { lazy: fetched });
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
