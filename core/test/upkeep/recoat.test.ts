/** When a roof is coated again, against a film that is worn away in small steps. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, detailRulesOf, solidsOf, wetFilm, type BuildUp } from '@lentum/core/buildup';
import { verdictText, type Figure } from '@lentum/core/figures';
import { practiceOf } from '@lentum/core/practice';
import { recoatOf, type LaterFilm, type Recoat, type TopFilm } from '@lentum/core/upkeep';
import type { WeatherSeries } from '@lentum/core/weather';
import { NOW, polyurethane } from '../support/gatejob.ts';
import { evaluate } from '../support/formula.ts';
import { finished, planFor } from '../support/upkeepjob.ts';

const expectWorkings = (f: Figure): void => expect(evaluate(f)).toBeCloseTo(f.value, 9);
const practice = practiceOf();
const YEAR_MS = 31_556_952_000;
const coats = polyurethane.layers.filter(
  (l) => l.kind === 'coat' && polyurethane.upkeep!.recoatLayers.includes(l.id),
);
const film = (mm: number) =>
  ({
    label: 'film',
    value: mm,
    quantity: 'film',
    formula: '{f}',
    inputs: { f: { label: 'f', value: mm, quantity: 'film', source: 'measured' } },
    from: 'a test',
  }) as const;
const top = (designMm: number, lowestMm?: number, meanMm = lowestMm): TopFilm => ({
  ...{ coats: coats as TopFilm['coats'], design: film(designMm), unread: [], lowestAt: 'H3' },
  lowest: lowestMm === undefined ? undefined : film(lowestMm),
  mean: meanMm === undefined ? undefined : film(meanMm),
});
/** A year of hours of the same sun. */
const sunny = (wPerM2: number, hours = 8760): WeatherSeries => ({
  ...{
    id: 'year',
    kind: 'climate',
    source: 'made up',
    simulated: true,
    issuedAt: '2026-01-01T00:00:00.000Z',
  },
  ...{ startAt: '2026-01-01T00:00:00.000Z', hours },
  columns: {
    airC: Array.from({ length: hours }, () => 15),
    sunWPerM2: Array.from({ length: hours }, () => wPerM2),
  },
});
interface Asked {
  readonly film?: TopFilm | undefined;
  readonly series?: readonly WeatherSeries[];
  readonly later?: LaterFilm;
  readonly buildUp?: BuildUp;
  readonly wetM2?: number;
}
const recoat = ({
  film: f,
  series = [sunny(130)],
  later,
  buildUp = polyurethane,
  wetM2 = 0,
}: Asked): Recoat =>
  recoatOf({
    ...{ buildUp, film: f, series, practice, sinceMs: NOW, later, again: false },
    surface: { pondArea: { ...film(wetM2), quantity: 'area' } } as never,
  })!;
const says = (r: Recoat): string =>
  r.says.map((s) => verdictText(s, 'metric', (ms) => new Date(ms).toISOString())).join('\n');
const said = polyurethane.upkeep!.recoatYears!.value;

/** Years in which a film wears evenly away to what is left of its design, a day at a time. */
function wornAway(laidMm: number, designMm: number, leftShare: number, yearsOfDesign: number): number {
  const perDay = (designMm * (1 - leftShare)) / (yearsOfDesign * 365.2425);
  let mm = Math.min(laidMm, designMm);
  let days = 0;
  while (mm > designMm * leftShare + 1e-12) {
    mm -= perDay;
    days += 1;
  }
  return days / 365.2425;
}

describe('by the years that are said', () => {
  it('of its design film, in the sun that is meant: as said, so much sooner or later', () => {
    const r = recoat({ film: top(0.7, 0.7) });
    const spread = practice.recoatSpread.value;
    expect(r.soonest.value).toBeCloseTo(said * (1 - spread), 9);
    expect(r.latest.value).toBeCloseTo(said * (1 + spread), 9);
    expect(says(r)).toBe('');
    expectWorkings(r.soonest);
    expectWorkings(r.latest);
  });
  it('is worn down as a film is that loses a little each day', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 1.4, noNaN: true }),
        (designMm, times) => {
          const r = recoat({ film: top(designMm, designMm * times) });
          const worn = wornAway(designMm * times, designMm, practice.recoatLeft.value, said);
          expect(r.soonest.value / (1 - practice.recoatSpread.value)).toBeGreaterThan(worn - 0.004);
          expect(r.soonest.value / (1 - practice.recoatSpread.value)).toBeLessThan(worn + 0.004);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('never later for less film, more sun, a dark surface or standing water; never after its latest', () => {
    const share = fc.double({ min: 0, max: 1.5, noNaN: true });
    const sun = fc.double({ min: 20, max: 350, noNaN: true });
    fc.assert(
      fc.property(
        share,
        share,
        share,
        sun,
        sun,
        fc.boolean(),
        fc.boolean(),
        (a, b, more, s, t, dark, wet) => {
          const shaded = (isDark: boolean): TopFilm => ({
            ...top(0.5, Math.min(a, b) * 0.5, (Math.min(a, b) + more) * 0.5),
            coats: coats.map((c) => ({ ...c, shade: isDark ? 'dark' : 'light' })) as TopFilm['coats'],
          });
          const better = recoat({
            film: {
              ...shaded(false),
              lowest: film(Math.max(a, b) * 0.5),
              mean: film((Math.max(a, b) + more) * 0.5),
            },
            series: [sunny(Math.min(s, t))],
            buildUp: acrylic,
          });
          const worse = recoat({
            ...{ film: shaded(dark), series: [sunny(Math.max(s, t))], buildUp: acrylic },
            wetM2: wet ? 3 : 0,
          });
          expect(worse.soonest.value).toBeLessThanOrEqual(better.soonest.value + 1e-9);
          expect(worse.latest.value).toBeLessThanOrEqual(better.latest.value + 1e-9);
          expect(worse.soonest.value).toBeLessThanOrEqual(worse.latest.value);
          expectWorkings(worse.soonest);
        },
      ),
      { numRuns: 100 },
    );
  });
  it('says what is not known, and what would tell', () => {
    const r = recoatOf({
      ...{ buildUp: polyurethane, film: undefined, series: [sunny(130, 4000)], practice, sinceMs: NOW },
      ...{ later: undefined, again: false, surface: undefined },
    })!;
    expect(says(r)).toMatch(/top film is not known.*Readings would tell/);
    expect(says(r)).toMatch(/sun the place has is not known. A climate year/);
    expect(says(r)).toMatch(/nobody levelled it/);
    expect(says(recoat({ film: top(0.7, 0.5) }))).toMatch(
      /On H3 the top film is 0.50.mm, designed 0.70.mm: sooner there/,
    );
  });
  it('half a year of sun is no year, and an observed year is no typical one', () => {
    const half = recoat({ film: top(0.7, 0.7), series: [sunny(400, 4000)] });
    expect(half.soonest.value).toBeCloseTo(said * (1 - practice.recoatSpread.value), 9);
    const observed = recoat({ film: top(0.7, 0.7), series: [{ ...sunny(400), kind: 'forecast' }] });
    expect(observed.soonest.value).toBe(half.soonest.value);
  });
});

