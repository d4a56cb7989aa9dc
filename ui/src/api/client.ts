import createClient, { type Middleware } from "openapi-fetch";
import { Problem } from "./problem";
import type { paths } from "./schema";

const csrfToken = (): string | null => {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie);

  return found?.[1] === undefined ? null : decodeURIComponent(found[1]);
};

const renewToken = (): Promise<Response> => fetch("/sanctum/csrf-cookie", { credentials: "same-origin" });

const STALE_TOKEN = 419;

/** A token goes stale when a session ends under it: then a new one is asked for, and the request sent once more. */
async function send(request: Request): Promise<Response> {
  const again = request.clone();
  const response = await fetch(request);
  if (response.status !== STALE_TOKEN) return response;
  await renewToken();
  again.headers.set("X-XSRF-TOKEN", csrfToken() ?? "");

  return fetch(again);
}

const guarded: Middleware = {
  async onRequest({ request }) {
    request.headers.set("Accept", "application/json");
    if (request.method === "GET") return request;
    if (csrfToken() === null) await renewToken();
    const token = csrfToken();
    if (token !== null) request.headers.set("X-XSRF-TOKEN", token);

    return request;
  },
};

export const api = createClient<paths>({ baseUrl: "/api/v1", credentials: "same-origin", fetch: send });
api.use(guarded);

/** The answer of a call, or its problem thrown. */
export async function answer<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await call;
  if (!response.ok) throw new Problem(error, response.status);

  return data as T;
}
