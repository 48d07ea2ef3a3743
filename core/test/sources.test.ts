import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { sentence, type Result } from '@lentum/core/problems';
import {
  addressProblem,
  filledAddress,
  guessAnswerMap,
  headingsOf,
  hostOf,
  hostProblem,
  likelyTable,
  readAnswer,
  readMoment,
  tablesOf,
  weatherSourceSchema,
  type AnswerMap,
  type SourceKind,
} from '../src/sources/index.ts';

const csv = (text: string): string[][] => Papa.parse<string[]>(text).data;
const got = <T>(result: Result<T>): T => {
  if (!result.ok) throw new Error(result.problems.map(sentence).join(' '));
  return result.value;
};
const saidOf = (result: Result<unknown>): string =>
  result.ok ? 'nothing' : result.problems.map(sentence).join(' ');
/** As a person would who takes every guess. */
function taken(answer: unknown, kind: SourceKind = 'forecast', change: Partial<AnswerMap> = {}) {
  const text = typeof answer === 'string' ? answer : JSON.stringify(answer);
  const format = typeof answer === 'string' ? 'csv' : 'json';
  const tables = got(tablesOf(text, format, csv));
  const table = likelyTable(tables, kind);
  if (!table) throw new Error('no table');
  const map = { ...guessAnswerMap(table, format, kind), ...change };
  return { tables, table, map };
}

/** Lists side by side with their units apart and members; in °F, mph and inches. */
const COLUMNS_ANSWER = {
  place: { lat: 1, lon: 2 },
  units: { when: 'unix', air: 'F', humidity: '%', wind: 'mph', rain: 'inch' },
  hours: {
    when: [1_778_576_400, 1_778_580_000, 1_778_583_600],
    air: [50, 59, 68],
    humidity: [80, 70, 60],
    wind: [10, 0, 20],
    rain: [0, 0.1, null],
    air_member01: [49, 58, 67],
    air_member02: [50, 59, 68],
    air_member03: [51, 61, 70],
    rain_member01: [0, 0, 0],
    rain_member02: [0, 0.1, 0],
    rain_member03: [0, 0.2, 0],
  },
};
/** Things with a value each, deep in the answer; members as a list in each. */
const ROWS_ANSWER = {
  kind: 'forecast',
  data: {
    steps: [
      { valid: '2026-05-12T09:00:00Z', now: { air_temperature: 10, rel_humidity: 80 }, next: { rain_mm: 0 } },
      {
        valid: '2026-05-12T10:00:00Z',
        now: { air_temperature: 15, rel_humidity: 70 },
        next: { rain_mm: 2.5 },
      },
      { valid: '2026-05-12T11:00:00Z', now: { air_temperature: 20, rel_humidity: 60 }, next: {} },
    ],
  },
};

