/** Tables as a spreadsheet, with numbers as numbers. The writer is fetched when it is asked for. */
import { saveFile } from './savefile.ts';

export async function saveSpreadsheet(
  columns: readonly string[],
  rows: readonly (readonly (string | number)[])[],
  name: string,
): Promise<void> {
  const { default: write } = await import('write-excel-file/browser');
  const head = columns.map((value) => ({ value, fontWeight: 'bold' as const }));
  const body = rows.map((row) =>
    row.map((value) =>
      value === '' ? null : typeof value === 'number' ? { type: Number, value } : { value },
    ),
  );
  const blob = await write([head, ...body], { stickyRowsCount: 1 }).toBlob();
  saveFile(blob, name, blob.type);
}
