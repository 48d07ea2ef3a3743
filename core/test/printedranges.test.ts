import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  amountFor,
  blankLayer,
  buildUpFindings,
  buildUpSchema,
  catalogue,
  coatWhen,
  filmRangeOf,
  isCoat,
  leastOf,
  mostOf,
  owedFilm,
  rateSet,
  safeEnd,
  STAGES,
  wetFilm,
  type BuildUp,
  type Coat,
} from '@lentum/core/buildup';
import { verdictText } from '@lentum/core/figures';
import { layersFromTable } from '@lentum/core/library';
import { practiceOf } from '@lentum/core/practice';
import { sentence } from '@lentum/core/problems';
import { convert, parseRanged, parseRateRanged, showRanged, type Ranged } from '@lentum/core/units';
import { coated, gateOf, polyurethane, prepared, READY, reading, type Told } from './support/gatejob.ts';

const metric = { system: 'metric' } as const;
const told = (r: ReturnType<typeof parseRanged>): unknown =>
  r.ok ? r.value : r.problems.map(sentence).join(' ');

describe('a range as a sheet prints it', () => {
  it.each([
    ['1.4–1.9 kg/m²', { basis: 'mass', value: 1.9, range: { from: 1.4, to: 1.9 } }],
    ['1.4 to 1.9 kg/m2', { basis: 'mass', value: 1.9, range: { from: 1.4, to: 1.9 } }],
    ['1.7 of 1.4-1.9 kg/m2', { basis: 'mass', value: 1.7, range: { from: 1.4, to: 1.9 } }],
    ['1.4 kg/m² – 1.9 kg/m²', { basis: 'mass', value: 1.9, range: { from: 1.4, to: 1.9 } }],
    ['1,4–1,9', { basis: 'mass', value: 1.9, range: { from: 1.4, to: 1.9 } }],
    ['0.5 to 1 mm dry', { basis: 'dryFilm', value: 1, range: { from: 0.5, to: 1 } }],
    ['5 to 6.25 m2/25 kg', { basis: 'mass', value: 5, range: { from: 4, to: 5 } }],
    ['1.85', { basis: 'mass', value: 1.85 }],
  ])('%s', (text, expected) => expect(told(parseRateRanged(text, 'mass', metric))).toEqual(expected));

  it('of 60–85 ft²/gal the thicker film is at 60 (231 in³ to the US gallon, exact)', () => {
    const read = parseRateRanged('60–85 ft²/gal', 'mass', metric);
    const litres = (ft2: number): number => (231 * 0.0254 ** 3 * 1000) / (ft2 * 0.3048 ** 2);
    expect(read.ok && read.value.range?.from).toBeCloseTo(litres(85), 12);
    expect(read.ok && read.value.value).toBeCloseTo(litres(60), 12);
    expect(convert(60, 'ft²', 'm²')).toBeCloseTo(60 * 0.3048 ** 2, 12);
  });

  it.each([
    ['2 to 5 h', 'to', { value: 5, range: { from: 2, to: 5 } }],
    ['2–5', 'from', { value: 2, range: { from: 2, to: 5 } }],
    ['45 min to 2 h', 'to', { value: 2, range: { from: 0.75, to: 2 } }],
    ['4 of 2–5', 'to', { value: 4, range: { from: 2, to: 5 } }],
    ['3 d', 'to', { value: 72 }],
  ] as const)('%s h, %s', (text, end, expected) =>
    expect(told(parseRanged(text, 'hours', end, metric))).toEqual(expected),
  );

  it.each([
    ['2 to 2 h', 'Foot: 2 to 2 h; expected two figures that differ, or one figure.'],
    ['6 of 2–5 h', 'Foot: 6 of 2–5 h; expected a figure inside its range.'],
    ['2 of 5 h', 'Foot: 2 of 5 h; expected a figure of a range, as in 1.7 of 1.4–1.9.'],
    ['2–5 kg', 'Foot: “5 kg” is in a unit that does not fit here; expected more than 0 h.'],
    ['0–5 h', 'Foot: 0 h is out of range; expected more than 0 h.'],
    ['', 'Foot is missing; expected more than 0 h.'],
  ])('says what is wrong with “%s”', (text, says) =>
    expect(told(parseRanged(text, 'hours', 'to', { ...metric, label: 'Foot', above: 0 }))).toBe(says),
  );

  it('is read back as it is shown', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.integer({ min: 1, max: 400 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom('from', 'to'),
        (low, more, share, end) => {
          const range = { from: low / 8, to: (low + more) / 8 };
          const value = Math.round((range.from + share * (range.to - range.from)) * 8) / 8;
          const ranged: Ranged = { value, range };
          const text = showRanged(ranged, 'hours', end, 'metric', 3);
          expect(told(parseRanged(text, 'hours', end, metric))).toEqual(ranged);
        },
      ),
    ));
});

