import type { Standard } from "../../../api/types";
import { sidesOf } from "../../../parts/cutPlan";

/** Changes to a draft, each giving a new one; whether it still adds up is for the server to say. */

export type Piece = Standard["pieces"][number];
export type Bin = NonNullable<Standard["bins"]>[number];
export type Criterion = NonNullable<Standard["criteria"]>[number];
export type Fault = NonNullable<Standard["faults"]>[number];
export type Checkpoint = NonNullable<Standard["checkpoints"]>[number];
export type Part = Standard["carcass"]["parts"][number];
export type TrayPlace = { place: string; column: number; row: number };
type TrayPlan = { columns: number; places: TrayPlace[] };
export type Step = { do: string; look: string; hand: string; fault: string; caution?: string };

export type Draft = Omit<Standard, "tray" | "card" | "cautions" | "uses"> & {
  tray?: TrayPlan;
  card?: Step[];
  cautions?: string[];
  uses?: Record<string, string>;
};

/** A document as the editor works on it: what a published one says beside its rules was checked when it was published. */
export const draftOf = (document: Standard): Draft => document as Draft;

export const replaced = <T>(items: T[], at: number, item: T): T[] => items.map((it, index) => (index === at ? item : it));
export const without = <T>(items: T[], at: number): T[] => items.filter((_, index) => index !== at);

/** The same without one of its keys. */
export function dropped<T extends object, Key extends keyof T>(of: T, key: Key): Omit<T, Key> {
  return Object.fromEntries(Object.entries(of).filter(([name]) => name !== key)) as Omit<T, Key>;
}

export const slug = (text: string): string =>
  text
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "");

/** An id after the title that nothing else has. */
export function freeId(title: string, taken: Iterable<string>): string {
  const stem = slug(title) || "item";
  const others = new Set(taken);
  let id = stem;
  for (let number = 2; others.has(id); number++) id = `${stem}-${number}`;

  return id;
}

const trayOf = (draft: Draft): TrayPlan => draft.tray ?? { columns: 4, places: [] };
const placeIds = (draft: Draft): string[] => [...draft.pieces, ...(draft.bins ?? [])].map((it) => it.id);

export const holderOf = (draft: Draft, part: string): string | undefined =>
  [...draft.pieces, ...(draft.bins ?? [])].find((it) => it.parts?.includes(part))?.id;

export function movePart(draft: Draft, part: string, to: string): Draft {
  const moved = <T extends { id: string; parts?: string[] }>(place: T): T => {
    const others = (place.parts ?? []).filter((it) => it !== part);

    return { ...place, parts: place.id === to ? [...others, part] : others };
  };

  return { ...draft, pieces: draft.pieces.map(moved), bins: (draft.bins ?? []).map(moved) };
}

export const changePiece = (draft: Draft, id: string, change: (piece: Piece) => Piece): Draft => ({
  ...draft,
  pieces: draft.pieces.map((it) => (it.id === id ? change(it) : it)),
});

export const changeBin = (draft: Draft, id: string, change: (bin: Bin) => Bin): Draft => ({
  ...draft,
  bins: (draft.bins ?? []).map((it) => (it.id === id ? change(it) : it)),
});

/** A new piece of nothing yet, on the first free spot of the tray. */
export function addPiece(draft: Draft, title: string): Draft {
  const id = freeId(title, placeIds(draft));
  const tray = trayOf(draft);
  const spots = new Set(tray.places.map((it) => `${it.column}/${it.row}`));
  let spot = { column: 1, row: 1 };
  while (spots.has(`${spot.column}/${spot.row}`))
    spot = spot.column < tray.columns ? { ...spot, column: spot.column + 1 } : { column: 1, row: spot.row + 1 };

  return {
    ...draft,
    pieces: [...draft.pieces, { id, title, parts: [] }],
    tray: { ...tray, places: [...tray.places, { place: id, ...spot }] },
  };
}

export const addBin = (draft: Draft, title: string): Draft => ({
  ...draft,
  bins: [...(draft.bins ?? []), { id: freeId(title, placeIds(draft)), title, usable: true, parts: [] }],
});

export const setUse = (draft: Draft, place: string, use: string): Draft => ({
  ...draft,
  uses: use === "" ? dropped(draft.uses ?? {}, place) : { ...draft.uses, [place]: use },
});

/** Takes a piece away with all that names it; its parts are then held by nobody, which the check will say. */
export function removePiece(draft: Draft, id: string): Draft {
  const tray = trayOf(draft);

  return {
    ...letGo(setUse(draft, id, ""), `piece:${id}`),
    pieces: draft.pieces.filter((it) => it.id !== id),
    pairs: (draft.pairs ?? []).filter((pair) => !(Array.isArray(pair) ? pair : pair.pieces).includes(id)),
    tray: { ...tray, places: tray.places.filter((it) => it.place !== id) },
  };
}

