import type { Fact } from "../api/types";

type ClockEvent = Extract<Fact, { kind: "clock" }>["event"];

interface ClockState {
  presented: boolean;
  running_since_ms: number | null;
  running_ms: number;
}

/** What the clock of a student offers next, the likeliest first. */
export function clockOffers({ presented, running_since_ms: since, running_ms: ran }: ClockState): { event: ClockEvent; label: string }[] {
  const runOn = { event: "resume", label: "Run on" } as const;
  const present = { event: "stop", label: "Present" } as const;
  if (since !== null) return [present, { event: "pause", label: "Pause" }];
  if (presented) return [runOn];

  return ran > 0 ? [runOn, present] : [{ event: "start", label: "Start" }];
}

/** What the space bar does: the likeliest; but what is presented runs on only by its button. */
export const clockTurn = (state: ClockState): ClockEvent | undefined =>
  state.presented && state.running_since_ms === null ? undefined : clockOffers(state)[0]?.event;

/** It sets the clock running, and so passes the gate of the mise en place. */
export const setsRunning = (event: ClockEvent): event is "start" | "resume" => event === "start" || event === "resume";
