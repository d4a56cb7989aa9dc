import type { Floor, FloorStation } from "../../api/types";

/** The stations that wait for the scale, first presented first; of a shared pan one after the other, zone by zone. */
export function scaleQueue(floor: Floor): FloorStation[] {
  const waiting = floor.stations.filter((it) => it.queued_since_ms !== null);
  const since = (station: FloorStation): number =>
    Math.min(...waiting.filter((it) => isOnOnePan(it, station)).map((it) => it.queued_since_ms ?? 0));

  return waiting.sort(
    (one, other) => since(one) - since(other) || (one.pan?.pan ?? 0) - (other.pan?.pan ?? 0) || zoneOf(one).localeCompare(zoneOf(other)),
  );
}

const isOnOnePan = (one: FloorStation, other: FloorStation): boolean =>
  one.attempt === other.attempt || (one.pan !== null && one.pan.pan === other.pan?.pan);

const zoneOf = (station: FloorStation): string => station.pan?.zone ?? "";
