import { startTransition, useEffect, useState } from "react";

/** How many of a long list are drawn: the first few at once, each further one when the ones before it stand, so that no step holds the screen. */
export function useInTurn(all: number, atOnce: number): number {
  const [drawn, setDrawn] = useState(atOnce);
  useEffect(() => {
    if (drawn >= all) return;
    const next = setTimeout(() => startTransition(() => setDrawn(drawn + 1)));

    return () => clearTimeout(next);
  }, [drawn, all]);

  return Math.min(drawn, all);
}
