/** Requests to suppliers, their answers, and what an order costs with each: money exact, worked by hand. */
import Big from 'big.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue } from '@lentum/core/buildup';
import {
  compareOffers,
  DEFAULT_ORDER,
  moneyText,
  orderSchema,
  readAnswer,
  readPrice,
  REQUEST_COLUMNS,
  requestRows,
  takeoff,
  type Offer,
  type OrderDoc,
  type OrderLine,
} from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { corners, pointsZone } from './support/zones.ts';

const zone = { ...pointsZone(corners(10, 9), { sides: [] }), id: 'a', name: 'a' };
const doc = {
  buildUps: [...catalogue()],
  zones: [{ zoneId: 'a', buildUpId: 'reinforced-polyurethane', revision: 1, conditions: [], choices: {} }],
};
const linesOf = (order: OrderDoc = DEFAULT_ORDER): readonly OrderLine[] =>
  takeoff({ zones: [zone] }, doc, order).lines;
const lines = linesOf();
const resin = lines.find((l) => l.item.name === 'Polyurethane resin')!;
const offer = (id: string, prices: Record<string, string>, more: Partial<Offer> = {}): Offer => ({
  id,
  supplier: id,
  on: '2026-11-01',
  currency: 'EUR',
  note: '',
  lines: lines.flatMap((l) =>
    l.item.packs.flatMap((p) => {
      const price = prices[`${l.item.name}/${p.id}`] ?? prices[l.item.name];
      return price === undefined
        ? []
        : [{ item: l.item.key, packId: p.id, name: l.item.name, pack: p.name, price }];
    }),
  ),
  ...more,
});

describe('prices as they are typed', () => {
  it.each([
    ['12.50', 'EUR', '12.5'],
    ['12,50 €', 'EUR', '12.5'],
    ['EUR 1 234.50', 'EUR', '1234.5'],
    ['$1,234.50', 'USD', '1234.5'],
    ['0.1234', 'EUR', '0.1234'],
    ['1200', 'JPY', '1200'],
  ])('%s in %s', (text, currency, plain) => {
    const read = readPrice(text, currency, 'f', 'Price');
    expect(read.ok && read.value).toBe(plain);
  });
  it.each([
    ['1,234', 'EUR', 'Price: “1,234” can be read in two ways'],
    ['12.50 USD', 'EUR', 'expected a price in EUR'],
    ['£12', 'EUR', 'expected a price in EUR'],
    ['-3', 'EUR', 'expected a price from 0 to 1,000,000,000'],
    ['ask', 'EUR', 'expected a price such as 12.50'],
    ['0.12345', 'EUR', 'expected a price with at most 4 decimals'],
  ])('%s is refused in a sentence', (text, currency, says) => {
    const read = readPrice(text, currency, 'f', 'Price');
    expect(read.ok ? '' : sentence(read.problems[0]!)).toContain(says);
  });
  it('is shown to the smallest coin, never as a float', () => {
    expect(moneyText(new Big('1234567.005'), 'EUR')).toBe('1\u202F234\u202F567.01 EUR');
    expect(moneyText(0.1 + 0.2, 'EUR')).toBe('0.30 EUR');
    expect(moneyText(new Big('1234.5'), 'JPY')).toBe('1\u202F235 JPY');
    expect(moneyText(new Big('12.3456'), 'KWD')).toBe('12.346 KWD');
  });
});

