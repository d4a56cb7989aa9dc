import { answer, api, as } from "../api/client";
import { device } from "../api/device";
import { Problem } from "../api/problem";
import type { LotNews, PracticeTray, Tray } from "../api/types";
import { isAside, store, type Waiting, type WaitingLots, type WaitingPractice } from "./store";

const AT_ONCE = 100;
const PATIENCE_MS = [500, 1_000, 2_000, 4_000, 8_000, 15_000];
/** How often what stepped aside is tried again. */
const ASIDE_MS = 60_000;

/** Told of every tray the server answers with, and of a person who has to sign in again. */
interface Listener {
  onTray: (tray: Tray) => Promise<void>;
  /** Resolves once what is shown of the ledger knows it: until then it is shown from what waits here. */
  onLots: (news: LotNews) => Promise<void>;
  /** The tray is null of what is about none. */
  onPractice: (tray: PracticeTray | null) => Promise<void>;
  onSignedOut: () => void;
}

/** Sends what waits, in order, each until the server has it or refuses it. One tab of the browser sends at a time. */
export function startSending(user: string, listener: Listener): { kick: () => void; stop: () => void } {
  let isStopped = false;
  let failures = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isBusy = false;
  /** Asked while it was busy: it may have looked already where something new lies, and looks once more. */
  let isAskedAgain = false;
  /** When what stepped aside is due again. */
  let asideAt = 0;

  const after = (ms: number): void => {
    clearTimeout(timer);
    timer = setTimeout(kick, ms);
  };
  const again = (): void => {
    after(PATIENCE_MS[Math.min(failures, PATIENCE_MS.length - 1)] ?? ASIDE_MS);
    failures += 1;
  };
  /** True where everything of one kind was gone through. */
  const sendAll = async <Row>(next: () => Promise<Row | null>, sendOne: (row: Row) => Promise<Outcome>): Promise<boolean> => {
    for (let row = await next(); row !== null && !isStopped; row = await next()) {
      const outcome = await sendOne(row);
      if (outcome === "later") again();
      if (outcome === "aside") asideAt = Date.now() + ASIDE_MS;
      if (outcome === "later" || outcome === "signed-out") return false;
      failures = 0;
    }

    return true;
  };
  const run = async (): Promise<void> => {
    const captures = await sendAll(
      () => nextBatch(user),
      (batch) => send(user, batch, listener),
    );
    // Lots are made of weights: those are on the server by now.
    if (!captures) return;
    const lots = await sendAll(
      () => nextLots(user),
      (row) => sendLots(row, listener),
    );
    if (!lots) return;
    const practice = await sendAll(
      () => nextPractice(user),
      (batch) => sendPractice(batch, listener),
    );
    if (practice && !isStopped) await sendAside();
  };
  const sendAside = async (): Promise<void> => {
    const [captures, lots, practice] = await aside(user);
    if (captures.length + lots.length + practice.length === 0) return;
    if (Date.now() >= asideAt) {
      asideAt = Date.now() + ASIDE_MS;
      for (const row of captures) await send(user, [row], listener);
      for (const row of lots) await sendLots(row, listener);
      for (const row of practice) await sendPractice([row], listener);
    }
    after(ASIDE_MS);
  };
  const kick = (): void => {
    if (isStopped) return;
    isAskedAgain = isBusy;
    if (isBusy) return;
    isBusy = true;
    void navigator.locks
      .request("deft-blade.sender", run)
      .catch(again)
      .finally(() => {
        isBusy = false;
        if (isAskedAgain) kick();
      });
  };
  const online = (): void => {
    failures = asideAt = 0;
    kick();
  };
  window.addEventListener("online", online);
  kick();

  return {
    kick,
    stop: () => {
      isStopped = true;
      clearTimeout(timer);
      window.removeEventListener("online", online);
    },
  };
}

