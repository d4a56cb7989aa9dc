import { useLiveQuery } from "dexie-react-hooks";
import { useUser } from "../api/useSession";
import { store, type Waiting, type WaitingLots, type WaitingPractice } from "./store";

/** A photograph that is not on the server yet. */
export interface WaitingPicture {
  order: number;
  blob: Blob;
}

const none: Waiting[] = [];
const noLots: WaitingLots[] = [];
const noPractice: WaitingPractice[] = [];

/** What this person practised on this device that the server has not got yet, in order. */
export function useWaitingPractice(): WaitingPractice[] {
  const { id: user } = useUser();
  const rows = useLiveQuery(() => store.practice.where("user").equals(user).sortBy("order"), [user]);

  return rows ?? noPractice;
}

/** Photographs of a practice tray that wait. */
export function useWaitingPracticePhotos(tray: string): WaitingPicture[] {
  return useWaitingPractice().flatMap(({ order = 0, said }) =>
    said.tray === tray && said.blob !== undefined ? [{ order, blob: said.blob }] : [],
  );
}

/** What this person took down at the ledger on this device that the server has not got yet, in order. */
export function useWaitingLots(): WaitingLots[] {
  const { id: user } = useUser();
  const rows = useLiveQuery(() => store.lots.where("user").equals(user).sortBy("order"), [user]);

  return rows ?? noLots;
}

/** Photographs of a tray that wait. */
export function useWaitingPhotos(attempt: string): WaitingPicture[] {
  return useWaiting(attempt).flatMap(({ order = 0, blob }) => (blob === undefined ? [] : [{ order, blob }]));
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
