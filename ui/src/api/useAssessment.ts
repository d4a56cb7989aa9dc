import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";

export const assessmentKey = (assessment: string | undefined) => ["assessment", assessment];

/** What is this practical held against? Its documents never change. */
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

export function useRelease(assessment: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: () => answer(api.POST("/assessments/{assessment}/release", { params: { path: { assessment } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["sheet", assessment] }),
  });
}
