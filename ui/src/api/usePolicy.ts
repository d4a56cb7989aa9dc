import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";
import type { Policy } from "./types";

const policyKey = ["policy"];

/** By what policy is a tray graded here? */
export function usePolicy() {
  return useQuery({ queryKey: policyKey, queryFn: () => answer(api.GET("/policy")) });
}

export const tryPolicy = (document: Policy) => answer(api.POST("/policy/try", { body: document }));

/** What would this policy do? Asked again with every change; the last answer stands until the next. */
export function usePolicyTrial(draft: Policy) {
  return useQuery({
    queryKey: [...policyKey, "try", draft],
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10_000,
    queryFn: () => tryPolicy(draft),
  });
}

/** What would the last term be under it? Asked by hand: it grades every class. */
export function usePolicyOverTerm() {
  return useMutation({
    mutationFn: async (document: Policy) => ({ document, term: await answer(api.POST("/policy/try-term", { body: document })) }),
  });
}

/** Publishes a document as the next version of the policy, unless somebody published one since the version it was written on. */
export function usePublishPolicy() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ document, basedOn }: { document: Policy; basedOn: number }) =>
      answer(api.POST("/policy", { params: { header: { "If-Match": `"${basedOn}"` } }, body: document })),
    onSuccess: (policy) => tell(queries, policyKey, policy),
    // Somebody may have published another one: it is read, and so is what the draft would change of it.
    onError: () => askAgain(queries, policyKey),
  });
}
