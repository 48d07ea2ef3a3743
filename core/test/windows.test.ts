/** Windows for laying, against a slow and plain reference that looks at every hour and every condition. */
import fc from 'fast-check';
import { given } from '@lentum/core/figures';
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, type Coat, type Limits } from '@lentum/core/buildup';
import { cureHours, factorAt } from '@lentum/core/cure';
import {
  askOf,
  CONDITIONS,
  conditionsIn,
  failingAt,
  layingFigure,
  openRuns,
  roofSurface,
  windowsOf,
  type Ask,
  type Condition,
} from '@lentum/core/programme';
import { roofClimate, sunOver, type RoofClimate } from '@lentum/core/weather';
import { lineOf, MIDNIGHT, PLACE, simulatedLine, steady } from './support/weather.ts';

const coats = catalogue().flatMap((b) =>
  b.layers.filter(isCoat).map((coat) => ({ name: `${b.id}, ${coat.id}`, coat })),
);
const rain = 0.05;

/** By the words of the definition, one hour at a time; knows nothing of masks, sums or tables of next hours. */
function plainly(ask: Ask, c: RoofClimate, s: number): Set<Condition> {
  const { airC, humidityPct, rainMm, windMPerS, gustMPerS } = c.line.values;
  const n = c.line.hours;
  const fails = new Set<Condition>();
  const l: Limits = ask.limits;
  const D = Math.max(1, Math.ceil(ask.layingHours - 1e-9));
  for (let h = s; h < s + D; h += 1) {
    if (h >= n) {
      fails.add('unknown');
      continue;
    }
    const values = [airC[h], humidityPct[h], rainMm[h], c.surfaceC[h]];
    if (values.some((v) => v === undefined || Number.isNaN(v))) fails.add('unknown');
    const surface = c.surfaceC[h]!;
    if (rainMm[h]! > rain) fails.add('rain');
    if (surface - c.dewC[h]! < l.dewMarginK.value) fails.add('dewMargin');
    if (surface < l.surfaceMinC.value) fails.add('surfaceMin');
    if (surface > l.surfaceMaxC.value) fails.add('surfaceMax');
    if (airC[h]! < l.airMinC.value) fails.add('airMin');
    if (airC[h]! > l.airMaxC.value) fails.add('airMax');
    if (l.humidityMinPct && humidityPct[h]! < l.humidityMinPct.value) fails.add('humidityMin');
    if (humidityPct[h]! > l.humidityMaxPct.value) fails.add('humidityMax');
    const before = h > 0 ? c.surfaceC[h - 1]! : NaN;
    if (l.risingWithinK && surface < l.surfaceMinC.value + l.risingWithinK.value) {
      if (Number.isNaN(before)) fails.add('unknown');
      if (surface < before) fails.add('rising');
    }
    if (l.fallingSlab) {
      if (Number.isNaN(before)) fails.add('unknown');
      if (surface > before) fails.add('falling');
    }
    // A spray without a limit of its own is held to 5 m/s (common practice, no source).
    const most = ask.method === 'sprayed' ? (l.windSprayMaxMPerS ?? { value: 5 }) : l.windHandMaxMPerS;
    if (most) {
      const wind = ask.method === 'sprayed' ? Math.max(windMPerS[h]!, gustMPerS[h]!) : windMPerS[h]!;
      if (Number.isNaN(wind)) fails.add('unknown');
      if (wind > most.value) fails.add('wind');
    }
  }
  // What lies on it at the start, and the hours before.
  if (s === 0) fails.add('unknown');
  if (s > 0 && c.wetMm[s - 1]! > 0) fails.add('wet');
  for (let h = s - 1; h >= s - Math.ceil(l.dryHours?.value ?? 0); h -= 1) {
    if (h < 0 || Number.isNaN(rainMm[h]!)) fails.add('unknown');
    else if (rainMm[h]! > rain) fails.add('dryHours');
  }
  // The way of the film, a minute of calculation for each hour of it.
  const walk = (model: Coat['cure']['touch'], from: number, to: (h: number) => void): boolean => {
    let done = 0;
    for (let h = from; h < n; h += 1) {
      if (Number.isNaN(c.surfaceC[h]!)) {
        for (let k = h; k < n; k += 1) to(k);
        return false;
      }
      to(h);
      const taken = cureHours(model.points, c.surfaceC[h]!);
      const factor =
        factorAt(model.byHumidityPct, Number.isNaN(humidityPct[h]!) ? undefined : humidityPct[h]) *
        factorAt(model.byWetFilmMm, ask.wetFilmMm);
      if (taken.kind === 'hours') done += 1 / (taken.hours * factor);
      if (done >= 1 - 1e-9) return true;
    }
    return false;
  };
  if (ask.rainSafe) {
    const safe = walk(ask.rainSafe as Coat['cure']['touch'], s + D, (h) => {
      if (rainMm[h]! > rain) fails.add('rainSafe');
      if (c.surfaceC[h]! < c.dewC[h]!) fails.add('dewSkin');
    });
    if (!safe) fails.add('unknownAfter');
  }
  if (ask.noBelow) {
    const { tempC, until } = ask.noBelow;
    const done = walk(until as Coat['cure']['touch'], s + D, (h) => {
      if (c.surfaceC[h]! < tempC) fails.add('noBelow');
    });
    for (let h = s; h < Math.min(n, s + D); h += 1) if (c.surfaceC[h]! < tempC) fails.add('noBelow');
    if (!done) fails.add('unknownAfter');
  }
  return fails;
}

