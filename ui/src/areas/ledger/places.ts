import type { Destination } from "../../api/types";

/** Where a lot may be put: kept in the cold, in the freezer, or gone to a destination. */
export type Place = "cold" | "freezer" | Destination;

export const placeWords: Record<Place, string> = {
  cold: "Keep cold",
  freezer: "Freezer",
  service: "Service",
  practical: "A class",
  stock: "Stock",
  render: "Render",
  mince: "Mince",
  staff: "Staff",
  waste: "Bin",
};

/** Read after "went" or "goes": "to the stock pot". */
export const goesTo: Record<Destination, string> = {
  service: "to service",
  practical: "to a class",
  stock: "to the stock pot",
  render: "to be rendered",
  mince: "to be minced",
  staff: "to the staff table",
  waste: "in the bin",
};

export const wasteReasons = ["Cannot be used", "Fell on the floor", "Spoilt", "Cooled too slowly", "Too small to use"];

/** What is said beside a place until somebody says more: waste needs its reason. */
export const usualText = (place: Place): string => (place === "waste" ? (wasteReasons[0] ?? "") : "");
