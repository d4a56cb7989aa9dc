import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { v7 as uuid } from "uuid";
import { answer, api } from "./client";
import { device } from "./device";
import { Problem } from "./problem";
import type { Fact, SentCapture } from "./types";

const trayKey = (attempt: string) => ["tray", attempt];

/** How does this tray stand? */
export function useTray(attempt: string) {
  return useQuery({
    queryKey: trayKey(attempt),
    refetchInterval: 5_000,
    queryFn: () => answer(api.GET("/attempts/{attempt}", { params: { path: { attempt } } })),
  });
}

/** Gives a fact its id and its time, by this device's clock. A capture keeps both however often it is sent. */
export const captured = (fact: Fact): SentCapture => ({ ...fact, id: uuid(), at: new Date().toISOString() }) as SentCapture;

/** Sends captures; the same ones may be sent again after a failure, and are taken once. */
export function useSendCaptures(attempt: string) {
  const queries = useQueryClient();

  return useMutation({
    scope: { id: `captures ${attempt}` },
    // Without a network a send fails and is shown, instead of waiting unseen.
    networkMode: "always",
    retry: (count, problem) => count < 2 && !(problem instanceof Problem && problem.isFinal),
    mutationFn: (captures: SentCapture[]) =>
      answer(api.POST("/attempts/{attempt}/captures", { params: { path: { attempt } }, body: { device: device(), captures } })),
    onMutate: () => queries.cancelQueries({ queryKey: trayKey(attempt) }),
    onSuccess: (tray) => queries.setQueryData(trayKey(attempt), tray),
  });
}
