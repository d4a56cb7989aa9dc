import type { Destination, Lot } from "../../api/types";
import type { MassWords } from "../../parts/mass";
import { goesTo } from "./places";

/** "300 g to service", "1.2 kg in other containers": everything that left a lot. */
export function whereItWent({ moved, divided_mg: divided }: Pick<Lot, "moved" | "divided_mg">, mass: MassWords): string[] {
  const words = (Object.keys(moved) as Destination[]).map((to) => `${mass.full(moved[to] ?? 0)} ${goesTo[to]}`);

  return divided === 0 ? words : [...words, `${mass.full(divided)} in other containers`];
}
