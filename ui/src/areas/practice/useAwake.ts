import { useEffect } from "react";

/** Keeps the screen on while both hands are busy, where the browser can; again after it was looked away from. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    const hold = (): void => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      navigator.wakeLock.request("screen").then(
        (held) => (lock = held),
        () => undefined,
      );
    };
    hold();
    document.addEventListener("visibilitychange", hold);

    return () => {
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, []);
}
