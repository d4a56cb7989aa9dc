import type { Place } from "./Tray";
import type { Assessment, Fact, PieceResult, PortionSet, Tray } from "../api/types";
import type { MassWords } from "./mass";

export const SCRAPE = "scrape";

/** What is weighed of a tray: of one that is marked, or of one that is practised. */
type Weighed = Pick<Tray, "result" | "holds">;

type Laid = Pick<Assessment, "standard" | "scrape_title">;

export function piecePlaces(tray: Weighed, { standard }: Pick<Laid, "standard">): Place[] {
  return standard.pieces.map((piece) => {
    const result = tray.result.pieces.find((it) => it.id === piece.id);

    return {
      id: piece.id,
      title: piece.title ?? piece.id,
      massMg: result?.mass_mg ?? null,
      window: result === undefined ? null : windowInMg(result, piece.window?.basis ?? "share", tray.holds.as_purchased_mg),
      verdict: result?.verdict ?? null,
      ...(piece.portions === undefined ? {} : { portions: portionsOf(piece.portions, tray.holds.portions[piece.id] ?? []) }),
    };
  });
}

/** The portions of a set in order, null where one is not weighed yet. */
function portionsOf({ count, cv, range }: PortionSet, held: (number | null)[]): NonNullable<Place["portions"]> {
  return { massesMg: Array.from({ length: count }, (_, index) => held[index] ?? null), mustBeEven: (cv ?? range) !== undefined };
}

export function binPlaces({ holds }: Pick<Weighed, "holds">, { standard, scrape_title: scrapeTitle }: Laid, mass: MassWords): Place[] {
  const bins: Place[] = (standard.bins ?? []).map((bin) => ({
    id: bin.id,
    title: bin.title ?? bin.id,
    massMg: holds.bins[bin.id] ?? null,
    window: null,
    verdict: null,
  }));
  if (standard.frame === null) return bins;
  const scrape: Place = {
    id: SCRAPE,
    title: scrapeTitle,
    massMg: holds.scrape_mg,
    window: null,
    verdict: null,
    note: `to ${mass.bare(standard.frame.clean_mg)}, limit ${mass.full(standard.frame.limit_mg)}`,
  };

  return [...bins, scrape];
}

/** The fact that a mass in a place makes; of one portion, where its number is given. */
export const weighed = (place: string, portion: number | null, massMg: number, { standard }: Pick<Laid, "standard">): Fact => {
  if (place === SCRAPE) return { kind: "scrape", mass_mg: massMg };
  if (portion !== null) return { kind: "portion", piece: place, portion, mass_mg: massMg };

  return standard.pieces.some((it) => it.id === place)
    ? { kind: "piece", piece: place, mass_mg: massMg }
    : { kind: "bin", bin: place, mass_mg: massMg };
};

function windowInMg(result: PieceResult, basis: "share" | "mass", asPurchasedMg: number | null): Place["window"] {
  if (basis === "mass") return { low: result.low, high: result.high };

  return asPurchasedMg === null ? null : { low: result.low * asPurchasedMg, high: result.high * asPurchasedMg };
}