describe('a request and its answer', () => {
  const rows = requestRows(lines);
  const at = (name: (typeof REQUEST_COLUMNS)[number]): number => REQUEST_COLUMNS.indexOf(name);
  const filled = (price: (row: readonly (string | number)[]) => string): string[][] => [
    [...REQUEST_COLUMNS],
    ...rows.map((r) => r.map((c, i) => (i === at('price of a pack') ? price(r) : String(c)))),
  ];
  it('asks for every pack of everything that is to be bought', () => {
    const packs = lines.filter((l) => l.need.value > 0).flatMap((l) => l.item.packs);
    expect(rows).toHaveLength(packs.length);
    const mine = rows.filter((r) => r[at('product')] === 'Polyurethane resin');
    expect(mine.map((r) => r[at('needed')])).toEqual(mine.map(() => Number(resin.need.value.toFixed(3))));
  });
  it('comes back whole, its columns in any order', () => {
    const order = REQUEST_COLUMNS.map((_, i) => i).reverse();
    const answer = readAnswer(
      filled((r) => `${String(r[at('net of a pack')])}.25`.replace(/(\.\d+)\.25$/, '$1')).map((r) =>
        order.map((i) => r[i]!),
      ),
      lines,
      'EUR',
    );
    if (!answer.ok) throw new Error('no answer');
    expect(answer.value.problems).toEqual([]);
    expect(answer.value.lines).toHaveLength(rows.length);
  });
  it('rows without a price are not offered', () => {
    const answer = readAnswer(
      filled((r) => (r[at('product')] === 'Polyurethane resin' ? '99' : '')),
      lines,
      'EUR',
    );
    expect(answer.ok && answer.value.lines.map((l) => l.price)).toEqual(resin.item.packs.map(() => '99'));
    expect(answer.ok && answer.value.empty).toBe(rows.length - resin.item.packs.length);
  });
  it('names the row, the value and what was expected', () => {
    const table = filled(() => '10');
    table[1]![at('item')] = 'something else';
    table[2]![at('price of a pack')] = '1,234';
    table.push([...table[3]!]);
    const answer = readAnswer(table, lines, 'EUR');
    if (!answer.ok) throw new Error('no answer');
    expect(answer.value.problems.map((p) => p.kind)).toEqual(['unknown', 'ambiguousNumber', 'duplicate']);
    expect(sentence(answer.value.problems[0]!)).toMatch(
      /^Row 2, .*something else.*expected a product of this order/,
    );
  });
  it('a table without its columns is refused whole', () => {
    const answer = readAnswer(
      [
        ['a', 'b'],
        ['1', '2'],
      ],
      lines,
      'EUR',
    );
    expect(answer.ok ? '' : sentence(answer.problems[0]!)).toContain('item, pack id, price of a pack');
  });
});

