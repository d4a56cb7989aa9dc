import type { QuizQuestion } from "../../api/types";

/** How far a guess lies outside the window, in mg; 0 within it. Answered without a network too, so it is worked out here as in the core. */
export const offBy = (
  { low_mg: low, high_mg: high }: Pick<NonNullable<QuizQuestion["mass"]>, "low_mg" | "high_mg">,
  guessMg: number,
): number => Math.max(0, low - guessMg, guessMg - high);
