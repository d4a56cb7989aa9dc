import type { Assessment } from "../api/types";

export type MiseItem = Assessment["mise"][number];

/** What was seen of the mise en place at one station. */
export interface MiseSeen {
  mise_looked: boolean;
  mise_open: string[];
}

/** What nobody should cut with: safety items that were found wanting, or all of them where nobody has looked. */
export const unsafeItems = (mise: MiseItem[], seen: MiseSeen): MiseItem[] =>
  mise.filter((it) => it.is_safety && (!seen.mise_looked || seen.mise_open.includes(it.id)));