const typical = (value: number) => ({ value, source: 'typical' as const });
const rated = (rate: Partial<Coat['rate']>, more: Partial<Coat> = {}): Coat => ({
  ...(blankLayer('coat', 'c') as Coat),
  densityKgPerL: typical(1.25),
  volumeSolids: typical(0.8),
  rate: { basis: 'mass', value: 1.5, source: 'data sheet', ...rate },
  ...more,
});

describe('what a range means for a coat', () => {
  const coat = rated({ value: 1.5, range: { from: 1, to: 1.5 } });
  it('owes the lower end, is ordered by the design, may be a little over the upper end', () => {
    expect(owedFilm(coat).value).toBeCloseTo(1 / 1.25, 12);
    expect(wetFilm(coat).value).toBeCloseTo(1.5 / 1.25, 12);
    expect(mostOf(coat).film.value).toBeCloseTo((1.5 / 1.25) * 1.15, 12);
    const area = { ...wetFilm(coat), value: 10, quantity: 'area' as const };
    expect(amountFor(coat, area).value).toBeCloseTo(15, 12);
  });
  it('takes the practice of the job for how far over, and its own most before the range', () => {
    const strict = practiceOf([{ key: 'overRangePct', value: 5, says: 'the engineer asks for it' }]);
    expect(mostOf(coat, strict).film.value).toBeCloseTo(1.2 * 1.05, 12);
    const own = rated({ ...coat.rate, most: { value: 2, source: 'data sheet', why: 'it sags' } });
    expect(mostOf(own)).toMatchObject({ film: { value: 1.6 }, why: 'it sags' });
  });
  it('goes along with a rate that is a multiple, not with one of its own', () => {
    const when = (basis: 'timesField' | 'dryFilm', value: number) =>
      coatWhen(
        rated({
          ...coat.rate,
          least: { value: 0.5, source: 'data sheet', why: 'it does not cure' },
          variants: [{ when: 'ramp', basis, value, source: 'typical', note: '' }],
        }),
        'ramp',
      );
    expect(when('timesField', 2).rate.range).toEqual({ from: 2, to: 3 });
    expect(when('dryFilm', 1).rate.range).toBeUndefined();
    // 0.5 kg/m² over 1.25 kg/L is 0.4 mm wet, in whatever form the rate of the ramp is said.
    expect(leastOf(when('timesField', 2))!.value).toBeCloseTo(0.4, 12);
    expect(leastOf(when('dryFilm', 1))!.value).toBeCloseTo(0.4, 12);
  });
  it('keeps its least and its most when the rate is typed in another form', () => {
    const before = rated({
      least: { value: 0.5, source: 'data sheet', why: 'cure' },
      most: { value: 2.5, source: 'data sheet', why: 'sag' },
    });
    const after: Coat = {
      ...before,
      rate: rateSet(before, { basis: 'wetFilm', value: 1, source: 'chosen' }),
    };
    expect(leastOf(after)!.value).toBeCloseTo(leastOf(before)!.value, 12);
    expect(mostOf(after).film.value).toBeCloseTo(mostOf(before).film.value, 12);
    expect(after.rate).toMatchObject({
      basis: 'wetFilm',
      value: 1,
      least: { value: 0.4 },
      most: { value: 2 },
    });
  });
  it('is empty where a single rate is printed', () => expect(filmRangeOf(rated({}))).toBeUndefined());
});

/** The polyurethane whose base is printed as a range: 1.2 to 1.85 kg/m², 1.85 being its design already. */
const ranged = (from: number, to: number): BuildUp => ({
  ...polyurethane,
  layers: polyurethane.layers.map((l) =>
    isCoat(l) && l.id === 'first' ? { ...l, rate: { ...l.rate, range: { from, to } } } : l,
  ),
});
const based = (buildUp: BuildUp, times: number): Told[] => [
  ...READY,
  coated(buildUp, 'primer', 40),
  coated(buildUp, 'first', 20, times),
  prepared(1, { steps: ['fibres'], complete: false }),
  reading(),
];

describe('a film that was laid, by the range', () => {
  const design = (polyurethane.layers.find((l) => l.id === 'first') as Coat).rate.value;
  const [from, to] = [design * 0.7, design];
  it.each([
    // Readings go by the last wet tooth of 0.05 mm: what is just under an end has to be under it for sure.
    [0.6, 'broken', /thin/],
    [0.75, 'holds', /laid/],
    [1.02, 'holds', /laid/],
    [1.1, 'holds', /laid/],
    [1.3, 'broken', /too thick/],
  ] as const)('%d times the design: the gate below %s', (times, answer, says) => {
    const buildUp = ranged(from, to);
    const gate = gateOf({ buildUp, entries: based(buildUp, times) }, 'below/film-first')!;
    expect([gate.answer, verdictText(gate.says, 'metric', String)]).toEqual([
      answer,
      expect.stringMatching(says),
    ]);
  });
  it('without the range 0.75 times the design is thin, and 1.3 times is not too thick', () => {
    const answer = (times: number) =>
      gateOf({ entries: based(polyurethane, times) }, 'below/film-first')?.answer;
    expect([answer(0.75), answer(1.3)]).toEqual(['broken', 'holds']);
  });
});

