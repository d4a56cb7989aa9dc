import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

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