describe('what it costs with each', () => {
  it('takes whole packs of those offered, to the coin, with freight and tax', () => {
    // Packs of 5 and 25 kg. Need: (90 × 2.95 + laps) × 1.05; with 25s alone, so many whole ones.
    const only25 = offer('one', { 'Polyurethane resin/pail-25': '101.335' }, { freight: '45.10' });
    const found = only25.lines.map((l) => l.packId);
    expect(found.length).toBe(1);
    const [o] = compareOffers(lines, [only25], '19', '2026-11-28').offers;
    const count = Math.ceil(resin.need.value / 25);
    const goods = new Big('101.335').times(count).round(2, Big.roundHalfUp);
    expect(o!.goods.toFixed(2)).toBe(goods.toFixed(2));
    expect(o!.net.toFixed(2)).toBe(goods.plus('45.10').toFixed(2));
    expect(o!.tax.toFixed(2)).toBe(goods.plus('45.10').times('0.19').round(2, Big.roundHalfUp).toFixed(2));
    expect(o!.gross.eq(o!.net.plus(o!.tax))).toBe(true);
    expect(o!.missing.map((l) => l.item.name)).not.toContain('Polyurethane resin');
    expect(o!.missing.length).toBe(lines.filter((l) => l.need.value > 0).length - 1);
  });
  it('the cheapest of each line, freight of both counted; what nobody offers is missing', () => {
    const all = (price: string) => Object.fromEntries(lines.map((l) => [l.item.name, price]));
    const a = offer('a', { ...all('10'), 'Polyurethane resin': '50' }, { freight: '20' });
    const b = offer('b', { 'Polyurethane resin': '40' }, { freight: '5' });
    const c = compareOffers(lines, [a, b], '0', '2026-11-28');
    expect(c.split.from.get(resin.key)).toBe('b');
    expect(c.split.missing).toEqual([]);
    const [ta, tb] = c.offers;
    const others = ta!.goods.minus(ta!.lines.get(resin.key)!.cost);
    expect(c.split.net.eq(others.plus(tb!.goods).plus(25))).toBe(true);
  });
  it('what is past, or in another currency, is not counted', () => {
    const past = offer('past', { 'Polyurethane resin': '1' }, { until: '2026-11-27' });
    const dollars = offer('dollars', { 'Polyurethane resin': '1' }, { currency: 'USD' });
    const c = compareOffers(lines, [past, dollars], '0', '2026-11-28');
    expect(c.offers[0]!.expired).toBe(true);
    expect(c.offers[1]!.lines.size).toBe(0);
    expect(c.split.from.size).toBe(0);
  });
  it('sums are the same to the coin in whatever order lines stand (money is no float)', () => {
    const prices = fc.array(fc.integer({ min: 1, max: 9_999_999 }), {
      minLength: lines.length,
      maxLength: lines.length,
    });
    fc.assert(
      fc.property(prices, (cents) => {
        const o = offer('x', Object.fromEntries(lines.map((l, i) => [l.item.name, String(cents[i]! / 100)])));
        const there = compareOffers(lines, [o], '8.875', '2026-11-28').offers[0]!;
        const back = compareOffers([...lines].reverse(), [o], '8.875', '2026-11-28').offers[0]!;
        expect(there.gross.eq(back.gross)).toBe(true);
        // In whole cents: an independent sum.
        const counted = [...there.lines].reduce((sum, [key, q]) => {
          const at = lines.findIndex((l) => l.key === key);
          return sum + BigInt(cents[at]!) * BigInt(q.picks.reduce((n, p) => n + p.count, 0));
        }, 0n);
        expect(there.goods.times(100).toFixed(0)).toBe(counted.toString());
      }),
      { numRuns: 40 },
    );
  });
  it('no cheaper set of its packs covers a need (against every count)', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 100, max: 900 }),
        (five, twentyFive) => {
          const o = offer('x', {
            'Polyurethane resin/pail-5': String(five / 10),
            'Polyurethane resin/pail-25': String(twentyFive / 10),
          });
          const q = compareOffers(lines, [o], '0', '2026-11-28').offers[0]!.lines.get(resin.key)!;
          let least = Infinity;
          for (let n = 0; n <= Math.ceil(resin.need.value / 25); n += 1) {
            const rest = Math.max(0, resin.need.value - 25 * n);
            least = Math.min(least, n * twentyFive + Math.ceil(rest / 5 - 1e-9) * five);
          }
          expect(Number(q.cost.times(10))).toBeCloseTo(least, 9);
        },
      ),
      { numRuns: 60 },
    ));
});

describe('in the order', () => {
  const cheap = offer('cheap', { 'Polyurethane resin': '11.25' });
  const with_ = (more: Partial<OrderDoc>): OrderDoc => ({ ...DEFAULT_ORDER, offers: [cheap], ...more });
  const line = (order: OrderDoc) => linesOf(order).find((l) => l.item.name === 'Polyurethane resin')!;
  it('counts with the prices of whoever is chosen, and says whose', () => {
    const chosen = line(with_({ pricesFrom: 'cheap' }));
    const packs = chosen.buy.picks.reduce((sum, p) => sum + p.count, 0);
    expect(chosen.pricedBy).toBe('cheap');
    expect(chosen.price!.value).toBeCloseTo(packs * 11.25, 9);
    expect(line(with_({})).pricedBy).toBeUndefined();
    expect(line(with_({})).price!.value).toBe(resin.price!.value);
  });
  it('an order from before has none', () => {
    const { offers: _, pricesFrom: __, taxPct: ___, ...before } = with_({});
    expect(orderSchema.parse(before)).toMatchObject({ offers: [], taxPct: '0' });
  });
  it.each(['12,5', '1e3', '-1', '1.23456', ''])('a stored price of %s is refused', (price) => {
    const bad = { ...cheap, lines: [{ ...cheap.lines[0]!, price }] };
    expect(orderSchema.safeParse(with_({ offers: [bad] })).success).toBe(false);
  });
});
