import { useMutation } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api } from "./client";
import type { ScaleReading } from "./types";

export type ScaleState = { line: "connecting" } | { line: "silent"; detail: string } | { line: "reading"; reading: ScaleReading };

const silent: ScaleState = { line: "silent", detail: "The scale does not answer. Type the weights until it does." };

/** What does the scale read now? Follows it for as long as something on the screen asks. */
export function useScale(): ScaleState {
  const [state, setState] = useState<ScaleState>({ line: "connecting" });
  useEffect(() => {
    const events = new EventSource("/api/v1/scale");
    let late: ReturnType<typeof setTimeout> | undefined;
    const hear = (next: ScaleState): void => {
      clearTimeout(late);
      late = setTimeout(() => setState(silent), 4_000);
      setState(next);
    };
    events.addEventListener("reading", (event: MessageEvent<string>) =>
      hear({ line: "reading", reading: JSON.parse(event.data) as ScaleReading }),
    );
    events.addEventListener("unreadable", (event: MessageEvent<string>) => {
      const detail = JSON.parse(event.data) as string;
      hear({ line: "silent", detail: `${detail.charAt(0).toUpperCase()}${detail.slice(1)}.` });
    });
    events.addEventListener("silent", () => setState(silent));
    late = setTimeout(() => setState(silent), 4_000);

    return () => {
      clearTimeout(late);
      events.close();
    };
  }, []);

  return state;
}

type Hand = { place: string } | { mass: string } | { action: "clear" | "tare" | "zero" };

/** What does the simulated probe read in this carcass? Asked once, when it is put in. */
export function useProbe(attempt: string) {
  return useMutation({ mutationFn: () => answer(api.GET("/attempts/{attempt}/probe", { params: { path: { attempt } } })) });
}

/** What a hand does at the simulated scale: one thing after the other, in the order it was done. */
export function usePan(attempt: string) {
  return useMutation({
    scope: { id: "pan" },
    mutationFn: (body: Hand) => answer(api.POST("/attempts/{attempt}/pan", { params: { path: { attempt } }, body })),
  });
}
