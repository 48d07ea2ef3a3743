import { describe, expect, it } from 'vitest';
import { seeded } from '@lentum/core/keeping';
import {
  carriedOn,
  knownTo,
  seasonIn,
  timelineOf,
  type Timeline,
  type WeatherSeries,
} from '@lentum/core/weather';
import { CrewTime, NONE } from '../../src/planning/crewtime.ts';
import { programmeProblems } from '../../src/planning/problems.ts';
import { DEFAULT_PROGRAMME, programmeSchema, type Crew } from '../../src/planning/schema.ts';
import { shiftsOf, workedBy, type Frame, type ShiftTerms } from '../../src/planning/shifts.ts';

const H = 60;
const terms = (more: Partial<ShiftTerms> = {}): ShiftTerms => ({
  hours: { from: '07:00', to: '16:30', breakFrom: '12:00', breakMin: 30, days: [1, 2, 3, 4, 5] },
  off: [],
  ...{ setUpMin: 0, clearMin: 0 },
  ...more,
});
const crew: Pick<Crew, 'off' | 'only'> = { off: [], only: [] };
/** From a Friday at midnight in Lisbon, before the clocks go forward in the night to Sunday. */
const SPRING: Frame = {
  startMs: Date.parse('2026-03-27T00:00:00Z'),
  endMin: 5 * 24 * H,
  timeZone: 'Europe/Lisbon',
};

describe('shifts of a crew', () => {
  it('are days of the week, parted by the break, with setting up and clearing away taken off', () => {
    const found = shiftsOf(crew, terms({ setUpMin: 20, clearMin: 10 }), SPRING);
    expect(found.map((s) => s.date)).toEqual(['2026-03-27', '2026-03-30', '2026-03-31']);
    expect(found[0]?.parts).toEqual([
      { from: 7 * H + 20, to: 12 * H },
      { from: 12 * H + 30, to: 16 * H + 20 },
    ]);
  });

  it('follow the clocks when they are put forward', () => {
    const monday = shiftsOf(crew, terms(), SPRING)[1];
    // Monday at seven is an hour sooner than three days of 24 hours after Friday at seven.
    expect(monday?.from).toBe(3 * 24 * H + 7 * H - H);
  });

  it('leave out days off of all and of the crew, and keep to the only days of a helper', () => {
    const dates = (c: typeof crew, off: ShiftTerms['off'] = []) =>
      shiftsOf(c, terms({ off }), SPRING).map((s) => s.date);
    expect(dates({ off: ['2026-03-27'], only: [] })).toEqual(['2026-03-30', '2026-03-31']);
    expect(dates({ off: [], only: [] }, [{ on: '2026-03-30', says: '' }])).toEqual([
      '2026-03-27',
      '2026-03-31',
    ]);
    // A day that is named is worked, even where the week has none.
    expect(dates({ off: [], only: ['2026-03-28'] })).toEqual(['2026-03-28']);
  });

  it('cut off what is past', () => {
    const begun = shiftsOf(crew, terms(), { ...SPRING, startMs: SPRING.startMs + 10 * H * 60_000 });
    expect(begun[0]?.parts[0]).toEqual({ from: 0, to: 2 * H });
    expect(workedBy(begun, 2 * H + 45)).toBe(2 * H + 15);
  });

  it('tell where work fits, and when it is done that goes on over breaks and nights', () => {
    const time = new CrewTime(shiftsOf(crew, terms(), SPRING), SPRING.endMin);
    expect(time.fits(0, 60, 0, 0)).toBe(7 * H);
    expect(time.fits(11 * H + 30, 60, 0, 0)).toBe(12 * H + 30);
    // Longer than half a day: over the break, in turns.
    expect(time.fits(0, 6 * H, 0, 0)).toBe(7 * H);
    expect(time.fits(0, 12 * H, 0, 0)).toBe(NONE);
    // Not before the kettle has melted, and done an hour before the crew goes.
    expect(time.fits(0, 60, 90, 60)).toBe(8 * H + 30);
    expect(time.fits(15 * H, 60, 0, 60)).toBe(3 * 24 * H + 6 * H);
    expect(time.begins(17 * H)).toBe(3 * 24 * H + 6 * H);
    expect(time.doneAt(11 * H, 2 * H)).toBe(13 * H + 30);
    expect(time.doneAt(16 * H, 60)).toBe(3 * 24 * H + 6 * H + 30);
  });
});

describe('what cannot be saved', () => {
  const crews = (...names: string[]) =>
    names.map((name, i) => ({ id: `c${i}`, name, people: 2, skills: [], off: [], only: [] }));
  it.each([
    [{}, []],
    [{ crews: crews('A', 'B') }, []],
    [{ crews: crews('A', 'a') }, ['crews/1/name']],
    [{ hours: { ...DEFAULT_PROGRAMME.hours, from: '17:00' } }, ['hours/to']],
    [{ inspector: { from: '12:00', to: '11:00', days: [1] } }, ['inspector/to']],
    [{ loud: { from: '12:00', to: '09:00' } }, ['loud/to']],
    [
      { taken: [{ zoneId: 'hall', from: '2026-05-12T10:00:00Z', to: '2026-05-12T10:00:00Z', says: '' }] },
      ['taken/0/to'],
    ],
  ])('is named by its field: %j', (change, fields) => {
    const doc = programmeSchema.parse({ ...DEFAULT_PROGRAMME, ...change });
    expect(programmeProblems(doc).map((p) => p.field)).toEqual(fields);
  });

  it('is a crew with nobody', () => {
    const read = programmeSchema.safeParse({ crews: [{ id: 'a', name: 'A', people: 0 }] });
    expect(read.success).toBe(false);
  });
});

