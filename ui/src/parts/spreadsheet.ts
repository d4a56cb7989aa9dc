export type Row = (string | number | null)[];

export interface SheetOfRows {
  title: string;
  /** The first is the head. */
  rows: Row[];
}

/** Makes a spreadsheet (Office Open XML), figures as figures, and hands it to the browser. */
export async function downloadSpreadsheet(file: string, sheets: SheetOfRows[]): Promise<void> {
  const { default: writeXlsxFile } = await import("write-excel-file/browser");
  const cells = ({ rows }: SheetOfRows) =>
    rows.map((row, index) => row.map((value) => (value === null ? null : { value, ...(index === 0 && { fontWeight: "bold" as const }) })));
  await writeXlsxFile(sheets.map((it) => ({ sheet: it.title, data: cells(it) }))).toFile(file);
}
