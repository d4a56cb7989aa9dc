import { readFileSync } from "node:fs";
import { createContext, runInContext } from "node:vm";
import { expect, test } from "vitest";

interface Asked {
  request: { url: string; method: string; mode: string };
  respondWith: (answer: Promise<Response>) => void;
  waitUntil: (done: Promise<unknown>) => void;
}

/** What the worker that keeps the shell answers when a page is gone to, where the network does this. */
async function page(network: () => Promise<Response>, shell: Response | undefined): Promise<Response> {
  const heard = new Map<string, (event: Asked) => void>();
  const self = {
    location: { origin: "https://kitchen.example" },
    addEventListener: (event: string, hear: (event: Asked) => void) => heard.set(event, hear),
  };
  const cache = {
    match: () => Promise.resolve(shell),
    addAll: () => Promise.resolve(),
    keys: () => Promise.resolve([]),
    put: () => Promise.resolve(),
  };
  const caches = { match: () => Promise.resolve(shell), open: () => Promise.resolve(cache) };
  runInContext(
    readFileSync("public/worker.js", "utf8"),
    createContext({ self, caches, fetch: network, URL, AbortSignal, Error, Set, Object, JSON }),
  );

  return new Promise<Response>((resolve, reject) => {
    heard.get("fetch")?.({
      request: { url: "https://kitchen.example/floor", method: "GET", mode: "navigate" },
      respondWith: (answer) => void answer.then(resolve, reject),
      waitUntil: (done) => void done.catch(() => undefined),
    });
  });
}

const said = async (network: () => Promise<Response>, shell?: Response): Promise<string> => (await page(network, shell)).text();
const from =
  (body: string, status = 200) =>
  () =>
    Promise.resolve(new Response(body, { status }));

test("a page comes from the server while it answers, also where it answers that there is nothing", async () => {
  expect(await said(from("page"), new Response("shell"))).toBe("page");
  expect(await said(from("not found", 404), new Response("shell"))).toBe("not found");
});

test("without a network, and where a proxy does not reach the server, it comes from the device", async () => {
  expect(await said(() => Promise.reject(new TypeError("Failed to fetch")), new Response("shell"))).toBe("shell");
  for (const status of [500, 502, 503, 504]) expect(await said(from("Bad gateway", status), new Response("shell"))).toBe("shell");
});

test("a device that has no copy shows what there is", async () => {
  expect(await said(from("Bad gateway", 502))).toBe("Bad gateway");
  await expect(said(() => Promise.reject(new TypeError("Failed to fetch")))).rejects.toThrow("no copy");
});
