/** The request to suppliers as files, and the tables that come back. */
import Papa from 'papaparse';
import { REQUEST_COLUMNS, requestRows, type OrderLine } from '@lentum/core/order';
import { csvText } from '../shared/csv.ts';
import { saveFile } from '../shared/savefile.ts';

export const saveRequestCsv = (lines: readonly OrderLine[], name: string): void =>
  saveFile(csvText([REQUEST_COLUMNS, ...requestRows(lines)]), `${name}.csv`, 'text/csv');

/** A spreadsheet with numbers as numbers. The writer is fetched when it is asked for. */
export async function saveRequestSheet(lines: readonly OrderLine[], name: string): Promise<void> {
  const { default: write } = await import('write-excel-file/browser');
  const head = REQUEST_COLUMNS.map((value) => ({ value, fontWeight: 'bold' as const }));
  const rows = requestRows(lines).map((row) =>
    row.map((value) =>
      value === '' ? null : typeof value === 'number' ? { type: Number, value } : { value },
    ),
  );
  const blob = await write([head, ...rows], { stickyRowsCount: 1 }).toBlob();
  saveFile(blob, `${name}.xlsx`, blob.type);
}

/** Cells of an answer as text, from a spreadsheet or a table in text. */
export async function tableOf(file: File): Promise<string[][]> {
  if (/\.xlsx$/i.test(file.name)) {
    const { readSheet } = await import('read-excel-file/browser');
    const rows = await readSheet(file);
    return rows.map((row) => row.map((cell) => (cell === null ? '' : String(cell))));
  }
  return Papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' }).data;
}
