import { useEffect } from "react";

/** While something is not kept yet the browser asks before the page is closed or loaded anew. */
export function useAskBeforeUnload(isAtRisk: boolean): void {
  useEffect(() => {
    if (!isAtRisk) return;
    const ask = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", ask);

    return () => window.removeEventListener("beforeunload", ask);
  }, [isAtRisk]);
}
