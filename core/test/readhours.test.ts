/** Weather from files: what is read, what is put right and said, what is asked. */
import { readFileSync } from 'node:fs';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat } from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';
import { roofSurface, seasonHours } from '@lentum/core/programme';
import {
  guessMap,
  instantsOf,
  readClock,
  readHours,
  roofClimate,
  sunOver,
  timelineOf,
  zoneAhead,
  type TableMap,
} from '@lentum/core/weather';
import { PLACE, series } from './support/weather.ts';

const ZONE = 'Europe/Lisbon';
const map = (names: string, change: Partial<TableMap> = {}): TableMap => ({
  ...guessMap(names.split(','), ZONE),
  ...change,
});
const read = (names: string, lines: readonly string[], change: Partial<TableMap> = {}) =>
  readHours([names.split(','), ...lines.map((l) => l.split(','))], 1, map(names, change));
const value = (r: ReturnType<typeof readHours>) => {
  if (!r.ok) throw new Error(r.problems.map(sentence).join(' '));
  return r.value;
};
const words = (r: ReturnType<typeof readHours>): string => (r.ok ? '' : r.problems.map(sentence).join(' '));

describe('local clocks', () => {
  it('agree with an independent library (luxon) every three hours of a year, in zones north and south', () => {
    for (const zone of ['Europe/Lisbon', 'America/St_Johns', 'Australia/Lord_Howe', 'Etc/GMT+9'])
      for (let ms = Date.UTC(2026, 0, 1); ms < Date.UTC(2027, 0, 1); ms += 3 * 3_600_000)
        expect(zoneAhead(ms, zone)).toBe(DateTime.fromMillis(ms, { zone }).offset * 60_000);
  });
  it('one instant as a rule, two when the clocks go back, none when they go forward', () => {
    expect(instantsOf(Date.UTC(2026, 5, 1, 12), ZONE)).toEqual([Date.UTC(2026, 5, 1, 11)]);
    expect(instantsOf(Date.UTC(2026, 9, 25, 1, 30), ZONE)).toEqual([
      Date.UTC(2026, 9, 25, 0, 30),
      Date.UTC(2026, 9, 25, 1, 30),
    ]);
    expect(instantsOf(Date.UTC(2026, 2, 29, 1, 30), ZONE)).toEqual([]);
  });
  it.each([
    ['2026-05-12 09:00', Date.UTC(2026, 4, 12, 9)],
    ['2026/05/12 9:05:30', Date.UTC(2026, 4, 12, 9, 5, 30)],
    ['12.05.2026 09:00', Date.UTC(2026, 4, 12, 9)],
    ['12/05/2026 9:00 PM', Date.UTC(2026, 4, 12, 21)],
    ['2026-05-12T09:00:00+02:00', Date.UTC(2026, 4, 12, 7)],
    ['2026-05-12T09:00Z', Date.UTC(2026, 4, 12, 9)],
    ['2026-05-12', Date.UTC(2026, 4, 12)],
    ['31.02.2026 09:00', undefined],
    ['2026-13-01 09:00', undefined],
    ['noon', undefined],
  ])('%s', (text, ms) => expect(readClock(text, 'day first')?.ms).toBe(ms));
});

