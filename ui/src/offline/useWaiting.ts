import { useLiveQuery } from "dexie-react-hooks";
import { useUser } from "../api/useSession";
import { store, type Waiting, type WaitingLots, type WaitingPractice } from "./store";

const none: Waiting[] = [];
const noLots: WaitingLots[] = [];
const noPractice: WaitingPractice[] = [];

/** What this person practised on this device that the server has not got yet, in order. */
export function useWaitingPractice(): WaitingPractice[] {
  const { id: user } = useUser();
  const rows = useLiveQuery(() => store.practice.where("user").equals(user).sortBy("order"), [user]);

  return rows ?? noPractice;
}

/** What this person took down at the ledger on this device that the server has not got yet, in order. */
export function useWaitingLots(): WaitingLots[] {
  const { id: user } = useUser();
  const rows = useLiveQuery(() => store.lots.where("user").equals(user).sortBy("order"), [user]);

  return rows ?? noLots;
}

/** What this person took down on this device that the server has not got yet, in order; of one attempt, or of all. */
export function useWaiting(attempt?: string): Waiting[] {
  const { id: user } = useUser();
  const rows = useLiveQuery(
    () =>
      attempt === undefined
        ? store.waiting.where("user").equals(user).sortBy("order")
        : store.waiting.where("[user+attempt]").equals([user, attempt]).sortBy("order"),
    [user, attempt],
  );

  return rows ?? none;
}