/** Sends what was refused, and what stepped aside, once more. */
export async function sendAgain(user: string): Promise<void> {
  const again = { refusal: null, failures: 0 };
  await store.waiting.where("user").equals(user).modify(again);
  await store.lots.where("user").equals(user).modify(again);
  await store.practice.where("user").equals(user).modify(again);
}

const mayGoUp = (row: Pick<Waiting, "refusal" | "failures">): boolean => row.refusal === null && !isAside(row);

/** The oldest that may go up, with those right behind it for the same attempt; null where none may. */
async function nextBatch(user: string): Promise<Waiting[] | null> {
  const rows = (await store.waiting.where("user").equals(user).sortBy("order")).filter(mayGoUp);
  const first = rows[0];
  if (first === undefined) return null;
  const end = rows.findIndex((it) => it.attempt !== first.attempt || it.offsetMs !== first.offsetMs);

  return rows.slice(0, Math.min(AT_ONCE, end === -1 ? rows.length : end));
}

/** The oldest of the ledger that may go up. */
async function nextLots(user: string): Promise<WaitingLots | null> {
  return (await store.lots.where("user").equals(user).sortBy("order")).find(mayGoUp) ?? null;
}

/** The oldest that was practised and may go up, with those right behind it of the same tray, or of none too; null where none may. */
async function nextPractice(user: string): Promise<WaitingPractice[] | null> {
  const rows = (await store.practice.where("user").equals(user).sortBy("order")).filter(mayGoUp);
  const first = rows[0];
  if (first === undefined) return null;
  const isOfAnother = (it: WaitingPractice): boolean =>
    it.standard !== first.standard || it.said.tray !== first.said.tray || it.offsetMs !== first.offsetMs;
  const end = rows.findIndex(isOfAnother);

  return rows.slice(0, Math.min(AT_ONCE, end === -1 ? rows.length : end));
}

async function aside(user: string): Promise<[Waiting[], WaitingLots[], WaitingPractice[]]> {
  const isOpen = (row: Pick<Waiting, "refusal" | "failures">): boolean => row.refusal === null && isAside(row);

  return [
    (await store.waiting.where("user").equals(user).sortBy("order")).filter(isOpen),
    (await store.lots.where("user").equals(user).sortBy("order")).filter(isOpen),
    (await store.practice.where("user").equals(user).sortBy("order")).filter(isOpen),
  ];
}

/** The picture itself, before the capture that speaks of it. */
async function putPhoto(user: string, attempt: string, sha256: string, blob: Blob): Promise<void> {
  await answer(api.PUT("/attempts/{attempt}/photos/{sha256}", { params: { path: { attempt, sha256 } }, ...picture(user, blob) }));
}

async function putPracticePhoto(user: string, path: { standard: string; tray: string; sha256: string }, blob: Blob): Promise<void> {
  await answer(api.PUT("/practice/{standard}/trays/{tray}/photos/{sha256}", { params: { path }, ...picture(user, blob) }));
}

const picture = (user: string, blob: Blob) => ({
  headers: { "Content-Type": "image/jpeg", ...as(user) },
  body: blob as unknown as string,
  bodySerializer: (it: string) => it,
});

/** Aside: the server failed at it too often, and what is behind it goes first. */
type Outcome = "gone-up" | "aside" | "later" | "signed-out";

async function sendLots(row: WaitingLots, listener: Listener): Promise<Outcome> {
  const { order, user, facts, offsetMs } = row;
  if (order === undefined) return "gone-up";
  try {
    const news = await answer(api.POST("/ledger/facts", { headers: as(user), body: { device: device(), offset_ms: offsetMs, facts } }));
    await listener.onLots(news);
    await store.lots.delete(order);

    return "gone-up";
  } catch (problem) {
    return await unsent(problem, row, listener, (change) => store.lots.update(order, change));
  }
}