describe('hours beyond the forecast', () => {
  const line = (known: number, hours: number): Timeline => {
    const column = (of: (h: number) => number): Float64Array =>
      Float64Array.from({ length: hours }, (_, h) => (h < known ? of(h) : NaN));
    const blank = timelineOf([], 0, hours, 0);
    return {
      ...blank,
      values: {
        ...blank.values,
        airC: column((h) => 10 + (h % 24) + 2 * Math.floor(h / 24)),
        rainMm: column((h) => (h === 30 ? 2 : 0)),
      },
    };
  };

  it('are the mean of the days known, at each hour of the day, without rain', () => {
    const long = carriedOn(line(72, 120), 40);
    expect(knownTo(line(72, 120), 40)).toBe(72);
    expect(long.values.airC.slice(0, 72)).toEqual(line(72, 120).values.airC.slice(0, 72));
    expect(long.values.airC[72 + 5]).toBe(10 + 5 + 2);
    expect([...long.values.rainMm.slice(72)].every((r) => r === 0)).toBe(true);
    expect(long.values.gustMPerS[80]).toBeNaN();
  });

  it('are whole days drawn, where chance is asked for', () => {
    const draws = [0, 0.5, 0.99];
    let n = 0;
    const long = carriedOn(line(72, 144), 40, { chance: () => draws[n++ % 3] ?? 0 });
    const day = (from: number) => [...long.values.airC.slice(from, from + 24)];
    // The latest day first.
    expect(day(72)).toEqual(day(48));
    expect(day(96)).toEqual(day(24));
    expect(day(120)).toEqual(day(0));
    // The day with the rain brings its rain.
    expect(long.values.rainMm[96 + 6]).toBe(2);
  });

  /** A year of which each day is as warm as it is in the year, and wet on every other. */
  const year = (startAt: string, hours = 365 * 24): WeatherSeries => ({
    ...{ id: 'year', kind: 'climate', source: 'a year', simulated: false, issuedAt: startAt, startAt, hours },
    columns: {
      airC: Array.from({ length: hours }, (_, h) => Math.floor(h / 24) / 10),
      rainMm: Array.from({ length: hours }, (_, h) => (Math.floor(h / 24) % 2 === 0 ? 1 : 0)),
    },
  });

  it.each([
    // The line begins on 1 January 1970, and goes on from 4 January. 29 years of 365.2425 days on, a little under ten days
    // before and after are days 0 to 13 of the year, and 359 to 364 at its end: (0 + … + 13 + 359 + … + 364) / 20 / 10.
    ['of a year that begins in January', '1999-01-01T00:00:00Z', (91 + 2169) / 20 / 10],
    // 4 January is day 187 of a year from July on: days 178 to 197.
    ['of a year that begins in July', '1998-07-01T00:00:00Z', 18.75],
  ])('are days near the date %s, their mean without rain', (_, startAt, airC) => {
    const long = carriedOn(line(72, 120), 40, { season: year(startAt) });
    expect(long.values.airC[72 + 5]).toBeCloseTo(airC, 1);
    expect([...long.values.rainMm.slice(72)].every((r) => r === 0)).toBe(true);
    expect(long.values.airC.slice(0, 72)).toEqual(line(72, 120).values.airC.slice(0, 72));
  });

  it('drawn from a climate year are whole days of it within ten days of the date, with their rain', () => {
    const chance = seeded(7);
    let wet = 0;
    for (let n = 0; n < 60; n += 1) {
      const long = carriedOn(line(72, 96), 40, { chance, season: year('1998-07-01T00:00:00Z') });
      const day = long.values.airC.slice(72, 96);
      expect(new Set(day).size).toBe(1);
      expect(Math.abs((day[0] ?? 0) - 18.7)).toBeLessThanOrEqual(1.05);
      if ((long.values.rainMm[80] ?? 0) > 0) wet += 1;
    }
    expect(wet).toBeGreaterThan(10);
    expect(wet).toBeLessThan(50);
  });

  it('of a year that has no day near are like those known, and the newest year counts', () => {
    const short = year('1999-06-01T00:00:00Z', 30 * 24);
    expect(carriedOn(line(72, 120), 40, { season: short }).values.airC[77]).toBe(17);
    const two = [year('1998-01-01T00:00:00Z'), year('1999-01-01T00:00:00Z')];
    expect(seasonIn(two)?.startAt).toBe('1999-01-01T00:00:00Z');
    expect(seasonIn([])).toBeUndefined();
  });

  it('are left as they are where no whole day is known', () => {
    const short = line(10, 48);
    expect(carriedOn(short, 5)).toBe(short);
  });
});
