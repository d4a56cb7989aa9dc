import type { QuizQuestion, SentPracticeFact } from "../../api/types";

type MassWindow = Pick<NonNullable<QuizQuestion["mass"]>, "low_mg" | "high_mg">;

/** How an answer stood to what is right. */
export type How = NonNullable<SentPracticeFact["how"]>;

/** How far a guess lies outside the window, in mg; 0 within it. Answered without a network too, so it is worked out here as in the core. */
export const offBy = ({ low_mg: low, high_mg: high }: MassWindow, guessMg: number): number => Math.max(0, low - guessMg, guessMg - high);

/** Near is what lies outside by no more than the window is wide. */
export function howOf(wanted: MassWindow, guessMg: number): How {
  const off = offBy(wanted, guessMg);
  if (off === 0) return "right";

  return off <= wanted.high_mg - wanted.low_mg ? "near" : "missed";
}
