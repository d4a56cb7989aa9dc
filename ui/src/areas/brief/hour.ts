/** "09:00" and 930 s later: "09:15". */
export function timeAt(start: string | null, seconds: number): string {
  const [hours = 0, minutes = 0] = (start ?? "00:00").split(":").map(Number);
  const total = (hours * 60 + minutes + Math.round(seconds / 60)) % (24 * 60);

  return `${String(Math.floor(total / 60)).padStart(2, "0")}:${String(total % 60).padStart(2, "0")}`;
}
