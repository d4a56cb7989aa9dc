import { useEffect, useState } from "react";
import type { Fact } from "../../api/types";
import { useCaptureQueue, type TakenDown } from "../../offline/Sending";

const UNDO_MS = 10_000;

/** What one tap took down, which another can undo. */
interface Undoable {
  taken: TakenDown[];
  words: string;
}

/** Taking facts down for stations of a room, with what the last tap took undone in one tap for ten seconds. */
export function useStationCaptures() {
  const queue = useCaptureQueue();
  const [undoable, setUndoable] = useState<Undoable | null>(null);
  useEffect(() => {
    if (undoable === null) return;
    const gone = setTimeout(() => setUndoable(null), UNDO_MS);

    return () => clearTimeout(gone);
  }, [undoable]);
  const takeAll = async (words: string, facts: { attempt: string; fact: Fact }[]): Promise<boolean> => {
    const taken = await queue.takeAll(facts);
    if (taken !== null && taken.length > 0) setUndoable({ taken, words });

    return taken !== null;
  };

  return {
    undoable,
    takeAll,
    /** False where this device cannot keep it. */
    take: (attempt: string, words: string, ...facts: Fact[]): Promise<boolean> =>
      takeAll(
        words,
        facts.map((fact) => ({ attempt, fact })),
      ),
    undo: async (): Promise<void> => {
      if (undoable === null) return;
      setUndoable(null);
      await queue.takeAll(
        undoable.taken.map(({ attempt, capture }) => ({ attempt, fact: { kind: "void", target: capture.id, reason: "Undone at once" } })),
      );
    },
  };
}

export type StationCaptures = ReturnType<typeof useStationCaptures>;
