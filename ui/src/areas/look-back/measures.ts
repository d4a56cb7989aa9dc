import type { TrendChart } from "../../api/types";
import { clock, percent, points } from "../../parts/format";
import type { MassWords } from "../../parts/mass";

export type Measure = TrendChart["measure"];

export const measures: Measure[] = ["total", "yield", "loss", "scrape", "time"];

export const measureTitles: Record<Measure, string> = {
  total: "Total",
  yield: "Yield in pieces",
  loss: "Loss",
  scrape: "Scraped off the frame",
  time: "Time",
};

/** A mean as it is read. */
export function said(measure: Measure, value: number, mass: MassWords): string {
  switch (measure) {
    case "total":
      return points(value);
    case "yield":
      return percent(value);
    case "loss":
      return percent(value, 2);
    case "scrape":
      return mass.full(Math.round(value));
    case "time":
      return clock(value);
  }
}
