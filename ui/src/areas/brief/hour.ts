/** "09:00" and 930 s later: "09:15". */
export function timeAt(start: string | null, seconds: number): string {
  const [hours = 0, minutes = 0] = (start ?? "00:00").split(":").map(Number);
  const total = (hours * 60 + minutes + Math.round(seconds / 60)) % (24 * 60);

  return `${String(Math.floor(total / 60)).padStart(2, "0")}:${String(total % 60).padStart(2, "0")}`;
}

/**
 * When the waves would start with another gap between them, in seconds: so far apart, but none before its stations are ready.
 * A wave that starts later than the gap asks waits for its stations.
 */
export function startsWithGap(starts: number[], gapS: number, triedS: number): number[] {
  return starts.reduce<number[]>((moved, start, wave) => {
    const [before, after] = [starts[wave - 1], moved[wave - 1]];
    if (before === undefined || after === undefined) return [start];
    const waits = start - before > gapS;

    return [...moved, Math.max(after + triedS, waits ? start + after - before : 0)];
  }, []);
}
