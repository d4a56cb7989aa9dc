import { useEffect, useState } from "react";

/** True once something has held for a while without a break. */
export function useLasting(holds: boolean, forMs: number): boolean {
  const [hasLasted, setHasLasted] = useState(false);
  useEffect(() => {
    if (!holds) return;
    const timer = setTimeout(() => setHasLasted(true), forMs);

    return () => {
      clearTimeout(timer);
      setHasLasted(false);
    };
  }, [holds, forMs]);

  return holds && hasLasted;
}
