import type { DehydratedState } from "@tanstack/react-query";

/** What no tab has shown for longer is let go. */
const FOR_MS = 24 * 60 * 60 * 1_000;

/** Of two sets of answers the newer to each question, for as long as a tablet keeps one. */
export function newest(kept: DehydratedState["queries"], shown: DehydratedState["queries"], now = Date.now()): DehydratedState["queries"] {
  const byQuestion = new Map(shown.map((it) => [it.queryHash, it]));
  for (const it of kept) {
    const other = byQuestion.get(it.queryHash);
    const isNewer = other === undefined ? now - it.state.dataUpdatedAt < FOR_MS : it.state.dataUpdatedAt > other.state.dataUpdatedAt;
    if (isNewer) byQuestion.set(it.queryHash, it);
  }

  return [...byQuestion.values()];
}
