import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { askAgain } from "./askAgain";
import { answer, api } from "./client";
import { useWriteOnce } from "./useWriteOnce";

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

/** How did this student come on? */
export function useCourse(student: string) {
  return useQuery({
    queryKey: [...trendsKey, "course", student],
    queryFn: () => answer(api.GET("/students/{student}/course", { params: { path: { student } } })),
  });
}

/** What did the school do between these days? Of the last term where none are said. */
export function useSchoolReport(days: { from: string; to: string }) {
  return useQuery({
    queryKey: [...trendsKey, "report", days],
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET("/school-report", { params: { query: days } })),
  });
}

/** Writes down what happened on a day. */
export function useNoteDay() {
  const queries = useQueryClient();

  return useWriteOnce((body: { on: string; text: string }, id) => answer(api.PUT("/day-notes/{id}", { params: { path: { id } }, body })), {
    onSuccess: () => askAgain(queries, trendsKey),
  });
}

export function useTakeBackDayNote() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (id: string) => answer(api.DELETE("/day-notes/{id}", { params: { path: { id } } })),
    onSuccess: () => askAgain(queries, trendsKey),
  });
}
