import { useMutation } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api } from "./client";
import { listen } from "./live";
import type { ScaleReading } from "./types";

export type ScaleState = { line: "connecting" } | { line: "silent"; detail: string } | { line: "reading"; reading: ScaleReading };

const silent: ScaleState = { line: "silent", detail: "The scale does not answer. Type the weights until it does." };

const LATE_MS = 4_000;

/** What does the room's scale read now? Follows it for as long as something on the screen asks. */
export function useScale(isAsked = true): ScaleState {
  const [state, setState] = useState<ScaleState>({ line: "connecting" });
  useEffect(() => {
    if (!isAsked) return;
    let late: ReturnType<typeof setTimeout> | undefined;
    let stopAsking: (() => void) | undefined;
    /** Asks the server itself, at the price of one of its workers. */
    const ask = (): void => {
      stopAsking = stopAsking ?? listen("/api/v1/scale", { events, onHeard: () => undefined });
    };
    const isLate = (): void => {
      setState(silent);
      ask();
    };
    const hear = (next: ScaleState): void => {
      clearTimeout(late);
      late = setTimeout(isLate, LATE_MS);
      // Ten times a second it mostly says the same.
      setState((before) => (JSON.stringify(before) === JSON.stringify(next) ? before : next));
    };
    const events = {
      reading: (said: unknown) => hear({ line: "reading", reading: said as ScaleReading }),
      unreadable: (said: unknown) => {
        const detail = String(said);
        hear({ line: "silent", detail: `${detail.charAt(0).toUpperCase()}${detail.slice(1)}.` });
      },
      silent: () => hear(silent),
    };
    const pushed = Object.entries(events).map(([event, act]) => [
      event,
      (said: unknown): void => {
        stopAsking?.();
        stopAsking = undefined;
        act(said);
      },
    ]);
    const stop = listen("/live/scale", {
      events: Object.fromEntries(pushed) as typeof events,
      onHeard: (isHeard) => {
        if (!isHeard) ask();
      },
    });
    late = setTimeout(isLate, LATE_MS);

    return () => {
      clearTimeout(late);
      stop();
      stopAsking?.();
    };
  }, [isAsked]);

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