describe('an answer of any make', () => {
  it('with lists side by side: found, its units taken, its times of seconds read', () => {
    const { tables, table, map } = taken(COLUMNS_ANSWER);
    expect([table.list, table.shape]).toEqual(['hours', 'columns']);
    expect(map.time).toBe('when');
    expect(map.timeIs).toBe('seconds');
    expect(map.columns).toEqual([
      { name: 'air', as: 'airC', unit: '°F', members: false },
      { name: 'humidity', as: 'humidityPct', unit: '%', members: false },
      { name: 'wind', as: 'windMPerS', unit: 'mph', members: false },
      { name: 'rain', as: 'rainMm', unit: 'in', members: false },
      { name: 'air_member#', as: 'airC', unit: '°F', members: true },
      { name: 'rain_member#', as: 'rainMm', unit: 'in', members: true },
    ]);
    const read = got(readAnswer(tables, map, 'UTC'));
    expect(new Date(read.startMs).toISOString()).toBe('2026-05-12T09:00:00.000Z');
    expect(read.columns).toEqual({
      airC: [10, 15, 20],
      humidityPct: [80, 70, 60],
      windMPerS: [4.47, 0, 8.94],
      rainMm: [0, 2.54, null],
      rainChancePct: [0, 67, 0],
    });
    expect(read.members.map((m) => m.airC)).toEqual([
      [9.44, 14.44, 19.44],
      [10, 15, 20],
      [10.56, 16.11, 21.11],
    ]);
    // What a member does not say is as in the middle.
    expect(read.members[2]?.humidityPct).toEqual([80, 70, 60]);
  });

  it('with a thing for each hour: found by its path, and by it again', () => {
    const { tables, table, map } = taken(ROWS_ANSWER);
    expect([table.list, table.shape]).toEqual(['data.steps', 'rows']);
    const read = got(readAnswer(tables, map, 'UTC'));
    expect(read.columns).toEqual({
      airC: [10, 15, 20],
      humidityPct: [80, 70, 60],
      rainMm: [0, 2.5, null],
    });
    expect(read.members).toEqual([]);
  });

  it('as a table of text whose clock is that of the place', () => {
    const { tables, map } = taken(
      'time;air temp (F);wind mph\n12.05.2026 11:00;50;10\n12.05.2026 12:00;59;0\n',
      'observed',
    );
    expect(map.columns.map((c) => c.unit)).toEqual(['°F', 'mph']);
    const read = got(readAnswer(tables, map, 'Europe/Madrid'));
    expect(new Date(read.startMs).toISOString()).toBe('2026-05-12T09:00:00.000Z');
    expect(read.columns.airC).toEqual([10, 15]);
  });

  it('rain of the hour before moves by one, what is at a moment does not', () => {
    const { tables, map } = taken(ROWS_ANSWER, 'forecast', { rainOf: 'hour before' });
    const { columns } = got(readAnswer(tables, map, 'UTC'));
    expect(columns.rainMm).toEqual([2.5, null, null]);
    expect(columns.airC).toEqual([10, 15, 20]);
  });

  it('of hours of which no member says anything, none is made up', () => {
    const answer = {
      t: ['2026-05-12T09:00:00Z', '2026-05-12T10:00:00Z'],
      air: [
        [1, null],
        [2, null],
        [3, null],
      ],
    };
    const { tables, map } = taken(answer);
    expect(got(readAnswer(tables, map, 'UTC')).columns).toEqual({ airC: [2, null] });
  });

  it('lists of lists are members by either way round; as many members as hours is not guessed at', () => {
    const t = [
      '2026-05-12T09:00:00Z',
      '2026-05-12T10:00:00Z',
      '2026-05-12T11:00:00Z',
      '2026-05-12T12:00:00Z',
    ];
    const byMember = taken({
      t,
      air: [
        [1, 2, 3, 4],
        [2, 3, 4, 5],
        [3, 4, 5, 6],
      ],
    });
    const byHour = taken({
      t,
      air: [
        [1, 2, 3],
        [2, 3, 4],
        [3, 4, 5],
        [4, 5, 6],
      ],
    });
    const membersOf = ({ tables, map }: ReturnType<typeof taken>) =>
      got(readAnswer(tables, map, 'UTC')).members.map((m) => m.airC);
    expect(membersOf(byMember)).toEqual([
      [1, 2, 3, 4],
      [2, 3, 4, 5],
      [3, 4, 5, 6],
    ]);
    expect(membersOf(byHour)).toEqual(membersOf(byMember));
    const square = got(
      tablesOf(
        JSON.stringify({
          t: t.slice(0, 3),
          x: [1, 2, 3],
          air: [
            [1, 2, 3],
            [2, 3, 4],
            [3, 4, 5],
          ],
        }),
        'json',
        csv,
      ),
    );
    expect(square[0]?.head).toEqual(['t', 'x']);
  });

  it('shares of one are told from per cent by their values', () => {
    const rows = (cloud: readonly number[]) =>
      cloud.map((c, h) => ({ at: `2026-05-12T0${h}:00:00Z`, cloud: c }));
    const unitOf = (cloud: readonly number[]) => taken(rows(cloud)).map.columns[0]?.unit;
    expect([unitOf([0, 0.4, 1]), unitOf([0, 0.4, 20]), unitOf([0, 1, 1])]).toEqual(['', '%', '%']);
  });

  it('heights are no members', () => {
    const [table] = got(tablesOf(JSON.stringify([{ wind_10m: 1, wind_80m: 2, wind_120m: 3 }]), 'json', csv));
    expect(table && headingsOf(table).map((h) => h.name)).toEqual(['wind_10m', 'wind_80m', 'wind_120m']);
  });

  it.each([
    ['no JSON', '{"hours": [', /The answer cannot be read: no JSON, or cut short; expected whole JSON text/],
    ['nothing in it', '"fine"', /no list of values/],
    ['an empty list', '[]', /no list of values/],
  ])('%s is said in a sentence', (_, text, says) => {
    expect(saidOf(tablesOf(text, 'json', csv))).toMatch(says);
  });

  it('one that has changed says what is missing, and what is there', () => {
    const { map } = taken(ROWS_ANSWER);
    const renamed = JSON.parse(JSON.stringify(ROWS_ANSWER).replaceAll('air_temperature', 't2')) as unknown;
    const tables = (answer: unknown) => got(tablesOf(JSON.stringify(answer), 'json', csv));
    expect(saidOf(readAnswer(tables(renamed), map, 'UTC'))).toMatch(
      /now\.t2.*now\.air_temperature, as when it was matched/,
    );
    expect(saidOf(readAnswer(tables({ other: [{ a: 1 }] }), map, 'UTC'))).toMatch(
      /expected data\.steps, as when/,
    );
  });

  it('is doubted as a file is', () => {
    const { tables, map } = taken(ROWS_ANSWER);
    const inF = {
      ...map,
      columns: [{ name: 'now.rel_humidity', as: 'airC' as const, unit: '°C', members: false }],
    };
    expect(saidOf(readAnswer(tables, inF, 'UTC'))).toMatch(
      /The answer, air temperature: .*80 °C.*°F as its unit/,
    );
    const asRain = {
      ...map,
      columns: [{ name: 'now.rel_humidity', as: 'humidityPct' as const, unit: '', members: false }],
    };
    expect(saidOf(readAnswer(tables, asRain, 'UTC'))).toMatch(/The answer, row 1, humidity: .*8000 %/);
  });
});

