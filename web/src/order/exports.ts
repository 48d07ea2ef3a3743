/** The order as files: rows of figures, metric, one line a product. */
import { ORDER_COLUMNS, orderRows, type OrderGroup } from '@lentum/core/order';
import { saveCsvFile } from '../shared/csv.ts';
import { saveFile } from '../shared/savefile.ts';

export const saveCsv = (groups: readonly OrderGroup[], name: string): void =>
  saveCsvFile([ORDER_COLUMNS, ...orderRows(groups)], `${name}.csv`);

/** A spreadsheet with numbers as numbers. The writer is fetched when it is asked for. */
export async function saveSheet(groups: readonly OrderGroup[], name: string): Promise<void> {
  const { default: write } = await import('write-excel-file/browser');
  const head = ORDER_COLUMNS.map((value) => ({ value, fontWeight: 'bold' as const }));
  const rows = orderRows(groups).map((row) =>
    row.map((value) =>
      value === '' ? null : typeof value === 'number' ? { type: Number, value } : { value },
    ),
  );
  const blob = await write([head, ...rows], { stickyRowsCount: 1 }).toBlob();
  saveFile(blob, `${name}.xlsx`, blob.type);
}
