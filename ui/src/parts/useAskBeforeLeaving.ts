import { useCallback, useLayoutEffect, useRef } from "react";
import { useBlocker, type BlockerFunction } from "react-router";

/** While something is at risk, going to another page waits until it is said whether to. It holds from the picture on in which the risk is shown. */
export function useAskBeforeLeaving(isAtRisk: boolean): ReturnType<typeof useBlocker> {
  const risk = useRef(isAtRisk);
  useLayoutEffect(() => {
    risk.current = isAtRisk;
  });

  return useBlocker(
    useCallback<BlockerFunction>(
      ({ currentLocation, nextLocation }) => risk.current && currentLocation.pathname !== nextLocation.pathname,
      [],
    ),
  );
}
