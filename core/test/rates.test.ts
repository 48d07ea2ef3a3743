import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  batchDensity,
  batchOf,
  blankLayer,
  catalystAt,
  coatUnder,
  coatWhen,
  catalogue,
  isCoat,
  laidRate,
  leastOf,
  massRate,
  notchFilm,
  RATE_BASES,
  rateAs,
  solidsOf,
  thickenerAt,
  wetFilm,
  dryFilm,
  type Coat,
} from '@lentum/core/buildup';
import { given } from '@lentum/core/figures';
import { sentence } from '@lentum/core/problems';
import { parseRate, TOLERANCE } from '@lentum/core/units';
import { evaluate } from './support/formula.ts';

const typical = (value: number) => ({ value, source: 'typical' as const });
function coat(change: Partial<Coat>): Coat {
  const made = { ...(blankLayer('coat', 'c') as Coat), ...change };
  return made;
}
const rated = (basis: Coat['rate']['basis'], value: number, more: Partial<Coat> = {}): Coat =>
  coat({ rate: { basis, value, source: 'typical' }, ...more });

describe('all forms of a rate', () => {
  const densities = fc.double({ min: 0.5, max: 3, noNaN: true });
  const solids = fc.double({ min: 0.05, max: 1, noNaN: true });
  it('come back from each other without drift', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...RATE_BASES),
        fc.constantFrom(...RATE_BASES),
        fc.double({ min: 0.01, max: 100, noNaN: true }),
        densities,
        solids,
        (from, to, value, density, share) => {
          const more = { densityKgPerL: typical(density), volumeSolids: typical(share) };
          const there = rateAs(rated(from, value, more), to).value;
          const back = rateAs(rated(to, there, more), from).value;
          expect(Math.abs(back - value) / value).toBeLessThan(TOLERANCE.relative * 10);
        },
      ),
    ));
  it('agree on the film whichever is given', () =>
    fc.assert(
      fc.property(fc.constantFrom(...RATE_BASES), densities, solids, (to, density, share) => {
        const more = { densityKgPerL: typical(density), volumeSolids: typical(share) };
        const first = rated('mass', 1.85, more);
        const other = rated(to, rateAs(first, to).value, more);
        expect(wetFilm(other).value).toBeCloseTo(wetFilm(first).value, 9);
        expect(dryFilm(other).value).toBeCloseTo(dryFilm(first).value, 9);
        expect(massRate(other).value).toBeCloseTo(1.85, 9);
      }),
    ));
  it('show workings that give the figures', () => {
    for (const basis of RATE_BASES) {
      const c = rated(basis, 0.8);
      for (const form of RATE_BASES) expect(evaluate(rateAs(c, form))).toBeCloseTo(rateAs(c, form).value, 9);
      expect(evaluate(laidRate(c).rate)).toBeCloseTo(laidRate(c).rate.value, 9);
    }
  });
});

describe('film pairs of the trade (common practice, no source)', () => {
  // Area per gallon against mils, rounded as they are told on roofs; 231/144 in, exactly, in between.
  it.each([
    ['90 ft2/gal', 17.8],
    ['50 ft2/gal', 32.1],
    ['25 ft2/gal', 64.2],
    ['20 ft2/gal', 80.2],
  ])('%s is %d mil wet', (text, mil) => {
    const read = parseRate(text, 'volume', { system: 'us' });
    if (!read.ok) throw new Error(text);
    expect(wetFilm(rated(read.value.basis, read.value.value)).value / 0.0254).toBeCloseTo(mil, 1);
  });
  it('a film is understood as wet, or as dry when that is said', () => {
    const at = (text: string) => {
      const r = parseRate(text, 'mass', { system: 'metric' });
      return r.ok ? [r.value.basis, Number(r.value.value.toFixed(4))] : r.problems.map(sentence);
    };
    expect(at('0.5 mm')).toEqual(['wetFilm', 0.5]);
    expect(at('0.25 mm dry')).toEqual(['dryFilm', 0.25]);
    expect(at('10 mil DFT')).toEqual(['dryFilm', 0.254]);
    expect(at('10 mil wet')).toEqual(['wetFilm', 0.254]);
    expect(at('1.85')).toEqual(['mass', 1.85]);
    expect(at('2 kg/m2 dry')[0]).toContain('is in a unit that does not fit');
  });
});

