import type { QueryClient, QueryKey } from "@tanstack/react-query";

/**
 * Asks anew what may be old by now, and waits for the answers of what is on the screen. A first answer that is still on its way is from before: it is
 * not waited for, or it would stand as if it were new.
 */
export async function askAgain(queries: QueryClient, queryKey: QueryKey): Promise<void> {
  await queries.cancelQueries({ queryKey });
  await queries.invalidateQueries({ queryKey });
}
