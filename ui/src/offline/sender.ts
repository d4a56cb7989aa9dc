import { answer, api } from "../api/client";
import { device } from "../api/device";
import { Problem } from "../api/problem";
import type { LotNews, Tray } from "../api/types";
import { store, type Waiting, type WaitingLots } from "./store";

const AT_ONCE = 100;
const PATIENCE_MS = [500, 1_000, 2_000, 4_000, 8_000, 15_000];

/** Told of every tray the server answers with, and of a person who has to sign in again. */
export interface Listener {
  onTray: (tray: Tray) => Promise<void>;
  /** Resolves once what is shown of the ledger knows it: until then it is shown from what waits here. */
  onLots: (news: LotNews) => Promise<void>;
  onSignedOut: () => void;
}

/** Sends what waits, in order, each until the server has it or refuses it. One tab of the browser sends at a time. */
export function startSending(user: string, listener: Listener): { kick: () => void; stop: () => void } {
  let isStopped = false;
  let failures = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isBusy = false;

  const again = (): void => {
    clearTimeout(timer);
    timer = setTimeout(kick, PATIENCE_MS[Math.min(failures, PATIENCE_MS.length - 1)]);
    failures += 1;
  };
  const run = async (): Promise<void> => {
    for (let batch = await nextBatch(user); batch.length > 0 && !isStopped; batch = await nextBatch(user)) {
      const outcome = await send(batch, listener);
      if (outcome === "later") return again();
      if (outcome === "signed-out") return;
      failures = 0;
    }
    // Lots are made of weights: those are on the server by now.
    for (let row = await nextLots(user); row !== undefined && !isStopped; row = await nextLots(user)) {
      const outcome = await sendLots(row, listener);
      if (outcome === "later") return again();
      if (outcome === "signed-out") return;
      failures = 0;
    }
  };
  const kick = (): void => {
    if (isBusy || isStopped) return;
    isBusy = true;
    void navigator.locks
      .request("deft-blade.sender", run)
      .catch(again)
      .finally(() => (isBusy = false));
  };
  const online = (): void => {
    failures = 0;
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

/** The oldest that may go up, with those right behind it for the same attempt. */
async function nextBatch(user: string): Promise<Waiting[]> {
  const rows = (await store.waiting.where("user").equals(user).sortBy("order")).filter((it) => it.refusal === null);
  const first = rows[0];
  if (first === undefined) return [];
  const end = rows.findIndex((it) => it.attempt !== first.attempt || it.offsetMs !== first.offsetMs);

  return rows.slice(0, Math.min(AT_ONCE, end === -1 ? rows.length : end));
}

/** The picture itself, before the capture that speaks of it. */
async function putPhoto(attempt: string, sha256: string, blob: Blob): Promise<void> {
  await answer(
    api.PUT("/attempts/{attempt}/photos/{sha256}", {
      params: { path: { attempt, sha256 } },
      headers: { "Content-Type": "image/jpeg" },
      body: blob as unknown as string,
      bodySerializer: (it) => it,
    }),
  );
}

type Outcome = "gone-up" | "later" | "signed-out";

/** The oldest of the ledger that may go up. */
async function nextLots(user: string): Promise<WaitingLots | undefined> {
  return (await store.lots.where("user").equals(user).sortBy("order")).find((it) => it.refusal === null);
}

async function sendLots({ order, facts, offsetMs }: WaitingLots, listener: Listener): Promise<Outcome> {
  if (order === undefined) return "gone-up";
  try {
    const news = await answer(api.POST("/ledger/facts", { body: { device: device(), offset_ms: offsetMs, facts } }));
    await listener.onLots(news);
    await store.lots.delete(order);

    return "gone-up";
  } catch (problem) {
    return await unsent(problem, listener, (refusal) => store.lots.update(order, { refusal }));
  }
}

/** What a failure means: the same again later, signing in first, or a refusal that is kept with what was sent. */
async function unsent(problem: unknown, listener: Listener, refuse: (refusal: string) => Promise<unknown>): Promise<Outcome> {
  if (!(problem instanceof Problem) || !problem.isFinal) return "later";
  if (problem.status === 401) {
    listener.onSignedOut();

    return "signed-out";
  }
  await refuse(problem.errors[0]?.detail ?? problem.detail);

  return "gone-up";
}

async function send(batch: Waiting[], listener: Listener): Promise<Outcome> {
  const [first] = batch;
  if (first === undefined) return "gone-up";
  try {
    for (const { blob, capture } of batch)
      if (blob !== undefined && capture.kind === "photo") await putPhoto(first.attempt, capture.sha256, blob);
    const body = { device: device(), offset_ms: first.offsetMs, captures: batch.map((it) => it.capture) };
    const tray = await answer(api.POST("/attempts/{attempt}/captures", { params: { path: { attempt: first.attempt } }, body }));
    const orders = batch.flatMap((it) => it.order ?? []);
    await listener.onTray(tray);
    await store.waiting.bulkDelete(orders);

    return "gone-up";
  } catch (problem) {
    const isOfOne = problem instanceof Problem && problem.isFinal && problem.status !== 401;
    if (isOfOne && batch.length > 1) {
      for (const one of batch) {
        const outcome = await send([one], listener);
        if (outcome !== "gone-up") return outcome;
      }

      return "gone-up";
    }

    return await unsent(problem, listener, async (refusal) => {
      if (first.order !== undefined) await store.waiting.update(first.order, { refusal });
    });
  }
}
