import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { catalogue, typicalDetails } from '@lentum/core/buildup';
import type { Figure } from '@lentum/core/figures';
import {
  chooseBoth,
  chooseContainers,
  DEFAULT_ORDER,
  ORDER_COLUMNS,
  orderRows,
  takeoff,
  whatIf,
  type OrderDoc,
  type OrderLine,
  type StockItem,
  type Takeoff,
  type WhatIf,
} from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import type { Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone } from './support/zones.ts';

/** Every combination, by brute force: least total, then fewest containers. */
function brute(need: number, sizes: readonly number[]): { total: number; count: number } {
  let best = { total: Infinity, count: Infinity };
  const visit = (i: number, total: number, count: number): void => {
    const size = sizes[i];
    if (total >= need - 1e-9) {
      if (total < best.total - 1e-9 || (Math.abs(total - best.total) < 1e-9 && count < best.count))
        best = { total, count };
      return;
    }
    if (size === undefined) return;
    for (let k = 0; k <= Math.ceil(need / size); k += 1) visit(i + 1, total + k * size, count + k);
  };
  visit(0, 0, 0);
  return best;
}

const tins = (...sizes: number[]) => sizes.map((net) => ({ net }));
const count = (picks: readonly { count: number }[]): number => picks.reduce((s, p) => s + p.count, 0);

describe('containers', () => {
  it.each<[number, number[], number, number]>([
    [42, [25, 6], 42, 7],
    [41.5, [25, 5], 45, 5],
    [50, [25, 5], 50, 2],
    [297.36, [25, 5], 300, 12],
    [0, [25], 0, 0],
  ])('%d from %j: %d in %d', (need, sizes, total, n) => {
    const c = chooseContainers(need, tins(...sizes));
    expect(c.total).toBeCloseTo(total, 9);
    expect(count(c.picks)).toBe(n);
  });

  it('is the brute-force optimum', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 160 }),
        fc.uniqueArray(fc.integer({ min: 3, max: 33 }), { minLength: 1, maxLength: 3 }),
        (need, sizes) => {
          const ours = chooseContainers(need, tins(...sizes));
          const best = brute(
            need,
            [...sizes].sort((a, b) => b - a),
          );
          expect(ours.total).toBe(best.total);
          expect(count(ours.picks)).toBe(best.count);
        },
      ),
    );
  });

  /** Every cover of which no container can be left away, cheapest first; ties by what is left over, then by number. */
  function covers(need: number, sizes: readonly { net: number; price: number }[]) {
    const found: { counts: number[]; cost: number; total: number; n: number }[] = [];
    const visit = (i: number, counts: number[], total: number): void => {
      const size = sizes[i];
      if (!size) {
        if (total < need) return;
        if (sizes.some((s, k) => (counts[k] ?? 0) > 0 && total - s.net >= need)) return;
        const cost = counts.reduce((sum, c, k) => sum + c * sizes[k]!.price, 0);
        found.push({ counts, cost, total, n: counts.reduce((a, b) => a + b, 0) });
        return;
      }
      for (let k = 0; k <= Math.ceil(need / size.net); k += 1)
        visit(i + 1, [...counts, k], total + k * size.net);
    };
    visit(0, [], 0);
    return found;
  }
  const cheap = fc.record({
    need: fc.integer({ min: 1, max: 90 }),
    sizes: fc.uniqueArray(
      fc.record({ net: fc.integer({ min: 3, max: 33 }), price: fc.integer({ min: 1, max: 60 }) }),
      {
        minLength: 1,
        maxLength: 3,
        selector: (s) => s.net,
      },
    ),
  });
  it.each(['least cost', 'least left over'] as const)(
    '%s: best and next best as in a search of everything',
    (aim) => {
      fc.assert(
        fc.property(cheap, ({ need, sizes }) => {
          const ours = chooseBoth(
            need,
            sizes.map((s) => ({ net: s.net, price: { value: s.price } })),
            aim,
          );
          const score = (c: { cost: number; total: number; n: number }): number[] =>
            aim === 'least cost' ? [c.cost, c.total, c.n] : [c.total, c.cost, c.n];
          const ranked = covers(need, sizes).sort((a, b) => {
            const [x, y] = [score(a), score(b)];
            return x[0]! - y[0]! || x[1]! - y[1]! || x[2]! - y[2]!;
          });
          const of = (c: (typeof ours)['best'] | undefined): number[] | undefined =>
            c &&
            score({
              cost: c.picks.reduce((sum, p) => sum + p.count * p.container.price.value, 0),
              total: c.total,
              n: count(c.picks),
            });
          expect(of(ours.best)).toEqual(score(ranked[0]!));
          if (ranked[1]) expect(of(ours.runnerUp)).toEqual(score(ranked[1]));
        }),
        { numRuns: 300 },
      );
    },
  );

  it('agrees with an exact solver (HiGHS) on five sizes with prices', async () => {
    const solver = await loadHighs();
    const sizes = [
      { net: 25, price: 215 },
      { net: 10, price: 91 },
      { net: 5, price: 49 },
      { net: 2.5, price: 27 },
      { net: 1, price: 12.5 },
    ];
    for (const need of [0.7, 3.3, 18.2, 61.9, 444.4, 1503.25]) {
      const lp = `Minimize obj: ${sizes.map((s, i) => `${s.price} x${i}`).join(' + ')}
Subject To
 c: ${sizes.map((s, i) => `${s.net} x${i}`).join(' + ')} >= ${need}
General
 ${sizes.map((_, i) => `x${i}`).join(' ')}
End`;
      const ours = chooseContainers(
        need,
        sizes.map((s) => ({ net: s.net, price: { value: s.price } })),
        'least cost',
      );
      const cost = ours.picks.reduce((sum, p) => sum + p.count * p.container.price.value, 0);
      expect(cost).toBeCloseTo(solver.solve(lp).ObjectiveValue, 6);
    }
  });

  it('sizes of odd measure, such as gallons in litres, are not mixed to save a spoonful', () => {
    // 5 gal and 1 gal: 18.927 and 3.785 L; 5,000 L by hand: 264 pails are 4,996.7, one tin more covers it.
    const c = chooseContainers(5000, tins(18.927, 3.785));
    expect(c.picks.map((p) => [p.container.net, p.count])).toEqual([
      [18.927, 264],
      [3.785, 1],
    ]);
  });

  it('covers the need, and one more square metre never orders less', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5000, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        (need, more) => {
          const a = chooseContainers(need, tins(25, 5));
          expect(a.total).toBeGreaterThanOrEqual(need * (1 - 1e-8));
          expect(chooseContainers(need + more, tins(25, 5)).total).toBeGreaterThanOrEqual(a.total - 1e-9);
        },
      ),
    );
  });
});

