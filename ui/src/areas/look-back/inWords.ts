import type { DayNote, TrendChart, TrendClass } from "../../api/types";
import { counted, dayInFull } from "../../parts/format";
import type { MassWords } from "../../parts/mass";
import { said } from "./measures";

/** Limits from fewer classes move with every further one. */
const FEW = 8;

/** What a chart says, for the ear and for whoever has five seconds: where the mean lies, what stands out, and how far it can be trusted. */
export function inWords(
  { measure, classes: count, mean, lower, upper, signals }: TrendChart,
  classes: TrendClass[],
  notes: DayNote[],
  mass: MassWords,
): string {
  const say = (value: number): string => said(measure, value, mass);
  const dayOf = (at: number): string => dayInFull(classes[at]?.held_on ?? "");
  const beyond = signals.filter((it) => it.rule === "beyond");
  const run = signals.filter((it) => it.rule === "run");
  const limits = `${say(Math.max(lower, measure === "total" ? lower : 0))} and ${say(upper)}`;
  const last = run.at(-1);
  const began = last === undefined ? null : beginningOf(last.at, measure, mean, classes);
  const side = (at: number): string => ((classes[at]?.means[measure] ?? mean) > mean ? "above" : "below");

  return [
    `${say(mean)} on average over ${counted(count, "class", "classes")}; classes like each other lie between ${limits}.`,
    ...beyond.map(({ at }) => `${dayOf(at)}: ${say(classes[at]?.means[measure] ?? mean)}, ${side(at)} what the others would let expect.`),
    ...(last === undefined
      ? []
      : [
          `Up to ${dayOf(last.at)} eight or more in a row lie ${side(last.at)} the mean: something changed${noted(began, classes, notes)}.`,
        ]),
    ...(signals.length === 0 ? ["Nothing stands out."] : []),
    ...(count < FEW ? ["That is few: the limits move with every further class."] : []),
  ].join(" ");
}

/** The first of those in a row on one side of the mean. */
function beginningOf(last: number, measure: TrendChart["measure"], mean: number, classes: TrendClass[]): number {
  const sideOf = (at: number): number => Math.sign((classes[at]?.means[measure] ?? mean) - mean);
  let at = last;
  while (at > 0 && sideOf(at - 1) === sideOf(last)) at--;

  return at;
}

/** What was written down between the class before a row began and its first. */
function noted(began: number | null, classes: TrendClass[], notes: DayNote[]): string {
  const [from, to] = [classes[(began ?? 0) - 1]?.held_on ?? "", classes[began ?? 0]?.held_on ?? ""];
  const found = began === null ? [] : notes.filter((it) => it.on > from && it.on <= to);

  return found.length === 0 ? "" : `, after “${found.map((it) => it.text).join("”, “")}”`;
}
