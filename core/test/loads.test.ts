/** Loads on a deck against an engineer's allowance, by hand: a millimetre of water on a square metre is a kilogram. */
import { describe, expect, it } from 'vitest';
import { catalogue, resolve, totals } from '@lentum/core/buildup';
import { fallsReport } from '@lentum/core/falls';
import { deckLoads, DEFAULT_ORDER } from '@lentum/core/order';
import type { Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone } from './support/zones.ts';

const buildUp = resolve(catalogue()[0]!);
const own = totals(buildUp).weight.value;
const zone = (deckLoad?: Zone['deckLoad'], more: Partial<Zone> = {}): Zone =>
  pointsZone(corners(10, 6), { ...(deckLoad ? { deckLoad } : {}), ...more });
const loads = (z: Zone, more: object = {}) =>
  deckLoads(z, { buildUp, falls: undefined, order: DEFAULT_ORDER, ...more });
const answers = (z: Zone) => loads(z).loads.map((l) => [l.key, l.answer]);

describe('loads on the deck', () => {
  it('each with what stays below it: build-up, then 50 mm of water, or a pallet of 700 kg on 0.96 m²', () => {
    const found = loads(zone()).loads;
    expect(found.map((l) => l.key)).toEqual(['build-up', 'flood', 'pallet']);
    expect(found.map((l) => l.load.value)).toEqual([own, own + 50, own + 700 / 0.96]);
    for (const l of found) expect(evaluate(l.load)).toBeCloseTo(l.load.value, 9);
  });
  it('without an allowance, or with nobody named for it, nothing can be told', () => {
    for (const z of [zone(), zone({ kgPerM2: 500, says: ' ' })])
      expect(answers(z).every(([, a]) => a === 'cannot tell')).toBe(true);
  });
  it('an engineer’s 200 kg/m² bear the water and not the pallet, which says how wide it is spread', () => {
    const z = zone({ kgPerM2: 200, says: 'engineer, 3 May' });
    expect(answers(z)).toEqual([
      ['build-up', 'within'],
      ['flood', 'within'],
      ['pallet', 'too heavy'],
    ]);
    const spread = loads(z).loads.at(-1)!.spreadM2!;
    expect(spread.value).toBeCloseTo(700 / (200 - own), 9);
    expect(evaluate(spread)).toBeCloseTo(spread.value, 9);
  });
  it('at the limit it is within, a gram over it is not; nothing is spread where nothing is left', () => {
    const at = (kgPerM2: number) => answers(zone({ kgPerM2, says: 'engineer' }))[1];
    expect(at(own + 50)).toEqual(['flood', 'within']);
    expect(at(own + 49.999)).toEqual(['flood', 'too heavy']);
    expect(loads(zone({ kgPerM2: own / 2, says: 'engineer' })).loads.at(-1)!.spreadM2).toBeUndefined();
  });
  it('a levelling counts at its thickest, by its density', () => {
    const flat = zone(undefined, {
      features: [
        {
          id: 'o',
          kind: 'outlet',
          count: 1,
          at: { alongM: 5, acrossM: 3 },
          sizes: { diameterMm: 80 },
          note: '',
        },
      ],
      levels: {
        ...zone().levels,
        points: [0, 5, 10].flatMap((x) =>
          [0, 3, 6].map((y) => ({ id: `l${x}-${y}`, at: { alongM: x, acrossM: y }, valueM: 0 })),
        ),
      },
    });
    const falls = fallsReport(flat);
    if (!falls.ok) throw new Error('no falls');
    const [first] = loads(flat, { falls: falls.value }).loads;
    expect(first!.key).toBe('levelling');
    expect(first!.load.value).toBeCloseTo(
      falls.value.levelling!.facts.thickestM * 1000 * flat.levels.mixKgPerL,
      9,
    );
  });
});
