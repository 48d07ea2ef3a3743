import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  dryFromWet,
  filmFromReadings,
  GAUGES,
  judgeReadings,
  missingLitres,
  mixedVolumeL,
  readingFromTooth,
  spots,
  teethOf,
  wetFromDry,
  wetFromMassRate,
  type AcceptanceOutcome,
  type AcceptanceRule,
  type Reading,
} from '@lentum/core/film';

const at = (...mm: number[]): Reading[] => mm.map((v) => ({ lowMm: v, highMm: v + 0.1 }));

describe('film arithmetic (common practice, no source; worked by hand)', () => {
  it.each([
    [1.85, 1.3, 1.4230769],
    [2.6, 1.2, 2.1666667],
    [0.25, 1.05, 0.2380952],
  ])('%d kg/m² at %d kg/L is %d mm wet', (rate, density, film) =>
    expect(wetFromMassRate(rate, density)).toBeCloseTo(film, 6),
  );

  it('a mix of 10 kg resin at 1.0 and 21 kg quartz at 2.65 yields 17.92 L', () => {
    expect(
      mixedVolumeL([
        { massKg: 10, densityKgPerL: 1 },
        { massKg: 21, densityKgPerL: 2.65 },
      ]),
    ).toBeCloseTo(10 + 21 / 2.65, 12);
  });

  it('dry and wet turn into each other', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 10, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (wet, solids) => {
          expect(wetFromDry(dryFromWet(wet, solids), solids)).toBeCloseTo(wet, 9);
        },
      ),
    );
  });

  it.each([
    [1.4, 1.2, 10, 2],
    [1.4, 1.6, 10, 0],
  ])('wanted %d, have %d on %d m²: %d L missing', (w, h, a, l) =>
    expect(missingLitres(w, h, a)).toBeCloseTo(l, 9),
  );
});

describe('wet film gauge: last wetted tooth (ISO 2808, ASTM D4414, from memory)', () => {
  const teeth = teethOf('deep');
  it.each([
    [1.4, { lowMm: 1.4, highMm: 1.5 }],
    [0, { lowMm: 0, highMm: 0.8 }],
    [3, { lowMm: 3, highMm: undefined }],
  ])('tooth %d', (tooth, reading) =>
    expect(readingFromTooth(teeth, tooth)).toEqual({ ok: true, value: reading }),
  );
  it('a tooth that the gauge has not is named', () => {
    expect(readingFromTooth(teeth, 1.45)).toMatchObject({
      ok: false,
      problems: [{ kind: 'unknown', actual: '1.45 mm' }],
    });
  });
  it('the mean carries the interval of the steps', () => {
    expect(filmFromReadings(at(1.4, 1.5))).toMatchObject({ count: 2, meanMm: 1.5, lowMeanMm: 1.45 });
    expect(filmFromReadings([])).toBe(undefined);
    expect(filmFromReadings([{ lowMm: 3, highMm: undefined }])?.highMeanMm).toBe(undefined);
  });
});

