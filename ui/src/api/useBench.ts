import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

/** What is on today, and what waits? */
export function useBench() {
  return useQuery({ queryKey: ["bench"], queryFn: () => answer(api.GET("/bench")), refetchOnMount: "always" });
}

/** What was held on earlier days? Pages from 2: the first stands on the Bench. */
export function useEarlier(page: number) {
  return useQuery({
    queryKey: ["bench", "earlier", page],
    queryFn: () => answer(api.GET("/bench/earlier", { params: { query: { page } } })),
  });
}

/** Which results of mine are released? */
export function useOwnResults() {
  return useQuery({ queryKey: ["results"], queryFn: () => answer(api.GET("/results")) });
}
