import type { Lot, Needs, OnHand, Pots, PutAway, SentLotFact } from "../api/types";
import { holding, lotsAfter } from "./lotsAfter";
import type { WaitingLots } from "./store";

const factsOf = (waiting: WaitingLots[]): SentLotFact[] => waiting.filter((it) => it.refusal === null).flatMap((it) => it.facts);

/** The lots on hand as this device knows them: what the server said, and what was taken down here since. */
export function onHandWith(view: OnHand, waiting: WaitingLots[]): OnHand {
  const lots = lotsAfter<Lot>(view.lots, factsOf(waiting), () => null);

  return { ...view, lots: lots.filter((it) => it.on_hand_mg > 0) };
}

/** One lot as this device knows it. */
export function lotAfter(lot: Lot, waiting: WaitingLots[]): Lot {
  return lotsAfter<Lot>([lot], factsOf(waiting), () => null).find((it) => it.id === lot.id) ?? lot;
}

/** What is needed, as this device knows it: what is taken out for it counts at once, what is asked for here is matched once the server has it. */
export function needsWith(view: Needs, waiting: WaitingLots[]): Needs {
  const facts = factsOf(waiting);
  const back = new Set(facts.flatMap((it) => (it.kind === "void" ? [it.target] : [])));
  const moves = holding(facts).flatMap((it) => (it.kind === "move" ? [it] : []));

  return {
    ...view,
    needs: view.needs
      .filter((it) => !back.has(it.id))
      .map((need) => {
        const own = moves.filter(
          (it) => it.need === need.id && need.lots.some(({ lot }) => lot.id === it.lot && !lot.counted.includes(it.id)),
        );

        return own.length === 0
          ? need
          : {
              ...need,
              served_mg: need.served_mg + own.reduce((sum, it) => sum + it.mass_mg, 0),
              lots: need.lots.filter(({ lot }) => !own.some((it) => it.lot === lot.id)),
            };
      }),
  };
}

/** The pots as this device knows them: what is drawn stands there once the server has it. */
export function potsWith(view: Pots, waiting: WaitingLots[]): Pots {
  const facts = holding(factsOf(waiting));
  const taken = new Set(facts.flatMap((it) => (it.kind === "pot" ? it.moves : [])));

  return {
    ...view,
    waiting: view.waiting.filter((it) => !it.moves.some((move) => taken.has(move))),
    pots: view.pots.map((pot) => ({
      ...pot,
      steps: [
        ...pot.steps,
        ...facts.flatMap((it) => (it.kind === "pot_step" && it.pot === pot.id && !pot.steps.some(({ id }) => id === it.id) ? [it] : [])),
      ],
      drawn: lotsAfter<Lot>(pot.drawn, facts, () => null),
    })),
  };
}

/** What lies on the tables, as this device knows it. */
export function putAwayWith(view: PutAway, waiting: WaitingLots[]): PutAway {
  const facts = factsOf(waiting);
  const taken = new Set(holding(facts).flatMap((it) => (it.kind === "put_away" ? it.weights : [])));
  const left = view.proposals.flatMap((proposal) => {
    const weights = proposal.weights.filter((it) => !taken.has(it.capture));

    return weights.length === 0 ? [] : [{ ...proposal, weights, mass_mg: weights.reduce((sum, it) => sum + it.mass_mg, 0) }];
  });

  return { ...view, proposals: left, lots: lotsAfter<Lot>(view.lots, facts, (fact) => lotOf(view, fact)) };
}

function lotOf(view: PutAway, fact: SentLotFact & { kind: "put_away" }): Lot | null {
  if (fact.assessment !== view.assessment) return null;
  const from =
    view.proposals.find((it) => it.product === fact.product && it.is_off === fact.off) ??
    view.giblets.find((it) => it.product === fact.product);
  if (from === undefined) return null;

  return {
    id: fact.id,
    parent: null,
    assessment: fact.assessment,
    practical: view.title,
    use: null,
    cooling: null,
    is_barred: false,
    product: fact.product,
    marked: "",
    title: from.title,
    is_off: fact.off,
    species: "",
    allergen: null,
    container: fact.container ?? null,
    made_on: fact.made,
    use_by: null,
    days_left: null,
    frozen_since: null,
    mass_mg: fact.mass_mg,
    on_hand_mg: fact.mass_mg,
    divided_mg: 0,
    pan_off_mg: null,
    moved: {},
    counted: [],
    is_cooked_only: false,
    raw_treatment: null,
    raw_text: null,
    destinations: from.destinations,
  };
}
