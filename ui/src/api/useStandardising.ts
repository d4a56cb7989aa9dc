import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import type { StandardisingStep } from "./types";
import { useWriteOnce } from "./useWriteOnce";

const listKey = ["standardising"];
const keyOf = (set: string) => [...listKey, set];

/** Others finish, and the lead opens the set, while one looks at it. */
const NEWS_EVERY_MS = 5_000;

/** Which sets are there? */
export function useStandardisingSets() {
  return useQuery({ queryKey: listKey, refetchOnMount: "always", queryFn: () => answer(api.GET("/standardising")) });
}

/** How do I see this set, and when it is open, how does everybody? */
export function useStandardisingSet(set: string) {
  return useQuery({
    queryKey: keyOf(set),
    refetchOnMount: "always",
    refetchInterval: NEWS_EVERY_MS,
    queryFn: () => answer(api.GET("/standardising/{set}", { params: { path: { set } } })),
  });
}

export function useMakeStandardisingSet() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ id, ...body }: { id: string; title: string; attempts: string[] }) =>
      answer(api.PUT("/standardising/{id}", { params: { path: { id } }, body })),
    onSuccess: () => askAgain(queries, listKey),
  });
}

/**
 * Judges, finishes, opens, fixes a reference; one after the other, so that what is tapped quickly arrives in order. What one of them failed at is told
 * until something is said after all of them: those behind it may have arrived.
 */
export function useStandardise(set: string) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<Error | null>(null);
  const { mutate, isPending } = useWriteOnce(
    async (body: StandardisingStep, entry) => {
      await queries.cancelQueries({ queryKey: keyOf(set) });

      return answer(api.PUT("/standardising/{set}/entries/{entry}", { params: { path: { set, entry } }, body }));
    },
    { scope: { id: `standardise ${set}` }, onSuccess: (now) => tell(queries, keyOf(set), now), onError: setProblem },
  );

  return {
    say: (step: StandardisingStep): void => {
      if (!isPending) setProblem(null);
      mutate(step);
    },
    isPending,
    problem,
  };
}
