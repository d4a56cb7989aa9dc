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
  if (presented) return [runOn];
  if (since !== null) return [present, { event: "pause", label: "Pause" }];

  return ran > 0 ? [runOn, present] : [{ event: "start", label: "Start" }];
}

/** What the space bar does: the likeliest; but what is presented runs on only by its button. */
export const clockTurn = (state: ClockState): ClockEvent | undefined => (state.presented ? undefined : clockOffers(state)[0]?.event);
