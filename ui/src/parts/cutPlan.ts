import type { CarcassPlan } from "../api/types";

/**
 * A part drawn. The plan is laid out in two coordinates in which areas are exact: `across`, 0 to 1 from the left edge of the body to the right,
 * and `down`, the mass from head to tail so far. What is in a slice between two values of `down` weighs just that, and a column takes the same share of
 * every slice of its band; so however wide the body is drawn at each height, areas stay in proportion to masses.
 */
export interface Block {
  part: string;
  left: number;
  right: number;
  top: number;
  bottom: number;
}

export type Point = [x: number, y: number];

export interface CutPlan {
  blocks: Block[];
  /** Parts that have no place in the body, as discs. */
  apart: { part: string; centre: Point; radius: number }[];
  height: number;
  toPoint: (across: number, down: number) => Point;
  /** Lines at the edges of the body. */
  fins: string[];
}

/** A line between two blocks: within one cut, or a seam between two. */
export interface Seam {
  from: { across: number; down: number };
  to: { across: number; down: number };
  isSeam: boolean;
  /** The holders on its two sides; null is the outside. */
  holders: [string | null, string | null];
}

const WIDTH = 100;
const HEIGHT = 132;
const SLICES = 600;
const DEFAULT_WIDTH = 92;

interface Band {
  widths: number[];
  share: number;
  columns: { parts: string[]; share: number }[];
}

/** Lays a carcass out flat and symmetrical. */
export function layOut(plan: CarcassPlan | null, shares: Map<string, number>): CutPlan {
  const layout = plan === null ? planFor([...shares.keys()]) : withRest(plan, [...shares.keys()]);
  const sides = sidesOf([...shares.keys()]);
  const all = layout.bands.map((band) => bandOf(band, shares, sides));
  const body = all.filter((band) => band.share > 0);
  const { toPoint, scale, height } = profile(body, layout);
  const blocks: Block[] = [];
  let down = 0;
  for (const band of body) {
    let left = 0;
    for (const column of band.columns) {
      const right = left + column.share / band.share;
      let top = down;
      for (const part of column.parts) {
        const bottom = top + (band.share * (shares.get(part) ?? 0)) / column.share;
        blocks.push({ part, left, right, top, bottom });
        top = bottom;
      }
      left = right;
    }
    down += band.share;
  }
  const discs = layout.apart
    .filter((part) => (shares.get(part) ?? 0) > 0)
    .map((part, index) => {
      const radius = Math.sqrt((scale * (shares.get(part) ?? 0)) / Math.PI);

      return { part, centre: [WIDTH - 8 - index * 16, height - 8] as Point, radius };
    });

  return { blocks, apart: discs, height, toPoint, fins: layout.fins.flatMap((fin) => finOf(fin, all, toPoint)) };
}

/** What the ids of paired parts end with (".left", ".right"), in the order the carcass names them. */
export const sidesOf = (parts: string[]): string[] => [
  ...new Set(parts.filter((it) => it.includes(".")).map((it) => it.slice(it.indexOf(".")))),
];

/** The columns of the first side mirrored, then what lies on the midline, then those of the other. */
function bandOf({ widths, columns }: CarcassPlan["bands"][number], shares: Map<string, number>, [first, ...others]: string[]): Band {
  const sided = (side: string): Band["columns"] =>
    columns
      .map((parts) => parts.map((part) => part + side).filter((part) => shares.has(part)))
      .filter((parts) => parts.length > 0)
      .map((parts) => ({ parts, share: parts.reduce((sum, part) => sum + (shares.get(part) ?? 0), 0) }));
  const all = [...(first === undefined ? [] : sided(first).reverse()), ...sided(""), ...others.flatMap(sided)];

  return { widths, columns: all, share: all.reduce((sum, it) => sum + it.share, 0) };
}

