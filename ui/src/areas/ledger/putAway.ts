import { v7 as uuid } from "uuid";
import type { LotProposal, PutAway, UntimedLotFact } from "../../api/types";
import { usualText, type Place } from "./places";

/** What somebody decided about one row of what lies on the tables. */
export interface Choice {
  place: Place;
  /** Into how many containers it is shared out. */
  pans: number;
  /** Of waste, why; of a class or service, which. */
  text: string;
}

export function usualChoice(proposal: LotProposal): Choice {
  const place = proposal.destination ?? (proposal.is_off ? "staff" : "cold");

  return { place, pans: 1, text: usualText(place) };
}

/** Whole pieces, shared out as evenly as can be, in the order of stations. */
export function shared<Of>(weights: Of[], pans: number): Of[][] {
  const count = Math.max(1, Math.min(pans, weights.length));

  return Array.from({ length: count }, (_, pan) =>
    weights.slice(Math.floor((pan * weights.length) / count), Math.floor(((pan + 1) * weights.length) / count)),
  );
}

/** The facts that put one row away: a lot a container, and where it goes. */
export function putAwayFacts(
  { assessment, held_on, date }: Pick<PutAway, "assessment" | "held_on" | "date">,
  proposal: LotProposal,
  choice: Choice,
): UntimedLotFact[] {
  return shared(proposal.weights, choice.pans).flatMap((weights, pan, all): UntimedLotFact[] => {
    const lot = uuid();
    const mass_mg = weights.reduce((sum, it) => sum + it.mass_mg, 0);
    const made: UntimedLotFact = {
      kind: "put_away",
      id: lot,
      assessment,
      product: proposal.product,
      off: proposal.is_off,
      weights: weights.map((it) => it.capture),
      mass_mg,
      made: held_on,
      ...(all.length > 1 && { container: `Pan ${pan + 1} of ${all.length}` }),
    };

    return [made, ...placed(lot, mass_mg, choice, date)];
  });
}

/** Where a lot goes whole: nothing more to say where it stays in the cold. */
export function placed(lot: string, mass_mg: number, { place, text }: Omit<Choice, "pans">, today: string): UntimedLotFact[] {
  if (place === "cold") return [];
  if (place === "freezer") return [{ kind: "freeze", lot, on: today }];
  const said = text.trim();

  return [{ kind: "move", lot, to: place, mass_mg, ...(said !== "" && { text: said }) }];
}
