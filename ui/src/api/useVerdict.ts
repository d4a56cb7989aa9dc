import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

/** What does this tray come to, as it stands now? */
export function useStandingVerdict(attempt: string) {
  return useQuery({
    queryKey: ["verdict", attempt],
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/attempts/{attempt}/verdict", { params: { path: { attempt } } })),
  });
}

/** What was the student shown? */
export function useReleasedVerdict(attempt: string) {
  return useQuery({
    queryKey: ["released", attempt],
    queryFn: () => answer(api.GET("/attempts/{attempt}/released", { params: { path: { attempt } } })),
  });
}
