import type { Standard } from "../api/types";
import type { Holder } from "./CutMap";

/** Pieces and bins of a document as the cut map draws them. */
export const holdersOf = ({ pieces, bins = [] }: Pick<Standard, "pieces" | "bins">): Holder[] => [
  ...pieces.map((it) => ({ id: it.id, title: it.title ?? it.id, kind: "piece" as const, parts: it.parts })),
  ...bins.map((it) => ({
    id: it.id,
    title: it.title ?? it.id,
    kind: it.usable ? ("usable" as const) : ("waste" as const),
    parts: it.parts ?? [],
  })),
];
