import createClient, { type Middleware } from "openapi-fetch";
import { Problem } from "./problem";
import type { paths } from "./schema";

const csrfToken = (): string | null => {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie);

  return found?.[1] === undefined ? null : decodeURIComponent(found[1]);
};

const renewToken = (): Promise<Response> => fetch("/sanctum/csrf-cookie", { credentials: "same-origin" });

const STALE_TOKEN = 419;

/** A request that hangs is given up after this, and after longer where a photograph goes up over a thin line. */
const PATIENCE_MS = 30_000;
const PATIENCE_WITH_PHOTO_MS = 180_000;

const timed = (request: Request): Promise<Response> => {
  const patience = request.headers.get("Content-Type") === "image/jpeg" ? PATIENCE_WITH_PHOTO_MS : PATIENCE_MS;

  return fetch(request, { signal: AbortSignal.any([request.signal, AbortSignal.timeout(patience)]) });
};

/** A token goes stale when a session ends under it: then a new one is asked for, and the request sent once more. */
async function send(request: Request): Promise<Response> {
  const again = request.clone();
  const response = await timed(request);
  if (response.status !== STALE_TOKEN) return response;
  await renewToken();
  again.headers.set("X-XSRF-TOKEN", csrfToken() ?? "");

  return timed(again);
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

/** Says whose a request is: where somebody else is signed in by then, in another tab, it is refused rather than taken for theirs. */
export const as = (person: string): { "X-Deft-Blade-Person": string } => ({ "X-Deft-Blade-Person": person });

/** The answer of a call, or its problem thrown. */
export async function answer<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await call;
  if (!response.ok) throw new Problem(error, response.status);

  return data as T;
}
