import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain, tell } from "./askAgain";
import { answer, api } from "./client";

export const assessmentKey = (assessment: string | undefined) => ["assessment", assessment];

/** What is this practical held against? */
export function useAssessment(assessment: string | undefined) {
  return useQuery({
    queryKey: assessmentKey(assessment),
    staleTime: Infinity,
    enabled: assessment !== undefined,
    queryFn: () => answer(api.GET("/assessments/{assessment}", { params: { path: { assessment: assessment ?? "" } } })),
  });
}

/** How does the class stand? */
export function useSheet(assessment: string) {
  return useQuery({
    queryKey: ["sheet", assessment],
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/assessments/{assessment}/sheet", { params: { path: { assessment } } })),
  });
}

/** Issues results to their students; the reason is of those that are issued again. */
export function useRelease(assessment: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: { attempts: string[]; reason: string }) =>
      answer(api.POST("/assessments/{assessment}/release", { params: { path: { assessment } }, body })),
    onSuccess: () =>
      askAgain(queries, {
        predicate: ({ queryKey: [what] }) => ["sheet", "verdict", "released", "bench", "tray", "moderation"].includes(String(what)),
      }),
  });
}

/** Holds the class against another version of its standard: everything of it is asked for anew. */
export function useHoldAgainst(assessment: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: { standard: string; reason: string }) =>
      answer(api.POST("/assessments/{assessment}/standard", { params: { path: { assessment } }, body })),
    onSuccess: async (held) => {
      await tell(queries, assessmentKey(assessment), held);
      await askAgain(queries, { predicate: ({ queryKey: [what] }) => what !== "session" && what !== "assessment" });
    },
  });
}