describe('what is read at a moment', () => {
  const NOW = Date.parse('2026-05-12T09:05:00Z');
  const station = {
    sensors: { air: { temp_c: 12.3 }, rh: 71, wind_ms: 3.4, deck_surface: 18.5 },
    taken: '2026-05-12T09:04:00Z',
  };

  it('by one thing, with its time', () => {
    const { tables, map } = taken(station, 'station');
    const read = got(readMoment(tables, map, 'UTC', NOW));
    expect(new Date(read.atMs).toISOString()).toBe('2026-05-12T09:04:00.000Z');
    expect(Object.fromEntries(read.values)).toEqual({
      airC: 12.3,
      humidityPct: 71,
      windMPerS: 3.4,
      surfaceC: 18.5,
    });
  });
  it('without a time it is of now; with a time to come it is refused', () => {
    const { taken: _, ...rest } = station;
    const { tables, map } = taken(rest, 'station');
    expect(map.time).toBeUndefined();
    expect(got(readMoment(tables, map, 'UTC', NOW)).atMs).toBe(NOW);
    const late = taken({ ...station, taken: '2026-05-12T10:04:00Z' }, 'station');
    expect(saidOf(readMoment(late.tables, late.map, 'UTC', NOW))).toMatch(
      /2026-05-12T10:04.*its clock or its zone/,
    );
  });
  it('of several rows the newest, in whatever order they come', () => {
    const rows = [5, 3, 4].map((m) => ({ at: `2026-05-12T09:0${m}:00Z`, air_temp: m }));
    const { tables, map } = taken(rows, 'station');
    expect(got(readMoment(tables, map, 'UTC', NOW)).values.get('airC')).toBe(5);
  });
  it('a meter gives one number; another is refused', () => {
    const { tables, map } = taken({ value: 4.7, unit: '%' }, 'meter');
    expect(Object.fromEntries(got(readMoment(tables, map, 'UTC', NOW)).values)).toEqual({ moisturePct: 4.7 });
    const odd = taken({ value: 'over', moisture: 412 }, 'meter', {
      columns: [{ name: 'moisture', as: 'moisturePct', unit: '%', members: false }],
    });
    expect(saidOf(readMoment(odd.tables, odd.map, 'UTC', NOW))).toMatch(/moisture: .*412.*0 to 100 %/);
  });
});

