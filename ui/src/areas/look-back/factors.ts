import type { FairnessFactor } from "../../api/types";
import { signed } from "../../parts/signed";

export const factorTitles: Record<FairnessFactor["factor"], string> = {
  extra_time: "Extra time",
  station: "Station",
  wave: "Wave",
  scale: "Weighed at",
  assessor: "Assessor",
  delivery: "Supplier",
  tag: "Carcass tag",
};

/** How a value of a factor is called. */
export const valueTitle = (factor: FairnessFactor["factor"], value: string): string => {
  switch (factor) {
    case "extra_time":
      return value === "extra" ? "With extra time" : "Usual time";
    case "station":
      return `Station ${value}`;
    case "wave":
      return `Wave ${value}`;
    case "scale":
    case "assessor":
    case "delivery":
    case "tag":
      return value;
  }
};

/** How far some trays lie beside the others, with what that may as well be. */
export const differenceInWords = ({ points }: FairnessFactor["values"][number]): string =>
  points === null ? "too few" : `${signed(points.value)} (${signed(points.low)} to ${signed(points.high)})`;
