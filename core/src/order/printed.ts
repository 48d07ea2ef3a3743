/** The order on paper: what is bought, group by group, its total once at the end of each. */
import { columns, heading, line, row, table, type Block, type Telling } from '../printout/index.ts';
import { sentence } from '../problems/index.ts';
import { picksWords } from './table.ts';
import { SECTION_NAMES } from './sections.ts';
import type { OrderGroup, OrderLine, Takeoff } from './takeoff.ts';

const inStock = (l: OrderLine): number => l.drawn.reduce((sum, d) => sum + d.amount, 0);

/** Many zones are said by how many they are. */
const MOST_ZONES = 3;
export const zonesWords = (names: readonly string[]): string =>
  names.length > MOST_ZONES ? `${names.length} zones` : names.join(', ');

function rowsOf(g: OrderGroup, t: Telling, prices: boolean) {
  return g.lines.flatMap((l, i) => [
    ...(l.section === g.lines[i - 1]?.section
      ? []
      : [row([t.w(SECTION_NAMES[l.section])], { tone: 'part' })]),
    row(
      [
        t.w(l.item.name),
        t.figure(l.net),
        t.figure(l.gross),
        l.drawn.length > 0 ? t.value(inStock(l), l.quantity) : '',
        picksWords(l.buy.picks) || (l.need.value > 0 ? '–' : t.w('nothing')),
        ...(prices ? [t.figure(l.price)] : []),
        t.figure(l.mass),
      ],
      {
        notes: [
          [...new Set(l.layers.map((x) => x.layer.name))].filter((n) => n !== l.item.name).join(', '),
          zonesWords(l.zoneNames),
          l.carriage ? t.w(l.carriage.what) : '',
          ...l.problems.map((p) => t.w(sentence(p))),
        ].filter((n) => n !== ''),
      },
    ),
  ]);
}

/**
 * @param notes what the page says under the order: whose prices, what is not proven
 * @param prices false for a reader whom they do not concern
 */
export function orderBlocks(takeoff: Takeoff, notes: readonly string[], t: Telling, prices = true): Block[] {
  return [
    ...takeoff.groups.flatMap((g): Block[] => [
      heading(1, g.name),
      ...(g.delivery ? [line(t.w(`on ${g.delivery.on}, used by ${g.delivery.usedBy}`), 'quiet')] : []),
      table(
        columns(
          ...['Product|34', '>Net', '>Gross', '>In stock', 'To buy|26'],
          ...(prices ? ['>Price'] : []),
          '>Weight',
        ),
        rowsOf(g, t, prices),
        [
          t.w(`${t.figure(g.pallets)} ${g.pallets.value === 1 ? 'pallet' : 'pallets'} by weight`),
          ...['', '', '', prices && g.unpriced.length > 0 ? t.w('without what has no price') : ''],
          ...(prices ? [t.figure(g.price)] : []),
          t.figure(g.mass),
        ],
      ),
      ...(prices && g.unpriced.length > 0
        ? [line(`${t.w('Without a price')}: ${g.unpriced.map(t.w).join(', ')}.`, 'quiet')]
        : []),
    ]),
    ...notes.map((n) => line(n, 'quiet')),
    ...[...takeoff.missing, ...takeoff.unsaid].map((m) => line(t.w(m.why.map(sentence).join(' ')), 'mind')),
  ];
}
