import { useState } from "react";
import type { Place } from "./Tray";

export interface PortionTurn {
  /** The portion to be weighed now, from 1; null where the set goes on the scale together, or the place is one thing. */
  number: number | null;
  count: number;
  isTogether: boolean;
  setTogether: (isTogether: boolean) => void;
  goTo: (number: number) => void;
  /** Goes on to the next portion that is not weighed; false where this was the last. */
  goOn: () => boolean;
}

/** Whose turn it is in a set: portions that must be even go one by one, others together, unless one says so. */
export function usePortion(place: Place | null): PortionTurn {
  const [together, setTogether] = useState<Record<string, boolean>>({});
  const [turn, setTurn] = useState<{ place: string; number: number } | null>(null);
  const masses = place?.portions?.massesMg ?? [];
  const isTogether = place === null || (together[place.id] ?? place.portions?.mustBeEven !== true);
  const firstOpen = masses.findIndex((it) => it === null) + 1;
  const number = place?.portions === undefined || isTogether ? null : turn?.place === place.id ? turn.number : firstOpen || 1;
  const goTo = (next: number): void => {
    if (place !== null && next >= 1 && next <= masses.length) setTurn({ place: place.id, number: next });
  };

  return {
    number,
    count: masses.length,
    isTogether,
    setTogether: (is) => place !== null && setTogether((before) => ({ ...before, [place.id]: is })),
    goTo,
    goOn: () => {
      if (number === null) return false;
      const isOpen = (at: number): boolean => at + 1 !== number && masses[at] === null;
      const open = [...masses.keys()].filter(isOpen);
      const next = open.find((at) => at + 1 > number) ?? open[0];
      if (next === undefined) {
        setTurn(null);

        return false;
      }
      goTo(next + 1);

      return true;
    },
  };
}
