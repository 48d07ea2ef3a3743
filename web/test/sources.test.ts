/** A source while it is set up: what is matched, what a column becomes, and what is said of it. */
import { describe, expect, it } from 'vitest';
import type { AnswerMap, AnswerTable } from '@lentum/core/sources';
import {
  beginMatch,
  formatOf,
  matchedAs,
  matchRows,
  seenOf,
  tableName,
  tablesIn,
} from '../src/settings/sources/sourcework.ts';

const hour = (h: number): string => `2026-05-12T0${h}:00:00Z`;
const ANSWER = JSON.stringify({
  made: hour(0),
  hours: [0, 1, 2].map((h) => ({ at: hour(h), air: 10 + h, rh: 50, sun: 700, way1: 1, way2: 2, way3: 3 })),
});
function tables(text: string): readonly AnswerTable[] {
  const found = tablesIn(text);
  if (!found.ok) throw new Error('no table');
  return found.value;
}
const words = {
  say: (v: number, q: string) => `${v} ${q}`,
  time: (ms: number) => new Date(ms).toISOString(),
};
const [hours] = tables(ANSWER);
if (!hours) throw new Error('no hours');
const guess = beginMatch([hours], ANSWER, 'forecast', undefined);
if (!guess) throw new Error('no guess');
const asOf = (map: AnswerMap): Record<string, string> =>
  Object.fromEntries(matchRows(hours, map, 'forecast').map((r) => [r.title, `${r.as} ${r.unit}`.trim()]));

describe('columns of an answer', () => {
  it('are guessed, members as one', () => {
    expect(asOf(guess)).toEqual({
      at: 'time',
      air: 'airC °C',
      rh: 'humidityPct %',
      sun: 'sunWPerM2 W/m²',
      'way# (3 ways)': 'not used',
    });
  });
  it('become what is chosen: each kind once, the time no other than one', () => {
    const rain = matchedAs(guess, hours, 'way#', 'rainMm');
    expect(asOf(rain)['way# (3 ways)']).toBe('rainMm mm');
    expect(asOf(matchedAs(rain, hours, 'rh', 'airC'))).toMatchObject({ air: 'not used', rh: 'airC °C' });
    const timeless = matchedAs(guess, hours, 'at', 'not used');
    expect(timeless.time).toBeUndefined();
    expect(matchedAs(timeless, hours, 'air', 'time')).toMatchObject({ time: 'air' });
    expect(asOf(matchedAs(guess, hours, 'air', 'clock'))).toMatchObject({ air: 'clock', at: 'time' });
  });
  it('a meter has its one value, an observation no ways', () => {
    const kinds = (kind: 'meter' | 'observed', title: string): readonly string[] =>
      matchRows(hours, guess, kind)
        .find((r) => r.title.startsWith(title))
        ?.kinds.map((k) => k.value) ?? [];
    expect(kinds('meter', 'air')).toEqual(['not used', 'time', 'moisturePct']);
    expect(kinds('observed', 'way#')).toEqual(['not used']);
    expect(kinds('observed', 'air')).toContain('dewC');
  });
  it('stay as they were matched, where the answer still has them', () => {
    const own = matchedAs(guess, hours, 'rh', 'dewC');
    expect(beginMatch([hours], ANSWER, 'forecast', own)).toBe(own);
    const other = tables('[{"time": "2026-05-12T00:00:00Z", "temp": 3}]');
    expect(beginMatch(other, '[', 'forecast', own)?.columns.map((c) => c.name)).toEqual(['temp']);
  });
});

describe('what is said of an answer', () => {
  const seen = (map: AnswerMap, kind: 'forecast' | 'station' = 'forecast') =>
    seenOf([hours], map, kind, 'UTC', Date.parse(hour(2)), words);
  it('hours: how many, from when, and from what to what', () => {
    const found = seen(guess);
    expect(found.ok && found.seen.says).toEqual([
      '3 hours from 2026-05-12T00:00:00.000Z.',
      'air temperature: 10 temperature to 12 temperature',
      'humidity: 50 percent to 50 percent',
      'sun on a level surface: 700 W/m² to 700 W/m²',
    ]);
  });
  it('a moment: its values and its time', () => {
    const found = seen(guess, 'station');
    expect(found.ok && found.seen.says).toEqual([
      'Read 2026-05-12T02:00:00.000Z: air temperature 12 temperature, humidity 50 percent, sun on a level surface 700 W/m².',
    ]);
  });
  it('what is in the way, in sentences', () => {
    const found = seen({ ...guess, columns: [{ name: 'gone', as: 'airC', unit: '°C', members: false }] });
    expect(!found.ok && found.problems[0]).toMatch(
      /The answer, its columns: .*expected gone, as when it was matched/,
    );
  });
});

it('tables are named by where they are, their shape and their size', () => {
  expect(tables(ANSWER).map(tableName)).toEqual([
    'hours: a line for each, 3 rows, 7 columns',
    'the answer itself: single values, 1 value',
  ]);
  expect(tables('time;air\n2026-05-12 09:00;4\n').map(tableName)).toEqual([
    'the answer itself: a line for each, 1 row, 2 columns',
  ]);
  expect([formatOf(' {"a": 1}'), formatOf('time,air')]).toEqual(['json', 'csv']);
});
