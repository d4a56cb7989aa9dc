/** "1–6, 9" as station numbers; null where it is written otherwise. */
export function readStations(text: string): number[] | null {
  const found = new Set<number>();
  for (const part of text.split(/[,;\s]+/).filter(Boolean)) {
    const [, from, to] = /^(\d{1,3})(?:[-–](\d{1,3}))?$/.exec(part) ?? [];
    if (from === undefined) return null;
    for (let station = Number(from); station <= Number(to ?? from); station++) if (station > 0) found.add(station);
  }

  return [...found].sort((a, b) => a - b);
}

/** Station numbers as they are written: neighbours as a stretch. */
export function stationsInWords(stations: number[]): string {
  const parts: string[] = [];
  for (let index = 0; index < stations.length;) {
    let last = index;
    while (stations[last + 1] === (stations[last] ?? 0) + 1) last++;
    parts.push(last === index ? String(stations[index]) : `${stations[index]}–${stations[last]}`);
    index = last + 1;
  }

  return parts.join(", ");
}
