import { useTransition } from "react";

/**
 * Takes something down from a slip, once however often it is tapped; what follows comes after this device has it. What it cannot keep stays as it was
 * written, for it is said that it is not taken down.
 */
export function useTaking(): { isTaking: boolean; taking: (take: Promise<boolean>, then: () => void) => void } {
  const [isTaking, start] = useTransition();

  return {
    isTaking,
    taking: (take, then) =>
      start(async () => {
        if (await take) then();
      }),
  };
}
