import { useState } from "react";
import type { Assessment, Fact, LogEntry, Tray } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useCaptureQueue } from "../../offline/Sending";
import { useFactWords } from "../../parts/factInWords";

export interface Entries {
  /** Takes facts down: they are kept on this device at once, and go up by themselves; false where it cannot keep them. */
  take: (...facts: Fact[]) => Promise<boolean>;
  /** Withdraws this person's last entry. */
  undo: () => Promise<void>;
  lastEntry: LogEntry | undefined;
  /** What was last done, for a screen reader and for the line under the scale. */
  said: string;
}

/** What a person with a pencil does at a tray: every mark becomes a capture, and none is lost on its way. */
export function useTakeDown(tray: Tray, assessment: Assessment): Entries {
  const user = useUser();
  const queue = useCaptureQueue();
  const say = useFactWords(assessment);
  const [said, setSaid] = useState("");
  const lastEntry = tray.log
    .filter(
      (it) =>
        it.entry.capture.by === user.id &&
        it.state === "holds" &&
        !["void", "incident", "station", "standard", "allowance", "resit"].includes(it.entry.capture.kind),
    )
    .at(-1);
  const take = async (...facts: Fact[]): Promise<boolean> => {
    const captures = await queue.take(tray.attempt, ...facts);
    setSaid(captures === null ? `Not taken down: ${facts.map(say).join("; ")}` : captures.map(say).join("; "));

    return captures !== null;
  };

  return {
    take,
    lastEntry,
    said,
    undo: async () => {
      if (lastEntry === undefined) return;
      if (await take({ kind: "void", target: lastEntry.entry.capture.id, reason: "Undone at once" }))
        setSaid(`Undone: ${say(lastEntry.entry.capture)}`);
    },
  };
}
