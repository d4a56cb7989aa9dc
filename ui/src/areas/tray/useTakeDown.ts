import { useState } from "react";
import type { Assessment, Fact, LogEntry, SentCapture, Tray } from "../../api/types";
import { useUser } from "../../api/useSession";
import { captured, useSendCaptures } from "../../api/useTray";
import { factInWords } from "./factInWords";

export interface Unsent {
  captures: SentCapture[];
  problem: Error;
}

export interface Desk {
  /** Takes a fact down; resolves to whether the server has it. */
  take: (...facts: Fact[]) => Promise<boolean>;
  /** Withdraws this person's last entry. */
  undo: () => Promise<void>;
  lastEntry: LogEntry | undefined;
  unsent: Unsent[];
  sendAgain: (unsent: Unsent) => Promise<void>;
  drop: (unsent: Unsent) => void;
  isSending: boolean;
  /** What was last done, for a screen reader and for the line under the scale. */
  said: string;
}

/** What a person with a pencil does at a tray: every mark becomes a capture, and none that failed to go up is lost. */
export function useTakeDown(tray: Tray, assessment: Assessment): Desk {
  const user = useUser();
  const send = useSendCaptures(tray.attempt);
  const [unsent, setUnsent] = useState<Unsent[]>([]);
  const [said, setSaid] = useState("");
  const lastEntry = tray.log
    .filter((it) => it.entry.by === user.name && it.standing === "holds" && it.entry.capture.kind !== "void")
    .at(-1);

  const put = async (captures: SentCapture[]): Promise<boolean> => {
    try {
      await send.mutateAsync(captures);

      return true;
    } catch (problem) {
      setUnsent((waiting) => [...waiting, { captures, problem: problem as Error }]);

      return false;
    }
  };
  const take = async (...facts: Fact[]): Promise<boolean> => {
    const captures = facts.map(captured);
    const isTaken = await put(captures);
    if (isTaken) setSaid(captures.map((it) => factInWords(it, assessment)).join("; "));

    return isTaken;
  };
  const drop = (gone: Unsent): void => setUnsent((waiting) => waiting.filter((it) => it !== gone));

  return {
    take,
    lastEntry,
    unsent,
    said,
    isSending: send.isPending,
    drop,
    sendAgain: async (again) => {
      drop(again);
      await put(again.captures);
    },
    undo: async () => {
      if (lastEntry === undefined) return;
      const isUndone = await take({ kind: "void", target: lastEntry.entry.capture.id, reason: "Undone at once" });
      if (isUndone) setSaid(`Undone: ${factInWords(lastEntry.entry.capture, assessment)}`);
    },
  };
}
