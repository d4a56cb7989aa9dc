import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { answer, api } from "../api/client";
import { trayKey } from "../api/useTray";
import { assessmentKey } from "../api/useAssessment";

const FRESH_FOR_MS = 60_000;

/** Fetches what a tablet needs of a practical before the network goes: its documents and every tray. */
export function usePrepared(assessment: string | undefined, attempts: string[]): void {
  const queries = useQueryClient();
  const all = attempts.join(" ");
  useEffect(() => {
    if (assessment === undefined) return;
    let isGone = false;
    const prepare = async (): Promise<void> => {
      await queries.prefetchQuery({
        queryKey: assessmentKey(assessment),
        staleTime: Infinity,
        queryFn: () => answer(api.GET("/assessments/{assessment}", { params: { path: { assessment } } })),
      });
      for (const attempt of all.split(" ").filter((it) => it !== "")) {
        if (isGone || !navigator.onLine) return;
        await queries.prefetchQuery({
          queryKey: trayKey(attempt),
          staleTime: FRESH_FOR_MS,
          queryFn: () => answer(api.GET("/attempts/{attempt}", { params: { path: { attempt } } })),
        });
      }
    };
    void prepare();

    return () => {
      isGone = true;
    };
  }, [assessment, all, queries]);
}
