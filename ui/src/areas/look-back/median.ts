/** Of values with the lowest first. */
export function median(sorted: number[]): number {
  const middle = (sorted.length - 1) / 2;

  return ((sorted[Math.floor(middle)] ?? 0) + (sorted[Math.ceil(middle)] ?? 0)) / 2;
}
