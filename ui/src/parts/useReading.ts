import { useLayoutEffect, useRef, useState } from "react";
import { useScale, type ScaleState } from "../api/useScale";
import { useOwnScale } from "./scale/OwnScale";

/** A load that changed by less than this is still the same piece lying there. */
const SAME_LOAD_MG = 5_000;

export interface Reading {
  scale: ScaleState;
  /** Why the last try to take it was refused. */
  refusal: string | null;
  /** Takes the reading if it may be taken, and says why if not. */
  take: () => void;
  forget: () => void;
}

/** The live reading, taken once for each load: steady, above zero, and not the piece that was taken before. */
export function useReading(onTaken: (massMg: number) => void): Reading {
  const own = useOwnScale().state;
  const room = useScale(own === null);
  const scale = own ?? room;
  const [refusal, setRefusal] = useState<string | null>(null);
  const takenMg = useRef<number | null>(null);
  useLayoutEffect(() => {
    if (scale.line !== "reading" || takenMg.current === null) return;
    const { state, mass_mg: mg } = scale.reading;
    if (state !== "stable" || Math.abs((mg ?? 0) - takenMg.current) > SAME_LOAD_MG) takenMg.current = null;
  }, [scale]);

  return {
    scale,
    refusal,
    forget: () => setRefusal(null),
    take: () => {
      const reason = whyNot(scale, takenMg.current);
      setRefusal(reason);
      if (reason !== null || scale.line !== "reading" || scale.reading.mass_mg === null) return;
      takenMg.current = scale.reading.mass_mg;
      onTaken(scale.reading.mass_mg);
    },
  };
}

function whyNot(scale: ScaleState, takenMg: number | null): string | null {
  if (scale.line === "connecting") return "The scale is not connected yet.";
  if (scale.line === "silent") return scale.detail;
  if (scale.reading.refusal !== null) return `Not taken: ${scale.reading.refusal}.`;
  if (!scale.reading.mass_mg) return "Not taken: nothing is on the scale. Put the piece on, or type 0 if there is none.";
  if (takenMg !== null) return "Not taken: this weight was taken already. Put the next piece on.";

  return null;
}
