/** A request to suppliers as a table, and their answer read back. */
import { columns, line, row, table, type Block, type Telling } from '../../printout/index.ts';
import { fail, ok, short, type Problem, type Result } from '../../problems/index.ts';
import { unitSymbol } from '../../units/index.ts';
import type { Item, Pack } from '../items.ts';
import type { OrderLine } from '../takeoff.ts';
import { readPrice } from './money.ts';
import type { Offer } from './schema.ts';

/** What is asked, one row a pack; the price is left for the supplier. `item` and `pack` find the row again. */
export const REQUEST_COLUMNS = [
  'product',
  'pack',
  'net of a pack',
  'unit',
  'needed',
  'packs we would take',
  'price of a pack',
  'currency',
  'note',
  'item',
  'pack id',
] as const;

export type RequestCell = string | number;

const tidy = (v: number): number => Number(v.toFixed(3));

/** One pack that is asked for. */
export interface RequestedPack {
  readonly item: Item;
  readonly pack: Pack;
  /** Of the product, in all, in its quantity. */
  readonly need: number;
  /** Packs of this size that the order would take. */
  readonly count: number;
}

/** Everything that is still to be bought, pack by pack. Lines of one product, in several groups, are asked for once. */
export function requestedPacks(lines: readonly OrderLine[]): RequestedPack[] {
  const byItem = new Map<string, OrderLine[]>();
  for (const l of lines) if (l.need.value > 0) byItem.set(l.item.key, [...(byItem.get(l.item.key) ?? []), l]);
  return [...byItem.values()].flatMap((same) => {
    const [first] = same;
    if (!first) return [];
    const need = same.reduce((sum, l) => sum + l.need.value, 0);
    return first.item.packs.map((pack): RequestedPack => {
      const count = same
        .flatMap((l) => l.buy.picks)
        .filter((k) => k.container.id === pack.id)
        .reduce((sum, k) => sum + k.count, 0);
      return { item: first.item, pack, need, count };
    });
  });
}

/** The request as rows for a file: metric, its headings fixed. */
export const requestRows = (lines: readonly OrderLine[]): RequestCell[][] =>
  requestedPacks(lines).map(({ item, pack, need, count }) => [
    item.name,
    pack.name,
    tidy(pack.net),
    unitSymbol(item.quantity, 'metric'),
    tidy(need),
    count,
    '',
    item.currency,
    '',
    item.key,
    pack.id,
  ]);

export interface Answer {
  readonly lines: Offer['lines'];
  /** Rows without a price: not offered. */
  readonly empty: number;
  readonly problems: readonly Problem[];
}

const NEEDED = ['item', 'pack id', 'price of a pack'] as const;

/**
 * The answer of a supplier: the request with its prices filled in, its columns in any order.
 * @param rows with their heading, cells as text
 * @param lines of the order: what is not in it is said and left out
 */
export function readAnswer(
  rows: readonly (readonly string[])[],
  lines: readonly OrderLine[],
  currency: string,
): Result<Answer> {
  const filled = rows.filter((r) => r.some((c) => c.trim() !== ''));
  const names = (filled[0] ?? []).map((c) => c.trim().toLowerCase());
  const at = (name: string): number => names.indexOf(name);
  const absent = NEEDED.filter((n) => at(n) < 0);
  if (absent.length > 0)
    return fail({
      kind: 'missing',
      field: 'file',
      label: 'The answer, columns',
      actual: short(names.join(', ')),
      expected: `the columns of the request, with ${absent.join(', ')}`,
    });
  const items = new Map(lines.map((l) => [l.item.key, l.item]));
  const problems: Problem[] = [];
  const found = new Map<string, Offer['lines'][number]>();
  let empty = 0;
  filled.slice(1).forEach((row, i) => {
    const cell = (name: string): string => (row[at(name)] ?? '').trim();
    const field = `file/${i + 2}`;
    const [key, packId, price] = [cell('item'), cell('pack id'), cell('price of a pack')];
    if (price === '') {
      empty += 1;
      return;
    }
    const item = items.get(key);
    const pack = item?.packs.find((p) => p.id === packId);
    const label = `Row ${i + 2}, ${item?.name ?? cell('product')}`;
    if (!item || !pack) {
      problems.push({
        kind: 'unknown',
        field,
        label,
        actual: short(item ? packId : key),
        expected: item ? 'a pack of this product' : 'a product of this order',
      });
      return;
    }
    const said = at('currency') < 0 ? '' : cell('currency');
    if (said !== '' && said !== currency) {
      problems.push({ kind: 'wrong', field, label, actual: said, expected: `a price in ${currency}` });
      return;
    }
    const read = readPrice(price, currency, field, `${label}, price`);
    if (!read.ok) {
      problems.push(...read.problems);
      return;
    }
    const id = `${key}\u0000${packId}`;
    if (found.has(id)) {
      problems.push({
        kind: 'duplicate',
        field,
        label,
        actual: pack.name,
        expected: 'one price for each pack: the first one counts',
      });
      return;
    }
    found.set(id, { item: key, packId, name: item.name, pack: pack.name, price: read.value });
  });
  return ok({ lines: [...found.values()], empty, problems });
}

/** The request on paper, with room for the price. */
export const requestBlocks = (lines: readonly OrderLine[], t: Telling): Block[] => [
  line(
    t.w(
      'Please fill in the price of each pack that you can deliver, without tax, and the day until which it holds.',
    ),
  ),
  table(
    columns('Product|35', 'Pack|25', '>Needed in all', '>Packs', 'Price of a pack|20'),
    requestedPacks(lines).map(({ item, pack, need, count }) =>
      row([
        t.w(item.name),
        t.w(pack.name),
        t.value(need, item.quantity),
        count === 0 ? '' : String(count),
        `. . . . . . . . ${item.currency}`,
      ]),
    ),
  ),
];
