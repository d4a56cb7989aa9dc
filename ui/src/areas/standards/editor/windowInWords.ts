import type { Expected } from "../../../api/types";
import type { MassWords } from "../../../parts/mass";

/** "11.81–15.09 %" or "220–280 g". */
export const windowInWords = ({ basis, low, high }: Expected, mass: MassWords): string => {
  if (low === null || high === null) return "";

  return basis === "mass"
    ? `${mass.bare(low)}–${mass.bare(high)} ${mass.unit}`
    : `${Number((100 * low).toFixed(2))}–${Number((100 * high).toFixed(2))} %`;
};
