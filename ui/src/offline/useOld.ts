import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useSyncExternalStore } from "react";
import { Problem } from "../api/problem";

/** Whether something on the screen could not be asked for anew: what is shown is from before. */
export function useOld(): boolean {
  const cache = useQueryClient().getQueryCache();
  const subscribe = useCallback((onChange: () => void) => cache.subscribe(onChange), [cache]);

  return useSyncExternalStore(subscribe, () =>
    cache
      .findAll({ type: "active" })
      .some(({ state: { data, error } }) => data !== undefined && error !== null && !(error instanceof Problem && error.isFinal)),
  );
}
