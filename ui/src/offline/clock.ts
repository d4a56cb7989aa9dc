const key = "deft-blade.clock-offset";

/** By how many ms the clock of the server is ahead of this device's, as last measured. */
export const offsetMs = (): number => Number(localStorage.getItem(key) ?? 0);

/** Now, by the clock of the server as far as this device knows it. */
export const now = (): number => Date.now() + offsetMs();

/** Less than this is the network, not the clock. */
const NOISE_MS = 500;

/**
 * Puts the clock right by an answer of the server: it said `serverMs` somewhere between asking and hearing, so half way is off by at most half
 * of the trip (Cristian, 1989).
 */
export function measured(serverMs: number, askedMs: number, heardMs: number): void {
  const offset = Math.round(serverMs - (askedMs + heardMs) / 2);
  const settled = Math.abs(offset) <= Math.max(NOISE_MS, (heardMs - askedMs) / 2) ? 0 : offset;
  if (Math.abs(settled - offsetMs()) > NOISE_MS) localStorage.setItem(key, String(settled));
}
