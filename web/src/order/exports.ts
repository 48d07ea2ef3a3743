/** The order as files: rows of figures, metric, one line a product. */
import { ORDER_COLUMNS, orderRows, type OrderGroup } from '@lentum/core/order';
import { saveCsvFile } from '../shared/csv.ts';
import { saveSpreadsheet } from '../shared/spreadsheet.ts';

export const saveCsv = (groups: readonly OrderGroup[], name: string): void =>
  saveCsvFile([ORDER_COLUMNS, ...orderRows(groups)], `${name}.csv`);

export const saveSheet = (groups: readonly OrderGroup[], name: string): Promise<void> =>
  saveSpreadsheet(ORDER_COLUMNS, orderRows(groups), `${name}.xlsx`);
