/** Where a value lies between the foot and the head of a picture that holds all of these. */
export function scaleOf(values: number[], foot: number, head: number): (value: number) => number {
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const span = most === least ? Math.abs(most) || 1 : most - least;

  return (value) => foot - ((value - least + (most === least ? span / 2 : 0)) / span) * (foot - head);
}
