import { useQuery } from "@tanstack/react-query";
import { answer, api } from "./client";

/** What does this tray come to, as it stands now? */
export function useCurrentVerdict(attempt: string) {
  return useQuery({
    queryKey: ["verdict", attempt],
    refetchOnMount: "always",
    queryFn: () => answer(api.GET("/attempts/{attempt}/verdict", { params: { path: { attempt } } })),
  });
}

/** What was the student shown? The latest version, or the one that is asked for. */
export function useReleasedVerdict(attempt: string, version: number | null) {
  return useQuery({
    queryKey: ["released", attempt, version],
    queryFn: () =>
      answer(api.GET("/attempts/{attempt}/released", { params: { path: { attempt }, query: version === null ? {} : { version } } })),
  });
}
