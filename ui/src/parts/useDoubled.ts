import { useEffect, useRef, useState } from "react";

/** Sooner than this after the first, a second tap on the same button is more often a wet palm than intended. */
export const SOON_MS = 1_000;

/** For so long it is asked. */
const ASKED_MS = 6_000;

/** Marks of one tap each, where a second tap on the same within a second is asked about before it counts. */
export function useDoubled(onMark: (mark: string) => void) {
  const last = useRef<{ mark: string; at: number } | null>(null);
  const [doubled, setDoubled] = useState<string | null>(null);
  useEffect(() => {
    if (doubled === null) return;
    const gone = setTimeout(() => setDoubled(null), ASKED_MS);

    return () => clearTimeout(gone);
  }, [doubled]);

  return {
    /** The mark that was tapped twice, while it is asked whether it was meant. */
    doubled,
    tap: (mark: string, { detail }: { detail: number }): void => {
      // A key has no palm: a click without a pointer counts nothing.
      if (detail === 0) return onMark(mark);
      const at = performance.now();
      if (last.current?.mark === mark && at - last.current.at < SOON_MS) return setDoubled(mark);
      last.current = { mark, at };
      setDoubled(null);
      onMark(mark);
    },
    again: (): void => {
      if (doubled !== null) onMark(doubled);
      last.current = null;
      setDoubled(null);
    },
    leave: (): void => setDoubled(null),
  };
}
