import { screen, waitFor, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { expect, test } from "vitest";
import type { Brief, BriefDocument, KeptDraft, School, Standard } from "../../../ui/src/api/types";
import { newBrief } from "../../../ui/src/areas/brief/newBrief";
import { ID } from "../support/addresses";
import { away, like, open, press, refused, school, type, type Answering, type Asked } from "../support/kitchen";

/** Documents that are kept as they are written: in order, each change on the version before it; what somebody else changed meanwhile is not written over unasked. */

const user = userEvent.setup({ delay: null });
const sentTo = (operation: string, asked: Asked[]): Asked[] => asked.filter((it) => it.operation === operation);

/** One document on the server, with its version; it refuses what is written on another one. */
function kept<Document>(first: Document): {
  now: { version: number; document: Document };
  put: (asked: Asked, on: string) => Response | null;
} {
  const now = { version: 1, document: first };

  return {
    now,
    put: (asked, on) => {
      if (on !== `"${now.version}"`) return refused(412, "out-of-date", "Ilse Karimova changed it meanwhile.");
      now.version += 1;
      now.document = asked.body as Document;

      return null;
    },
  };
}

const brief = like<Brief>("GET /briefs/{brief}", {
  id: ID,
  version: 1,
  set_at: null,
  cancelled: null,
  assessments: [],
  changes: [],
  lists: [],
});
const PUT_BRIEF = "PUT /briefs/{brief}";

async function openBrief(writing: Answering): Promise<{ asked: Asked[]; server: ReturnType<typeof kept<BriefDocument>> }> {
  const server = kept<BriefDocument>({ ...newBrief, title: "Eight pieces" });
  const view = (): Brief => ({ ...brief, version: server.now.version, document: server.now.document });
  const { asked } = await open(
    `/brief/${ID}`,
    school({ "GET /briefs/{brief}": view, [PUT_BRIEF]: (it: Asked) => writing(it) ?? server.put(it, it.on) ?? view() }),
  );
  await screen.findByText("Kept.");

  return { asked, server };
}

test("a brief is kept as it is written; what was written in the moment before it is left goes up as well", async () => {
  const { asked, server } = await openBrief(() => null);
  await type("Name", "Eight pieces, by the clock");
  expect(screen.getByText(/Keeping it …/)).toBeTruthy();
  await waitFor(() => expect(server.now.document.title).toBe("Eight pieces, by the clock"));
  await screen.findByText("Kept.");

  await type("Name", "Eight pieces, last word");
  await user.click(screen.getByRole("link", { name: "Bench" }));
  await waitFor(() => expect(server.now.document.title).toBe("Eight pieces, last word"));
  expect(sentTo(PUT_BRIEF, asked).map((it) => it.on)).toEqual(['"1"', '"2"']);
});

test("a brief that cannot be kept says so, asks before it is left, and is sent again by hand", async () => {
  let isAway = true;
  const { server } = await openBrief(() => (isAway ? away() : null));
  await type("Name", "Eight pieces, in vain");
  expect(await screen.findByText(/The server does not answer; the last change is not kept yet\./)).toBeTruthy();
  await user.click(screen.getByRole("link", { name: "Bench" }));
  expect(await screen.findByRole("heading", { name: "Leave this brief?" })).toBeTruthy();
  await press(user, "Stay");
  isAway = false;
  await press(user, "Try again");
  await screen.findByText("Kept.");
  expect(server.now.document.title).toBe("Eight pieces, in vain");
});

test("a brief that somebody else changed is not written over unless one says so", async () => {
  const { asked, server } = await openBrief(() => null);
  server.now.version = 7;
  await type("Name", "Mine");
  await screen.findByText(/Somebody changed this brief meanwhile/);
  await type("Name", "Mine, and more");
  expect(server.now.document.title).toBe("Eight pieces");
  await press(user, "keep mine over it");
  await screen.findByText("Kept.");
  expect([server.now.document.title, sentTo(PUT_BRIEF, asked).at(-1)?.on]).toEqual(["Mine, and more", '"7"']);
});

const standard = like<KeptDraft>("GET /drafts/{draft}", { id: ID, version: 1, plan: null, base: null, usual_mg: 2_000_000 });

test("a draft that was changed on another device stays there until this one is kept over it", async () => {
  const server = kept<Standard>(standard.document);
  const view = (): KeptDraft => ({ ...standard, version: server.now.version, document: server.now.document });
  const { asked } = await open(
    `/standards/drafts/${ID}`,
    school({
      "GET /drafts/{draft}": view,
      "PUT /drafts/{draft}": (it: Asked) => server.put(it, it.on) ?? view(),
      "POST /standards/check": { problems: [], expected: [], changes: [], version: 1, said: {} },
    }),
  );
  await screen.findByText("The draft is kept.");
  server.now.version = 4;
  await type("Title", "Mine");
  await screen.findByText("This draft was changed on another device meanwhile.");
  expect(server.now.document).toBe(standard.document);
  await press(user, "Keep this one");
  await screen.findByText("The draft is kept.");
  expect(sentTo("PUT /drafts/{draft}", asked).map((it) => it.on)).toEqual(['"1"', '"4"']);
  expect(server.now.document.title).toBe("Mine");
});

const choices: School = {
  ...like<School>("GET /school", {}),
  name: "Tollgate Quay School of Cookery",
  currency: "EUR",
  currencies: ["EUR", "NOK"],
  units: "metric",
  practice: "own",
  time_zone: "Europe/Oslo",
  time_zones: ["Europe/Oslo", "Pacific/Auckland"],
  words: [],
  variants: [],
  own: [{ book: "drumette", school: "wing stick" }],
};

/** The school on a server where somebody else may choose, too. */
async function openSchool(): Promise<{
  asked: Asked[];
  now: School;
  elsewhere: (changed: Record<string, string>, then: Partial<School>) => void;
}> {
  const now = { ...choices, version: 1 };
  let changed: Record<string, string> = {};
  const { asked } = await open(
    "/standards/school",
    school({
      "GET /school": () => ({ ...now }),
      "PATCH /school": ({ body, on }: Asked) => {
        if (on !== `"${now.version}"`)
          return new Response(
            JSON.stringify({
              type: "urn:deft-blade:problem:out-of-date",
              title: "Changed",
              status: 412,
              detail: "Ilse Karimova changed this.",
              changed,
            }),
            { status: 412, headers: { "Content-Type": "application/problem+json" } },
          );
        const { own, ...rest } = body as Partial<School> & { own?: Record<string, string | null> };
        Object.assign(now, rest, { version: now.version + 1 });
        if (own !== undefined) now.own = Object.entries(own).flatMap(([book, said]) => (said === null ? [] : [{ book, school: said }]));

        return { ...now };
      },
    }),
  );
  await screen.findByRole("heading", { name: "The school" });

  return {
    asked,
    now,
    elsewhere: (what, then) => {
      changed = what;
      Object.assign(now, then, { version: now.version + 1 });
    },
  };
}

test("three choices in quick succession go up one after the other, each on the version before it", async () => {
  const { asked, now } = await openSchool();
  await user.click(screen.getByRole("radio", { name: "Pounds and ounces" }));
  await user.selectOptions(screen.getByLabelText("Prices are in"), "NOK");
  await user.click(screen.getByRole("radio", { name: "Their instructors too" }));
  await screen.findByText("Chosen. Every screen and print follows.");
  await waitFor(() => expect([now.units, now.currency, now.practice]).toEqual(["us", "NOK", "staff"]));
  expect(sentTo("PATCH /school", asked).map((it) => [it.on, it.body])).toEqual([
    ['"1"', { units: "us" }],
    ['"2"', { currency: "NOK" }],
    ['"3"', { practice: "staff" }],
  ]);
});

test("what somebody else chose meanwhile stays, and this choice is made to it; where both mean the same, theirs stays and is told", async () => {
  const { asked, now, elsewhere } = await openSchool();
  elsewhere({ currency: "NOK" }, { currency: "NOK" });
  await user.click(screen.getByRole("radio", { name: "Pounds and ounces" }));
  await screen.findByText("Chosen. Every screen and print follows.");
  expect([now.units, now.currency, sentTo("PATCH /school", asked).map((it) => it.on)]).toEqual(["us", "NOK", ['"1"', '"2"']]);

  elsewhere({ units: "metric" }, { units: "metric" });
  await user.click(screen.getByRole("radio", { name: "Their instructors too" }));
  await waitFor(() => expect(now.practice).toBe("staff"));
  elsewhere({ practice: "own" }, { practice: "own" });
  await user.click(await screen.findByRole("radio", { name: /^The student alone/ }));
  expect(await screen.findByText("Ilse Karimova changed this.")).toBeTruthy();
  expect([now.practice, now.units]).toEqual(["own", "metric"]);
});

test("a word of one's own is written once, and taken back to the book", async () => {
  const { asked, now } = await openSchool();
  await type("The book says", "Drumette ");
  expect(screen.getByText("This word has one of your own already.")).toBeTruthy();
  await type("The book says", "Keel");
  await type("We say", " breastbone ");
  await press(user, "Say it so");
  await waitFor(() => expect(sentTo("PATCH /school", asked)[0]?.body).toEqual({ own: { keel: "breastbone" } }));
  expect(screen.getByLabelText("The book says")).toHaveProperty("value", "");
  await press(user, /^Say keel again$/);
  await waitFor(() => expect(now.own).toEqual([]));
});

test("where the server cannot be reached, the school stays as it was and says so", async () => {
  const { asked } = await open("/standards/school", school({ "GET /school": { ...choices, version: 1 }, "PATCH /school": away }));
  await user.click(await screen.findByRole("radio", { name: "Pounds and ounces" }));
  expect(await screen.findByText("The server does not answer; the last choice was not kept.")).toBeTruthy();
  expect(screen.getByRole("radio", { name: /^Grams/ }).getAttribute("aria-checked")).toBe("true");
  expect(sentTo("PATCH /school", asked)).toHaveLength(1);
});

test("a page that is opened while a choice is on its way is asked for again once it is made, and shown", async () => {
  let choose = (): void => undefined;
  const chosen = new Promise<void>((resolve) => (choose = resolve));
  let isChosen = false;
  const { asked } = await open(
    "/standards/school",
    school({
      "GET /school": { ...choices, version: 1 },
      "PATCH /school": async () => {
        await chosen;
        isChosen = true;

        return { ...choices, units: "us", version: 2 };
      },
      // What was asked before is on its way still.
      "GET /standards": () => (isChosen ? [] : new Promise(() => undefined)),
    }),
  );
  await user.click(await screen.findByRole("radio", { name: "Pounds and ounces" }));
  await user.click(within(screen.getByRole("navigation", { name: "Areas" })).getByRole("link", { name: "Standards" }));
  await waitFor(() => expect(sentTo("GET /standards", asked)).toHaveLength(1));
  choose();
  await screen.findByRole("heading", { name: "The shelf is empty" });
  expect(sentTo("GET /standards", asked)).toHaveLength(2);
});