describe('times that are ranges', () => {
  it('the later end counts, for “until” and the pot life the earlier one', () => {
    for (const stage of STAGES) expect(safeEnd(stage)).toBe(stage === 'overcoatUntil' ? 'from' : 'to');
  });
  const timed = (
    hours: number,
    stage: 'overcoatFrom' | 'overcoatUntil',
    range: { from: number; to: number },
  ): BuildUp => ({
    ...polyurethane,
    layers: polyurethane.layers.map((l) =>
      isCoat(l) && l.id === 'first'
        ? {
            ...l,
            cure: { ...l.cure, [stage]: { source: 'data sheet', points: [{ atC: 20, hours, range }] } },
          }
        : l,
    ),
  });
  const unsafe = (b: BuildUp): string[] =>
    buildUpFindings(b).flatMap((f) =>
      f.rule === 'unsafe-end' ? [verdictText(f.says, 'metric', String)] : [],
    );
  it('another choice is said, the safe one is not', () => {
    const range = { from: 6, to: 9 };
    expect(unsafe(timed(9, 'overcoatFrom', range))).toEqual([]);
    expect(unsafe(timed(7, 'overcoatFrom', range))).toEqual([
      expect.stringMatching(/overcoat from at 20.* counts 7.* range of the sheet ends at 9/),
    ]);
    expect(unsafe(timed(48, 'overcoatUntil', { from: 48, to: 72 }))).toEqual([]);
    expect(unsafe(timed(60, 'overcoatUntil', { from: 48, to: 72 }))).toEqual([
      expect.stringMatching(/begins at 48.*too late/),
    ]);
  });
  it.each([
    [
      'a design outside its range',
      { rate: { basis: 'mass', value: 2, source: 'typical', range: { from: 1, to: 1.5 } } },
    ],
    [
      'a range that falls',
      { rate: { basis: 'mass', value: 1, source: 'typical', range: { from: 1.5, to: 1 } } },
    ],
    [
      'minutes outside',
      { potLife: { source: 'typical', points: [{ atC: 20, minutes: 50, range: { from: 20, to: 30 } }] } },
    ],
  ])('%s is refused', (_, change) => {
    const spoilt = {
      ...catalogue()[0]!,
      layers: catalogue()[0]!.layers.map((l) => (isCoat(l) ? { ...l, ...change } : l)),
    };
    expect(buildUpSchema.safeParse(catalogue()[0]!).success).toBe(true);
    expect(buildUpSchema.safeParse(spoilt).success).toBe(false);
  });
  it('come out of a pasted table', () => {
    const read = layersFromTable(
      [
        ['layer', 'rate', 'overcoat from', 'overcoat until', 'foot'],
        ['Base', '60–85 ft²/gal', '2–6 h', '24 to 72 h', '1 d'],
      ],
      'metric',
    );
    const coat = (read.ok ? read.value.layers[0] : undefined) as Coat;
    expect(coat.rate).toMatchObject({ basis: 'volume', source: 'data sheet' });
    expect(coat.rate.value).toBe(coat.rate.range?.to);
    expect(coat.cure.overcoatFrom.points).toEqual([{ atC: 20, hours: 6, range: { from: 2, to: 6 } }]);
    expect(coat.cure.overcoatUntil?.points).toEqual([{ atC: 20, hours: 24, range: { from: 24, to: 72 } }]);
    expect(coat.cure.foot.points).toEqual([{ atC: 20, hours: 24 }]);
  });
  it('count in the hours at which a coat may be overcoated; between the ends it may be ready', () => {
    const gate = (hours: number, hoursAgo: number) =>
      gateOf(
        {
          buildUp: timed(hours, 'overcoatFrom', { from: 2, to: 9 }),
          entries: [
            ...[...READY, coated(polyurethane, 'primer', 40)],
            ...[coated(polyurethane, 'first', hoursAgo), reading()],
          ],
        },
        'overcoat/from',
      )?.answer;
    expect([gate(9, 1.5), gate(9, 5), gate(9, 9.5)]).toEqual(['broken', 'unknown', 'holds']);
    // Who chose the early end takes it at its word.
    expect([gate(2, 1.5), gate(2, 5)]).toEqual(['broken', 'holds']);
  });
});
