import type { APIResponse, Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { expect, signIn, test } from "./kitchen";

/** As many as a class sends when the network comes back. */
const AT_ONCE = 8;

type Method = "post" | "put" | "patch";

interface Api {
  read: <Answer>(address: string) => Promise<Answer>;
  /** The same request as often as that, all before the first is answered: how often it was answered with which status. */
  atOnce: (method: Method, address: string, data: object, version?: string) => Promise<Record<number, number>>;
  /** Requests that differ in one thing. */
  eachAtOnce: (method: Method, addressed: { address: string; data: object }[]) => Promise<Record<number, number>>;
}

async function apiOf(page: Page): Promise<Api> {
  const token = (await page.context().cookies()).find((it) => it.name === "XSRF-TOKEN")?.value ?? "";
  const headers = { "X-XSRF-TOKEN": decodeURIComponent(token), Accept: "application/json", Referer: page.url() };
  const counted = (answers: APIResponse[]): Record<number, number> =>
    answers.reduce<Record<number, number>>((counts, it) => ({ ...counts, [it.status()]: (counts[it.status()] ?? 0) + 1 }), {});
  const eachAtOnce: Api["eachAtOnce"] = async (method, all) =>
    counted(await Promise.all(all.map(({ address, data }) => page.request[method](`/api/v1${address}`, { headers, data }))));

  return {
    read: async (address) => (await page.request.get(`/api/v1${address}`, { headers })).json() as never,
    atOnce: async (method, address, data, version) =>
      counted(
        await Promise.all(
          Array.from({ length: AT_ONCE }, () =>
            page.request[method](`/api/v1${address}`, { headers: { ...headers, ...(version && { "If-Match": version }) }, data }),
          ),
        ),
      ),
    eachAtOnce,
  };
}

interface Roster {
  groups: { id: string; name: string }[];
}

interface Students {
  count: number;
  students: { id: string; number: string | null; accommodations: unknown[] }[];
}

test("of one student who is added many times at once there is one, and a number is one student's", async ({ page }) => {
  await signIn(page, "ilse");
  const { read, atOnce, eachAtOnce } = await apiOf(page);
  const { groups } = await read<Roster>("/roster");
  const group = groups[0]?.id;
  const found = (name: string) => read<Students>(`/students?search=${encodeURIComponent(name)}`);
  expect(await atOnce("post", "/students", { id: uuid(), name: "Ingrid Vale", number: "N-900", group })).toEqual({ 201: AT_ONCE });
  expect((await found("Ingrid Vale")).count).toBe(1);
  const others = Array.from({ length: AT_ONCE }, (_, index) => ({ id: uuid(), name: `Olav Strand ${index}`, number: "N-901", group }));
  expect(
    await eachAtOnce(
      "post",
      others.map((data) => ({ address: "/students", data })),
    ),
  ).toEqual({ 201: 1, 409: AT_ONCE - 1 });
  expect((await found("Olav Strand")).count).toBe(1);
  const student = (await found("Ingrid Vale")).students[0]?.id ?? "";
  const stool = { kind: "stool", from: "2026-03-02", until: "2026-03-06", reason: "A sprained ankle" };
  expect(await atOnce("post", `/students/${student}/accommodations`, stool)).toEqual({ 201: AT_ONCE });
  expect((await found("Ingrid Vale")).students[0]?.accommodations).toHaveLength(1);
});

test("of one person who is invited, and of one group that is made, many times at once there is one", async ({ page }) => {
  await signIn(page, "ilse");
  const { read, atOnce } = await apiOf(page);
  const bruno = { name: "Bruno Tadić", email: "bruno@tollgate-quay.example", role: "assessor" };
  expect(await atOnce("post", "/people", bruno)).toEqual({ 201: 1, 409: AT_ONCE - 1 });
  expect(await atOnce("post", "/groups", { course: "Larder 2", name: "Curlew", term: "autumn" })).toEqual({ 201: 1, 409: AT_ONCE - 1 });
  expect((await read<Roster>("/roster")).groups.filter((it) => it.name === "Curlew")).toHaveLength(1);
});

interface Bench {
  today: { id: string; title: string; trays: { attempt: string; station: number }[] }[];
}

test("what a device sends many times at once is on the server once", async ({ page }) => {
  await signIn(page);
  const { read, atOnce } = await apiOf(page);
  const practical = (await read<Bench>("/bench")).today.find((it) => it.title === "Chicken eight-piece");
  const attempt = practical?.trays.find((it) => it.station === 10)?.attempt ?? "";
  const captures = [{ id: uuid(), at: new Date().toISOString(), kind: "note", text: "Knife sharpened before the start" }];
  const next = (await read<{ next: number }>(`/assessments/${practical?.id}/captures`)).next;
  expect(await atOnce("post", `/attempts/${attempt}/captures`, { device: "tablet", captures })).toEqual({ 200: AT_ONCE });
  const since = await read<{ captures: unknown[] }>(`/assessments/${practical?.id}/captures?after=${next}`);
  expect(since.captures).toHaveLength(1);
  const check = { nominal_mg: 1_000_000, reading_mg: 1_000_000 };
  expect(await atOnce("put", `/assessments/${practical?.id}/scale-checks/${uuid()}`, check)).toEqual({ 200: AT_ONCE });
  expect(await atOnce("post", `/assessments/${practical?.id}/presence`, { device: "tablet", attempt })).toEqual({ 204: AT_ONCE });
});

test("a note of a day, a price and a delivery that are sent many times at once are kept once", async ({ page }) => {
  await signIn(page, "ilse");
  const { read, atOnce } = await apiOf(page);
  const today = new Date().toISOString().slice(0, 10);
  expect(await atOnce("put", `/day-notes/${uuid()}`, { on: today, text: "New knives" })).toEqual({ 204: AT_ONCE });
  const price = { species: "chicken", product: "thigh", minor: 900, source: "The market", found_on: today };
  expect(await atOnce("put", `/ledger/prices/${uuid()}`, price)).toEqual({ 204: AT_ONCE });
  const practical = (await read<Bench>("/bench")).today.find((it) => it.title === "Chicken eight-piece")?.id ?? "";
  const delivery = { supplier: "Saltmarsh Provisions", invoice: "SP-900", pieces: 12, mass_mg: 20_000_000, cost_minor: 10_000 };
  expect(await atOnce("put", `/assessments/${practical}/deliveries/${uuid()}`, delivery)).toEqual({ 204: AT_ONCE });
});

test("of many who change one version of the school at once one is taken, and the others are told", async ({ page }) => {
  await signIn(page, "ilse");
  const { read, atOnce } = await apiOf(page);
  const { version } = await read<{ version: number }>("/school");
  const answers = await atOnce("patch", "/school", { own: { drumstick: "lower leg" } }, `"${version}"`);
  expect(answers).toEqual({ 200: 1, 412: AT_ONCE - 1 });
  expect((await read<{ version: number }>("/school")).version).toBeGreaterThan(version);
});

test("results that are released many times at once are released once", async ({ page }) => {
  await signIn(page);
  const { read, atOnce } = await apiOf(page);
  const practical = (await read<Bench>("/bench")).today.find((it) => it.title === "Chicken eight-piece");
  const attempt = practical?.trays.find((it) => it.station === 1)?.attempt ?? "";
  expect(await atOnce("post", `/assessments/${practical?.id}/release`, { attempts: [attempt] })).toEqual({ 200: AT_ONCE });
  const { version } = await read<{ version: number }>(`/attempts/${attempt}/released`);
  expect(version).toBe(1);
});
