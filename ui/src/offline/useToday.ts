import { now } from "./clock";
import { useUser } from "../api/useSession";

/** The day it is at the school, as 2026-03-04. */
export function useToday(): string {
  const { time_zone: timeZone } = useUser();

  return new Intl.DateTimeFormat("en-CA", { timeZone, year: "numeric", month: "2-digit", day: "2-digit" }).format(new Date(now()));
}
