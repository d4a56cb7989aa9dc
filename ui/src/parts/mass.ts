import { createContext, use } from "react";
import { useUser } from "../api/useSession";
import type { User } from "../api/types";

const MG_PER_OUNCE = 453_592.37 / 16;

/** How the school writes a mass. */
export interface MassWords {
  /** The unit of bare figures. */
  unit: "g" | "oz";
  mgPerUnit: number;
  /** "267 g", "9.42 oz", "4 lb 3 oz" */
  full: (mg: number) => string;
  /** What is bought, in the larger unit: "33.3 kg", "73.4 lb" */
  bulk: (mg: number) => string;
  /** Without its unit, for columns and dials. */
  bare: (mg: number) => string;
  signed: (mg: number) => string;
}

const trimmed = (figure: number, places: number): string => String(Number(figure.toFixed(places)));

const metric: MassWords = words(
  "g",
  1_000,
  (mg) => `${trimmed(mg / 1_000, 1)} g`,
  (mg) => `${trimmed(mg / 1_000_000, 1)} kg`,
  (figure) => trimmed(figure, 1),
);

const us: MassWords = words(
  "oz",
  MG_PER_OUNCE,
  (mg) => {
    if (mg < 16 * MG_PER_OUNCE) return `${trimmed(mg / MG_PER_OUNCE, 2)} oz`;
    const tenths = Math.round((mg / MG_PER_OUNCE) * 10);

    return `${Math.floor(tenths / 160)} lb ${trimmed((tenths % 160) / 10, 1)} oz`;
  },
  (mg) => `${trimmed(mg / (16 * MG_PER_OUNCE), 1)} lb`,
  (figure) => figure.toFixed(2),
);

function words(
  unit: MassWords["unit"],
  mgPerUnit: number,
  full: MassWords["full"],
  bulk: MassWords["bulk"],
  inColumn: (figure: number) => string,
): MassWords {
  return {
    unit,
    mgPerUnit,
    full,
    bulk,
    bare: (mg) => inColumn(mg / mgPerUnit),
    signed: (mg) => `${mg < 0 ? "−" : "+"}${full(Math.abs(mg))}`,
  };
}

export const massWords = (units: User["units"]): MassWords => (units === "us" ? us : metric);

/** The units of what is shown, where they are not the school's of today: a sealed copy keeps its own. */
export const UnitsContext = createContext<User["units"] | null>(null);

export function useMassWords(): MassWords {
  const own = useUser().units;

  return massWords(use(UnitsContext) ?? own);
}