describe('random hours in each shape are read as they were', () => {
  const START = Date.UTC(2026, 4, 12);
  const instant = (h: number): string => new Date(START + h * 3_600_000).toISOString();
  const value = fc.option(
    fc.integer({ min: -300, max: 400 }).map((n) => n / 10),
    { freq: 5 },
  );
  const list = fc
    .array(value, { minLength: 4, maxLength: 30 })
    .filter((v) => v[0] !== null && v.at(-1) !== null);
  const COLUMN = [{ name: 'air', as: 'airC' as const, unit: '°C', members: false }];
  const REST = {
    timeIs: 'text',
    order: 'day first',
    zone: 'UTC',
    rainOf: 'hour after',
    columns: COLUMN,
  } as const;
  const read = (text: string, map: Omit<AnswerMap, 'columns' | 'time'>) =>
    got(
      readAnswer(got(tablesOf(text, map.format, csv)), { ...map, time: 'at', columns: [...COLUMN] }, 'UTC'),
    );

  it('rows, columns and text', () => {
    fc.assert(
      fc.property(list, (air) => {
        const at = air.map((_, h) => instant(h));
        const texts: [string, Omit<AnswerMap, 'columns' | 'time'>][] = [
          [
            JSON.stringify({ x: air.map((v, h) => ({ at: at[h], air: v })) }),
            { ...REST, format: 'json', list: 'x', shape: 'rows' },
          ],
          [JSON.stringify({ at, air }), { ...REST, format: 'json', list: '', shape: 'columns' }],
          [
            Papa.unparse({ fields: ['at', 'air'], data: air.map((v, h) => [at[h], v]) }),
            { ...REST, format: 'csv', list: '', shape: 'rows' },
          ],
        ];
        for (const [text, map] of texts) {
          const hours = read(text, map);
          expect(hours.startMs).toBe(START);
          expect(hours.columns.airC).toEqual(air);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('nothing that is JSON throws, however odd', () => {
    fc.assert(
      fc.property(
        fc.json({ maxDepth: 6 }),
        fc.constantFrom<SourceKind>('forecast', 'observed', 'station', 'meter'),
        (text, kind) => {
          const tables = tablesOf(text, 'json', csv);
          if (!tables.ok) return;
          const table = likelyTable(tables.value, kind);
          if (!table) return;
          const map = guessAnswerMap(table, 'json', kind);
          readAnswer(tables.value, map, 'UTC');
          readMoment(tables.value, map, 'UTC', START);
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('an address', () => {
  const asked = {
    place: { latitudeDeg: 47.5, longitudeDeg: -8.25 },
    fromMs: Date.UTC(2026, 4, 12, 9),
    hours: 48,
    key: 'a b&c',
  };
  it('is filled in and escaped', () => {
    expect(
      filledAddress(
        'https://w.example/{latitude}/{longitude}?f={from}&t={to}&d={fromDate}..{toDate}&s={fromSeconds}-{toSeconds}&n={hours}&k={key}',
        asked,
      ),
    ).toBe(
      'https://w.example/47.5/-8.25?f=2026-05-12T09%3A00%3A00Z&t=2026-05-14T09%3A00%3A00Z&d=2026-05-12..2026-05-14&s=1778576400-1778749200&n=48&k=a%20b%26c',
    );
  });
  it.each([
    ['https://weather.example/x?lat={latitude}', undefined],
    ['https://weather.example:8443/x', undefined],
    ['stand-in://rows/hours?lat={latitude}', undefined],
    ['https://weather.example:443/x', undefined],
    ['http://weather.example/x', /https:\/\//],
    ['https://localhost/x', /name of a host/],
    ['https://127.0.0.1/x', /name of a host/],
    ['https://10.1.2.3:443/x', /name of a host/],
    ['https://0x7f.1/x', /name of a host/],
    ['https://[::1]/x', /name of a host/],
    ['https://2130706433/x', /name of a host/],
    ['https://a:b@weather.example/x', /without a name and a password/],
    ['https://weather.example\\@inner.example/x', /without a name and a password/],
    ['https://{latitude}.example/x', /name of a host/],
    ['https://weather.example/x?q={hous}', /in braces one of .*not \{hous\}/],
    ['https://weather.example/x?q={toString}', /not \{toString\}/],
    ['https://weather.example/x?q={hours', /not \{hours/],
    ['https://weather.example/x#y', /#/],
    ['ftp://weather.example/x', /https:\/\//],
    ['stand-in://../x', /stand-in by its name/],
  ])('%s', (address, wrong) => {
    const said = addressProblem(address);
    if (wrong) expect(said).toMatch(wrong);
    else expect(said).toBeUndefined();
  });
});

it('a host has one name: the port of HTTPS is never part of it', () => {
  expect(hostOf('https://Weather.Example:443/x')).toBe('weather.example');
  expect(hostOf('https://weather.example:8443/x')).toBe('weather.example:8443');
  expect(hostProblem('weather.example:443')).toMatch(/without :443/);
});

describe('a source', () => {
  const map = {
    format: 'json',
    shape: 'rows',
    list: 'x',
    time: 'at',
    zone: 'job',
    columns: [{ name: 'a', as: 'airC', unit: '°C' }],
  };
  const source = { name: 'Coast', kind: 'forecast', address: 'https://w.example/x', leastMinutes: 60, map };
  const wrong = (change: object): string =>
    weatherSourceSchema
      .safeParse({ ...source, ...change })
      .error?.issues.map((i) => i.message)
      .join(' ') ?? 'nothing';
  it.each([
    [{}, 'nothing'],
    [{ map: { ...map, time: undefined } }, 'the column of the time'],
    [{ kind: 'station', map: { ...map, time: undefined } }, 'nothing'],
    [{ kind: 'meter', leastMinutes: 0 }, 'the column of the moisture'],
    [
      { map: { ...map, columns: [{ name: 'a', as: 'moisturePct', unit: '%' }] } },
      'no moisture: only a meter reads it',
    ],
    [{ map: { ...map, columns: [{ name: 'a', as: 'airC', unit: 'm' }] } }, 'one of its units: °C, °F, K'],
    [
      { map: { ...map, columns: [...map.columns, { name: 'b', as: 'airC', unit: 'K' }] } },
      'each kind of value once',
    ],
    [
      { kind: 'observed', map: { ...map, columns: [{ ...map.columns[0], members: true }] } },
      'no ways that it may go: only a forecast has them',
    ],
    [{ map: { ...map, zone: 'Nowhere/Land' } }, 'a time zone such as Europe/Lisbon, or “job”'],
    [{ address: 'http://w.example' }, 'an address that begins with https://'],
    [{ keyHeader: 'X Key' }, 'the name of a request head, such as X-Api-Key'],
  ])('%j: %s', (change, says) => {
    expect(wrong(change)).toBe(says);
  });
});