describe('acceptance by three schools (common practice, no source)', () => {
  const cases: [string, AcceptanceRule, Reading[], number, AcceptanceOutcome][] = [
    ['all above', 'minimum', at(1.5, 1.6), 1.42, 'passes'],
    ['one below for sure', 'minimum', at(1.5, 1.2), 1.42, 'fails'],
    ['one tooth straddles the limit', 'minimum', at(1.5, 1.4), 1.42, 'too close to tell'],
    ['no readings', 'minimum', [], 1.42, 'no readings'],
    ['mean at the design, spots fine', 'average-and-spots', at(1.5, 1.4, 1.5, 1.4, 1.5, 1.4), 1.42, 'passes'],
    [
      'mean fine, one spot of three under 80 %',
      'average-and-spots',
      at(1.9, 1.9, 1.9, 0.9, 0.9, 0.9),
      1.4,
      'fails',
    ],
    ['one low reading in a good spot', 'average-and-spots', at(1.8, 0.9, 1.8), 1.4, 'passes'],
    ['mean under for sure', 'average-and-spots', at(1.1, 1.2, 1.2), 1.4, 'fails'],
    ['one reading under 80 %', 'mean-and-share', at(2, 2, 2, 2, 0.9), 1.4, 'fails'],
    ['a fifth between 80 and 100 %', 'mean-and-share', at(1.6, 1.6, 1.6, 1.6, 1.2), 1.4, 'passes'],
    ['two fifths between 80 and 100 %', 'mean-and-share', at(2, 2, 2, 1.2, 1.2), 1.4, 'fails'],
    ['the tooth at the limit stayed dry: it was not reached', 'minimum', at(1.3), 1.4, 'fails'],
    ['mean of the dry teeth at the limit: not reached', 'average-and-spots', at(1.3, 1.2), 1.35, 'fails'],
    [
      'dry tooth at 80 %: not reached',
      'mean-and-share',
      [{ lowMm: 1, highMm: 1.2 }, ...at(3, 3)],
      1.5,
      'fails',
    ],
    [
      'thicker than the gauge can say never fails',
      'minimum',
      [{ lowMm: 1, highMm: undefined }],
      1.4,
      'too close to tell',
    ],
  ];
  it.each(cases)('%s', (_, rule, readings, nominal, outcome) =>
    expect(judgeReadings(rule, readings, nominal).outcome).toBe(outcome),
  );

  it('a last incomplete group counts as a spot', () => expect(spots([1, 2, 3, 5])).toEqual([2, 5]));

  /** The rules as they are said, on films that are known; written apart from the judge. */
  const plainly = (rule: AcceptanceRule, films: readonly number[], nominal: number): boolean => {
    const mean = films.reduce((a, b) => a + b, 0) / films.length;
    if (rule === 'minimum') return films.every((f) => f >= nominal);
    if (mean < nominal) return false;
    if (rule === 'mean-and-share') {
      const between = films.filter((f) => f >= 0.8 * nominal && f < nominal).length;
      return films.every((f) => f >= 0.8 * nominal) && between <= films.length / 5;
    }
    for (let i = 0; i < films.length; i += 3) {
      const spot = films.slice(i, i + 3);
      if (spot.reduce((a, b) => a + b, 0) / spot.length < 0.8 * nominal) return false;
    }
    return true;
  };
  const everyFilm = (readings: readonly Reading[]): number[][] =>
    readings.reduce<number[][]>(
      (films, { lowMm, highMm = Infinity }) =>
        [lowMm, (lowMm + Math.min(highMm, 1e6)) / 2, Math.min(highMm, 1e6) - 1e-6].flatMap((mm) =>
          films.map((f) => [...f, mm]),
        ),
      [[]],
    );
  it('says what every film says that the readings leave open (common practice, no source)', () => {
    // Whole numbers, so that a film can lie exactly on its limit.
    const reading = fc
      .tuple(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 1, max: 10 }), fc.boolean())
      .map(([low, step, open]): Reading => ({
        lowMm: low,
        highMm: open && step > 7 ? undefined : low + step,
      }));
    const told = new Set<string>();
    fc.assert(
      fc.property(
        fc.constantFrom<AcceptanceRule>('minimum', 'average-and-spots', 'mean-and-share'),
        fc.array(reading, { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 1, max: 7 }).map((n) => n * 5),
        (rule, readings, nominal) => {
          const verdicts = new Set(everyFilm(readings).map((films) => plainly(rule, films, nominal)));
          const outcome = verdicts.size === 2 ? 'too close to tell' : verdicts.has(true) ? 'passes' : 'fails';
          told.add(outcome);
          expect(judgeReadings(rule, readings, nominal).outcome).toBe(outcome);
        },
      ),
      { numRuns: 1500 },
    );
    expect(told.size).toBe(3);
  });

  it('more film never turns a pass into a fail', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<AcceptanceRule>('minimum', 'average-and-spots', 'mean-and-share'),
        fc.array(fc.integer({ min: 8, max: 30 }), { minLength: 1, maxLength: 20 }),
        (rule, tenths) => {
          const readings = at(...tenths.map((t) => t / 10));
          const thicker = at(...tenths.map((t) => t / 10 + 0.3));
          if (judgeReadings(rule, readings, 1.5).outcome === 'passes')
            expect(judgeReadings(rule, thicker, 1.5).outcome).toBe('passes');
        },
      ),
    );
  });
});

describe('gauges', () => {
  it.each(GAUGES.map((g) => [g.id, g] as const))('%s: its teeth rise, and lie on its marks', (_, gauge) => {
    const teeth = [...gauge.teethMm];
    expect(teeth).toEqual([...new Set(teeth)].sort((a, b) => a - b));
    for (const tooth of teeth) {
      const marks = gauge.marked === 'mil' ? tooth / 0.0254 : tooth * 100;
      expect(Math.abs(marks - Math.round(marks))).toBeLessThan(1e-9);
      // What is tapped comes back out of a file as the same tooth.
      expect(readingFromTooth(teeth, JSON.parse(JSON.stringify(tooth)) as number).ok).toBe(true);
    }
    // Its name tells its first and last mark.
    const [first, last] = [teeth[0], teeth.at(-1)].map((t) =>
      gauge.marked === 'mil' ? Math.round((t ?? 0) / 0.0254) : (t ?? 0),
    );
    const named = [...gauge.name.matchAll(/\d+(\.\d+)?/g)].map((m) => Number(m[0]));
    expect(named).toEqual([first, last]);
  });
  it('a mil gauge reads what a mil gauge reads: between 8 and 10 mil lies 0.2032 to 0.254 mm', () => {
    expect(readingFromTooth(teethOf('mil-fine'), 0.2032)).toEqual({
      ok: true,
      value: { lowMm: 0.2032, highMm: 0.254 },
    });
  });
});
