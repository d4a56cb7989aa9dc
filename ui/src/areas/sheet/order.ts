import type { SheetRow } from "../../api/types";

export interface Order {
  /** A column's name, or a component's id. */
  column: string;
  isDown: boolean;
}

const value = (row: SheetRow, column: string): number | string | null => {
  switch (column) {
    case "station":
      return row.station;
    case "student":
      return row.student;
    case "total":
    case "band":
      return row.total;
    case "yield":
      return row.portion_yield;
    case "loss":
      return row.loss;
    case "flags":
      return row.flags.length;
    default:
      return row.scores[column.replace(/^score /, "")] ?? null;
  }
};

/** Rows by one column; what has no figure yet stands last either way. */
export const compareBy =
  ({ column, isDown }: Order) =>
  (a: SheetRow, b: SheetRow): number => {
    const [one, other] = [value(a, column), value(b, column)];
    if (one === null || other === null) return Number(one === null) - Number(other === null) || a.station - b.station;
    const order = typeof one === "string" || typeof other === "string" ? String(one).localeCompare(String(other)) : one - other;

    return (isDown ? -order : order) || a.station - b.station;
  };
