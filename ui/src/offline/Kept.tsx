import { dehydrate, hydrate, useQueryClient, type DehydratedState, type Query, type QueryClient } from "@tanstack/react-query";
import { createContext, use, useCallback, useEffect, useState, type ReactNode } from "react";
import { askAgain } from "../api/askAgain";
import type { Bench, Tray } from "../api/types";
import { useUser } from "../api/useSession";
import { newest } from "./newest";
import { store } from "./store";

/** What one practises with: it is on the phone at home. */
const PRACTICE = ["practice", "due", "practice-tray", "written"];

/** What is kept on the device: the practical of the day, its room and its trays; what the ledger shows; what is practised. */
const KEPT = new Set<unknown>(["bench", "assessment", "floor", "tray", "ledger", ...PRACTICE]);

/** What one puts away by; what it cost is not left on the tablet. */
const KEPT_OF_LEDGER = new Set<unknown>(["practicals", "put-away", "on-hand", "pots", "lot"]);

/** Of the practicals of the day only: what was looked up beside them is not left on the tablet. */
function isKept({ queryKey: [what, id], state }: Query, queries: QueryClient): boolean {
  if (state.status !== "success" || !KEPT.has(what)) return false;
  const today = new Set((queries.getQueryData<Bench>(["bench"])?.today ?? []).map((it) => it.id));

  return (
    what === "bench" ||
    PRACTICE.includes(String(what)) ||
    (what === "ledger" && KEPT_OF_LEDGER.has(id)) ||
    today.has(what === "tray" ? (state.data as Tray).assessment : String(id))
  );
}

const KEEP_EVERY_MS = 1_000;

/** The address of this script, which has the hash of the build in its name. */
const BUILD = import.meta.url;

/** Keeps what one tab shows beside what another kept: of one question the newer answer. */
async function keepWith(user: string, shown: DehydratedState): Promise<void> {
  await store.transaction("rw", store.answers, async () => {
    const before = await store.answers.get(user);
    const kept = before?.build === BUILD ? (JSON.parse(before.value) as DehydratedState).queries : [];
    await store.answers.put({ user, build: BUILD, value: JSON.stringify({ ...shown, queries: newest(kept, shown.queries) }) });
  });
}

const KeepContext = createContext<() => Promise<void>>(() => Promise.resolve());

/** Keeps what is shown at once, and not with the next second. */
export const useKeepNow = (): (() => Promise<void>) => use(KeepContext);

/** Everything inside opens with what this person was last shown, so that it is there without a network; nobody else on the device sees it. */
export function Kept({ children }: { children: ReactNode }) {
  const { id: user } = useUser();
  const queries = useQueryClient();
  const [isRead, setRead] = useState(false);
  const keepNow = useCallback(async (): Promise<void> => {
    const shown = dehydrate(queries, { shouldDehydrateQuery: (query) => isKept(query, queries), shouldDehydrateMutation: () => false });
    await keepWith(user, shown).catch(() => undefined);
  }, [user, queries]);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const keep = (): void => {
      timer = undefined;
      void keepNow();
    };
    const restored = store.answers.get(user).then(
      (answers) => {
        if (answers?.build !== BUILD) return;
        hydrate(queries, JSON.parse(answers.value));
        // However young: what went up in the moment before a reload is not in it.
        void askAgain(queries, { predicate: ({ queryKey }) => KEPT.has(queryKey[0]), refetchType: "none" });
      },
      () => undefined,
    );
    void restored.then(() => setRead(true));
    const unsubscribe = queries.getQueryCache().subscribe(({ query, type }) => {
      if (type === "updated" && KEPT.has(query.queryKey[0])) timer ??= setTimeout(keep, KEEP_EVERY_MS);
    });

    return () => {
      unsubscribe();
      clearTimeout(timer);
    };
  }, [user, queries, keepNow]);

  return <KeepContext value={keepNow}>{isRead ? children : null}</KeepContext>;
}
