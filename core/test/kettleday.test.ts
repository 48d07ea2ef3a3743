/** The charges of a day, worked out by hand, and what no schedule may do. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, type Coat } from '@lentum/core/buildup';
import { kettleDay, type KettleDay } from '@lentum/core/site';
import { evaluate } from './support/formula.ts';

const HOUR = 3_600_000;
const hot = catalogue()
  .find((b) => b.id === 'hot-rubberised')!
  .layers.filter(isCoat)
  .find((l) => l.id === 'first')!;
const day = (areaM2: number, more: object = {}, coat: Coat = hot): KettleDay => {
  const found = kettleDay(coat, areaM2, { litMs: 0, people: 2, ...more });
  if (!found.ok) throw new Error('no day');
  return found.value;
};

describe('the charges of a day', () => {
  it('240 m² of 3 mm in a kettle of 300 kg: 16 blocks, 83.5 m² a charge, three charges', () => {
    const d = day(240);
    // 16 × 18 = 288 kg; over 1.15 kg/L and 3 mm: 83.48 m². The third covers what is left: 73.04 m², 252 kg, 14 blocks.
    expect(d.charges.map((c) => c.blocks)).toEqual([16, 16, 14]);
    expect(d.charges[0]!.covers.value).toBeCloseTo(288 / 1.15 / 3, 9);
    expect(d.charges[2]!.covers.value).toBeCloseTo(240 - (2 * 288) / 1.15 / 3, 9);
    // 100 kg an hour melt (typical), two people lay 35 m² an hour.
    expect(d.charges[0]!.readyMs).toBeCloseTo(2.88 * HOUR, 3);
    expect(d.charges[0]!.laidMs).toBeCloseTo((2.88 + 288 / 1.15 / 3 / 35) * HOUR, 3);
    expect(d.charges[1]!.litMs).toBe(d.charges[0]!.laidMs);
    expect([d.ends, d.left.value]).toEqual(['all is laid', 0]);
  });
  it('no charge is begun that would be laid after the last flame', () => {
    const d = day(240, { lastFlameMs: 6 * HOUR });
    expect([d.charges.length, d.ends]).toEqual([1, 'the last flame']);
    expect(d.left.value).toBeCloseTo(240 - 288 / 1.15 / 3, 9);
    expect(day(240, { lastFlameMs: HOUR }).charges).toEqual([]);
  });
  it('nor one that is longer at heat than its sheet allows', () => {
    const short = {
      ...hot,
      kettle: { ...hot.kettle!, hoursAtHeat: { value: 3, source: 'typical' as const } },
    };
    expect(day(240, {}, short)).toMatchObject({ charges: [], ends: 'too long at heat' });
    expect(day(100_000).ends).toBe('no more are counted');
  });
  it('whatever is asked: one after the other, nothing twice, nothing lost', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2000, noNaN: true }),
        fc.integer({ min: 18, max: 800 }),
        fc.integer({ min: 1, max: 6 }),
        fc.option(fc.integer({ min: 0, max: 14 }), { nil: undefined }),
        (areaM2, holdsKg, people, hours) => {
          const lastFlameMs = hours === undefined ? undefined : hours * HOUR;
          const d = day(areaM2, { holdsKg, people, lastFlameMs });
          let at = 0;
          for (const c of d.charges) {
            expect(c.litMs).toBe(at);
            expect(c.readyMs).toBeGreaterThan(c.litMs);
            expect(c.laidMs).toBeGreaterThan(c.readyMs);
            expect(c.mass.value).toBeLessThanOrEqual(holdsKg);
            if (lastFlameMs !== undefined) expect(c.laidMs).toBeLessThanOrEqual(lastFlameMs);
            at = c.laidMs;
            for (const f of [c.mass, c.covers, c.meltHours, c.layHours])
              expect(evaluate(f)).toBeCloseTo(f.value, 9);
          }
          expect(d.laid.value + d.left.value).toBeCloseTo(areaM2, 6);
          expect(d.ends === 'all is laid').toBe(d.left.value < 1e-6);
        },
      ),
    );
  });
});
