import type { SentCapture } from "../api/types";

/** What stands of captures in the order they were made: without what a later one of them withdraws. */
export function standing<Taken extends { capture: SentCapture }>(taken: Taken[]): Taken[] {
  const withdrawn = new Set<string>();
  const left: Taken[] = [];
  for (const it of [...taken].reverse()) {
    if (withdrawn.has(it.capture.id)) continue;
    if (it.capture.kind === "void") withdrawn.add(it.capture.target);
    left.push(it);
  }

  return left.reverse();
}
