import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";
import type { CarcassFile, CarcassQuestion } from "./types";
import { useWriteOnce } from "./useWriteOnce";

const key = (standard: string, what: string): string[] => ["trends", "standard", standard, what];

/** What do the marked trays say of the standard they were marked by? */
export function useStandardLook(standard: string) {
  return useQuery({
    queryKey: key(standard, "look"),
    queryFn: () => answer(api.GET("/standards/{standard}/look-back", { params: { path: { standard } } })),
  });
}

/** What do totals go with? */
export function useFairness(standard: string) {
  return useQuery({
    queryKey: key(standard, "fairness"),
    queryFn: () => answer(api.GET("/standards/{standard}/fairness", { params: { path: { standard } } })),
  });
}

/** What do the school's own carcasses say of shares and windows? The last answer stands until the next. */
export function useOwnCarcasses(standard: string, asked: CarcassQuestion) {
  return useQuery({
    queryKey: [...key(standard, "carcasses"), asked],
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET("/standards/{standard}/own-carcasses", { params: { path: { standard }, query: asked } })),
  });
}

/** Whose total and whose band would have been another? */
export function useCarcassEffect(standard: string, asked: CarcassQuestion, isAsked: boolean) {
  return useQuery({
    queryKey: [...key(standard, "effect"), asked],
    enabled: isAsked,
    queryFn: () => answer(api.GET("/standards/{standard}/own-carcasses/effect", { params: { path: { standard }, query: asked } })),
  });
}

/** Publishes what is proposed, on the version it was seen on. */
export function usePublishOwnCarcasses(standard: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ asked, others }: { asked: CarcassQuestion; others: string[] }) =>
      answer(api.POST("/standards/{standard}/own-carcasses", { params: { path: { standard } }, body: { ...asked, others } })),
    onSuccess: () => Promise.all([["trends"], ["standards"], ["standard"]].map((queryKey) => askAgain(queries, queryKey))),
  });
}

/** Takes in weights of carcasses that another school gave. */
export function useTakeInCarcasses(standard: string) {
  const queries = useQueryClient();

  return useWriteOnce(
    (body: { title: string; file: CarcassFile }, id) =>
      answer(api.PUT("/standards/{standard}/pooled/{id}", { params: { path: { standard, id } }, body })),
    { onSuccess: () => askAgain(queries, ["trends"]) },
  );
}

export function useTakeOutCarcasses(standard: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (id: string) => answer(api.DELETE("/standards/{standard}/pooled/{id}", { params: { path: { standard, id } } })),
    onSuccess: () => askAgain(queries, ["trends"]),
  });
}
