import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { v7 as uuid } from "uuid";
import { answer, api } from "./client";

const trendsKey = ["trends"];

/** How do the classes by a standard follow each other? The one with the most classes where none is asked for. */
export function useTrends(standard: string) {
  return useQuery({
    queryKey: [...trendsKey, standard],
    queryFn: () => answer(api.GET("/trends", { params: { query: standard === "" ? {} : { standard } } })),
  });
}

/** What did this class lose most at, and how do its totals lie beside earlier ones? */
export function useClassLook(assessment: string) {
  return useQuery({
    queryKey: [...trendsKey, "class", assessment],
    queryFn: () => answer(api.GET("/assessments/{assessment}/look-back", { params: { path: { assessment } } })),
  });
}

/** Writes down what happened on a day. */
export function useNoteDay() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: { on: string; text: string }) => answer(api.PUT("/day-notes/{id}", { params: { path: { id: uuid() } }, body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: trendsKey }),
  });
}

export function useTakeBackDayNote() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (id: string) => answer(api.DELETE("/day-notes/{id}", { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: trendsKey }),
  });
}
