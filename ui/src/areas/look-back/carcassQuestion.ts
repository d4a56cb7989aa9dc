import type { CarcassQuestion } from "../../api/types";

/** Where the figures of this question are as a file. */
export function addressOfCsv(standard: string, asked: CarcassQuestion): string {
  const query = new URLSearchParams(Object.entries(asked).map(([key, value]) => [key, String(value)]));

  return `/api/v1/standards/${standard}/own-carcasses.csv?${query.toString()}`;
}
