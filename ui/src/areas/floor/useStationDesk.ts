import { useEffect, useState } from "react";
import type { Fact, SentCapture } from "../../api/types";
import { useQueue } from "../../offline/Sending";

const UNDO_MS = 10_000;

/** What can still be undone in one tap. */
export interface Undoable {
  attempt: string;
  capture: SentCapture;
  words: string;
}

/** Taking facts down for stations of a room, with the last one undone in one tap for ten seconds. */
export function useStationDesk() {
  const queue = useQueue();
  const [undoable, setUndoable] = useState<Undoable | null>(null);
  useEffect(() => {
    if (undoable === null) return;
    const gone = setTimeout(() => setUndoable(null), UNDO_MS);

    return () => clearTimeout(gone);
  }, [undoable]);

  return {
    undoable,
    take: async (attempt: string, words: string, ...facts: Fact[]): Promise<void> => {
      const captures = await queue.take(attempt, ...facts);
      const capture = captures.at(-1);
      if (capture !== undefined) setUndoable({ attempt, capture, words });
    },
    undo: async (): Promise<void> => {
      if (undoable === null) return;
      setUndoable(null);
      await queue.take(undoable.attempt, { kind: "void", target: undoable.capture.id, reason: "Undone at once" });
    },
  };
}

export type StationDesk = ReturnType<typeof useStationDesk>;
