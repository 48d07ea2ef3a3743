/** Cells of a spreadsheet or of a table in text. */
import { readText, rowsOf } from '../shared/tables/tablefile.ts';

/**
 * @param progress is told the share that is done, 0 to 1
 * @throws where it is neither
 */
async function read(file: Blob, name: string, progress: (share: number) => void): Promise<string[][]> {
  if (!/\.xlsx$/i.test(name)) return rowsOf(await readText(file, progress));
  const { readSheet } = await import('read-excel-file/web-worker');
  const rows = await readSheet(file);
  return rows.map((row) => row.map((cell) => (cell === null ? '' : String(cell))));
}

export const sheetTasks = { read };
export type SheetTasks = typeof sheetTasks;
