/** Levels and readings from a table of cells, as a CSV reader gives them. Nothing is taken unless all of it can be read. */
import { fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { readNumber } from '../units/index.ts';
import type { Place } from './common.ts';
import { csvTable, fileProblem } from './filetext.ts';

export interface TableRow {
  readonly at: Place;
  readonly value: number;
}

const MOST_ROWS = 20_000;
const MOST_PROBLEMS = 5;

/** What a column may be. */
export const PLACED_KINDS = ['along', 'across', 'value'] as const;
export type PlacedKind = (typeof PLACED_KINDS)[number];
/** Units that places of a file may be in. */
export const PLACE_UNITS = ['m', 'mm', 'cm', 'ft', 'in'] as const;

/** Which column is what, and in which unit; said once for files of one kind. */
export type PlacedMap = Readonly<Record<PlacedKind, { readonly index: number; readonly unit: string }>>;

export interface PlacedTable {
  /** A name for each column; its number where the file has no heading. */
  readonly heads: readonly string[];
  readonly body: readonly (readonly string[])[];
  /** Files with the same one are matched alike. */
  readonly key: string;
}

/** A file to be matched: its columns by name, its lines apart. */
export function placedTable(rows: readonly (readonly string[])[]): PlacedTable {
  const { names, body } = csvTable(rows);
  const width = Math.max(0, names.length, ...body.slice(0, 50).map((row) => row.length));
  const heads = Array.from({ length: width }, (_, c) => {
    const own = names[c] ?? '';
    return own === '' ? `column ${c + 1}` : own;
  });
  return { heads, body, key: heads.join('|') };
}

const STARTS: Readonly<Record<PlacedKind, readonly string[]>> = {
  along: ['x', 'along', 'east', 'easting'],
  across: ['y', 'across', 'into', 'north', 'northing'],
  value: ['z', 'h', 'height', 'level', 'staff', 'reading', 'value', 'moisture'],
};
/** A unit that a heading names at its end, such as "x mm", "level (ft)" or "z_in". */
const unitIn = (name: string, units: readonly string[]): string | undefined => {
  const said = /[ _([]([a-z%/²]+)[)\]]?$/.exec(name)?.[1];
  return units.find((u) => u.toLowerCase() === said);
};

/** What is no column of a file yet. */
export const NO_COLUMN = -1;

/**
 * Columns by their headings; what none names is at its usual place, where no other has it.
 * @param valueUnits the first where none is named
 */
export function guessPlaced(heads: readonly string[], valueUnits: readonly string[]): PlacedMap {
  const named = (kind: PlacedKind): number =>
    heads.findIndex((n) =>
      STARTS[kind].some((s) => n === s || (n.startsWith(s) && /^[ _([]/.test(n.slice(s.length)))),
    );
  const taken = PLACED_KINDS.map(named);
  const column = (kind: PlacedKind, usual: number): PlacedMap[PlacedKind] => {
    const found = named(kind);
    const index = found >= 0 ? found : taken.includes(usual) ? NO_COLUMN : usual;
    const units = kind === 'value' ? valueUnits : PLACE_UNITS;
    return { index, unit: unitIn(heads[index] ?? '', units) ?? units[0] ?? '' };
  };
  return { along: column('along', 0), across: column('across', 1), value: column('value', 2) };
}

/**
 * Place along side 1, place into the zone, value. A heading is allowed.
 * @param what the value is, in words
 * @param map which column is what
 * @param perUnit size of a unit: of the places in metres, of the value in the value's own unit
 * @returns every row, or up to five problems that name their line
 */
export function readPlacedRows(
  rows: readonly (readonly string[])[],
  what: string,
  map: PlacedMap,
  perUnit: (unit: string, kind: PlacedKind) => number,
): Result<readonly TableRow[]> {
  const label = 'The CSV file';
  const { body, lineOf } = csvTable(rows);
  if (body.length === 0)
    return fail(fileProblem('unfinished', label, 'no lines', `lines of along, into the zone, ${what}`));
  if (body.length > MOST_ROWS)
    return fail(fileProblem('outOfRange', label, `${body.length} lines`, `at most ${MOST_ROWS} lines`));
  const problems: Problem[] = [];
  const read: TableRow[] = [];
  const sizes = PLACED_KINDS.map((kind) => perUnit(map[kind].unit, kind));
  body.forEach((row, i) => {
    const cells = PLACED_KINDS.map((kind) => row[map[kind].index]);
    const numbers = cells.map((cell) => readNumber(cell ?? ''));
    const bad = numbers.findIndex((n) => !n.ok);
    if (bad >= 0) {
      const expected = `three numbers: along, into the zone, ${what}`;
      const line = `${label}, line ${lineOf(i)}`;
      problems.push(fileProblem('notANumber', line, short(cells[bad] ?? ''), expected));
      return;
    }
    const [alongM = 0, acrossM = 0, value = 0] = numbers.map((n, k) =>
      n.ok ? n.value * (sizes[k] ?? 1) : 0,
    );
    read.push({ at: { alongM, acrossM }, value });
  });
  return problems.length > 0 ? fail(...problems.slice(0, MOST_PROBLEMS)) : ok(read);
}