/** A fin on either side: its base on the edge of the body, its tip off it and toward the tail. */
function finOf({ band, from, to, stands }: CarcassPlan["fins"][number], bands: Band[], toPoint: CutPlan["toPoint"]): string[] {
  const top = bands.slice(0, band).reduce((sum, it) => sum + it.share, 0);
  const share = bands[band]?.share ?? 0;
  if (share === 0) return [];

  return [0, 1].map((edge) => {
    const [[x, y], [endX, endY]] = [toPoint(edge, top + from * share), toPoint(edge, top + to * share)];
    const tip = [endX + (edge - 0.5) * 2 * stands, endY + stands / 2] as const;

    return `M${[[x, y], tip, [endX, endY]].map(([at, down]) => `${(at ?? 0).toFixed(2)} ${(down ?? 0).toFixed(2)}`).join(" L")}`;
  });
}

/** How wide the body is at a few places of its mass. One width a band is that of its middle; several are its outline. */
function outlinePoints(body: Band[], { from, to }: Pick<Layout, "from" | "to">): Point[] {
  const points: Point[] = [[0, from]];
  let down = 0;
  for (const { widths, share } of body) {
    const [only] = widths;
    if (widths.length === 1 && only !== undefined) points.push([down + share / 2, only]);
    else for (const [index, width] of widths.entries()) points.push([down + (share * index) / (widths.length - 1), width]);
    down += share;
  }

  return [...points, [down, to]];
}

/**
 * The outline: a width for every `down`, and the height that gives each slice its area. A slant moves every point toward the tail by as much as it is away
 * from the midline; that is a shear, which leaves areas as they are.
 */
function profile(body: Band[], layout: Layout): { toPoint: CutPlan["toPoint"]; scale: number; height: number } {
  const total = body.reduce((sum, band) => sum + band.share, 0);
  const points = outlinePoints(body, layout);
  const isEased = body.every(({ widths }) => widths.length === 1);
  const widthAt = (at: number): number => {
    const next = points.findIndex(([place]) => place >= at);
    const [after, before] = [
      points[next === -1 ? points.length - 1 : next],
      points[next === -1 ? points.length - 1 : Math.max(0, next - 1)],
    ];
    if (after === undefined || before === undefined || after === before) return after?.[1] ?? DEFAULT_WIDTH;
    const share = (at - before[0]) / (after[0] - before[0]);

    return before[1] + (after[1] - before[1]) * (isEased ? (1 - Math.cos(Math.PI * share)) / 2 : share);
  };
  const slice = total / SLICES;
  const depths = [0];
  for (let index = 0; index < SLICES; index++) depths.push((depths.at(-1) ?? 0) + slice / widthAt((index + 0.5) * slice));
  // The edge of a slanted body may lie lower than its midline.
  const room = depths.map((depth, index) => (depth === 0 ? Infinity : (HEIGHT - (layout.slant * widthAt(index * slice)) / 2) / depth));
  const scale = Math.min(...room);
  const depthAt = (at: number): number => {
    const index = Math.min(SLICES - 1, Math.max(0, Math.floor(at / slice)));
    const [above, below] = [depths[index] ?? 0, depths[index + 1] ?? 0];

    return scale * (above + (below - above) * (at / slice - index));
  };
  const toPoint = (across: number, at: number): Point => {
    const aside = (across - 0.5) * widthAt(at);

    return [WIDTH / 2 + aside, depthAt(at) + layout.slant * Math.abs(aside)];
  };

  return { scale, height: HEIGHT, toPoint };
}

type Layout = Omit<CarcassPlan, "key">;

const stemsOf = (parts: string[]): string[] => [...new Set(parts.map((part) => part.split(".", 1)[0] ?? part))];

const REST_WIDTH = 46;

/** A plan with the parts it does not know in a band of their own, below the body. */
function withRest(plan: CarcassPlan, parts: string[]): Layout {
  const known = new Set([...plan.apart, ...plan.bands.flatMap((band) => band.columns.flat())]);
  const rest = stemsOf(parts).filter((stem) => !known.has(stem));
  if (rest.length === 0) return plan;

  return { ...plan, to: REST_WIDTH, bands: [...plan.bands, { widths: [REST_WIDTH], columns: rest.map((stem) => [stem]) }] };
}

