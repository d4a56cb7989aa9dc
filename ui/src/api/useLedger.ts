import { keepPreviousData, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";
import type { Cost } from "./types";
import { useWriteOnce } from "./useWriteOnce";

/** Everything the ledger answered: after a fact all of it may be old. */
export const ledgerKey = ["ledger"];

/** Weights are still taken while a class is put away. */
const WEIGHTS_EVERY_MS = 10_000;

/** Often enough that two who put away see each other at work. */
const NEWS_EVERY_MS = 2_000;

/** Is anything new in the ledger? Then whatever shows it is asked for again. */
export function useLedgerNews() {
  const queries = useQueryClient();
  const after = useRef<number | null>(null);

  return useQuery({
    queryKey: ["ledger-news"],
    refetchInterval: NEWS_EVERY_MS,
    staleTime: 0,
    gcTime: 0,
    retry: false,
    queryFn: async () => {
      const query = after.current === null ? {} : { after: after.current };
      const news = await answer(api.GET("/ledger/facts", { params: { query } }));
      const isNew = after.current !== null && news.next > after.current;
      after.current = news.next;
      if (isNew) void askAgain(queries, ledgerKey);

      return news.next;
    },
  });
}

/** Which practicals of the last days was something weighed at? */
export function useLedger() {
  return useQuery({ queryKey: [...ledgerKey, "practicals"], queryFn: () => answer(api.GET("/ledger")), refetchOnMount: "always" });
}

/** What lies on the tables of a class, and what was put away? */
export function usePutAway(assessment: string | undefined) {
  return useQuery({
    queryKey: [...ledgerKey, "put-away", assessment],
    enabled: assessment !== undefined,
    refetchOnMount: "always",
    refetchInterval: WEIGHTS_EVERY_MS,
    queryFn: () => answer(api.GET("/assessments/{assessment}/put-away", { params: { path: { assessment: assessment ?? "" } } })),
  });
}

/** What is on hand? */
export function useOnHand() {
  return useQuery({ queryKey: [...ledgerKey, "on-hand"], refetchOnMount: "always", queryFn: () => answer(api.GET("/ledger/lots")) });
}

/** What waits for a pot, and what is in one? */
export function usePots() {
  return useQuery({ queryKey: [...ledgerKey, "pots"], refetchOnMount: "always", queryFn: () => answer(api.GET("/ledger/pots")) });
}

/** Where did the carcasses of some days go? */
export function useWeek(from: string, to: string) {
  return useQuery({
    queryKey: [...ledgerKey, "week", from, to],
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/ledger/week", { params: { query: { from, to } } })),
  });
}

/** What did the practicals of some days cost? */
export function useTerm(days: { from: string; to: string }) {
  return useQuery({
    queryKey: [...ledgerKey, "term", days],
    placeholderData: keepPreviousData,
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/ledger/term", { params: { query: days } })),
  });
}

/** What do the coming days need, and what will go over its day because nobody needs it? */
export function useNeeds() {
  return useQuery({ queryKey: [...ledgerKey, "needs"], refetchOnMount: "always", queryFn: () => answer(api.GET("/ledger/needs")) });
}

interface ServingAsked {
  species: string;
  product: string;
  marked: string;
  target_mg: number;
  guests: number;
}

/** How many covers does what is on hand make, and which lots come first? */
export function useServing(asked: ServingAsked | null) {
  return useQuery({
    queryKey: [...ledgerKey, "serving", asked],
    enabled: asked !== null,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answer(api.GET("/ledger/serving", { params: { query: asked ?? { species: "", product: "", marked: "", target_mg: 1, guests: 0 } } })),
  });
}

const costKey = (assessment: string) => [...ledgerKey, "cost", assessment];

/** What did a class cost? */
export function useCost(assessment: string | undefined) {
  return useQuery({
    queryKey: costKey(assessment ?? ""),
    enabled: assessment !== undefined,
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/assessments/{assessment}/cost", { params: { path: { assessment: assessment ?? "" } } })),
  });
}

export type Delivery = NonNullable<Cost["delivery"]>;

/** Writes down how the carcasses of a class were delivered. */
export function useDeliver(assessment: string) {
  const queries = useQueryClient();

  return useWriteOnce(
    (body: Delivery, delivery) =>
      answer(api.PUT("/assessments/{assessment}/deliveries/{delivery}", { params: { path: { assessment, delivery } }, body })),
    { onSuccess: () => askAgain(queries, costKey(assessment)) },
  );
}

export interface PriceSaid {
  species: string;
  product: string;
  minor: number | null;
  source: string;
  found_on: string;
}

/** Writes prices down; what they make of every class is asked anew. */
export function usePrice() {
  const queries = useQueryClient();

  return useWriteOnce((body: PriceSaid, price) => answer(api.PUT("/ledger/prices/{price}", { params: { path: { price } }, body })), {
    onSuccess: () => askAgain(queries, [...ledgerKey, "cost"]),
  });
}

/** What does the simulated probe read in a container? */
export const coolingProbe = (lot: string): Promise<{ core_c: number }> =>
  answer(api.GET("/ledger/lots/{lot}/probe", { params: { path: { lot } } }));

/** What was taken down about a lot? */
export function useLot(lot: string | undefined) {
  return useQuery({
    queryKey: [...ledgerKey, "lot", lot],
    enabled: lot !== undefined,
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/ledger/lots/{lot}", { params: { path: { lot: lot ?? "" } } })),
  });
}
