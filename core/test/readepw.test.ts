/** Climate files: their hours by the calendar of their rows, their records, their clocks and what is missing. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sentence } from '@lentum/core/problems';
import { readEpw, type EpwFile } from '@lentum/core/weather';

const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
interface Hour {
  readonly month: number;
  readonly day: number;
  readonly hour: number;
}
/** Hours of a year as the format counts them, by a calendar of its own. */
const yearOf = (days: readonly number[] = DAYS): Hour[] =>
  days.flatMap((n, m) =>
    Array.from({ length: n * 24 }, (_, h) => ({
      month: m + 1,
      day: Math.floor(h / 24) + 1,
      hour: (h % 24) + 1,
    })),
  );
const row = (at: Hour, values: Readonly<Record<number, string>> = {}): string => {
  const fields = Array.from({ length: 35 }, () => '0');
  [fields[0], fields[1], fields[2], fields[3], fields[4]] = [
    '1999',
    `${at.month}`,
    `${at.day}`,
    `${at.hour}`,
    '60',
  ];
  const made: Record<number, string> = {
    6: `${10 + (at.hour - 1) / 4}`,
    8: '70',
    21: '3.0',
    22: '5',
    33: '999',
  };
  for (const [i, v] of Object.entries({ ...made, ...values })) fields[Number(i)] = v;
  return fields.join(',');
};
const file = (rows: readonly string[], { ahead = '0.0', records = 1, head = 5 } = {}): string =>
  [
    `LOCATION,Velmora,-,-,made up,0,38.7,-9.1,${ahead},20`,
    ...Array.from({ length: head }, () => 'COMMENTS 1,made up'),
    `DATA PERIODS,1,${records},Data,Sunday,1/1,12/31`,
    ...rows,
  ].join('\r\n');
const value = (text: string, year = 2026): EpwFile => {
  const read = readEpw(text, year);
  if (!read.ok) throw new Error(read.problems.map(sentence).join(' '));
  return read.value;
};
const words = (text: string): string => {
  const read = readEpw(text, 2026);
  return read.ok ? '' : read.problems.map(sentence).join(' ');
};
const ROWS = yearOf().map((h) => row(h));

describe('a climate file', () => {
  it('gives its place and a year of hours; what is not in it is said', () => {
    const read = value(file(ROWS));
    expect(read).toMatchObject({
      ...{ name: 'Velmora', place: { latitudeDeg: 38.7, longitudeDeg: -9.1 }, hours: 8760 },
      startMs: Date.UTC(2026, 0, 1),
    });
    expect(read.columns.cloudPct!.every((c) => c === 50)).toBe(true);
    expect(read.columns.airC!.slice(0, 3)).toEqual([10, 10.25, 10.5]);
    expect(read.columns.rainMm).toBeUndefined();
    expect(read.notes.join(' ')).toContain('8760 hours of 8760 are in the file. Rain: not in this file.');
  });

  it.each([0, 3, 12])(
    'its data begins after the line of its periods, however long its head: %i lines',
    (head) => {
      expect(value(file(ROWS, { head })).hours).toBe(8760);
    },
  );

  it('rows count by their dates, whatever their order', () => {
    const shuffled = [...ROWS.slice(4000), ...ROWS.slice(0, 4000)];
    expect(value(file(shuffled)).columns).toEqual(value(file(ROWS)).columns);
  });
});

describe('several records an hour', () => {
  it('are a mean; rain is added', () => {
    const rows = yearOf().flatMap((h) => [0, 1, 2, 3].map((k) => row(h, { 6: `${k}`, 33: '0.5' })));
    const read = value(file(rows, { records: 4 }));
    expect(new Set(read.columns.airC)).toEqual(new Set([1.5]));
    expect(new Set(read.columns.rainMm)).toEqual(new Set([2]));
    expect(read.notes.join(' ')).toContain('8760 hours of 8760 are in the file, 4 records each.');
  });
  it('one that says nothing makes the hour unknown', () => {
    const rows = yearOf().flatMap((h, i) => [row(h), row(h, i === 5 ? { 6: '99.9' } : {})]);
    const read = value(file(rows, { records: 2 }));
    expect(read.columns.airC![5]).toBeNull();
    expect(read.notes.join(' ')).toContain('Air temperature: 1 hour missing.');
  });
  it('more than its head says are counted, and the first counts', () => {
    const read = value(file([...ROWS, row({ month: 1, day: 1, hour: 1 }, { 6: '40' })]));
    expect(read.columns.airC![0]).toBe(10);
    expect(read.notes.join(' ')).toContain('1 record comes twice: the first counts.');
  });
});

