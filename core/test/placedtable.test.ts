/** Levels and readings out of tables of any order and unit. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sentence } from '../src/problems/index.ts';
import { guessPlaced, placedTable, readPlacedRows, type PlacedMap } from '../src/survey/index.ts';
import { metresPer } from '../src/units/index.ts';

const LENGTHS = ['m', 'mm', 'cm', 'ft', 'in'];
const guess = (heads: readonly string[]): PlacedMap => guessPlaced(heads, LENGTHS);
const read = (rows: readonly (readonly string[])[], map = guess(placedTable(rows).heads)) =>
  readPlacedRows(rows, 'height', map, metresPer);

describe('columns of a table with places', () => {
  it.each([
    [
      ['along', 'into', 'height'],
      [0, 1, 2],
      ['m', 'm', 'm'],
    ],
    [
      ['level (mm)', 'x ft', 'y ft'],
      [1, 2, 0],
      ['ft', 'ft', 'mm'],
    ],
    [
      ['no', 'y', 'z_in', 'x'],
      [3, 1, 2],
      ['m', 'm', 'in'],
    ],
    [
      ['easting', 'northing', 'staff reading mm'],
      [0, 1, 2],
      ['m', 'm', 'mm'],
    ],
    [
      ['column 1', 'column 2', 'column 3'],
      [0, 1, 2],
      ['m', 'm', 'm'],
    ],
  ])('%j', (heads, places, units) => {
    const map = guess(heads);
    expect([map.along.index, map.across.index, map.value.index]).toEqual(places);
    expect([map.along.unit, map.across.unit, map.value.unit]).toEqual(units);
  });
  it('no column is two things: what has no name and no free place is left to be said', () => {
    const map = guess(['no', 'mm above', 'along', 'into']);
    expect([map.along.index, map.across.index, map.value.index]).toEqual([2, 3, -1]);
  });
  it('a word that only begins like one is none', () => {
    expect(guess(['zone', 'xray', 'yes', 'z']).value.index).toBe(3);
  });
  it('without a heading columns have numbers; files of one heading have one key', () => {
    expect(placedTable([['1', '2', '3']]).heads).toEqual(['column 1', 'column 2', 'column 3']);
    expect(
      placedTable([
        ['x', '', 'z'],
        ['1', '2', '3'],
      ]).key,
    ).toBe('x|column 2|z');
  });
});

describe('rows with places', () => {
  it('are read in any order of columns and any unit, whatever the numbers are', () => {
    const number = fc.integer({ min: -9999, max: 9999 }).map((n) => n / 100);
    const order = fc.shuffledSubarray([0, 1, 2, 3], { minLength: 4 });
    const unit = fc.constantFrom(...LENGTHS);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(number, number, number), { minLength: 1, maxLength: 9 }),
        order,
        fc.tuple(unit, unit, unit),
        (rows, at, [a, b, c]) => {
          const [x = 0, y = 0, z = 0] = at;
          const cells = rows.map(([p, q, r]) => {
            const row = ['', '', '', ''];
            [row[x], row[y], row[z]] = [String(p), String(q), String(r)];
            return row;
          });
          const map = {
            along: { index: x, unit: a },
            across: { index: y, unit: b },
            value: { index: z, unit: c },
          };
          expect(read(cells, map)).toEqual({
            ok: true,
            value: rows.map(([p, q, r]) => ({
              at: { alongM: p * metresPer(a), acrossM: q * metresPer(b) },
              value: r * metresPer(c),
            })),
          });
        },
      ),
    );
  });
  it.each([
    [[['x', 'y', 'z']], 'The CSV file: no lines; expected lines of along, into the zone, height.'],
    [
      [
        ['x', 'y', 'z'],
        ['1', '2', '3'],
        ['1', 'wet', '3'],
      ],
      'The CSV file, line 3: “wet” is not a number with a unit; expected three numbers: along, into the zone, height.',
    ],
    [
      [['1', '2']],
      'The CSV file, line 1: “” is not a number with a unit; expected three numbers: along, into the zone, height.',
    ],
  ])('%j', (rows, says) => {
    const found = read(rows);
    expect(found.ok ? '' : found.problems.map(sentence).join(' ')).toBe(says);
  });
  it('tells of five mistakes and no more, and of a file that is too long', () => {
    const wrong = read(Array.from({ length: 9 }, (_, i) => [String(i), 'a', '1']));
    expect(wrong.ok ? 0 : wrong.problems.length).toBe(5);
    const long = read(Array.from({ length: 20_001 }, () => ['1', '2', '3']));
    expect(long.ok ? '' : long.problems.map(sentence)[0]).toMatch(
      /20001 lines is out of range; expected at most 20000/,
    );
  });
});
