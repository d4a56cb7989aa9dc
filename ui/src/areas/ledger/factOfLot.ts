import type { LotFact } from "../../api/types";
import { day } from "../../parts/format";
import type { MassWords } from "../../parts/mass";
import { litres } from "../../parts/format";
import { goesTo } from "./places";

const treatments = { minus_20_7_days: "−20 °C for 7 days", minus_35_15_hours: "−35 °C for 15 hours", exempt: "exempt" };

/** How one would say a fact about a lot. */
export function factOfLot(fact: LotFact, mass: MassWords): string {
  switch (fact.kind) {
    case "put_away":
      return `Put away, ${mass.full(fact.mass_mg)}${fact.weights.length === 0 ? ", weighed together" : ` from ${fact.weights.length} weights`}`;
    case "move":
      return `${mass.full(fact.mass_mg)} ${goesTo[fact.to]}${fact.text === undefined ? "" : `: ${fact.text}`}`;
    case "divide":
      return `${mass.full(fact.mass_mg)} into another container${fact.container === undefined ? "" : `, ${fact.container}`}`;
    case "weigh":
      return `Container on the scale: ${mass.full(fact.mass_mg)}`;
    case "freeze":
      return `Into the freezer, ${day(fact.on)}`;
    case "thaw":
      return `Out of the freezer, ${day(fact.on)}`;
    case "raw":
      return `For raw service, ${treatments[fact.treatment]}: ${fact.text}`;
    case "pot":
      return `Pot put on, for ${fact.use}`;
    case "pot_step":
      return fact.step === "skimmed" ? "Skimmed" : "Strained";
    case "draw":
      return `Drawn, ${fact.volume_ml === undefined ? mass.full(fact.mass_mg ?? 0) : litres(fact.volume_ml)}${fact.container === undefined ? "" : `, ${fact.container}`}`;
    case "cool":
      return `${fact.c} °C at the core`;
    case "need":
      return `Needed for ${fact.text}, ${day(fact.on)}`;
    case "void":
      return `Taken back: ${fact.reason}`;
  }
}