describe('a table of hours', () => {
  it('columns are guessed from their headings, units too', () => {
    const guessed = map('Date,Temp (°F),Dew point,RH,Precip in,Wind mph,Wind dir,Cloud oktas');
    expect(guessed.time).toBe(0);
    expect(guessed.columns.map((c) => [c.as, c.unit])).toEqual([
      ['airC', '°F'],
      ['dewC', '°C'],
      ['humidityPct', '%'],
      ['rainMm', 'in'],
      ['windMPerS', 'mph'],
      ['cloudPct', 'oktas'],
    ]);
  });
  it('units are turned into ours: 68 °F, 0.1 in, 10 mph, 4 oktas', () => {
    const { columns } = value(
      read('time,air °F,rain in,wind mph,cloud oktas', ['2026-01-05 09:00,68,0.1,10,4']),
    );
    expect(columns).toEqual({ airC: [20], rainMm: [2.54], windMPerS: [4.47], cloudPct: [50] });
  });
  it('ten-minute lines become hours: means, of rain the sum, of gusts the most', () => {
    const lines = ['10:00,10,0.2,5', '10:20,11,0.1,9', '10:40,12,0,7', '11:00,14,0,3'].map(
      (l) => `2026-01-05 ${l}`,
    );
    expect(value(read('time,air,rain,gust', lines)).columns).toEqual({
      airC: [11, 14],
      rainMm: [0.3, 0],
      gustMPerS: [9, 3],
    });
  });
  it('gaps stay unknown and are said; lines out of order and the same line twice are put right and said', () => {
    const r = value(read('time,air', ['2026-01-05 12:00,12', '2026-01-05 09:00,9', '2026-01-05 09:00,9']));
    expect(r.columns.airC).toEqual([9, null, null, 12]);
    expect(r.notes.join(' ')).toContain('2 hours are missing, the longest gap 2 h from 2026-01-05 10:00 UTC');
    expect(r.notes.join(' ')).toContain('put in order');
    expect(r.notes.join(' ')).toContain('1 lines came twice');
  });
  it('the night on which the clocks go back has its hour twice, in the order of the lines', () => {
    const r = value(
      read('time,air', [
        '2026-10-25 00:00,1',
        '2026-10-25 01:00,2',
        '2026-10-25 01:00,3',
        '2026-10-25 02:00,4',
      ]),
    );
    expect(r.columns.airC).toEqual([1, 2, 3, 4]);
    expect(r.notes.join(' ')).toContain('came twice, when the clocks were put back');
  });
  it('a dew point gives the humidity; a little above the air it is equal to it', () => {
    const r = value(read('time,air,dew', ['2026-01-05 09:00,20,9.3', '2026-01-05 10:00,10,10.3']));
    expect(r.columns.humidityPct![0]).toBeCloseTo(50, 0);
    expect(r.columns.humidityPct![1]).toBe(100);
  });
  it.each([
    [
      'the hour that is left out',
      'time,air',
      ['2026-03-29 01:30,5'],
      'line 2, time',
      'they were put forward over it',
    ],
    [
      'one time with two values',
      'time,air',
      ['2026-01-05 09:00,5', '2026-01-05 09:00,6'],
      'lines 2 and 3',
      'each time once',
    ],
    [
      'Fahrenheit as Celsius',
      'time,air',
      ['2026-01-05 09:00,68', '2026-01-05 10:00,71'],
      'air temperature',
      '°F as its unit',
    ],
    [
      'humidity of 0 to 1',
      'time,humidity',
      ['2026-01-05 09:00,0.68', '2026-01-05 10:00,0.7'],
      'humidity',
      'shares from 0 to 1',
    ],
    [
      'humidity of 130',
      'time,humidity',
      ['2026-01-05 09:00,130', '2026-01-05 10:00,70'],
      'line 2, humidity',
      '1 to 100 %',
    ],
    [
      'a dew point above the air',
      'time,air,dew',
      ['2026-01-05 09:00,10,14'],
      'line 2, dew point',
      'air holds no more',
    ],
    ['a word', 'time,air', ['2026-01-05 09:00,warm'], 'line 2, air temperature', 'a number'],
    ['no time', 'time,air', ['yesterday,5'], 'line 2, time', 'a date and a clock'],
    ['nothing at all', 'time,air', [], 'lines', 'at least one hour'],
    ['three years', 'time,air', ['2023-01-05 09:00,5', '2026-01-05 09:00,6'], 'span', 'two years'],
  ])('%s is asked in a sentence', (_, names, lines, where, expected) => {
    const said = words(read(names, lines));
    expect(said).toContain(where);
    expect(said).toContain(expected);
  });
});

describe('a real year of hourly temperatures (climate normals in the public domain)', () => {
  const file = new URL('./data/hourly-normals.csv', import.meta.url);
  const rows = readFileSync(file, 'utf8')
    .trim()
    .split(/\r?\n/)
    .map((l) => l.split(','));
  const names = rows[0]!.join(',');
  const r = value(readHours(rows, 1, map(names, { zone: 'Etc/GMT+8' })));
  it('is read whole', () => {
    expect(r.hours).toBeGreaterThan(8700);
    expect(Object.keys(r.columns).sort()).toEqual(['airC', 'windMPerS']);
    expect(Math.max(...r.columns.airC!.map((v) => v ?? 0))).toBeLessThan(30);
  });
  it('usable hours of each family: those that its limits of temperature and wind leave, counted one by one', () => {
    const made = series(r.columns, {
      kind: 'observed',
      hours: r.hours,
      startAt: new Date(r.startMs).toISOString(),
    });
    const line = timelineOf([made], r.startMs, r.hours, r.startMs + r.hours * 3_600_000);
    const place = { ...PLACE, latitudeDeg: 47.4, longitudeDeg: -122.3 };
    const climate = roofClimate(line, sunOver(line, place), roofSurface({ kind: 'concrete-old' }));
    const monthOf = (h: number): number => new Date(r.startMs + h * 3_600_000).getUTCMonth();
    const totals = catalogue().map((b) => {
      const season = seasonHours(b, climate, { monthOf });
      expect(season.unsaid).toEqual(['humidity', 'rain']);
      expect(season.byMonth.reduce((a, c) => a + c, 0)).toBe(season.total);
      // No more than the hours whose air and surface are within the limits of its first coat.
      const [coat] = b.layers.filter(isCoat);
      if (!coat) return season.total;
      const within = Array.from({ length: r.hours }, (_, h) => h).filter(
        (h) =>
          r.columns.airC![h]! >= coat.limits.airMinC.value &&
          r.columns.airC![h]! <= coat.limits.airMaxC.value &&
          climate.surfaceC[h]! >= coat.limits.surfaceMinC.value,
      ).length;
      expect(season.total).toBeLessThanOrEqual(within);
      return season.total;
    });
    expect(Math.max(...totals)).toBeGreaterThan(2000);
    expect(new Set(totals).size).toBeGreaterThan(3);
  });
});
