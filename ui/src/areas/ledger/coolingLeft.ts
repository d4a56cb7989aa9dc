import type { Cooling } from "../../api/types";
import { clock } from "../../parts/format";

/** Within this, ice and shallow pans are needed. */
const LATE_MS = 30 * 60_000;

/** What is to be reached next, and how long there is for it. */
export function coolingLeft(cooling: Cooling | null, now: number): { words: string; isLate: boolean } {
  if (cooling === null) return { words: "No reading yet: put the probe in", isLate: false };
  if (cooling.verdict === "within") return { words: "Cooled in time", isLate: false };
  if (cooling.verdict !== "open") return { words: "Too slow: barred", isLate: true };
  if (cooling.first_by_ms === null || cooling.cold_by_ms === null)
    return { words: "Above 57 °C: the clock has not started", isLate: false };
  const [c, by] = cooling.to_21_ms === null ? [21, cooling.first_by_ms] : [5, cooling.cold_by_ms];
  const left = by - now;
  if (left < 0) return { words: `The time for ${c} °C is over: take a reading`, isLate: true };

  // Hours and minutes, as minutes and seconds are shown.
  return { words: `${clock(left / 60)} h left to ${c} °C`, isLate: left < LATE_MS };
}
