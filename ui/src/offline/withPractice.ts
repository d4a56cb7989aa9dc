import type { PracticeTray, SentCapture } from "../api/types";
import { deviceState } from "./facts";
import { rulesOf } from "./rulesOf";
import { holdsOf, resultOf, WEIGHTS } from "./withWaiting";
import type { WaitingPractice } from "./store";

/** A practice tray as this device knows it: what the server said, and what was taken down here since. How a weight stands is for the core to say. */
export function withPractice(tray: PracticeTray, waiting: WaitingPractice[]): PracticeTray {
  const known = new Set(tray.captures.map((it) => it.id));
  const fresh = waiting.flatMap(({ said, refusal }): SentCapture[] =>
    refusal === null && said.tray === tray.tray && said.capture.kind !== "step" && !known.has(said.capture.id) ? [said.capture] : [],
  );
  if (fresh.length === 0) return tray;
  const captures = [...tray.captures, ...fresh];
  const state = deviceState(captures, rulesOf({ standard: tray.standard, mise: [] }));

  return {
    ...tray,
    captures,
    holds: holdsOf(tray, state),
    result: resultOf(
      tray.result,
      state,
      fresh.some((it) => WEIGHTS.includes(it.kind) || it.kind === "void"),
    ),
    running_since_ms: state.running_since_ms,
  };
}
