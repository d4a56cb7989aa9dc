import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { answer, api } from "./client";

/** What can I practise? */
export function usePracticeShelf() {
  return useQuery({ queryKey: ["practice"], queryFn: () => answer(api.GET("/practice")) });
}

/** How is it done, step by step? */
export function useFollowAlong(standard: string) {
  return useQuery({
    queryKey: ["practice", standard],
    queryFn: () => answer(api.GET("/practice/{standard}", { params: { path: { standard } } })),
  });
}

const quizQuery = (standard: string, round: string) => ({
  queryKey: ["quiz", standard, round],
  staleTime: Infinity,
  queryFn: () => answer(api.GET("/practice/{standard}/quiz", { params: { path: { standard }, query: { round } } })),
});

/** What is asked in this round? The same round asks the same. */
export function useQuiz(standard: string, round: string) {
  return useQuery(quizQuery(standard, round));
}

/** Fetches a round before it is asked for, so that it is there without a network. */
export function useRoundAhead(standard: string, round: string, isReady: boolean): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (isReady) void queries.prefetchQuery(quizQuery(standard, round));
  }, [queries, standard, round, isReady]);
}
