import { execFileSync } from "node:child_process";
import { expect, test } from "vitest";
import jStat from "jstat";

/** What the core says of criteria and of carcasses on made-up data, against the same figures made with a general statistics library. */

const compute = <Answer>(question: string, document: object): Answer =>
  JSON.parse(execFileSync("php", ["core/bin/compute", question], { input: JSON.stringify(document), encoding: "utf8" })) as Answer;

/** Park and Miller's generator: the same figures at every run. */
function generator(seed: number): () => number {
  let state = seed;

  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

const sum = (values: number[]): number => values.reduce((all, it) => all + it, 0);

interface Items {
  criteria: { id: string; n: number; difficulty: number; discrimination: number }[];
  alpha: number;
}

for (const [seed, trays, criteria] of [
  [21, 12, 4],
  [22, 60, 9],
  [23, 200, 3],
] as const) {
  test(`${criteria} criteria on ${trays} trays`, () => {
    const random = generator(seed);
    const attempts = Array.from({ length: trays }, () => {
      const skill = random();

      return Array.from({ length: criteria }, () => Math.round(4 * (0.6 * skill + 0.4 * random())));
    });
    const column = (at: number): number[] => attempts.map((row) => row[at] ?? 0);
    const told = compute<Items>("items", {
      format: "deft-blade.items/1",
      criteria: Array.from({ length: criteria }, (_, at) => ({ id: `c${at}`, max: 4 })),
      attempts,
    });
    told.criteria.forEach(({ n, difficulty, discrimination }, at) => {
      const rest = attempts.map((row) => sum(row) - (row[at] ?? 0));
      expect(n).toBe(trays);
      expect(difficulty).toBeCloseTo(jStat.mean(column(at)) / 4, 9);
      expect(discrimination).toBeCloseTo(jStat.corrcoeff(column(at), rest), 9);
    });
    const each = sum(Array.from({ length: criteria }, (_, at) => jStat.variance(column(at), true)));
    expect(told.alpha).toBeCloseTo((criteria / (criteria - 1)) * (1 - each / jStat.variance(attempts.map(sum), true)), 9);
  });
}

test("a window of the school’s own carcasses", () => {
  const random = generator(31);
  const standard = JSON.parse(execFileSync("php", ["-r", shipped], { encoding: "utf8" })) as { pieces: { id: string }[] };
  const piece = standard.pieces[0]?.id ?? "";
  const shares = Array.from({ length: 43 }, () => 0.15 + 0.02 * (random() + random() + random()));
  const { pieces } = compute<{ pieces: { id: string; n: number; median: number; mad_sd: number; k: number; low: number; high: number }[] }>(
    "recalibrate",
    {
      format: "deft-blade.recalibrate/1",
      standard,
      records: shares.map((it) => ({ ap_mg: 2_000_000, pieces: { [piece]: Math.round(2_000_000 * it) }, bins: {} })),
      coverage: 0.9,
      confidence: 0.99,
      at_least: 20,
    },
  );
  const told = pieces.find((it) => it.id === piece);
  const weighed = shares.map((it) => Math.round(2_000_000 * it) / 2_000_000);
  const median = jStat.median(weighed);
  const spread = 1.4826 * jStat.median(weighed.map((it) => Math.abs(it - median)));
  // Howe 1969, as in NIST/SEMATECH 7.2.6.3.
  const k = Math.sqrt((42 * (1 + 1 / 43) * jStat.normal.inv(0.95, 0, 1) ** 2) / jStat.chisquare.inv(0.01, 42));
  expect(told?.n).toBe(43);
  expect(told?.median).toBeCloseTo(median, 9);
  expect(told?.mad_sd).toBeCloseTo(spread, 9);
  expect(told?.k).toBeCloseTo(k, 5);
  expect(told?.low).toBeCloseTo(median - k * spread, 6);
  expect(told?.high).toBeCloseTo(median + k * spread, 6);
});

const shipped =
  'require "core/autoload.php"; echo json_encode((new DeftBlade\\Core\\Shipped\\ShippedDocuments())->standard("chicken-eight-piece"));';
