import { liveQuery } from "dexie";
import { isAside, store } from "./store";

/** How much of a person's is on this device, and how much of that is on its way. */
async function count(user: string): Promise<{ all: number; onTheWay: number }> {
  const rows = (await Promise.all([store.waiting, store.lots, store.practice].map((it) => it.where({ user }).toArray()))).flat();

  return { all: rows.length, onTheWay: rows.filter((it) => it.refusal === null && !isAside(it)).length };
}

/** How much of a person's still waits on this device once what is on its way went up; where there is a network, it is given that long. */
export async function stillWaits(user: string, forMs: number): Promise<number> {
  const now = await count(user);
  if (now.onTheWay === 0 || !navigator.onLine) return now.all;

  return new Promise((resolve, reject) => {
    const end = (): void => {
      clearTimeout(timer);
      watching.unsubscribe();
      count(user).then(({ all }) => resolve(all), reject);
    };
    const timer = setTimeout(end, forMs);
    const watching = liveQuery(() => count(user)).subscribe({ next: ({ onTheWay }) => onTheWay === 0 && end(), error: reject });
  });
}