describe('solids', () => {
  it('from mass solids: 60 % of a 1.35 kg/L water-based coat leaves 46 % of the volume (worked by hand)', () => {
    const { volumeSolids: _none, ...rest } = coat({
      densityKgPerL: typical(1.35),
      massSolids: typical(0.6),
      volatileKgPerL: typical(1),
    });
    const c = rest as Coat;
    // 1 L weighs 1.35 kg; 40 % of that, 0.54 kg, is water: 0.54 L are lost.
    expect(solidsOf(c).value).toBeCloseTo(0.46, 12);
    expect(evaluate(solidsOf(c))).toBeCloseTo(0.46, 12);
  });
});

describe('mixes', () => {
  const filled = coat({
    mix: {
      by: 'mass',
      source: 'typical',
      split: 'by weight',
      parts: [
        { id: 'r', name: 'Resin', kind: 'resin', parts: 1, densityKgPerL: typical(1) },
        { id: 's', name: 'Sand', kind: 'filler', parts: 2, densityKgPerL: typical(2.65) },
      ],
    },
  });
  const kg = (n: number) => given('batch', n, 'mass', 'chosen');
  it('30 kg of one part resin and two parts sand yield 17.547 L (worked by hand)', () => {
    // 10 kg / 1.0 = 10 L of resin; 20 kg / 2.65 = 7.547 L of sand.
    const batch = batchOf(filled, kg(30))!;
    expect(batch.parts.map((p) => p.mass.value)).toEqual([10, 20]);
    expect(batch.volume.value).toBeCloseTo(17.54717, 5);
    expect(batch.density.value).toBeCloseTo(1.709677, 6);
    for (const figure of [
      batch.volume,
      batch.mass,
      batch.density,
      ...batch.parts.flatMap((p) => [p.mass, p.volume]),
    ])
      expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
  });
  it('ten to one by volume of 1.37 and 1.12 kg/L is 1.3473 kg/L (worked by hand)', () => {
    const sealer = coat({
      mix: {
        by: 'volume',
        source: 'typical',
        split: 'by weight',
        parts: [
          { id: 'a', name: 'A', kind: 'sealer', parts: 10, densityKgPerL: typical(1.37) },
          { id: 'b', name: 'B', kind: 'hardener', parts: 1, densityKgPerL: typical(1.12) },
        ],
      },
    });
    // (13.7 + 1.12) kg in 11 L.
    expect(batchDensity(sealer).value).toBeCloseTo(14.82 / 11, 12);
    expect(evaluate(batchDensity(sealer))).toBeCloseTo(14.82 / 11, 9);
  });
  it('masses and volumes add up whatever the parts', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.1, max: 10, noNaN: true }),
            fc.double({ min: 0.5, max: 4, noNaN: true }),
          ),
          {
            minLength: 2,
            maxLength: 5,
          },
        ),
        fc.constantFrom('mass' as const, 'volume' as const),
        (parts, by) => {
          const mixed = coat({
            mix: {
              by,
              source: 'typical',
              split: 'by weight' as const,
              parts: parts.map(([n, d], i) => ({
                id: `p${i}`,
                name: `P${i}`,
                kind: 'resin',
                parts: n,
                densityKgPerL: typical(d),
              })),
            },
          });
          const batch = batchOf(mixed, kg(12))!;
          expect(batch.mass.value).toBeCloseTo(12, 9);
          expect(batch.volume.value * batch.density.value).toBeCloseTo(12, 9);
        },
      ),
    ));
  it('a coat from the tin has no batch and its own density', () => {
    expect(batchOf(coat({}), kg(1))).toBe(undefined);
    expect(batchDensity(coat({ densityKgPerL: typical(1.3) })).value).toBe(1.3);
  });
});