const acrylic = catalogue().find((b) => b.family === 'ACRYLIC')!;
it('water that stands counts only where the family is not made for it', () => {
  const dry = recoat({ film: top(0.7, 0.7), buildUp: acrylic });
  const wet = recoat({ film: top(0.7, 0.7), buildUp: acrylic, wetM2: 2 });
  expect(wet.soonest.value).toBeCloseTo(dry.soonest.value * practice.recoatWet.value, 9);
  expect(wet.latest.value).toBe(dry.latest.value);
  expect(recoat({ film: top(0.7, 0.7), wetM2: 2 }).soonest.value).toBe(
    recoat({ film: top(0.7, 0.7) }).soonest.value,
  );
});

describe('by the film as it was read later', () => {
  it('holds when it is at its end, of films that wear evenly and are read to some hundredths', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 1.5, noNaN: true }),
        fc.double({ min: 2, max: 25, noNaN: true }),
        fc.double({ min: 0.15, max: 0.9, noNaN: true }),
        fc.array(fc.double({ min: -0.02, max: 0.02, noNaN: true }), { minLength: 5, maxLength: 9 }),
        (mm, trueYears, part, slips) => {
          const left = mm * practice.recoatLeft.value;
          const years = trueYears * part;
          fc.pre(years >= 1 && mm - left > 0.25);
          const nowMm = mm - ((mm - left) * years) / trueYears;
          const readUm = slips.map((s) => (nowMm + s * mm * 0.2) * 1000);
          const r = recoat({ film: top(mm, mm), later: { atMs: NOW + years * YEAR_MS, readUm } });
          fc.pre(r.by === 'read');
          expect(r.soonest.value).toBeLessThanOrEqual(trueYears * 1.02);
          expect(r.latest.value).toBeGreaterThanOrEqual(trueYears * 0.98);
          expectWorkings(r.latest);
        },
      ),
      { numRuns: 200 },
    );
  });
  it('is not used in the first year, nor where nothing is worn', () => {
    const soon = recoat({ film: top(0.7, 0.7), later: { atMs: NOW + YEAR_MS / 2, readUm: [650] } });
    const none = recoat({ film: top(0.7, 0.7), later: { atMs: NOW + 3 * YEAR_MS, readUm: [720, 710] } });
    for (const r of [soon, none]) {
      expect(r.by).toBe('said');
      expect(says(r)).toMatch(/tells no wear/);
    }
  });
});

describe('the top film of a finished roof', () => {
  it('is what the layers that are laid again leave dry', () => {
    const plan = planFor({ entries: finished(0.8) });
    const layer = coats[0] as TopFilm['coats'][number];
    const wet = plan.film!.lowest!.value / solidsOf(layer).value;
    expect(wet / wetFilm(layer).value).toBeGreaterThan(0.75);
    expect(wet / wetFilm(layer).value).toBeLessThan(0.85);
    expect(plan.film!.mean!.value).toBeCloseTo(plan.film!.lowest!.value, 9);
    expectWorkings(plan.film!.mean!);
    expect(plan.recoat!.soonest.value).toBeLessThan(planFor({ entries: finished() }).recoat!.soonest.value);
  });
  it('says what crack each coat bridges: a quarter of its stretch over the strip that lets go', () => {
    const [first] = planFor({ entries: finished() }).bridges;
    const said = first!.coat.elongationPct!.value;
    const width = detailRulesOf(polyurethane).debondMm!.value;
    expect(first!.figure.value).toBeCloseTo((width * said * practice.stretchShare.value) / 100, 9);
    expectWorkings(first!.figure);
  });
  it('costs area by rate by price', () => {
    const plan = planFor({ entries: finished() });
    for (const a of plan.again) {
      expectWorkings(a.amount);
      expect(a.amount.value).toBeGreaterThan(0);
    }
    expectWorkings(plan.recoatCost!);
  });
});
