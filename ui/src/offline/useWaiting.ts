import { useLiveQuery } from "dexie-react-hooks";
import { useUser } from "../api/useSession";
import { store, type Waiting } from "./store";

const none: Waiting[] = [];

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