const zone = (id: string, w: number, h: number): Zone =>
  pointsZone(corners(w, h), { id, code: id.toUpperCase(), name: id });
const doc = (...ids: string[]) => ({
  buildUps: [...catalogue()],
  zones: ids.map((zoneId) => ({
    zoneId,
    buildUpId: 'reinforced-polyurethane',
    revision: 1,
    conditions: [],
    choices: {},
  })),
});

const part = (line: { net: Figure }): [string, number][] =>
  Object.values(line.net.inputs).map((p) => [p.label, Number(p.value.toFixed(6))]);
const lineOf = (t: Takeoff, layerId: string): OrderLine =>
  t.lines.find((l) => l.layers.some((x) => x.layer.id === layerId))!;

/**
 * Side laps of 75 mm on 10 × 5 m and 8 × 5 m of fleece 1.05 m wide: six courses, five laps of 10 m and five of 8 m,
 * 6.75 m². Fleece of 110 g/m² holds 7.5 L a kilogram; the resin is 1.3 kg/L.
 */
const LAPS_KG = 5 * (10 + 8) * 0.075 * (0.11 * 7.5) * 1.3;

describe('takeoff', () => {
  it('orders two coats of one resin together, with a working down to the corners', () => {
    const t = takeoff({ zones: [zone('a', 10, 5), zone('b', 8, 5)] }, doc('a', 'b'), DEFAULT_ORDER);
    const resin = lineOf(t, 'first');
    expect(resin.layers.map((l) => l.layer.id)).toEqual(['first', 'second']);
    expect(resin.item.name).toBe('Polyurethane resin');
    // 90 m² at 1.85 and at 1.1 kg/m²; laps, filled a second time; and 5 % on top.
    expect(resin.net.value).toBeCloseTo(90 * 2.95 + LAPS_KG, 9);
    expect(resin.gross.value).toBeCloseTo((90 * 2.95 + LAPS_KG) * 1.05, 9);
    expect(resin.buy.total).toBe(290);
    for (const line of t.lines)
      for (const figure of [line.net, line.gross, line.need, line.price!, line.mass!])
        expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
  });
  it('counts fabric by its courses: ten of 10 m on rolls of 50 m (worked by hand)', () => {
    const fleece = lineOf(takeoff({ zones: [zone('a', 10, 9)] }, doc('a'), DEFAULT_ORDER), 'fleece');
    // 9 m across in courses of 0.975 m: nine and the lap of the first are not enough, ten are; 100 m of 1.05 m.
    expect(fleece.net.value).toBeCloseTo(100 * 1.05, 9);
    expect(count(fleece.buy.picks)).toBe(2);
    // 52.5 m² at 110 g/m², twice.
    expect(fleece.mass!.value).toBeCloseTo(2 * 52.5 * 0.11, 9);
  });
  const under = (
    buildUpId: string,
    ...zones: { zoneId: string; conditions?: 'rough'[]; choices?: Record<string, string> }[]
  ) => ({
    buildUps: [...catalogue()],
    zones: zones.map((z) => ({ conditions: [], choices: {}, buildUpId, revision: 1, ...z })),
  });
  it('counts sheets by their courses', () => {
    const t = takeoff(
      { zones: [zone('a', 10, 9)] },
      under('self-adhered-two-ply', { zoneId: 'a' }),
      DEFAULT_ORDER,
    );
    const cap = lineOf(t, 'cap');
    // 9 m across in courses of 0.9 m, ten of them, each a roll of 10 m.
    expect(cap.net.value).toBeCloseTo(100, 9);
    expect(count(cap.buy.picks)).toBe(10);
    expect(evaluate(cap.gross)).toBeCloseTo(cap.gross.value, 9);
  });
  it('each zone at the rates of its own options and conditions, in one line', () => {
    const t = takeoff(
      { zones: [zone('a', 10, 5), zone('b', 8, 5), zone('c', 2, 5)] },
      under(
        'vehicular-deck',
        { zoneId: 'a' },
        { zoneId: 'b', choices: { place: 'ramp' } },
        { zoneId: 'c', conditions: ['rough'] },
      ),
      DEFAULT_ORDER,
    );
    expect(part(lineOf(t, 'membrane'))).toEqual([
      ['a, Membrane, net', 130],
      ['b, Membrane, net', 104],
      ['c, Membrane, net', 29.9],
    ]);
    expect(part(lineOf(t, 'wear-ramp'))).toEqual([['b, Wear coat, ramp, net', 176]]);
    expect(new Set(t.lines.map((l) => l.key)).size).toBe(t.lines.length);
  });
  it('what is sprayed has overspray on top, and then waste: 0.25 mm at 55 % on 90 m², in litres', () => {
    const t = takeoff(
      { zones: [zone('a', 10, 9)] },
      under('metal-elastomeric', { zoneId: 'a' }),
      DEFAULT_ORDER,
    );
    const base = lineOf(t, 'base');
    expect(base.quantity).toBe('volume');
    expect(base.net.value).toBeCloseTo((0.25 / 0.55) * 90, 9);
    expect(base.gross.value).toBeCloseTo((0.25 / 0.55) * 90 * 1.08 * 1.05, 9);
    expect(evaluate(base.gross)).toBeCloseTo(base.gross.value, 9);
  });
  it('a rough ground swallows its profile where the coat has no rate of its own for it', () => {
    const profile = (buildUpId: string, layerId: string): number[] =>
      part(
        lineOf(
          takeoff(
            { zones: [zone('a', 10, 9)] },
            under(buildUpId, { zoneId: 'a', conditions: ['rough'] }),
            DEFAULT_ORDER,
          ),
          layerId,
        ),
      ).flatMap(([label, value]) => (label.endsWith('into the profile') ? [value] : []));
    // 0.15 L/m² on 90 m² for the emulsion; the polyurethane has a rate for rough ground.
    expect(profile('cold-bitumen', 'first')).toEqual([13.5]);
    expect(profile('reinforced-polyurethane', 'first')).toEqual([]);
  });
  it('a slope adds area, an upstand adds what goes up and its strips', () => {
    const flat = takeoff({ zones: [zone('a', 10, 5)] }, doc('a'), DEFAULT_ORDER);
    const steep = takeoff({ zones: [{ ...zone('a', 10, 5), fallPct: 75 }] }, doc('a'), DEFAULT_ORDER);
    // 1 in 0.75 … √(1 + 0.75²) = 1.25. Laps are counted by their courses.
    const field = (t: Takeoff): number =>
      part(lineOf(t, 'first')).reduce((sum, [label, v]) => sum + (label.includes('in laps of') ? 0 : v), 0);
    expect(field(steep)).toBeCloseTo(field(flat) * 1.25, 5);
    const up = takeoff(
      {
        zones: [
          {
            ...zone('a', 10, 5),
            sides: [{ edge: { kind: 'upstand', heightMm: 200, termination: 'bar' }, riseM: 0 }],
          },
        ],
      },
      doc('a'),
      DEFAULT_ORDER,
    );
    const labels = part(lineOf(up, 'first')).map(([l]) => l);
    expect(labels).toEqual([
      'a, First coat, net',
      'a, Second coat, net',
      'a, under the pieces, side 1',
      'a, over the pieces, side 1',
      'a, going up, side 1',
      'a, First coat in laps of the fleece',
    ]);
    expect(part(lineOf(up, 'fleece')).map(([l]) => l)).toContain('a, pieces for details');
    expect(up.lines.map((l) => l.item.name)).toEqual(expect.arrayContaining(['Termination bar', 'Sealant']));
    for (const l of up.lines) expect(evaluate(l.gross)).toBeCloseTo(l.gross.value, 9);
  });
  it('pockets are no membrane for a zone, and say so', () => {
    const t = takeoff(
      { zones: [zone('a', 10, 9)] },
      under('penetration-pocket', { zoneId: 'a' }),
      DEFAULT_ORDER,
    );
    expect(t.lines).toEqual([]);
    expect(t.missing[0]?.why[0]?.expected).toContain('a membrane for the field');
  });
  it('names the zones that are missing and why', () => {
    const t = takeoff({ zones: [zone('a', 10, 5), zone('b', 8, 5)] }, doc('a'), DEFAULT_ORDER);
    expect(t.missing).toMatchObject([{ zoneId: 'b', why: [{ kind: 'missing', label: 'b, build-up' }] }]);
  });
  it('more waste never orders less', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 40 }), (waste, more) => {
        const bought = (pct: number): number[] =>
          takeoff({ zones: [zone('a', 13, 7)] }, doc('a'), {
            ...DEFAULT_ORDER,
            wastePct: { ...DEFAULT_ORDER.wastePct, liquid: { value: pct, source: 'chosen' } },
          }).lines.map((l) => l.buy.total);
        const [low, high] = [bought(waste), bought(waste + more)];
        high.forEach((b, i) => expect(b).toBeGreaterThanOrEqual(low[i]!));
      }),
    );
  });
});

