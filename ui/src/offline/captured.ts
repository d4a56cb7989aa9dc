import { v7 as uuid } from "uuid";
import type { Fact, SentCapture } from "../api/types";
import { now } from "./clock";

const key = "deft-blade.last-capture";

/** The time of the next capture: now, but never before the last one here, whatever the clock was set to since. */
function nextMoment(): number {
  const moment = Math.max(now(), Number(localStorage.getItem(key) ?? 0) + 1);
  localStorage.setItem(key, String(moment));

  return moment;
}

/** Gives a fact its id and its time. A capture keeps both however often it is sent. */
export const captured = (fact: Fact): SentCapture => ({ ...fact, id: uuid(), at: new Date(nextMoment()).toISOString() }) as SentCapture;
