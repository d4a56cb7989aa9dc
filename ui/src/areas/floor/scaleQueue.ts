import type { Floor, FloorStation } from "../../api/types";

/** The stations that wait for the scale, first presented first. */
export const scaleQueue = (floor: Floor): FloorStation[] =>
  floor.stations
    .filter((it) => it.queued_since_ms !== null)
    .sort((one, other) => (one.queued_since_ms ?? 0) - (other.queued_since_ms ?? 0));
