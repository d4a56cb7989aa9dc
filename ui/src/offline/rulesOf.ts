import type { Assessment } from "../api/types";
import type { Rules } from "./facts";

/** What the facts of a practical are read by. */
export const rulesOf = ({ standard, mise }: Pick<Assessment, "standard" | "mise">): Rules => ({
  portions: Object.fromEntries(standard.pieces.flatMap((it) => (it.portions === undefined ? [] : [[it.id, it.portions.count]]))),
  safety: mise.filter((it) => it.is_safety).map((it) => it.id),
});
