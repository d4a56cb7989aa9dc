import { readdirSync, readFileSync } from "node:fs";
import { expect, test } from "vitest";
import type { CarcassPlan } from "../../ui/src/api/types";
import { layOut, outlineOf, seamsOf, type Block, type CutPlan, type Point } from "../../ui/src/parts/cutPlan";

/** The geometry of the cut map, on the carcasses that ship: no page is needed for it. */

interface Carcass {
  title: string;
  plan: string;
  parts: { id: string; share: number }[];
}

const document = (name: string): unknown => JSON.parse(readFileSync(`core/standards/${name}.json`, "utf8"));
/** A plan as the server tells it: what a file leaves out is said. */
const planOf = ({ plan }: Carcass): CarcassPlan => {
  const { slant = 0, fins = [], ...rest } = document(`plans/${plan}`) as Omit<CarcassPlan, "slant" | "fins"> & Partial<CarcassPlan>;

  return { ...rest, slant, fins };
};
const carcass = (key: string): Carcass => document(`carcasses/${key}`) as Carcass;
const sharesOf = (parts: Carcass["parts"]): Map<string, number> => new Map(parts.map((it) => [it.id, it.share]));

const corners = (block: Block, { toPoint }: CutPlan): Point[] =>
  [...outlineOf(block, toPoint).matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);

/** The shoelace formula. */
const areaOf = (block: Block, plan: CutPlan): number => {
  const points = corners(block, plan);

  return Math.abs(
    points.reduce((sum, [x, y], index) => {
      const [nextX, nextY] = points[(index + 1) % points.length] ?? [0, 0];

      return sum + (x * nextY - nextX * y) / 2;
    }, 0),
  );
};

for (const key of readdirSync("core/standards/carcasses").map((it) => it.replace(".json", ""))) {
  test(`${key}: every part is drawn once, its area in proportion to its mass, left as right`, () => {
    const { parts, ...rest } = carcass(key);
    const plan = layOut(planOf({ parts, ...rest }), sharesOf(parts));
    const drawn = [...plan.blocks, ...plan.apart].map((it) => it.part);
    expect([...drawn].sort()).toEqual(parts.map((it) => it.id).sort());

    const shares = sharesOf(parts);
    const areas = new Map<string, number>([
      ...plan.blocks.map((it) => [it.part, areaOf(it, plan)] as const),
      ...plan.apart.map((it) => [it.part, Math.PI * it.radius ** 2] as const),
    ]);
    const whole = [...areas.values()].reduce((sum, it) => sum + it, 0);
    const mass = parts.reduce((sum, it) => sum + it.share, 0);
    for (const [part, area] of areas) expect(Math.abs(area / whole - (shares.get(part) ?? 0) / mass), part).toBeLessThan(0.0005);

    for (const left of plan.blocks.filter((it) => it.part.endsWith(".left"))) {
      const right = plan.blocks.find((it) => it.part === left.part.replace(".left", ".right"));
      if (right === undefined) throw new Error(`${left.part} has no twin`);
      expect([right.left, right.right, right.top, right.bottom], left.part).toEqual([
        expect.closeTo(1 - left.right, 6),
        expect.closeTo(1 - left.left, 6),
        expect.closeTo(left.top, 6),
        expect.closeTo(left.bottom, 6),
      ]);
    }
  });
}

test("a part that no plan knows stands below the body, and a carcass without a plan in rows", () => {
  const chicken = carcass("chicken");
  const parts = [...chicken.parts, { id: "giblets", share: 0.05 }];
  const { blocks } = layOut(planOf(chicken), sharesOf(parts));
  const giblets = blocks.find((it) => it.part === "giblets");
  expect(giblets?.bottom).toBe(Math.max(...blocks.map((it) => it.bottom)));
  expect([giblets?.left, giblets?.right]).toEqual([0, 1]);

  const rabbit = ["saddle.left", "saddle.right", "leg.left", "leg.right", "bone", "purge"];
  const rows = layOut(null, new Map(rabbit.map((id) => [id, 1 / rabbit.length])));
  expect(rows.blocks.map((it) => it.part)).toEqual(["leg.left", "saddle.left", "saddle.right", "leg.right", "bone", "purge"]);
});

test("a seam runs where two cuts meet, and not within one", () => {
  const four = ["fore.left", "fore.right", "hind.left", "hind.right"];
  const plan = layOut(null, new Map(four.map((id) => [id, 0.25])));
  const between = (holderOf: (part: string) => string): number =>
    seamsOf(plan, holderOf).filter((it) => it.isSeam && it.holders.every((holder) => holder !== null)).length;
  expect(between(() => "whole")).toBe(0);
  expect(between((part) => part.split(".")[0] ?? "")).toBe(2);
  expect(between((part) => part)).toBe(3);
});

test("a carcass names its sides itself: whatever they are called, all of it is drawn in the same places", () => {
  const chicken = carcass("chicken");
  const renamed = chicken.parts.map((it) => ({ ...it, id: it.id.replace(".left", ".port").replace(".right", ".starboard") }));
  const [asShipped, otherwise] = [chicken.parts, renamed].map((parts) => layOut(planOf(chicken), sharesOf(parts)));
  expect(otherwise?.blocks.map((it) => it.part.replace(".port", ".left").replace(".starboard", ".right"))).toEqual(
    asShipped?.blocks.map((it) => it.part),
  );
  expect(otherwise?.blocks.map(({ left, right, top, bottom }) => [left, right, top, bottom])).toEqual(
    asShipped?.blocks.map(({ left, right, top, bottom }) => [left, right, top, bottom]),
  );
});

interface Printed {
  carcass: string;
  planned: boolean;
  blocks: [string, number, number, number, number][];
  apart: [string, number, number, number][];
  fins: string[];
  outlines: string[];
}

/** The print draws the same: the application wrote these. */
for (const { carcass: key, planned, blocks, apart, fins, outlines } of JSON.parse(
  readFileSync("tests/vectors/cut-plan.json", "utf8"),
) as Printed[]) {
  test(`${key}${planned ? "" : ", without its plan"}: the screen draws what is printed`, () => {
    const { parts, ...rest } = carcass(key);
    const plan = layOut(planned ? planOf({ parts, ...rest }) : null, sharesOf(parts));
    const round = (it: number): number => Math.round(it * 1e6) / 1e6;
    expect(plan.blocks.map((it) => [it.part, ...[it.left, it.right, it.top, it.bottom].map(round)])).toEqual(blocks);
    expect(plan.apart.map((it) => [it.part, ...[...it.centre, it.radius].map(round)])).toEqual(apart);
    // Two decimals are written; half a hundredth is rounded one way here and the other way there.
    const figures = (path: string): number[] => [...path.matchAll(/-?[\d.]+/g)].map(Number);
    const own = plan.blocks.slice(0, outlines.length).map((it) => outlineOf(it, plan.toPoint));
    for (const [line, printed] of [...outlines.entries()]
      .map(([index, it]) => [own[index] ?? "", it] as const)
      .concat(fins.map((it, index) => [plan.fins[index] ?? "", it] as const))) {
      const [own, drawn] = [figures(line), figures(printed)];
      expect(own).toHaveLength(drawn.length);
      expect(Math.max(...own.map((it, at) => Math.abs(it - (drawn[at] ?? NaN))))).toBeLessThan(0.0101);
    }
  });
}
