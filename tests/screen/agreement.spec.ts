import { execFileSync } from "node:child_process";
import { expect, test } from "vitest";
import jStat from "jstat";

/** The core's answer about agreement on made-up marks, against the same figures made with a general statistics library. */

interface Answer {
  totals: { icc: number; low: number; high: number; bland_altman: { bias: number; sd: number; lower: number; upper: number } | null };
}

const ask = (totals: number[][], confidence: number): Answer =>
  JSON.parse(
    execFileSync("php", ["core/bin/compute", "agreement"], {
      input: JSON.stringify({ format: "deft-blade.agreement/1", confidence, criteria: [], totals }),
      encoding: "utf8",
    }),
  ) as Answer;

/** Park and Miller's generator: the same figures at every run. */
function generator(seed: number): () => number {
  let state = seed;

  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

const sum = (values: number[]): number => values.reduce((all, it) => all + it, 0);
const squares = (values: number[]): number => sum(values.map((it) => it * it));

/** Mean squares by sums of squares, as a table of variance is worked out by hand. */
function table(totals: number[][]): { n: number; k: number; rows: number; columns: number; error: number } {
  const [n, k] = [totals.length, totals[0]?.length ?? 0];
  const correction = sum(totals.flat()) ** 2 / (n * k);
  const ofRows = squares(totals.map(sum)) / k - correction;
  const ofColumns = squares(Array.from({ length: k }, (_, column) => sum(totals.map((row) => row[column] ?? 0)))) / n - correction;
  const left = squares(totals.flat()) - correction - ofRows - ofColumns;

  return { n, k, rows: ofRows / (n - 1), columns: ofColumns / (k - 1), error: left / ((n - 1) * (k - 1)) };
}

for (const [seed, n, k] of [
  [11, 12, 2],
  [12, 24, 2],
  [13, 8, 3],
  [14, 5, 4],
] as const) {
  test(`${n} trays seen by ${k} assessors`, () => {
    const random = generator(seed);
    const totals = Array.from({ length: n }, () => {
      const tray = 45 + 50 * random();

      return Array.from({ length: k }, (_, rater) => Math.round(10 * (tray + rater + 8 * (random() - 0.5))) / 10);
    });
    const { totals: told } = ask(totals, 0.95);
    const { rows, columns, error } = table(totals);
    const icc = (rows - error) / (rows + (k - 1) * error + (k * (columns - error)) / n);
    expect(told.icc).toBeCloseTo(icc, 9);

    const a = (k * icc) / (n * (1 - icc));
    const b = 1 + (k * icc * (n - 1)) / (n * (1 - icc));
    const freedom = (a * columns + b * error) ** 2 / ((a * columns) ** 2 / (k - 1) + (b * error) ** 2 / ((n - 1) * (k - 1)));
    const low = jStat.centralF.inv(0.975, n - 1, freedom);
    const high = jStat.centralF.inv(0.975, freedom, n - 1);
    const between = k * columns + (k * n - k - n) * error;
    expect(told.low).toBeCloseTo((n * (rows - low * error)) / (low * between + n * rows), 6);
    expect(told.high).toBeCloseTo((n * (high * rows - error)) / (between + n * high * rows), 6);

    if (k !== 2) {
      expect(told.bland_altman).toBeNull();

      return;
    }
    const differences = totals.map(([first = 0, second = 0]) => second - first);
    const [bias, sd] = [jStat.mean(differences), jStat.stdev(differences, true)];
    expect(told.bland_altman?.bias).toBeCloseTo(bias, 9);
    expect(told.bland_altman?.sd).toBeCloseTo(sd, 9);
    expect(told.bland_altman?.lower).toBeCloseTo(bias - 1.96 * sd, 9);
    expect(told.bland_altman?.upper).toBeCloseTo(bias + 1.96 * sd, 9);
  });
}
