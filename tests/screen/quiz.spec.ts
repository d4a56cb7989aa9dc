import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { howOf, offBy, type How } from "../../ui/src/areas/practice/offBy";

interface Vector {
  low_mg: number;
  high_mg: number;
  answer_mg: number;
  off_mg: number;
  how: How;
}

test("a guess at a mass lies as far outside the window as the core says", () => {
  const vectors = JSON.parse(readFileSync("tests/vectors/quiz.json", "utf8")) as Vector[];
  expect(vectors.length).toBeGreaterThan(20);
  for (const { answer_mg, off_mg, how, ...window } of vectors)
    expect([offBy(window, answer_mg), howOf(window, answer_mg)], JSON.stringify([window, answer_mg])).toEqual([off_mg, how]);
});