describe('stock and deliveries', () => {
  const zones = { zones: [zone('a', 10, 5), zone('b', 8, 5)] };
  const order = (more: Partial<OrderDoc>): OrderDoc => ({ ...DEFAULT_ORDER, ...more });
  const resinKey = lineOf(takeoff(zones, doc('a', 'b'), DEFAULT_ORDER), 'first').item.key;
  const stock = (id: string, amount: number, more: Partial<StockItem> = {}): StockItem => ({
    id,
    item: resinKey,
    name: id,
    amount,
    opened: false,
    ...more,
  });

  it('uses what is there first, opened containers before full ones', () => {
    const t = takeoff(
      zones,
      doc('a', 'b'),
      order({ stock: [stock('full', 250), stock('open', 12, { opened: true })] }),
    );
    const resin = lineOf(t, 'first');
    // 286.376 kg gross: 12 from the opened tin, 250 from the full ones, 24.376 to buy.
    expect(resin.drawn.map((d) => [d.stock.id, d.amount])).toEqual([
      ['open', 12],
      ['full', 250],
    ]);
    expect(resin.need.value).toBeCloseTo((90 * 2.95 + LAPS_KG) * 1.05 - 262, 9);
    expect(resin.buy.total).toBe(25);
    expect(evaluate(resin.need)).toBeCloseTo(resin.need.value, 9);
    expect(t.idle).toEqual([]);
  });
  it('groups by zone: each with whole containers of its own', () => {
    const t = takeoff(zones, doc('a', 'b'), order({ groupBy: 'zone' }));
    expect(t.groups.map((g) => g.name)).toEqual(['a', 'b']);
    const resin = t.groups.map((g) => g.lines.find((l) => l.item.key === resinKey)!);
    expect(resin.map((l) => l.buy.total)).toEqual([160, 130]);
    expect(resin[0]!.key).not.toBe(resin[1]!.key);
  });
  it('groups by delivery: stock goes to the first one; what spoils or lies too long is said', () => {
    const t = takeoff(
      zones,
      doc('a', 'b'),
      order({
        groupBy: 'delivery',
        stock: [
          stock('old', 40, { bestBefore: '2026-06-01' }),
          stock('good', 30, { bestBefore: '2027-01-01' }),
        ],
        deliveries: [
          { id: 'late', name: 'Second', on: '2026-07-01', usedBy: '2027-12-01', zoneIds: ['b'] },
          { id: 'early', name: 'First', on: '2026-06-01', usedBy: '2026-06-20', zoneIds: ['a'] },
        ],
      }),
    );
    expect(t.groups.map((g) => g.name)).toEqual(['First', 'Second']);
    const [first, second] = t.groups.map((g) => g.lines.find((l) => l.item.key === resinKey)!);
    expect(first!.drawn.map((d) => d.stock.id)).toEqual(['good']);
    expect(sentence(first!.problems[0]!)).toBe(
      'old in stock: best before 2026-06-01, laid until 2026-06-20; expected stock that keeps until it is laid: it is not counted.',
    );
    expect(second!.drawn).toEqual([]);
    expect(sentence(second!.problems[0]!)).toBe(
      'Second, Polyurethane resin: it keeps 12 months and lies 518 days; expected a later delivery, or an earlier use.',
    );
  });
  it('zones that no delivery names, and stock that nothing takes, are listed', () => {
    const t = takeoff(
      zones,
      doc('a', 'b'),
      order({
        groupBy: 'delivery',
        stock: [{ ...stock('odd', 5), item: 'something else' }],
        deliveries: [{ id: 'one', name: 'One', on: '2026-06-01', usedBy: '2026-06-20', zoneIds: ['a'] }],
      }),
    );
    expect(t.undelivered).toEqual(['b']);
    expect(t.groups.map((g) => g.name)).toEqual(['One', 'Not in a delivery yet']);
    expect(t.idle.map((s) => s.id)).toEqual(['odd']);
  });
  it('a thing without packs on sale cannot be bought, and says what is missing', () => {
    const roof = {
      ...zone('a', 10, 5),
      sides: [{ edge: { kind: 'upstand' as const, heightMm: 200, termination: 'bar' as const }, riseM: 0 }],
    };
    const [pu] = catalogue();
    const bare = { ...pu!, details: { ...typicalDetails(pu!), sundries: [] } };
    const t = takeoff({ zones: [roof] }, { ...doc('a'), buildUps: [bare] }, DEFAULT_ORDER);
    const bar = t.lines.find((l) => l.item.name === 'Termination bar')!;
    expect(bar.problems.map(sentence)).toEqual([
      'Termination bar, packs on sale is missing; expected at least one pack that can cover the need: name and content, in the build-up.',
    ]);
    expect(bar.buy.picks).toEqual([]);
  });
  it('what if: another waste, more field, another build-up', () => {
    const before = takeoff(zones, doc('a', 'b'), DEFAULT_ORDER);
    const ask = (terms: WhatIf) => whatIf(zones, doc('a', 'b'), DEFAULT_ORDER, before, terms);
    expect(ask({}).changes).toEqual([]);
    const more = ask({ areaPct: 10 });
    expect(lineOf(more.after, 'first').net.value).toBeCloseTo(lineOf(before, 'first').net.value * 1.1, 9);
    expect(evaluate(lineOf(more.after, 'first').gross)).toBeCloseTo(
      lineOf(more.after, 'first').gross.value,
      9,
    );
    expect(more.priceAfter.value).toBeGreaterThan(more.priceBefore.value);
    expect(ask({ liquidPct: 40 }).changes.map((c) => c.name)).toContain('Polyurethane resin');
    const other = ask({ swap: { zoneId: 'b', buildUpId: 'two-coat-silicone', revision: 1 } });
    expect(other.changes.some((c) => c.before === undefined)).toBe(true);
    expect(other.after.lines.flatMap((l) => l.layers.map((x) => x.buildUp.id))).toContain(
      'two-coat-silicone',
    );
  });
  it('carried in general words, the strongest first', () => {
    const t = takeoff(zones, doc('a', 'b'), DEFAULT_ORDER);
    expect(lineOf(t, 'first').carriage?.what).toBe('flammable liquid');
    expect(lineOf(t, 'fleece').carriage).toBeUndefined();
  });
  it('rows for a file: one a line, as wide as their head', () => {
    const t = takeoff(zones, doc('a', 'b'), DEFAULT_ORDER);
    const rows = orderRows(t.groups);
    expect(rows.length).toBe(t.lines.length);
    for (const row of rows) expect(row.length).toBe(ORDER_COLUMNS.length);
    expect(rows[0]!.slice(1, 4)).toEqual(['Primer', 'a; b', 22.5]);
  });
});
