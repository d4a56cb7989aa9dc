import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { QueryClientProvider, type QueryClient } from "@tanstack/react-query";
import { ThemeProvider } from "@mui/material/styles";
import { act, fireEvent, render, screen, waitFor, within } from "@testing-library/react";
import type { UserEvent } from "@testing-library/user-event";
import { createMemoryRouter, RouterProvider } from "react-router";
import { expect } from "vitest";
import { makeQueryClient } from "../../../ui/src/app/queryClient";
import { pages } from "../../../ui/src/app/routes";
import { makeTheme } from "../../../ui/src/app/theme";
import type { components } from "../../../ui/src/api/schema";
import { anAnswer, operationOf } from "./description";

type Schemas = components["schemas"];

/** A request as the server would see it. */
export interface Asked {
  /** Which operation of the API it is, as "GET /roster". */
  operation: string;
  /** With its ids and its question, without the part that all have in common. */
  path: string;
  body: unknown;
  /** The version it is made to (If-Match). */
  on: string;
}

/** What the server says to a request. */
export type Answering = (asked: Asked) => unknown;

const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { "Content-Type": "application/json" } });

export const nothing = (): Response => new Response(null, { status: 204 });

/** A refusal as the application words it, and the places where something is not right. */
export const refused = (status: number, type: string, detail: string, ...errors: { path: string; detail: string }[]): Response =>
  new Response(JSON.stringify({ type: `urn:deft-blade:problem:${type}`, title: "Refused", status, detail, errors }), {
    status,
    headers: { "Content-Type": "application/problem+json" },
  });

/** The server cannot be reached. */
export const away = (): never => {
  throw new TypeError("Failed to fetch");
};

/** An answer in the form of the API description, with what a test is about. */
export const like = <Answer,>(operation: string, said: Partial<Answer>): Answer => {
  mustExist(operation);

  return { ...(anAnswer(operation, 1) as Answer), ...said };
};

/** An answer to what nobody can ask would never be given, and a test might pass all the same. */
function mustExist(...operations: string[]): void {
  for (const it of operations) {
    const [method = "", path = ""] = it.split(" ");
    if (operationOf(method, path) !== it) throw new Error(`the API says ${operationOf(method, path)}, and not ${it}`);
  }
}

/** Answers whatever is asked of the server; what was asked, in order. */
export function play(answering: Answering): Asked[] {
  const asked: Asked[] = [];
  globalThis.fetch = async (input: RequestInfo | URL): Promise<Response> => {
    const request = input instanceof Request ? input : new Request(input);
    const text = await request.clone().text();
    const url = new URL(request.url);
    const path = url.pathname.replace("/api/v1", "");
    const it: Asked = {
      operation: operationOf(request.method, path),
      path: `${path}${url.search}`,
      on: request.headers.get("If-Match") ?? "",
      body: /^[{[]/.test(text) ? (JSON.parse(text) as unknown) : text,
    };
    asked.push(it);
    const said = await answering(it);

    return said instanceof Response ? said : json(said);
  };

  return asked;
}

export const marit: Schemas["UserView"] = {
  id: "0190f5a0-0000-7000-8000-000000000001",
  name: "Marit Oyelaran",
  role: "instructor",
  may_capture: true,
  may_publish: true,
  may_release: true,
  units: "metric",
  time_zone: "Europe/Oslo",
  may_set_terms: true,
  may_choose: true,
  may_manage_people: true,
  may_enrol: true,
  least_password: 15,
};

/** A server with these answers, by operation; what is not among them is made up by the API description. */
export function school(answers: Record<string, unknown>, who: Partial<Schemas["UserView"]> = {}): Answering {
  mustExist(...Object.keys(answers));

  return (asked) => {
    const { operation } = asked;
    if (operation in answers)
      return typeof answers[operation] === "function" ? (answers[operation] as Answering)(asked) : answers[operation];
    if (operation === "GET /session") return { ...marit, ...who };

    return anAnswer(operation, 1) ?? nothing();
  };
}

interface Opened {
  asked: Asked[];
  queries: QueryClient;
  /** Closes it, as a page that is left for good. */
  unmount: () => void;
}

// Apart from the document: what nobody sees need not be worked out for every element that is looked for.
const theme = makeTheme();
const styles = createCache({ key: "db", container: document.createElement("div") });

/** Opens the application at an address, with a server that answers so. */
export async function open(address: string, answering: Answering): Promise<Opened> {
  const asked = play(answering);
  const router = createMemoryRouter(pages, { initialEntries: [address] });
  const queries = makeQueryClient();
  let unmount = (): void => {};
  await act(async () => {
    ({ unmount } = render(
      <CacheProvider value={styles}>
        <ThemeProvider theme={theme} defaultMode="light" disableStyleSheetGeneration>
          <QueryClientProvider client={queries}>
            <RouterProvider router={router} useTransitions={false} />
          </QueryClientProvider>
        </ThemeProvider>
      </CacheProvider>,
    ));
  });

  return { asked, queries, unmount };
}

export const press = async (user: UserEvent, name: string | RegExp): Promise<void> =>
  user.click(await screen.findByRole("button", { name }));

/** Writes over what stands in a line. */
export async function type(label: string, text: string): Promise<void> {
  fireEvent.change(await screen.findByLabelText(label, { selector: "input, textarea" }), { target: { value: text } });
}

/** Nothing is on its way any more, and the page stands. */
export const isSettled = (): boolean =>
  !document.body.textContent.includes("Fetching") && (document.querySelector("main")?.childElementCount ?? 0) > 0;

/** The rows of a table below its head, their cells side by side. */
export const tableRows = (label: string): string[] =>
  within(within(screen.getByRole("group", { name: label })).getByRole("table"))
    .getAllByRole("row")
    .slice(1)
    .map((row) => [...row.children].map((cell) => cell.textContent).join(" | "));

/** A slip is closed once the device has what it says. */
export const slipCloses = (): Promise<void> => waitFor(() => expect(screen.queryByRole("dialog")).toBeNull());
