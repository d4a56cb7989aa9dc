import { useEffect, useState } from "react";
import type { SentLotFact, UntimedLotFact } from "../../api/types";
import { useCaptureQueue } from "../../offline/Sending";

const UNDO_MS = 10_000;

/** Taking facts about lots down, with what the last tap took taken back in one tap for ten seconds. */
export function useTakeLots() {
  const queue = useCaptureQueue();
  const [last, setLast] = useState<{ words: string; facts: SentLotFact[] } | null>(null);
  useEffect(() => {
    if (last === null) return;
    const gone = setTimeout(() => setLast(null), UNDO_MS);

    return () => clearTimeout(gone);
  }, [last]);

  return {
    last,
    /** False where this device cannot keep it. */
    take: async (words: string, facts: UntimedLotFact[]): Promise<boolean> => {
      const taken = await queue.takeLots(words, facts);
      if (taken !== null) setLast({ words, facts: taken });

      return taken !== null;
    },
    /** The last first: what was made is taken back once nothing is taken out of it any more. */
    undo: async (): Promise<void> => {
      if (last === null) return;
      setLast(null);
      await queue.takeLots(
        `Taken back: ${last.words}`,
        [...last.facts].reverse().map(({ id }) => ({ kind: "void", target: id, reason: "Undone at once" })),
      );
    },
  };
}

export type TakeLots = ReturnType<typeof useTakeLots>;
