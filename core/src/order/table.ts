/** The order as rows: one line a product, for a file or a sheet of figures. Metric, in the currency of the line. */
import { unitSymbol } from '../units/index.ts';
import { placesOf } from './offers/money.ts';
import { SECTION_NAMES } from './sections.ts';
import type { OrderGroup, OrderLine } from './takeoff.ts';

export const ORDER_COLUMNS = [
  'for',
  'product',
  'zones',
  'net',
  'gross',
  'from stock',
  'to buy',
  'unit',
  'containers',
  'left over',
  'next best',
  'price',
  'currency',
  'weight kg',
  'carriage',
  'part of the work',
] as const;

export type Cell = string | number;

const rounded = (v: number): number => Number(v.toFixed(3));
export const picksWords = (picks: OrderLine['buy']['picks']): string =>
  picks.map((p) => `${p.count} × ${p.container.name}`).join(', ');

/** Which columns hold money. */
const MONEY: ReadonlySet<string> = new Set<(typeof ORDER_COLUMNS)[number]>(['price', 'currency']);

/** The columns of an order without money, and a row without them: for those whom prices do not concern. */
export const unpriced = (row: readonly Cell[]): Cell[] =>
  row.filter((_, i) => !MONEY.has(ORDER_COLUMNS[i] ?? ''));

export function orderRows(groups: readonly OrderGroup[]): Cell[][] {
  return groups.flatMap((g) =>
    g.lines.map((l): Cell[] => [
      g.name,
      l.item.name,
      l.zoneNames.join('; '),
      rounded(l.net.value),
      rounded(l.gross.value),
      rounded(l.drawn.reduce((sum, d) => sum + d.amount, 0)),
      rounded(l.need.value),
      unitSymbol(l.quantity, 'metric'),
      picksWords(l.buy.picks),
      rounded(l.buy.leftOver),
      l.runnerUp ? picksWords(l.runnerUp.picks) : '',
      l.price ? Number(l.price.value.toFixed(placesOf(l.item.currency))) : '',
      l.item.currency,
      l.mass ? rounded(l.mass.value) : '',
      l.carriage ? `${l.carriage.what}: ${l.carriage.says}` : '',
      SECTION_NAMES[l.section],
    ]),
  );
}
