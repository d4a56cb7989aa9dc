import type { Sheet } from "../../api/types";
import type { SheetOfRows } from "../../parts/spreadsheet";

const rounded = (figure: number | null | undefined, times = 1): number | null =>
  figure == null ? null : Math.round(figure * times * 10) / 10;

/** The class sheet as a gradebook: a row a student, scores as figures of 100, yields in per cent. */
export function sheetBook(sheet: Sheet): SheetOfRows[] {
  const head = [
    "Station",
    "Student",
    "Status",
    ...sheet.components.map((it) => it.title),
    "Total",
    "Band",
    "Portion yield %",
    "Loss %",
    "Flags",
    "Released",
    "Version",
    "Released total",
  ];

  return [
    {
      title: "Class sheet",
      rows: [
        head,
        ...sheet.rows.map((row) => [
          row.station,
          row.student,
          row.status,
          ...sheet.components.map((it) => rounded(row.scores[it.id])),
          row.total,
          row.band,
          rounded(row.portion_yield, 100),
          rounded(row.loss, 100),
          row.flags.map((it) => it.text).join("; "),
          row.release_state.replaceAll("_", " "),
          row.release?.version ?? null,
          row.release?.total ?? null,
        ]),
      ],
    },
  ];
}
