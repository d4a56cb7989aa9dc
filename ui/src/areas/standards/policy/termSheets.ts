import type { TriedTerm } from "../../../api/types";
import type { SheetOfRows } from "../../../parts/spreadsheet";

/** A term under another policy as a workbook: bands before and after, and whose band would be another. */
export function termSheets({ from, to, results, bands, classes, twice, icc_before: before, icc_after: after }: TriedTerm): SheetOfRows[] {
  return [
    { title: "Bands", rows: [["Band", "Now", "Under it"], ...bands.map((it) => [it.band, it.before, it.after])] },
    {
      title: "Another band",
      rows: [
        ["Practical", "Day", "Student", "Total", "Band", "Total under it", "Band under it"],
        ...classes.flatMap(({ title, held_on: day, bands: moved }) =>
          moved.map((it) => [title, day, it.student, it.total, it.band, it.new_total, it.new_band]),
        ),
      ],
    },
    {
      title: "More",
      rows: [
        ["What", "Figure"],
        ["From", from],
        ["To", to],
        ["Final results", results],
        ["Trays totalled by two assessors", twice],
        ["ICC(2,1) of their totals now", before],
        ["ICC(2,1) of their totals under it", after],
      ],
    },
  ];
}
