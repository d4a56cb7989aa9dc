import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

/** Which trays of this class are to be marked twice, agreed on, held back? */
export function useModeration(assessment: string) {
  return useQuery({
    queryKey: ["moderation", assessment],
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/assessments/{assessment}/moderation", { params: { path: { assessment } } })),
  });
}

/** How far do assessors lie apart in these days? */
export function useAgreement(days: { from: string; to: string }) {
  return useQuery({
    queryKey: ["agreement", days.from, days.to],
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET("/agreement", { params: { query: days } })),
  });
}