const inOrder = (set: Set<Condition>): Condition[] => CONDITIONS.filter((c) => set.has(c));

describe('windows agree with the plain reference in every hour', () => {
  it('for every coat of the catalogue over made-up weeks', () => {
    const seen = new Set<Condition>();
    coats.forEach(({ coat, name }, i) => {
      const { line, sun } = simulatedLine(i + 1, 24 * 9, MIDNIGHT + i * 3_600_000 * 24 * 31);
      const climate = roofClimate(
        line,
        sun,
        roofSurface({ kind: i % 2 ? 'bitumen-smooth' : 'concrete-old' }, i % 3 ? 'light' : undefined),
      );
      const ask = askOf(coat, { layingHours: 0.6 + (i % 4), method: i % 5 === 0 ? 'sprayed' : 'by hand' })!;
      const windows = windowsOf(ask, climate);
      for (let s = 0; s < line.hours; s += 1) {
        const plain = inOrder(plainly(ask, climate, s));
        plain.forEach((p) => seen.add(p));
        expect(conditionsIn(windows.mask[s]!), `${name}, hour ${s}`).toEqual(plain);
      }
    });
    // The comparison is worth something: most conditions came up.
    for (const c of [
      'rain',
      'wet',
      'dryHours',
      'dewMargin',
      'humidityMax',
      'rainSafe',
      'dewSkin',
      'surfaceMax',
      'unknownAfter',
    ] as const)
      expect([...seen], c).toContain(c);
  });

  it('for series at random, with gaps, cold, and rain out of nowhere', () => {
    const value = (min: number, max: number) =>
      fc.oneof(
        { weight: 30, arbitrary: fc.double({ min, max, noNaN: true }) },
        { weight: 1, arbitrary: fc.constant(null) },
      );
    const hours = 60;
    const column = (min: number, max: number) =>
      fc.array(value(min, max), { minLength: hours, maxLength: hours });
    fc.assert(
      fc.property(
        column(-5, 38),
        column(20, 100),
        fc.array(
          fc.oneof(
            { weight: 12, arbitrary: fc.constant(0) },
            { weight: 1, arbitrary: fc.constant(1.2) },
            { weight: 1, arbitrary: fc.constant(null) },
          ),
          {
            minLength: hours,
            maxLength: hours,
          },
        ),
        column(0, 16),
        fc.nat(coats.length - 1),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (airC, humidityPct, rainMm, windMPerS, which, layingHours) => {
          const line = lineOf({ airC, humidityPct, rainMm, windMPerS, cloudPct: steady(hours, 60) });
          const climate = roofClimate(line, sunOver(line, PLACE), roofSurface({ kind: 'concrete-old' }));
          const ask = askOf(coats[which]!.coat, { layingHours })!;
          const windows = windowsOf(ask, climate);
          for (let s = 0; s < hours; s += 1) {
            const mine = conditionsIn(windows.mask[s]!);
            const plain = inOrder(plainly(ask, climate, s));
            expect(mine).toEqual(plain);
          }
        },
      ),
      { numRuns: 150 },
    );
  });
});

const coat = coats.find((c) => c.name.startsWith('polyurethane-reinforced, first'))?.coat ?? coats[1]!.coat;
/** A fine day without end, and what is changed of it. */
function fine(
  change: { airC?: number[]; humidityPct?: number[]; rainMm?: number[]; windMPerS?: number[] } = {},
  hours = 96,
): RoofClimate {
  const line = lineOf({
    airC: steady(hours, 20),
    humidityPct: steady(hours, 50),
    rainMm: steady(hours, 0),
    windMPerS: steady(hours, 2),
    cloudPct: steady(hours, 100),
    sunWPerM2: steady(hours, 150),
    ...change,
  });
  return roofClimate(line, sunOver(line, PLACE), roofSurface({ kind: 'concrete-old' }));
}
const plainAsk = (): Ask => ({
  ...askOf(coat, { layingHours: 2 })!,
  limits: { ...coat.limits, fallingSlab: false },
});
const at = (hours: number, where: readonly number[], value: number, otherwise: number): number[] =>
  Array.from({ length: hours }, (_, h) => (where.includes(h) ? value : otherwise));

