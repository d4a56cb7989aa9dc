import type { MassWords } from "./mass";

const MG_PER_OUNCE = 453_592.37 / 16;
const MG: Record<string, number> = { g: 1_000, kg: 1_000_000, oz: MG_PER_OUNCE, lb: 16 * MG_PER_OUNCE };
const MOST_MG = 1_000_000_000;
const NUMBER = "(\\d{1,9}(?:[.,]\\d{1,9})?)";
const POUNDS_AND_OUNCES = new RegExp(`^${NUMBER}\\s*lbs?\\.?\\s*${NUMBER}\\s*oz\\.?$`);
const ONE_UNIT = new RegExp(`^${NUMBER}\\s*(kg|g|oz|lb)?s?\\.?$`);

const decimal = (digits: string | undefined): number => Number((digits ?? "").replace(",", "."));

/** What a person typed, in mg: "1.82 kg", "1820", "4 lb 3 oz"; a bare number is in the unit of the school. Else why it is no weight. Read here, so that it is read without a network. */
export function readMass(text: string, { unit }: MassWords): { mg: number } | { problem: string } {
  const clean = text.trim().toLowerCase();
  if (/^[-−]\s*\d/.test(clean)) return { problem: "a weight cannot be negative" };
  const both = POUNDS_AND_OUNCES.exec(clean);
  const one = ONE_UNIT.exec(clean);
  if (both === null && one === null)
    return { problem: `"${text.trim().slice(0, 30)}" is not a weight: write it as 1820, 1820 g, 1.82 kg, 64 oz or 4 lb 3 oz` };
  const mg = Math.round(
    both !== null ? (decimal(both[1]) * 16 + decimal(both[2])) * MG_PER_OUNCE : decimal(one?.[1]) * (MG[one?.[2] ?? unit] ?? 1),
  );

  return mg > MOST_MG ? { problem: `a weight cannot be over ${MOST_MG / 1_000_000} kg` } : { mg };
}
