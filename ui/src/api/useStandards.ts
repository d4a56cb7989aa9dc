import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "./client";
import { Problem } from "./problem";
import type { Standard } from "./types";

/** What is on the shelf? */
export function useShelf() {
  return useQuery({ queryKey: ["standards"], queryFn: () => answer(api.GET("/standards")) });
}

/** What does this standard ask for? A published version never changes. */
export function useStandard(standard: string) {
  return useQuery({
    queryKey: ["standard", standard],
    staleTime: Infinity,
    queryFn: () => answer(api.GET("/standards/{standard}", { params: { path: { standard } } })),
  });
}

/** Publishes a document as the next version of its standard. What is in it is for the server to judge. */
export function usePublishStandard() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (document: Standard) => answer(api.POST("/standards", { body: document })),
    onSuccess: (standard) => {
      queries.setQueryData(["standard", standard.item.id], standard);
      void queries.invalidateQueries({ queryKey: ["standards"] });
    },
  });
}

/** A document out of a file; a problem where the file holds none. */
export async function readStandard(file: File): Promise<Standard> {
  try {
    return JSON.parse(await file.text()) as Standard;
  } catch {
    throw new Problem(
      { title: "Not a standard", detail: "This file is not JSON. Choose one that was exported from the shelf.", errors: [] },
      422,
    );
  }
}

/** How does this draft stand? Asked again with every change; the last answer stands until the next. */
export function useCheck(draft: Standard) {
  return useQuery({
    queryKey: ["standards", "check", draft],
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10_000,
    queryFn: () => answer(api.POST("/standards/check", { body: draft })),
  });
}
