import { sankey, sankeyJustify, sankeyLinkHorizontal } from "d3-sankey";
import type { Week } from "../../api/types";

interface LaidBand {
  from: string;
  to: string;
  mass_mg: number;
  path: string;
  width: number;
}

interface LaidPlace {
  id: string;
  title: string;
  mass_mg: number;
  x: number;
  y: number;
  width: number;
  height: number;
}

export const WIDTH = 1000;
export const HEIGHT = 420;
const PLACE_WIDTH = 14;
const GAP = 18;
const MARGIN = 10;

type Place = Week["places"][number];
type Band = { source: string; target: string; value: number };

/** Places and bands where they are drawn, with widths to scale (d3-sankey). */
export function flowLayout({ places, bands }: Pick<Week, "places" | "bands">): { places: LaidPlace[]; bands: LaidBand[] } {
  const layout = sankey<Place, Band>()
    .nodeId((it) => it.id)
    .nodeAlign(sankeyJustify)
    .nodeWidth(PLACE_WIDTH)
    .nodePadding(GAP)
    .extent([
      [MARGIN, MARGIN],
      [WIDTH - MARGIN, HEIGHT - MARGIN],
    ]);
  const laid = layout({
    nodes: places.map((it) => ({ ...it })),
    links: bands.map((it) => ({ source: it.from, target: it.to, value: it.mass_mg })),
  });
  const path = sankeyLinkHorizontal<Place, Band>();
  const idOf = (end: unknown): string => (end as Place).id;

  return {
    places: laid.nodes.map(({ id, title, mass_mg, x0 = 0, x1 = 0, y0 = 0, y1 = 0 }) => ({
      id,
      title,
      mass_mg,
      x: x0,
      y: y0,
      width: x1 - x0,
      height: y1 - y0,
    })),
    bands: laid.links.map((it) => ({
      from: idOf(it.source),
      to: idOf(it.target),
      mass_mg: it.value,
      path: path(it) ?? "",
      width: it.width ?? 0,
    })),
  };
}
