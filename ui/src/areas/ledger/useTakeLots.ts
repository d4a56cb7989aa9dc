import { useEffect, useRef, useState } from "react";
import type { SentLotFact, UntimedLotFact } from "../../api/types";
import { useCaptureQueue } from "../../offline/Sending";
import { SOON_MS } from "../../parts/useDoubled";

const UNDO_MS = 10_000;

/** What is taken down, without the ids that are new at every tap: two taps on one button give the same. */
const saidBy = (words: string, facts: UntimedLotFact[]): string =>
  JSON.stringify([words, facts]).replace(/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, "");

/** Taking facts about lots down, once where a wet palm taps twice; what the last tap took is taken back in one tap for ten seconds. */
export function useTakeLots() {
  const queue = useCaptureQueue();
  const [last, setLast] = useState<{ words: string; facts: SentLotFact[] } | null>(null);
  const tapped = useRef({ said: "", at: 0 });
  useEffect(() => {
    if (last === null) return;
    const gone = setTimeout(() => setLast(null), UNDO_MS);

    return () => clearTimeout(gone);
  }, [last]);

  return {
    last,
    /** False where this device cannot keep it. */
    take: async (words: string, facts: UntimedLotFact[]): Promise<boolean> => {
      const said = saidBy(words, facts);
      if (tapped.current.said === said && performance.now() - tapped.current.at < SOON_MS) return true;
      tapped.current = { said, at: performance.now() };
      const taken = await queue.takeLots(words, facts);
      if (taken === null) tapped.current.said = "";
      else setLast({ words, facts: taken });

      return taken !== null;
    },
    /** The last first: what was made is taken back once nothing is taken out of it any more. */
    undo: async (): Promise<void> => {
      if (last === null) return;
      setLast(null);
      tapped.current.said = "";
      await queue.takeLots(
        `Taken back: ${last.words}`,
        [...last.facts].reverse().map(({ id }) => ({ kind: "void", target: id, reason: "Undone at once" })),
      );
    },
  };
}

export type TakeLots = ReturnType<typeof useTakeLots>;
