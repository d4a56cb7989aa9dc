import type { ScaleReading } from "../../api/types";

/**
 * One data report of a USB scale (USB-IF HID Point of Sale usage tables, page 0x8D, usage 0x32): report id, status, unit, data scaling as a signed power of
 * ten, weight as unsigned 16 bit, little endian. What the core reads in it (core/src/Weighing/ScaleReport.php) both are held to by tests/vectors/scale.json.
 */
export type Report = ScaleReading | { unreadable: string };

const BYTES = 6;
const DATA_REPORT = 3;
const MOST_MG = 1_000_000_000;

const MG_PER_UNIT: Record<number, number> = { 1: 1, 2: 1_000, 3: 1_000_000, 11: 28_349.523125, 12: 453_592.37 };

const FAULT = 1;
const IN_MOTION = 3;
const UNDER_ZERO = 5;

/** By status: why a reading cannot be taken; null where it can. */
const refusals: Record<number, string | null> = {
  [FAULT]: "the scale reports a fault",
  2: null,
  [IN_MOTION]: "the reading is still moving: wait until it is steady",
  4: null,
  [UNDER_ZERO]: "the reading is below zero: clear the platform and zero the scale",
  6: "the load is over the capacity of the scale: take it off and weigh in parts",
  7: "the scale asks to be calibrated",
  8: "the scale asks to be zeroed: clear the platform and zero it",
};

const unreadable = (why: string): Report => ({ unreadable: `the scale sent a report that cannot be read: ${why}` });

export const reading = (status: number, mass_mg: number | null): ScaleReading => {
  const refusal = refusals[status] ?? null;

  return { state: refusal === null ? "stable" : status === IN_MOTION ? "moving" : "refused", mass_mg, refusal };
};

export function readReport(bytes: Uint8Array): Report {
  const [id = 0, status = 0, unit = 0, scaling = 0, low = 0, high = 0] = bytes;
  if (bytes.length !== BYTES) return unreadable(`${bytes.length} bytes instead of ${BYTES}`);
  if (id !== DATA_REPORT) return unreadable(`report id ${id} is not the data report`);
  if (!(status in refusals)) return unreadable(`status ${status} is not defined`);
  if (status === UNDER_ZERO || status === FAULT) return reading(status, null);
  const perUnit = MG_PER_UNIT[unit];
  if (perUnit === undefined) return unreadable(`weight unit ${unit} is not one a kitchen uses`);
  const mg = (low | (high << 8)) * 10 ** (scaling > 127 ? scaling - 256 : scaling) * perUnit;

  return mg > MOST_MG ? unreadable("the weight is beyond any scale") : reading(status, Math.round(mg));
}
