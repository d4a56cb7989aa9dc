import type { Standard } from "../../api/types";

/** Changes to a draft, each giving a new one; whether it still adds up is for the server to say. */

type Piece = Standard["pieces"][number];
type Place = { place: string; column: number; row: number };
type Tray = { columns: number; places: Place[] };

const trayOf = (draft: Standard): Tray => (draft.tray as Tray | undefined) ?? { columns: 4, places: [] };

export const holderOf = (draft: Standard, part: string): string | undefined =>
  [...draft.pieces, ...(draft.bins ?? [])].find((it) => it.parts?.includes(part))?.id;

export function movePart(draft: Standard, part: string, to: string): Standard {
  const moved = <T extends { id: string; parts?: string[] }>(place: T): T => {
    const others = (place.parts ?? []).filter((it) => it !== part);

    return { ...place, parts: place.id === to ? [...others, part] : others };
  };

  return { ...draft, pieces: draft.pieces.map(moved), bins: (draft.bins ?? []).map(moved) };
}

export function setWindow(draft: Standard, id: string, window: Piece["window"] | null): Standard {
  const pieces = draft.pieces.map((it) => {
    if (it.id !== id) return it;
    const rest = { id: it.id, parts: it.parts, ...(it.title === undefined ? {} : { title: it.title }) };

    return window ? { ...rest, window } : rest;
  });

  return { ...draft, pieces };
}

/** A new piece of nothing yet, on the first free spot of the tray. */
export function addPiece(draft: Standard, title: string): Standard {
  const stem = slug(title) || "piece";
  const taken = new Set([...draft.pieces, ...(draft.bins ?? [])].map((it) => it.id));
  let id = stem;
  for (let number = 2; taken.has(id); number++) id = `${stem}-${number}`;
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

/** Takes a piece away with all that names it; its parts are then held by nobody, which the check will say. */
export function removePiece(draft: Standard, id: string): Standard {
  const tray = trayOf(draft);
  const uses = Object.fromEntries(Object.entries((draft.uses ?? {}) as Record<string, string>).filter(([place]) => place !== id));

  return {
    ...draft,
    uses,
    pieces: draft.pieces.filter((it) => it.id !== id),
    pairs: (draft.pairs ?? []).filter((pair) => !pair.includes(id)),
    defects: (draft.defects ?? []).map((it) => ({ ...it, excuses: it.excuses.filter((excuse) => excuse !== `piece:${id}`) })),
    tray: { ...tray, places: tray.places.filter((it) => it.place !== id) },
  };
}

/** The same document under another name: a standard of its own, from its version 1. */
export function asNew(draft: Standard, title: string): Standard {
  return { ...draft, title, key: slug(title) || draft.key };
}

const slug = (text: string): string =>
  text
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "");
