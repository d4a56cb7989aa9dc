import { useEffect, useState } from "react";
import { useUser } from "../api/useSession";
import { store } from "./store";

export interface WrittenDraft {
  /** What was kept when one came; undefined while the device has not answered, null where nothing is kept. */
  first: string | null | undefined;
  keep: (text: string) => void;
  drop: () => void;
}

/** What this person is writing for a criterion of a practical: kept on the device until it is handed in. */
export function useWrittenDraft(attempt: string, criterion: string): WrittenDraft {
  const { id: user } = useUser();
  const key = [user, attempt, criterion].join(" ");
  const [first, setFirst] = useState<string | null>();
  useEffect(() => {
    void store.written.get(key).then((it) => setFirst(it?.text ?? null));
  }, [key]);

  return { first, keep: (text) => void store.written.put({ key, user, text }), drop: () => void store.written.delete(key) };
}