describe('each condition by itself', () => {
  it('a fine day is open from the time that is known before it to the time that is known after it', () => {
    const ask = plainAsk();
    const [run, ...more] = openRuns(windowsOf(ask, fine()));
    expect(more).toEqual([]);
    expect(run!.from).toBe(Math.max(1, Math.ceil(ask.limits.dryHours?.value ?? 0)));
    // At the end of what is known a film would not be rain-safe yet: unknown, never open.
    expect(run!.to).toBeLessThan(96 - 2);
  });
  it('rain in hour 40 shuts the hours whose film would not be rain-safe, and those that would be wet', () => {
    const ask = plainAsk();
    const climate = fine({ rainMm: at(96, [40], 2, 0) });
    const windows = windowsOf(ask, climate);
    const fails = (h: number) => conditionsIn(windows.mask[h]!);
    expect(fails(40)).toContain('rain');
    expect(fails(39)).toContain('rain');
    expect(fails(38)).toEqual(['rainSafe']);
    expect(fails(41)).toEqual(expect.arrayContaining(['wet']));
    const failing = failingAt(ask, climate, windows, 38)[0]!;
    expect(failing).toMatchObject({
      condition: 'rainSafe',
      atMs: MIDNIGHT + 40 * 3_600_000,
      actual: { value: 2 },
    });
  });
  it('wind by hand and sprayed have their own limits', () => {
    const typical = (value: number) => ({ value, source: 'typical' as const });
    const limits = {
      ...coat.limits,
      fallingSlab: false,
      windHandMaxMPerS: typical(10),
      windSprayMaxMPerS: typical(5),
    };
    const climate = fine({ windMPerS: at(96, [40], 7, 2) });
    const tools = [
      {
        kind: 'airless spray' as const,
        ...{ tipMm: typical(0.5), fanDeg: typical(50), pressureBar: typical(180), overlapPct: typical(50) },
        note: '',
      },
    ];
    const fails = (method: Ask['method']) =>
      conditionsIn(
        windowsOf(askOf({ ...coat, limits, tools }, { layingHours: 2, method })!, climate).mask[40]!,
      );
    expect(fails('by hand')).not.toContain('wind');
    expect(fails('sprayed')).toContain('wind');
  });
  it('near the least temperature only while it rises', () => {
    const limits = {
      ...coat.limits,
      fallingSlab: false,
      surfaceMinC: { value: 5, source: 'typical' as const },
      airMinC: { value: 5, source: 'typical' as const },
      risingWithinK: { value: 5, source: 'typical' as const },
    };
    const airC = Array.from({ length: 96 }, (_, h) => 9 + 2 * Math.sin(((h - 8) / 24) * 2 * Math.PI));
    const climate = fine({ airC });
    const windows = windowsOf({ ...plainAsk(), layingHours: 1, limits }, climate);
    for (let h = 10; h < 60; h += 1) {
      const cold = climate.surfaceC[h]! < 10;
      const falls = climate.surfaceC[h]! < climate.surfaceC[h - 1]!;
      expect(conditionsIn(windows.mask[h]!).includes('rising'), `hour ${h}`).toBe(cold && falls);
    }
  });
  it('a series without rain says so instead of being dry; without humidity no dew is calculated', () => {
    const hours = 72;
    const line = lineOf({ airC: steady(hours, 20), humidityPct: steady(hours, 50) });
    const climate = roofClimate(line, sunOver(line, PLACE), roofSurface({ kind: 'concrete-old' }));
    expect(windowsOf(plainAsk(), climate).unsaid).toEqual(['rain', 'wind']);
  });
  it('more people lay it faster, up to six; a longer laying never opens an hour', () => {
    const plot = given('plot', 40, 'area', 'measured');
    expect(layingFigure(coat, plot, 4).value).toBeCloseTo(layingFigure(coat, plot, 2).value / 2, 9);
    expect(layingFigure(coat, plot, 12).value).toBe(layingFigure(coat, plot, 6).value);
    const { line, sun } = simulatedLine(5, 24 * 10);
    const climate = roofClimate(line, sun, roofSurface({ kind: 'concrete-old' }));
    const short = windowsOf(askOf(coat, { layingHours: 1 })!, climate);
    const long = windowsOf(askOf(coat, { layingHours: 3 })!, climate);
    const laying = (m: number) =>
      conditionsIn(m).filter((c) => !['rainSafe', 'dewSkin', 'noBelow', 'unknownAfter'].includes(c));
    for (let h = 0; h < line.hours; h += 1)
      expect(laying(long.mask[h]!)).toEqual(expect.arrayContaining(laying(short.mask[h]!)));
  });
});

describe('frost and dew are distinguished from rain', () => {
  const words = (airC: number, rainMm: number[] = steady(96, 0)) => {
    const hours = 96;
    const line = lineOf({
      airC: steady(hours, airC),
      humidityPct: steady(hours, 98),
      rainMm,
      windMPerS: steady(hours, 0.5),
      cloudPct: steady(hours, 0),
      sunWPerM2: steady(hours, 0),
    });
    const climate = roofClimate(line, sunOver(line, PLACE), roofSurface({ kind: 'bitumen-smooth' }, 'dark'));
    const ask = plainAsk();
    return failingAt(ask, climate, windowsOf(ask, climate), 40).find((f) => f.condition === 'wet')?.actual
      ?.label;
  };
  it.each([
    [12, 'dew'],
    [-2, 'frost'],
  ])('a clear night at %d °C leaves %s', (airC, label) => expect(words(airC)).toBe(label));
  it('rain of the hour before is rain', () => expect(words(12, at(96, [38], 3, 0))).toBe('rain'));
});
