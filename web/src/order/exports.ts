/** The order as files: rows of figures, metric, one line a product. */
import { ORDER_COLUMNS, orderRows, type OrderGroup } from '@lentum/core/order';
import type { Printout } from '@lentum/core/printout';
import { worded } from '../app/wording.ts';
import { saveCsvFile } from '../shared/csv.ts';
import { headOf, saveSpreadsheet } from '../shared/spreadsheet.ts';

export const saveCsv = (groups: readonly OrderGroup[], name: string): void =>
  saveCsvFile([ORDER_COLUMNS, ...orderRows(groups)], `${name}.csv`);

const at = (...names: (typeof ORDER_COLUMNS)[number][]): number[] =>
  names.map((n) => ORDER_COLUMNS.indexOf(n));

/** @param paper whose order it is, and from when */
export function saveSheet(
  groups: readonly OrderGroup[],
  paper: Pick<Printout, 'title' | 'job' | 'made'>,
  name: string,
): Promise<void> {
  const rows = orderRows(groups);
  // Sums of several currencies are no sums.
  const [currency] = at('currency');
  const one = new Set(rows.map((row) => row[currency ?? 0])).size === 1;
  return saveSpreadsheet(
    {
      ...headOf(paper),
      ...{ columns: ORDER_COLUMNS.map(worded), rows, money: at('price') },
      sums: {
        name: worded('Sum'),
        of: at(...(one ? (['price', 'weight kg'] as const) : (['weight kg'] as const))),
      },
    },
    `${name}.xlsx`,
  );
}
