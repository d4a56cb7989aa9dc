import "fake-indexeddb/auto";

/** What of a browser the device's own modules ask for, where there is no page. */

const kept = new Map<string, string>();
const listeners = new Map<string, Set<() => void>>();

/** A request as the server would see it. */
export interface Asked {
  method: string;
  path: string;
  body: unknown;
  /** Whose it says it is. */
  person: string | null;
}

export type Answering = (asked: Asked) => Response | Promise<Response>;

const state: { answering: Answering; asked: Asked[] } = { answering: () => new Response(null, { status: 204 }), asked: [] };

class PlacedRequest extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === "string" && input.startsWith("/") ? `http://kitchen.example${input}` : input, init);
  }
}

Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string): string | null => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  },
  window: {
    addEventListener: (event: string, heard: () => void) => {
      const known = listeners.get(event) ?? new Set();
      listeners.set(event, known.add(heard));
    },
    removeEventListener: (event: string, heard: () => void) => listeners.get(event)?.delete(heard),
  },
  document: { cookie: "XSRF-TOKEN=token" },
  matchMedia: () => ({ matches: true }),
  Request: PlacedRequest,
  fetch: async (request: Request): Promise<Response> => {
    const text = await request.clone().text();
    const asked = {
      method: request.method,
      path: new URL(request.url).pathname,
      person: request.headers.get("X-Deft-Blade-Person"),
      body: /^[{[]/.test(text) ? (JSON.parse(text) as unknown) : text,
    };
    state.asked.push(asked);

    return state.answering(asked);
  },
});
let line = Promise.resolve();
Object.defineProperty(globalThis, "navigator", {
  configurable: true,
  // One holder at a time, as the Web Locks API has it.
  value: { locks: { request: (_: string, run: () => Promise<void>) => (line = line.catch(() => undefined).then(run)) } },
});

/** Begins anew: nothing kept, nothing asked, and the server answers like this. */
export function browser(answering: Answering): Asked[] {
  kept.clear();
  state.answering = answering;
  state.asked = [];

  return state.asked;
}

export const answerWith = (answering: Answering): void => {
  state.answering = answering;
};

/** The network is back. */
export const online = (): void => listeners.get("online")?.forEach((heard) => heard());

export const storage = kept;

export const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), {
    status,
    headers: { "Content-Type": status < 400 ? "application/json" : "application/problem+json" },
  });

export const problem = (status: number, detail: string): Response =>
  json({ type: "urn:deft-blade:problem:invalid", title: "Not right", status, detail, errors: [{ path: "captures[0]", detail }] }, status);
