import { useState } from "react";
import { useSearchParams } from "react-router";

/** Two days as they are said to the server, the first not after the last. */
export interface Days {
  from: string;
  to: string;
}

export interface ChosenDays {
  /** As they stand in the fields, also where one is not whole yet. */
  chosen: Days;
  /** The last that could be asked about. */
  asked: Days;
  choose: (change: Partial<Days>) => void;
}

/** A term of fifteen weeks. */
export const USUAL_DAYS_BACK = 105;

const canBeAsked = ({ from, to }: Days): boolean => from !== "" && to !== "" && from <= to;

/** The days one asks about. They stand in the address, so that a page opened again, or sent to somebody, is about the same days. */
export function useDays(usual: Days): ChosenDays {
  const [address, setAddress] = useSearchParams();
  const [chosen, setChosen] = useState({ from: address.get("from") ?? usual.from, to: address.get("to") ?? usual.to });
  const [asked, setAsked] = useState(canBeAsked(chosen) ? chosen : usual);
  const choose = (change: Partial<Days>): void => {
    const next = { ...chosen, ...change };
    setChosen(next);
    if (!canBeAsked(next)) return;
    setAsked(next);
    setAddress({ ...next }, { replace: true });
  };

  return { chosen, asked, choose };
}
