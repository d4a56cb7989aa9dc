import type { Lot } from "../../api/types";
import { counted } from "../../parts/format";

/** How long a lot keeps, as one says it. */
export function daysLeft(lot: Pick<Lot, "days_left" | "frozen_since" | "on_hand_mg" | "is_barred">): string {
  const { days_left: days, frozen_since: frozen, on_hand_mg: mg } = lot;
  if (mg === 0) return "all gone";
  if (lot.is_barred) return "barred";
  if (frozen !== null) return "frozen";
  if (days === null) return "";
  if (days < 0) return `${counted(-days, "day")} over`;

  return days === 0 ? "last day today" : `${counted(days, "day")} left`;
}

/** It must not be used any more. */
export const isOver = ({ days_left: days, on_hand_mg: mg }: Pick<Lot, "days_left" | "on_hand_mg">): boolean =>
  mg > 0 && days !== null && days < 0;
