import { reading, type Report } from "./report";

const MG_PER_UNIT: Record<string, number> = { mg: 1, g: 1_000, kg: 1_000_000, oz: 28_349.523125, lb: 453_592.37 };

const IN_MOTION = 3;
const STABLE = 4;
const UNDER_ZERO = 5;
const OVER_LIMIT = 6;

const STEADY = new Set(["ST", "S"]);
/** Gross, net, tare, pre-set tare. */
const KINDS = new Set(["GS", "NT", "TR", "PT", "G", "N", "T"]);
const MOVING = new Set(["US", "D", "SD", "?", "~"]);
const OVER = new Set(["OL", "+"]);

/**
 * A line that a scale with a serial interface sends, as most are written: a flag for steady or moving, sign, number and unit, in one of three orders.
 *
 *     ST,GS,+0001234.5 g     flag, kind, value
 *     S S     1234.5 g       flag, flag, value
 *     1234.5 g ?             value, and a mark while it moves
 */
export function readLine(line: string): Report {
  const text = line.trim();
  const value = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(mg|kg|g|oz|lb)\b/i.exec(text);
  const around = value === null ? text : `${text.slice(0, value.index)} ${text.slice(value.index + value[0].length)}`;
  const flags = around
    .toUpperCase()
    .split(/[\s,;:]+/)
    .filter((it) => it !== "");
  if (flags.some((it) => OVER.has(it))) return reading(OVER_LIMIT, null);
  if (value === null) return { unreadable: `the scale sent a line that cannot be read: ${text.slice(0, 40)}` };
  const [, sign, number = "", unit = ""] = value;
  const mg = Math.round(Number(number.replace(",", ".")) * (MG_PER_UNIT[unit.toLowerCase()] ?? NaN));
  if (sign === "-" && mg > 0) return reading(UNDER_ZERO, null);
  const isMoving = flags.some((it) => MOVING.has(it));
  // A line with no flag at all is from a scale that only sends what is steady.
  if (isMoving || flags.every((it) => STEADY.has(it) || KINDS.has(it))) return reading(isMoving ? IN_MOTION : STABLE, mg);

  return { unreadable: `the scale sent a line that cannot be read: ${text.slice(0, 40)}` };
}
