import { useEffect, useState } from "react";
import { now } from "../offline/clock";

/** The time, by the server's clock, looked at twice a second while something runs. */
export function useNow(runs: boolean): number {
  const [time, setTime] = useState(now);
  useEffect(() => {
    if (!runs) return;
    const tick = setInterval(() => setTime(now()), 500);

    return () => clearInterval(tick);
  }, [runs]);

  return time;
}
