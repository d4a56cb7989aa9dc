import type { SentLotFact } from "../api/types";

/** How a lot stands, as far as a device works it out. */
export interface LotState {
  id: string;
  parent: string | null;
  container: string | null;
  mass_mg: number;
  on_hand_mg: number;
  divided_mg: number;
  moved: Record<string, number>;
  frozen_since: string | null;
  pan_off_mg: number | null;
  /** Facts since it was made that are counted in it: sent once more, they change nothing. */
  counted: string[];
}

/** Facts less those that are taken back among them. */
export function holding(facts: SentLotFact[]): SentLotFact[] {
  const back = new Set(facts.flatMap((it) => (it.kind === "void" ? [it.target] : [])));

  return facts.filter((it) => it.kind !== "void" && !back.has(it.id));
}

/**
 * Lots after facts that the server has not got yet, in order. What a fact makes of a lot is said by the core (LotBook); this is held to it by vectors.
 *
 * @param made the lot that a put-away fact makes; null where this device cannot say
 */
export function lotsAfter<Of extends LotState>(
  lots: Of[],
  facts: SentLotFact[],
  made: (fact: SentLotFact & { kind: "put_away" }) => Of | null,
): Of[] {
  const byId = new Map(lots.map((it) => [it.id, it]));
  for (const fact of holding(facts)) {
    if (fact.kind === "void" || fact.kind === "pot" || fact.kind === "pot_step" || fact.kind === "draw" || fact.kind === "need") continue;
    if (fact.kind === "put_away") {
      const lot = byId.has(fact.id) ? null : made(fact);
      if (lot !== null) byId.set(fact.id, lot);
      continue;
    }
    const lot = byId.get(fact.lot);
    if (lot === undefined || lot.counted.includes(fact.id)) continue;
    byId.set(lot.id, { ...after(lot, fact), counted: [...lot.counted, fact.id] });
    if (fact.kind === "divide")
      byId.set(fact.id, {
        ...lot,
        id: fact.id,
        parent: lot.id,
        container: fact.container ?? null,
        mass_mg: fact.mass_mg,
        on_hand_mg: fact.mass_mg,
        divided_mg: 0,
        moved: {},
        pan_off_mg: null,
        counted: [],
      });
  }

  return [...byId.values()];
}

function after<Of extends LotState>(
  lot: Of,
  fact: Exclude<SentLotFact, { kind: "put_away" | "void" | "pot" | "pot_step" | "draw" | "need" }>,
): Of {
  switch (fact.kind) {
    case "move":
      return {
        ...lot,
        on_hand_mg: lot.on_hand_mg - fact.mass_mg,
        moved: { ...lot.moved, [fact.to]: (lot.moved[fact.to] ?? 0) + fact.mass_mg },
      };
    case "divide":
      return { ...lot, on_hand_mg: lot.on_hand_mg - fact.mass_mg, divided_mg: lot.divided_mg + fact.mass_mg };
    case "weigh":
      return { ...lot, pan_off_mg: fact.mass_mg - lot.mass_mg };
    case "freeze":
      return { ...lot, frozen_since: fact.on };
    case "thaw":
      return { ...lot, frozen_since: null };
    // What a record or a reading comes to, the core says.
    case "raw":
    case "cool":
      return lot;
  }
}
