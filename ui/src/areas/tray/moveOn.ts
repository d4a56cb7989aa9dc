import type { TrayLayout } from "../../api/types";

/** The place an arrow key leads to, as the tray lies: rows of the layout, then the containers. Null where the key leads nowhere. */
export function moveOn(key: string, from: string | null, layout: TrayLayout, bins: { id: string }[]): string | null {
  const rows = [...rowsOf(layout), bins.map((it) => it.id)].filter((row) => row.length > 0);
  const y = rows.findIndex((row) => from !== null && row.includes(from));
  const row = rows[y];
  if (row === undefined || from === null) return null;
  const x = row.indexOf(from);
  const inRow = (target: string[] | undefined): string | null =>
    target === undefined ? null : (target[Math.min(target.length - 1, Math.round(((x + 0.5) / row.length) * target.length - 0.5))] ?? null);
  switch (key) {
    case "ArrowLeft":
      return row[x - 1] ?? rows[y - 1]?.at(-1) ?? from;
    case "ArrowRight":
      return row[x + 1] ?? rows[y + 1]?.[0] ?? from;
    case "ArrowUp":
      return inRow(rows[y - 1]) ?? from;
    case "ArrowDown":
      return inRow(rows[y + 1]) ?? from;
    default:
      return null;
  }
}

function rowsOf(layout: TrayLayout): string[][] {
  const rows: TrayLayout["places"][] = [];
  for (const place of layout.places) (rows[place.row - 1] ??= []).push(place);

  return rows.filter(Boolean).map((row) => [...row].sort((a, b) => a.column - b.column).map((it) => it.place));
}
