import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@lentum/core/buildup';
import { chooseContainers, DEFAULT_ORDER, takeoff } from '@lentum/core/order';
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
  buildUps: [...CATALOGUE],
  zones: ids.map((zoneId) => ({
    zoneId,
    buildUpId: 'reinforced-polyurethane',
    revision: 1,
    conditions: [],
    choices: {},
  })),
});

describe('takeoff', () => {
  it('adds zones with one build-up and shows a working down to the corners', () => {
    const t = takeoff({ zones: [zone('a', 10, 5), zone('b', 8, 5)] }, doc('a', 'b'), DEFAULT_ORDER);
    const first = t.lines.find((l) => l.layer.id === 'first')!;
    expect(first.area.value).toBeCloseTo(90, 9);
    expect(first.net.value).toBeCloseTo(90 * 1.85, 9);
    expect(first.gross.value).toBeCloseTo(90 * 1.85 * 1.05, 9);
    expect(first.buy.total).toBe(175);
    for (const line of t.lines) expect(evaluate(line.gross)).toBeCloseTo(line.gross.value, 9);
  });
  it('counts fabric with its laps: 90 m² of 1.05 × 50 m at 75 and 100 mm (worked by hand)', () => {
    const t = takeoff({ zones: [zone('a', 10, 9)] }, doc('a'), DEFAULT_ORDER);
    const fleece = t.lines.find((l) => l.layer.kind === 'fabric')!;
    expect(fleece.net.value).toBeCloseTo((90 * 52.5) / (0.975 * 49.9), 9);
    expect(count(fleece.buy.picks)).toBe(2);
  });
  const under = (
    buildUpId: string,
    ...zones: { zoneId: string; conditions?: 'rough'[]; choices?: Record<string, string> }[]
  ) => ({
    buildUps: [...CATALOGUE],
    zones: zones.map((z) => ({ conditions: [], choices: {}, buildUpId, revision: 1, ...z })),
  });
  it('counts sheets and boards like rolls, with their own waste', () => {
    const t = takeoff(
      { zones: [zone('a', 10, 9)] },
      under('self-adhered-two-ply', { zoneId: 'a' }),
      DEFAULT_ORDER,
    );
    const cap = t.lines.find((l) => l.layer.id === 'cap')!;
    // 90 m² of 1 × 10 m at 100 and 150 mm: 90 × 10 / (0.9 × 9.85), and 5 % on top; each roll is 10 m².
    expect(cap.net.value).toBeCloseTo(900 / (0.9 * 9.85), 9);
    expect(count(cap.buy.picks)).toBe(Math.ceil(((900 / (0.9 * 9.85)) * 1.05) / 10));
    expect(evaluate(cap.gross)).toBeCloseTo(cap.gross.value, 9);
  });
  it('orders zones apart where their options or conditions differ, at their own rates', () => {
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
    const of = (id: string) =>
      t.lines
        .filter((l) => l.layer.id === id)
        .map((l) => [l.zoneNames.join(), Number(l.net.value.toFixed(6))]);
    expect(of('membrane')).toEqual([
      ['a', 130],
      ['b', 104],
      ['c', 29.9],
    ]);
    expect(of('wear-ramp')).toEqual([['b', 176]]);
    expect(new Set(t.lines.map((l) => l.key)).size).toBe(t.lines.length);
  });
  it('a rate by dry film is bought in litres: 0.25 mm at 55 % on 90 m²', () => {
    const t = takeoff(
      { zones: [zone('a', 10, 9)] },
      under('metal-elastomeric', { zoneId: 'a' }),
      DEFAULT_ORDER,
    );
    const base = t.lines.find((l) => l.layer.id === 'base')!;
    expect(base.quantity).toBe('volume');
    expect(base.net.value).toBeCloseTo((0.25 / 0.55) * 90, 9);
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
            wastePct: { ...DEFAULT_ORDER.wastePct, liquid: { value: pct, source: 'chosen' } },
          }).lines.map((l) => l.buy.total);
        const [low, high] = [bought(waste), bought(waste + more)];
        high.forEach((b, i) => expect(b).toBeGreaterThanOrEqual(low[i]!));
      }),
    );
  });
});
