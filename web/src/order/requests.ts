/** The request to suppliers as files, and the tables that come back. */
import { REQUEST_COLUMNS, requestRows, type OrderLine } from '@lentum/core/order';
import { saveCsvFile } from '../shared/csv.ts';
import { saveSpreadsheet } from '../shared/spreadsheet.ts';

export const saveRequestCsv = (lines: readonly OrderLine[], name: string): void =>
  saveCsvFile([REQUEST_COLUMNS, ...requestRows(lines)], `${name}.csv`);

export const saveRequestSheet = (lines: readonly OrderLine[], name: string): Promise<void> =>
  saveSpreadsheet({ columns: REQUEST_COLUMNS, rows: requestRows(lines) }, `${name}.xlsx`);
