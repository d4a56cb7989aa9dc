const DAY_MS = 86_400_000;

const at = (day: string): number => Date.parse(`${day}T00:00:00Z`);
const said = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/** A day so many days after another. */
export const daysAfter = (day: string, days: number): string => said(at(day) + days * DAY_MS);

/** The Monday of the week a day is in. */
export const mondayOf = (day: string): string => daysAfter(day, -((new Date(at(day)).getUTCDay() + 6) % 7));