export const removeBin = (draft: Draft, id: string): Draft => ({
  ...setUse(draft, id, ""),
  bins: (draft.bins ?? []).filter((it) => it.id !== id),
});

/** Takes a criterion away from where it is judged, excused and asked for at a checkpoint. */
export function removeCriterion(draft: Draft, id: string): Draft {
  const checkpoints = draft.checkpoints?.map((it) => ({ ...it, criteria: (it.criteria ?? []).filter((other) => other !== id) }));

  return {
    ...letGo(draft, `criterion:${id}`),
    criteria: (draft.criteria ?? []).filter((it) => it.id !== id),
    ...(checkpoints === undefined ? {} : { checkpoints }),
  };
}

const letGo = (draft: Draft, excuse: string): Draft => ({
  ...draft,
  defects: (draft.defects ?? []).map((it) => ({ ...it, excuses: it.excuses.filter((other) => other !== excuse) })),
});

/** Lays a piece on a spot of the tray; what lies there changes places with it. */
export function layPiece(draft: Draft, place: string, column: number, row: number): Draft {
  const tray = trayOf(draft);
  const from = tray.places.find((it) => it.place === place);
  const there = tray.places.find((it) => it.column === column && it.row === row);
  const others = tray.places.filter((it) => it !== from && it !== there);
  const swapped = there === undefined || from === undefined || there === from ? [] : [{ ...there, column: from.column, row: from.row }];

  return { ...draft, tray: { ...tray, places: [...others, ...swapped, { place, column, row }] } };
}

/** The same document under another name: a standard of its own, from its version 1. */
export const asNew = (draft: Draft, title: string): Draft => ({ ...draft, title, key: slug(title) || draft.key });

/** Nothing cut yet: the whole carcass lies in one container, and everything else is still to be written. */
export const fromCarcass = (carcass: Standard["carcass"], species: string): Draft => ({
  key: "new-standard",
  title: "New standard",
  species,
  carcass,
  pieces: [],
  pairs: [],
  bins: [
    { id: "stock", title: "Stock bones", usable: true, parts: carcass.parts.map((it) => it.id) },
    { id: "trim", title: "Usable trim", usable: true, parts: [] },
    { id: "waste", title: "Waste", usable: false, parts: [] },
  ],
  criteria: [],
  faults: [],
  defects: [],
  frame: null,
  time: { standard_ms: 1_500_000, limit_ms: 2_100_000 },
  tray: { columns: 4, places: [] },
  card: [],
  cautions: [],
  uses: {},
});

/** Other parts for the carcass; what is gone is held by nobody any more, what is new is still in no cut. */
export function changeParts(draft: Draft, parts: Part[]): Draft {
  const ids = new Set(parts.map((it) => it.id));
  const kept = <T extends { parts?: string[] }>(place: T): T => ({ ...place, parts: (place.parts ?? []).filter((it) => ids.has(it)) });

  return { ...draft, carcass: { ...draft.carcass, parts }, pieces: draft.pieces.map(kept), bins: (draft.bins ?? []).map(kept) };
}

/** What the halves of a part are called: as the carcass names its sides, else left and right. */
export function sidesFor(draft: Draft): string[] {
  const named = sidesOf(draft.carcass.parts.map((it) => it.id)).map((it) => it.slice(1));

  return named.length > 1 ? named : ["left", "right"];
}

/** One part becomes its sides, each with its share of it, held where it was held. */
export function splitSides(draft: Draft, id: string): Draft {
  const part = draft.carcass.parts.find((it) => it.id === id);
  if (part === undefined) return draft;
  const named = sidesFor(draft);
  const sides = named.map((side): Part => ({
    ...part,
    id: `${id}.${side}`,
    title: `${part.title ?? id}, ${side}`,
    share: part.share / named.length,
    ...(part.sd === undefined ? {} : { sd: part.sd / named.length }),
  }));
  const halved = <T extends { parts?: string[] }>(place: T): T => ({
    ...place,
    parts: (place.parts ?? []).flatMap((it) => (it === id ? sides.map((side) => side.id) : [it])),
  });

  return {
    ...draft,
    carcass: { ...draft.carcass, parts: draft.carcass.parts.flatMap((it) => (it === part ? sides : [it])) },
    pieces: draft.pieces.map(halved),
    bins: (draft.bins ?? []).map(halved),
  };
}
