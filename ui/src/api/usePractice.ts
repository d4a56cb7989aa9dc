import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";
import { Problem } from "./problem";

const FRESH_FOR_MS = 60_000;

export const practiceKey = ["practice"];

export const practiceTrayKey = (tray: string) => ["practice-tray", tray];

/** What can I practise? */
export function usePracticeShelf() {
  return useQuery({ queryKey: practiceKey, queryFn: () => answer(api.GET("/practice")) });
}

const cardQuery = (standard: string) => ({
  queryKey: [...practiceKey, standard],
  queryFn: () => answer(api.GET("/practice/{standard}", { params: { path: { standard } } })),
});

/** How is it done, step by step, and how do I come on with it? */
export function useFollowAlong(standard: string) {
  return useQuery(cardQuery(standard));
}

const today = (): number => new Date().setHours(0, 0, 0, 0);

const dueQuery = (standard: string, round: number) => ({
  queryKey: ["due", standard, round],
  // A round is of a day: without a network it is yesterday's.
  staleTime: () => Date.now() - today(),
  refetchOnWindowFocus: false,
  refetchOnReconnect: false,
  queryFn: () => answer(api.GET("/practice/{standard}/due", { params: { path: { standard }, query: { round } } })),
});

/** What am I asked in this round of today? The same round asks the same all day. */
export function useDue(standard: string, round: number) {
  return useQuery(dueQuery(standard, round));
}

const OPENER_QUESTIONS = 5;

/**
 * What is a whole class asked to begin with today? The same of everybody.
 *
 * @param today at the school
 */
export function useOpener(standard: string, today: string) {
  const round = `opener ${today}`;

  return useQuery({
    queryKey: ["opener", standard, round],
    staleTime: Infinity,
    queryFn: async () =>
      (await answer(api.GET("/practice/{standard}/quiz", { params: { path: { standard }, query: { round } } }))).slice(0, OPENER_QUESTIONS),
  });
}

const trayAnswer = (standard: string, tray: string) =>
  answer(api.GET("/practice/{standard}/trays/{tray}", { params: { path: { standard, tray } } }));

/** The id of a tray that nobody has: what an empty one of a standard looks like. */
const NO_TRAY = "00000000-0000-7000-8000-000000000000";

const emptyTrayQuery = (standard: string) => ({
  queryKey: [...practiceTrayKey("empty"), standard],
  queryFn: () => trayAnswer(standard, NO_TRAY),
});

/** How does my practice tray stand? One that the server cannot be asked about is shown as an empty one, on which lies what waits on this device. */
export function usePracticeTray(standard: string, tray: string) {
  const empty = useQuery({ ...emptyTrayQuery(standard), enabled: false }).data;
  const { data, error, refetch } = useQuery({ queryKey: practiceTrayKey(tray), queryFn: () => trayAnswer(standard, tray) });
  const isRefused = error instanceof Problem && error.isFinal;

  return { tray: data ?? (isRefused ? undefined : empty), problem: error, refetch };
}

/** Makes a practice tray of one's own the reference of a standard; null takes it back. */
export function useSetReference(standard: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (tray: string | null) =>
      answer(api.PUT("/practice/{standard}/reference", { params: { path: { standard } }, body: { tray } })),
    onSuccess: () => askAgain(queries, ["practice-tray"]),
  });
}

/** Fetches what practising standards takes before it is asked for, so that it is there without a network: the card, a round, an empty tray. */
export function usePracticeAhead(standards: string[], round = 1): void {
  const queries = useQueryClient();
  const all = standards.join(" ");
  useEffect(() => {
    let isGone = false;
    const fetchAll = async (): Promise<void> => {
      for (const standard of all.split(" ").filter((it) => it !== "")) {
        if (isGone || !navigator.onLine) return;
        await queries.prefetchQuery({ ...cardQuery(standard), staleTime: FRESH_FOR_MS });
        await queries.prefetchQuery(dueQuery(standard, round));
        await queries.prefetchQuery({ ...emptyTrayQuery(standard), staleTime: FRESH_FOR_MS });
      }
    };
    void fetchAll();

    return () => {
      isGone = true;
    };
  }, [queries, all, round]);
}
