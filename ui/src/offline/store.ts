import Dexie, { type EntityTable } from "dexie";
import type { SentCapture, SentLotFact, SentOnPracticeTray, SentPracticeFact } from "../api/types";

const MOST_FAILURES = 3;

/** A capture that is not on the server yet. */
export interface Waiting {
  /** The order in which captures were made on this device. */
  order?: number;
  /** Whose it is: it goes up when this person is signed in, and nobody else sees it. */
  user: string;
  attempt: string;
  capture: SentCapture;
  /** What the device clock was put right by when it was made, in ms. */
  offsetMs: number;
  /** The photograph that a capture of one speaks of: it goes up first. */
  blob?: Blob;
  /** Why the server will not have it; null while it may still go up. */
  refusal: string | null;
  /** How often in a row the server could not take it, though it answered. */
  failures?: number;
}

/** What one tap at the ledger took down that is not on the server yet: it goes up together, all of it or none. */
export interface WaitingLots {
  order?: number;
  user: string;
  facts: SentLotFact[];
  /** How one would say it. */
  words: string;
  offsetMs: number;
  refusal: string | null;
  failures?: number;
}

/** Something practised that is not on the server yet. */
export interface WaitingPractice {
  order?: number;
  user: string;
  standard: string;
  /** The practice tray that a capture is of, and the capture; or what is about no tray. */
  said: { tray: string; capture: SentOnPracticeTray; blob?: Blob } | { tray: null; fact: SentPracticeFact };
  offsetMs: number;
  refusal: string | null;
  failures?: number;
}

/** What a person wrote for a practical and has not handed in. */
export interface WrittenDraft {
  key: string;
  user: string;
  text: string;
}

/** The server failed at it so often that it no longer holds up what is behind it; it is tried again now and then. */
export const isAside = ({ failures = 0 }: Pick<Waiting, "failures">): boolean => failures >= MOST_FAILURES;

/** What the server last answered to a person, by question: what a screen shows without a network. */
export interface Answers {
  user: string;
  /** The build that kept it: the next one may ask for what is not in it. */
  build: string;
  value: string;
}

class DeviceStore extends Dexie {
  declare waiting: EntityTable<Waiting, "order">;
  declare lots: EntityTable<WaitingLots, "order">;
  declare practice: EntityTable<WaitingPractice, "order">;
  declare answers: EntityTable<Answers, "user">;
  declare written: EntityTable<WrittenDraft, "key">;

  constructor() {
    // On the disk before it counts as taken down: a battery that dies the moment after loses nothing.
    super("deft-blade", { chromeTransactionDurability: "strict" });
    this.version(1).stores({ waiting: "++order, user, [user+attempt]", answers: "user" });
    this.version(2).stores({ lots: "++order, user" });
    this.version(3).stores({ practice: "++order, user" });
    this.version(4).stores({ written: "key, user" });
  }
}

export const store = new DeviceStore();
