import { createContext, use } from "react";
import { useUser } from "../api/useSession";

/** How instants are said: always in the time of the school, wherever the device is. */
interface TimeWords {
  /** "09:15:00" */
  timeOfDay: (instant: string) => string;
  /** "Wednesday 4 March" */
  dayOf: (instant: string) => string;
  /** "Wednesday 4 March 2026", where it is read years later. */
  dayInFull: (instant: string) => string;
}

const LOCALE = "en-GB";

export function timeWords(timeZone: string): TimeWords {
  const time = new Intl.DateTimeFormat(LOCALE, { timeZone, hour: "2-digit", minute: "2-digit", second: "2-digit", hourCycle: "h23" });
  const date = new Intl.DateTimeFormat(LOCALE, { timeZone, weekday: "long", day: "numeric", month: "long" });
  const year = new Intl.DateTimeFormat(LOCALE, { timeZone, year: "numeric" });
  const dayOf = (instant: string): string => date.format(new Date(instant));

  return {
    timeOfDay: (instant) => time.format(new Date(instant)),
    dayOf,
    dayInFull: (instant) => `${dayOf(instant)} ${year.format(new Date(instant))}`,
  };
}

/** The time zone of what is shown, where it is not the school's of today: a sealed copy keeps its own. */
export const TimeZoneContext = createContext<string | null>(null);

export function useTimeWords(): TimeWords {
  const own = useUser().time_zone;

  return timeWords(use(TimeZoneContext) ?? own);
}
