/** The request to suppliers as files, and the tables that come back. */
import { readTable } from '../shared/tables/tablefile.ts';
import { REQUEST_COLUMNS, requestRows, type OrderLine } from '@lentum/core/order';
import { saveCsvFile } from '../shared/csv.ts';
import { saveSpreadsheet } from '../shared/spreadsheet.ts';

export const saveRequestCsv = (lines: readonly OrderLine[], name: string): void =>
  saveCsvFile([REQUEST_COLUMNS, ...requestRows(lines)], `${name}.csv`);

export const saveRequestSheet = (lines: readonly OrderLine[], name: string): Promise<void> =>
  saveSpreadsheet({ columns: REQUEST_COLUMNS, rows: requestRows(lines) }, `${name}.xlsx`);

/** Cells of an answer as text, from a spreadsheet or a table in text. */
export async function tableOf(file: File): Promise<string[][]> {
  if (/\.xlsx$/i.test(file.name)) {
    const { readSheet } = await import('read-excel-file/browser');
    const rows = await readSheet(file);
    return rows.map((row) => row.map((cell) => (cell === null ? '' : String(cell))));
  }
  return readTable(file);
}
