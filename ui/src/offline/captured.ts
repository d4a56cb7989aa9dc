import { v7 as uuid } from "uuid";
import type { Fact, SentCapture } from "../api/types";
import { now } from "./clock";

/** Gives a fact its id and its time. A capture keeps both however often it is sent. */
export const captured = (fact: Fact): SentCapture => ({ ...fact, id: uuid(), at: new Date(now()).toISOString() }) as SentCapture;
