/** What is said of hours that do not fit the job: too old, from elsewhere, on a clock that is not the sun's. */
import { describe, expect, it } from 'vitest';
import { distanceKm } from '@lentum/core/weather';
import { staleHours, weatherWarnings, type WeatherFactsToMind } from '@lentum/core/words';

const nowMs = Date.UTC(2026, 4, 12, 7);
const HOUR = 3_600_000;
const HARBOUR = { latitudeDeg: 50, longitudeDeg: 10 };
const forecast = (ageH: number, place?: typeof HARBOUR) => ({
  kind: 'forecast' as const,
  source: 'Somebody',
  issuedAt: new Date(nowMs - ageH * HOUR).toISOString(),
  ...(place ? { place } : {}),
});
const facts = (over: Partial<WeatherFactsToMind> = {}): WeatherFactsToMind => ({
  doc: { place: HARBOUR },
  series: [forecast(1)],
  timeZone: 'Europe/Berlin',
  nowMs,
  ...over,
});

describe('what to mind about the hours', () => {
  it.each([
    ['nothing', facts(), []],
    ['a forecast of yesterday', facts({ series: [forecast(30)] }), [/^The newest forecast is 30 h old/]],
    ['a newer one beside it', facts({ series: [forecast(30), forecast(2)] }), []],
    [
      'no forecast',
      facts({ series: [{ ...forecast(2), kind: 'observed' }] }),
      [/^No forecast: nothing is known/],
    ],
    ['no hours at all', facts({ series: [] }), []],
    [
      'a clock on the other side of the globe',
      facts({ timeZone: 'America/Chicago' }),
      [
        /^The job’s clock \(America\/Chicago\) is 5 h behind UTC, but where it lies the sun is 0\.7 h ahead of UTC/,
      ],
    ],
    // One zone for a wide country; summer time; the line at which the day changes.
    [
      'China’s west',
      facts({ timeZone: 'Asia/Shanghai', doc: { place: { latitudeDeg: 39, longitudeDeg: 76 } } }),
      [],
    ],
    [
      'Galicia in summer',
      facts({ timeZone: 'Europe/Madrid', doc: { place: { latitudeDeg: 43, longitudeDeg: -9 } } }),
      [],
    ],
    [
      'Samoa',
      facts({ timeZone: 'Pacific/Apia', doc: { place: { latitudeDeg: -14, longitudeDeg: -172 } } }),
      [],
    ],
    [
      'hours of another town',
      facts({ series: [forecast(1, { latitudeDeg: 52, longitudeDeg: 10 })] }),
      [/^The hours of Somebody are of a place 222 km from here/],
    ],
    [
      'a season of another town',
      facts({
        series: [forecast(1), { ...forecast(1, { latitudeDeg: 52, longitudeDeg: 10 }), kind: 'climate' }],
      }),
      [],
    ],
    [
      'hours of the next village',
      facts({ series: [forecast(1, { latitudeDeg: 50.2, longitudeDeg: 10 })] }),
      [],
    ],
  ] as const)('%s', (_, given, expected) => {
    const said = weatherWarnings(given);
    expect(said).toHaveLength(expected.length);
    expected.forEach((re, i) => expect(said[i]).toMatch(re));
  });
  it('a day is not yet too old, a little more is', () => {
    expect(staleHours(facts({ series: [forecast(24)] }))).toBeUndefined();
    expect(staleHours(facts({ series: [forecast(24.6)] }))).toBe(25);
  });
  it('a degree along a meridian is 111.19 km, a quarter of the globe 10,007.5 km (mean radius of the IUGG)', () => {
    expect(
      distanceKm({ latitudeDeg: 10, longitudeDeg: 5 }, { latitudeDeg: 11, longitudeDeg: 5 }),
    ).toBeCloseTo(111.195, 2);
    expect(
      distanceKm({ latitudeDeg: 90, longitudeDeg: 77 }, { latitudeDeg: 0, longitudeDeg: -20 }),
    ).toBeCloseTo(10007.557, 2);
    expect(distanceKm(HARBOUR, HARBOUR)).toBe(0);
  });
});