describe('tables', () => {
  const resin = catalogue()
    .find((b) => b.id === 'methacrylate-terrace')!
    .layers.find((l) => l.id === 'membrane') as Coat;
  it.each([
    [-5, 6],
    [4.9, 6],
    [5, 4],
    [20, 2],
    [35, 1],
  ])('catalyst at %d °C is %d %%', (t, percent) => {
    const r = catalystAt(resin, t);
    expect(r.ok && r.value.value).toBe(percent);
  });
  it.each([-6, 36])('at %d °C nothing is mixed', (t) => {
    const r = catalystAt(resin, t);
    expect(r.ok ? '' : r.problems.map(sentence).join('')).toContain(
      'expected a temperature in the table, -5 to 5, 5 to 15, 15 to 25, 25 to 35 °C: outside it nothing is mixed',
    );
  });
  it('thickener begins at a slope', () => {
    expect(thickenerAt(resin, 2)).toBe(undefined);
    expect(thickenerAt(resin, 5)?.value).toBe(1);
    expect(thickenerAt(resin, 90)?.value).toBe(2);
  });
});

describe('notched trowels (common practice, no source)', () => {
  const tool = (notchMm: number, angleDeg: number) => ({
    kind: 'notched trowel' as const,
    shape: 'square' as const,
    notchMm: typical(notchMm),
    angleDeg: typical(angleDeg),
    note: '',
  });
  it('held at 37° leaves ridges 0.6 of the notch: 10 mm square teeth, 3 mm on average', () =>
    expect(notchFilm(tool(10, 37)).value).toBeCloseTo(3.0, 1));
  it('upright leaves half the notch', () => expect(notchFilm(tool(6, 90)).value).toBeCloseTo(3, 12));
  it('shows its working', () =>
    expect(evaluate(notchFilm(tool(8, 55)))).toBeCloseTo(notchFilm(tool(8, 55)).value, 12));
});

describe('rates by condition', () => {
  const c = coat({
    rate: {
      basis: 'mass',
      value: 2,
      source: 'typical',
      least: { value: 1.5, source: 'typical', why: 'it does not cure' },
      variants: [
        { when: 'rough', basis: 'timesField', value: 1.2, source: 'typical', note: '' },
        { when: 'absorbent', basis: 'wetFilm', value: 1, source: 'typical', note: 'two passes' },
        { when: 'vertical', basis: 'timesField', value: 0.5, source: 'typical', note: '' },
      ],
    },
    densityKgPerL: typical(1),
  });
  it('a factor on the field’s, or a rate of its own', () => {
    expect(coatWhen(c, 'rough').rate.value).toBeCloseTo(2.4, 12);
    expect(laidRate(coatWhen(c, 'absorbent'))).toMatchObject({ basis: 'volume', rate: { value: 1 } });
    expect(coatWhen(c, 'absorbent').because).toBe('rate for absorbent: two passes');
    expect(coatWhen(c, 'ramp')).toBe(c);
  });
  it('of several the thickest film counts; none leaves the field’s', () => {
    expect(coatUnder(c, ['absorbent', 'rough']).because).toBe('rate for rough');
    expect(coatUnder(c, [])).toBe(c);
  });
  it('the absolute least is told as a film', () => expect(leastOf(c)?.value).toBeCloseTo(1.5, 12));
});

it('every working of every coat of the catalogue gives its figure', () => {
  for (const b of catalogue())
    for (const c of b.layers.filter(isCoat)) {
      for (const form of RATE_BASES) expect(evaluate(rateAs(c, form))).toBeCloseTo(rateAs(c, form).value, 9);
      expect(evaluate(batchDensity(c))).toBeCloseTo(batchDensity(c).value, 9);
    }
});