/** A carcass without a plan of its own: its parts in rows, in the order they are listed. */
function planFor(parts: string[]): Layout {
  const stems = stemsOf(parts);
  const perRow = Math.ceil(Math.sqrt(stems.length));
  const rows = Array.from({ length: Math.ceil(stems.length / perRow) }, (_, row) => stems.slice(row * perRow, (row + 1) * perRow));

  return {
    from: DEFAULT_WIDTH,
    to: DEFAULT_WIDTH,
    bands: rows.map((row) => ({ widths: [DEFAULT_WIDTH], columns: row.map((it) => [it]) })),
    apart: [],
    slant: 0,
    fins: [],
  };
}

/** The lines between blocks, found on the grid that their edges make. */
export function seamsOf({ blocks }: CutPlan, holderOf: (part: string) => string): Seam[] {
  const round = (value: number): number => Math.round(value * 1e6) / 1e6;
  const edges = (of: (block: Block) => number[]): number[] => [...new Set(blocks.flatMap(of).map(round))].sort((a, b) => a - b);
  const columns = edges((it) => [it.left, it.right]);
  const rows = edges((it) => [it.top, it.bottom]);
  const at = (column: number, row: number): Block | undefined => {
    const [left, right, top, bottom] = [columns[column], columns[column + 1], rows[row], rows[row + 1]];
    if (left === undefined || right === undefined || top === undefined || bottom === undefined) return undefined;
    const [across, down] = [(left + right) / 2, (top + bottom) / 2];

    return blocks.find((it) => across > it.left && across < it.right && down > it.top && down < it.bottom);
  };
  const grid = Array.from({ length: columns.length + 1 }, (_, column) =>
    Array.from({ length: rows.length + 1 }, (__, row) => at(column - 1, row - 1)),
  );
  const seams: Seam[] = [];
  const add = (one: Block | undefined, other: Block | undefined, from: Seam["from"], to: Seam["to"]): void => {
    if (one === other) return;
    const holders: Seam["holders"] = [one ? holderOf(one.part) : null, other ? holderOf(other.part) : null];
    seams.push({ from, to, isSeam: holders[0] !== holders[1], holders });
  };
  for (let column = 1; column <= columns.length; column++) {
    for (let row = 1; row <= rows.length; row++) {
      const [across, down, right, bottom] = [columns[column - 1] ?? 0, rows[row - 1] ?? 0, columns[column], rows[row]];
      if (bottom !== undefined) add(grid[column - 1]?.[row], grid[column]?.[row], { across, down }, { across, down: bottom });
      if (right !== undefined) add(grid[column]?.[row - 1], grid[column]?.[row], { across, down }, { across: right, down });
    }
  }

  return seams;
}

const STEPS = 48;

/** A line of the plan as a path: across the body, with its turn at the midline, or curved down it. */
export function pathOf({ from, to }: Pick<Seam, "from" | "to">, toPoint: CutPlan["toPoint"]): string {
  const isAcross = from.down === to.down;
  const turn = (0.5 - from.across) / (to.across - from.across);
  const shares = isAcross ? [0, ...(turn > 0 && turn < 1 ? [turn] : []), 1] : Array.from({ length: STEPS + 1 }, (_, step) => step / STEPS);
  const along = shares.map((share) => {
    const [x, y] = toPoint(from.across + (to.across - from.across) * share, from.down + (to.down - from.down) * share);

    return `${x.toFixed(2)} ${y.toFixed(2)}`;
  });

  return `M${along.join(" L")}`;
}

/** The outline of a block as a closed path: down its left, across, up its right, and back. */
export function outlineOf({ left, right, top, bottom }: Block, toPoint: CutPlan["toPoint"]): string {
  const corners = [
    { across: left, down: top },
    { across: left, down: bottom },
    { across: right, down: bottom },
    { across: right, down: top },
    { across: left, down: top },
  ];
  const sides = corners.slice(1).map((to, index) => pathOf({ from: corners[index] ?? to, to }, toPoint).slice(1));

  return `M${sides.join(" L")} Z`;
}
