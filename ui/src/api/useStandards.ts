import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
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

/** Publishes a file as the next version of its standard. What is in it is for the server to judge. */
export function usePublishStandard() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: async (file: File) => answer(api.POST("/standards", { body: parsed(await file.text()) })),
    onSuccess: (standard) => {
      queries.setQueryData(["standard", standard.item.id], standard);
      void queries.invalidateQueries({ queryKey: ["standards"] });
    },
  });
}

function parsed(text: string): Standard {
  try {
    return JSON.parse(text) as Standard;
  } catch {
    throw new Problem(
      { title: "Not a standard", detail: "This file is not JSON. Choose one that was exported from the shelf.", errors: [] },
      422,
    );
  }
}
