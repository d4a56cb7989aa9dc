export interface Spot {
  row: number;
  column: number;
}

/** The room with a station set down on a spot: what stands there changes places with it, a free spot takes it at the end of its row. Rows left empty go. */
export function arranged(rows: number[][], station: number, { row, column }: Spot): number[][] {
  const there = rows[row]?.[column];
  if (there !== undefined) return rows.map((stations) => stations.map((it) => (it === station ? there : it === there ? station : it)));

  return [...rows, []]
    .map((stations, index) => [...stations.filter((it) => it !== station), ...(index === row ? [station] : [])])
    .filter((stations) => stations.length > 0);
}
