import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

/** What is on today, and what waits? */
export function useBench() {
  return useQuery({ queryKey: ["bench"], queryFn: () => answer(api.GET("/bench")), refetchOnMount: "always" });
}

/** Which results of mine are released? */
export function useOwnResults() {
  return useQuery({ queryKey: ["results"], queryFn: () => answer(api.GET("/results")) });
}
