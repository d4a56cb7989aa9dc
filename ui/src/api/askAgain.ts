import type { InvalidateQueryFilters, QueryClient, QueryKey } from "@tanstack/react-query";
import { Problem } from "./problem";

/**
 * Asks anew what may be old by now, and waits for the answers of what is on the screen. A first answer that is still on its way is from before: it is
 * not waited for, or it would stand as if it were new.
 */
export async function askAgain(queries: QueryClient, of: QueryKey | InvalidateQueryFilters): Promise<void> {
  const filters: InvalidateQueryFilters = "length" in of ? { queryKey: of } : of;
  await queries.cancelQueries(filters);
  await queries.invalidateQueries(filters);
}

/** Puts an answer in its place. One that is still on its way is from before it, and would stand over it: it is given up. */
export async function tell<Answer>(queries: QueryClient, queryKey: QueryKey, answer: Answer): Promise<void> {
  await queries.cancelQueries({ queryKey, exact: true });
  queries.setQueryData(queryKey, answer);
}

/** Whether an answer on the screen is still the one from before it was asked again: without a network it is not asked, and nobody is told. */
export function isOld(queries: QueryClient, queryKey: QueryKey): boolean {
  const shown = queries.getQueryCache().findAll({ queryKey, type: "active" });

  return shown.some(({ state: { isInvalidated, error } }) => isInvalidated && !(error instanceof Problem && error.isFinal));
}
