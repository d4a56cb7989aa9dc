import { useRef } from "react";
import { useCaptureQueue } from "../../offline/Sending";

interface TimedSteps {
  tray: string;
  /** A step is done (-1: the cautions are read), and with the last one the carcass. */
  passed: (step: number, isLast: boolean) => void;
}

/** Takes down on a practice tray when each step of the card was done; its clock runs from the first step to the end of the last. Null where no tray is cut. */
export function useTimedSteps(standard: string, tray: string | null): TimedSteps | null {
  const { takeOnPracticeTray } = useCaptureQueue();
  const hasBegun = useRef(false);
  if (tray === null) return null;

  return {
    tray,
    passed: (step, isLast) => {
      if (step < 0) {
        if (!hasBegun.current) void takeOnPracticeTray(standard, tray, [{ kind: "clock", event: "start" }]);
        hasBegun.current = true;
      } else
        void takeOnPracticeTray(standard, tray, [{ kind: "step", step }, ...(isLast ? [{ kind: "clock", event: "stop" } as const] : [])]);
    },
  };
}
