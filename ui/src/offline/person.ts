import type { User } from "../api/types";

const key = "deft-blade.person";

/** Who was signed in here last, for as long as there is no network to ask. */
export function lastPerson(): User | null {
  const kept = localStorage.getItem(key);

  return kept === null ? null : (JSON.parse(kept) as User);
}

const leaving = "deft-blade.leaving";

/** Somebody signed out without a network: the server is told as soon as there is one, and until then nobody is signed in here. */
export const leaveLater = (person: string): void => localStorage.setItem(leaving, person);

/** Who signed out and the server does not know; null where nobody did. */
export const whoLeaves = (): string | null => localStorage.getItem(leaving);
export const markLeft = (): void => localStorage.removeItem(leaving);

/** Calls whenever another tab says that somebody else is signed in here, or nobody. */
export function onOtherPerson(call: () => void): () => void {
  const hear = (event: StorageEvent): void => {
    if (event.key === key || event.key === leaving || event.key === null) call();
  };
  window.addEventListener("storage", hear);

  return () => window.removeEventListener("storage", hear);
}

/** Keeps who is signed in; when nobody is any more, what they were shown is let go, and what they took down stays theirs. */
export async function keepPerson(user: User | null): Promise<void> {
  const before = lastPerson();
  if (user === null) localStorage.removeItem(key);
  else localStorage.setItem(key, JSON.stringify(user));
  if (before === null || before.id === user?.id) return;
  // Nobody who only signs in waits for the store of the device to be fetched.
  const { store } = await import("./store");
  await store.answers.delete(before.id);
}