describe('days that some years have', () => {
  const leap = [31, 29, ...DAYS.slice(2)];
  const march = (year: number): number => (Date.UTC(year, 2, 1) - Date.UTC(year, 0, 1)) / 3_600_000;
  const first = { month: 3, day: 1, hour: 1 };
  const withMark = (days: readonly number[]): string[] =>
    yearOf(days).map((h) =>
      row(h, h.month === first.month && h.day === 1 && h.hour === 1 ? { 6: '33' } : {}),
    );
  it.each([
    ['29 February in the file, none in the year', leap, 2026, '24 hours of 29 February are left out'],
    ['29 February in both', leap, 2028, '8784 hours of 8784 are in the file.'],
    ['29 February in the year alone', DAYS, 2028, '8760 hours of 8784 are in the file.'],
    ['29 February in neither', DAYS, 2026, '8760 hours of 8760 are in the file.'],
  ])('%s: March begins when it does', (_, days, year, says) => {
    const read = value(file(withMark(days)), year);
    expect(read.columns.airC!.indexOf(33)).toBe(march(year));
    expect(read.notes.join(' ')).toContain(says);
  });
  it('a season is a season: the rest is unknown', () => {
    const rows = yearOf().flatMap((h) => (h.month >= 4 && h.month <= 9 ? [row(h)] : []));
    const read = value(file(rows));
    expect(read.columns.airC!.filter((v) => v !== null)).toHaveLength(183 * 24);
    expect(read.columns.airC![0]).toBeNull();
    expect(read.notes.join(' ')).toContain('4392 hours of 8760 are in the file.');
  });
});

describe('clocks between the hours of UTC', () => {
  it.each([
    // Local midnight is 18:30 UTC of the day before; the first whole hour after it is half an hour into the year.
    ['5.5', -5, 0.5],
    ['5.75', -5, 0.75],
    ['-3.5', 4, 0.5],
    ['9', -9, 0],
    ['-10.0', 10, 0],
  ])('%s h ahead of UTC', (ahead, startsAtH, within) => {
    const read = value(file(ROWS, { ahead }));
    expect(read.startMs).toBe(Date.UTC(2026, 0, 1, startsAtH));
    expect(read.columns.airC![0]).toBeCloseTo(10 + 0.25 * within, 9);
  });
  it('what fell is neither more nor less, but for the ends', () => {
    fc.assert(
      fc.property(fc.constantFrom('5.5', '5.75', '-3.5'), fc.integer({ min: 1, max: 8758 }), (ahead, at) => {
        const rows = yearOf().map((h, i) => row(h, { 33: i === at ? '8' : '0' }));
        const sum = value(file(rows, { ahead })).columns.rainMm!.reduce<number>((a, v) => a + (v ?? 0), 0);
        expect(sum).toBeCloseTo(8, 9);
      }),
      { numRuns: 5 },
    );
  });
});

describe('what is no climate file', () => {
  const bad = [...ROWS];
  bad[7] = row({ month: 13, day: 1, hour: 8 });
  const late = [...ROWS];
  late[3] = row({ month: 1, day: 1, hour: 25 });
  it.each([
    ['something else', 'hello', 'LOCATION and the place'],
    [
      'a place off the globe',
      file(ROWS).replace('38.7', '138.7'),
      'latitude, longitude and hours before UTC',
    ],
    [
      'a head without its periods',
      file(ROWS).replace('DATA PERIODS', 'DATES'),
      'DATA PERIODS, the last line',
    ],
    ['a few hours', file(ROWS.slice(0, 10)), '10 hours'],
    ['a month that there is not', file(bad), 'line 15'],
    ['an hour that there is not', file(late), 'an hour from 1 to 24'],
    [
      'no air temperature',
      file(yearOf().map((h) => row(h, { 6: '99.9' }))),
      'an air temperature for each hour',
    ],
  ])('%s: a sentence', (_, text, says) => {
    expect(words(text)).toContain(says);
  });
});
