/** Figures as they are shown; nothing here decides anything. */

/** A share as it is kept, of what was written in per cent: 1.1 % is 0.011, and nothing beside it. */
export const shareOf = (percents: number): number => Number((percents / 100).toFixed(8));

export const percent = (share: number, places = 1): string => `${(share * 100).toFixed(places).replace("-", "−")} %`;

export const points = (figure: number, places = 1): string => figure.toFixed(places);

/** m:ss, as a kitchen clock shows it. */
export const clock = (ms: number): string => {
  const seconds = Math.max(0, Math.floor(ms / 1000));

  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
};

export const minutes = (ms: number): string => String(Math.round(ms / 60_000));

/** "3.4 l" */
export const litres = (ml: number): string => `${(ml / 1_000).toFixed(1)} l`;

/** A calendar date, "2026-03-04": the same day wherever it is read. */
export const day = (date: string): string =>
  new Date(`${date}T12:00:00Z`).toLocaleDateString("en-GB", { weekday: "long", day: "numeric", month: "long", timeZone: "UTC" });

/** "Monday 2 March 2026", where other years stand beside it, or it is read years later. */
export const dayInFull = (date: string): string => `${day(date)} ${date.slice(0, 4)}`;

/** "2 Mar 2026", where there is little room. */
export const dayInShort = (date: string): string =>
  new Date(`${date}T12:00:00Z`).toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric", timeZone: "UTC" });

/** "1 station", "12 stations". */
export const counted = (count: number, thing: string, things = `${thing}s`): string => `${count} ${count === 1 ? thing : things}`;

/** "a braise, mince or a stew". */
export const orOf = (things: string[]): string => new Intl.ListFormat("en-GB", { type: "disjunction" }).format(things);

/** "left wing" becomes "Left wing". */
export const upperFirst = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** "Left wing" becomes "left wing", "AP weight" stays. */
export const lowerFirst = (words: string): string => (/^[A-Z]{2}/.test(words) ? words : words.charAt(0).toLowerCase() + words.slice(1));

/** "EUR, Euro". */
export const currencyName = (code: string): string => `${code}, ${new Intl.DisplayNames("en", { type: "currency" }).of(code) ?? code}`;
