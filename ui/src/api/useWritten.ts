import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { v7 as uuid } from "uuid";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import type { WrittenAnswers } from "./types";
import { practiceKey } from "./usePractice";

const writtenKey = (attempt: string) => ["written", attempt];

/** What does my practical ask for in writing, and what did I hand in? */
export function useWritten(attempt: string) {
  return useQuery({
    queryKey: writtenKey(attempt),
    queryFn: () => answer(api.GET("/attempts/{attempt}/answers", { params: { path: { attempt } } })),
  });
}

/** Hands an answer in; the same words sent again after a failure are a new answer with the same words, which changes nothing. */
export function useHandIn(attempt: string) {
  const queries = useQueryClient();

  return useMutation({
    // Without a network it fails at once and says so: handed in is what arrived.
    networkMode: "always",
    mutationFn: (said: { criterion: string; text: string }) =>
      answer(api.POST("/attempts/{attempt}/answers", { params: { path: { attempt } }, body: { answers: [{ id: uuid(), ...said }] } })),
    onSuccess: async (written: WrittenAnswers) => {
      await tell(queries, writtenKey(attempt), written);
      void askAgain(queries, { queryKey: practiceKey, exact: true });
    },
  });
}
