import { v7 as uuid } from "uuid";
import type {
  Fact,
  OnPracticeTray,
  PracticeFact,
  SentCapture,
  SentLotFact,
  SentOnPracticeTray,
  SentPracticeFact,
  UntimedLotFact,
} from "../api/types";
import { now } from "./clock";

const key = "deft-blade.last-capture";

/** The time of the next fact: now, but never before the last one here, whatever the clock was set to since. */
function nextMoment(): string {
  const moment = Math.max(now(), Number(localStorage.getItem(key) ?? 0) + 1);
  localStorage.setItem(key, String(moment));

  return new Date(moment).toISOString();
}

/** Gives a fact its id and its time. A capture keeps both however often it is sent. */
export const captured = (fact: Fact): SentCapture => ({ ...fact, id: uuid(), at: nextMoment() }) as SentCapture;

/** The same on a practice tray. */
export const practisedOn = (fact: OnPracticeTray): SentOnPracticeTray => ({ ...fact, id: uuid(), at: nextMoment() }) as SentOnPracticeTray;

/** The same for something practised. */
export const practised = (fact: PracticeFact): SentPracticeFact => ({ ...fact, id: uuid(), at: nextMoment() });

/** The same for a fact about a lot; one that makes a lot may bring its id. */
export const capturedLot = (fact: UntimedLotFact): SentLotFact => ({ id: uuid(), ...fact, at: nextMoment() }) as SentLotFact;