/** Of one standard, and of one tray or none. */
async function sendPractice(batch: WaitingPractice[], listener: Listener): Promise<Outcome> {
  const [first] = batch;
  if (first === undefined) return "gone-up";
  const { standard, said, user, offsetMs } = first;
  const head = { device: device(), offset_ms: offsetMs };
  try {
    if (said.tray === null) {
      const facts = batch.flatMap((it) => (it.said.tray === null ? it.said.fact : []));
      await answer(api.POST("/practice/{standard}/facts", { params: { path: { standard } }, headers: as(user), body: { ...head, facts } }));
      await listener.onPractice(null);
    } else {
      const captures = batch.flatMap((it) => (it.said.tray === null ? [] : it.said.capture));
      const path = { standard, tray: said.tray };
      for (const it of batch)
        if (it.said.tray !== null && it.said.blob !== undefined && it.said.capture.kind === "photo")
          await putPracticePhoto(user, { ...path, sha256: it.said.capture.sha256 }, it.said.blob);
      const tray = await answer(
        api.POST("/practice/{standard}/trays/{tray}/captures", { params: { path }, headers: as(user), body: { ...head, captures } }),
      );
      await listener.onPractice(tray);
    }
    await store.practice.bulkDelete(batch.flatMap((it) => it.order ?? []));

    return "gone-up";
  } catch (problem) {
    // One that is not right holds up none of the others.
    if (batch.length > 1 && problem instanceof Problem && problem.isFinal && !problem.isSignedOut) {
      for (const one of batch) {
        const outcome = await sendPractice([one], listener);
        if (outcome === "later" || outcome === "signed-out") return outcome;
      }

      return "gone-up";
    }

    return await unsent(problem, first, listener, (change) =>
      store.practice.bulkUpdate(batch.map((it) => ({ key: it.order ?? 0, changes: change }))),
    );
  }
}

/** Something answered, and it was neither a refusal nor that the server cannot be reached; or nothing answered in time. */
const isFailure = (problem: unknown): boolean =>
  problem instanceof Problem ? !problem.isAway : problem instanceof DOMException && problem.name === "TimeoutError";

/** What a failure means: the same again later, signing in first, stepping aside, or a refusal that is kept with what was sent. */
async function unsent(
  problem: unknown,
  row: Pick<Waiting, "failures">,
  listener: Listener,
  keep: (change: Partial<Pick<Waiting, "refusal" | "failures">>) => Promise<unknown>,
): Promise<Outcome> {
  if (problem instanceof Problem && problem.isSignedOut) {
    listener.onSignedOut();

    return "signed-out";
  }
  if (problem instanceof Problem && problem.isFinal) {
    await keep({ refusal: problem.errors[0]?.detail ?? problem.detail });

    return "gone-up";
  }
  if (!isFailure(problem)) return "later";
  const failures = (row.failures ?? 0) + 1;
  await keep({ failures });

  return isAside({ failures }) ? "aside" : "later";
}

async function send(user: string, batch: Waiting[], listener: Listener): Promise<Outcome> {
  const [first] = batch;
  if (first === undefined) return "gone-up";
  try {
    for (const { blob, capture } of batch)
      if (blob !== undefined && capture.kind === "photo") await putPhoto(user, first.attempt, capture.sha256, blob);
    const body = { device: device(), offset_ms: first.offsetMs, captures: batch.map((it) => it.capture) };
    const tray = await answer(
      api.POST("/attempts/{attempt}/captures", { params: { path: { attempt: first.attempt } }, headers: as(user), body }),
    );
    const orders = batch.flatMap((it) => it.order ?? []);
    await listener.onTray(tray);
    await store.waiting.bulkDelete(orders);

    return "gone-up";
  } catch (problem) {
    const isOfOne = isFailure(problem) && !(problem instanceof Problem && problem.isSignedOut);
    if (isOfOne && batch.length > 1) {
      let all: Outcome = "gone-up";
      for (const one of batch) {
        const outcome = await send(user, [one], listener);
        if (outcome === "later" || outcome === "signed-out") return outcome;
        if (outcome === "aside") all = outcome;
      }

      return all;
    }

    return await unsent(problem, first, listener, async (change) => {
      if (first.order !== undefined) await store.waiting.update(first.order, change);
    });
  }
}
