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

interface Columns {
  readonly along: number;
  readonly across: number;
  readonly value: number;
}

/** Finds the columns by their headings; without a heading they are the first three. */
function columnsOf(names: readonly string[]): Columns {
  const find = (starts: readonly string[], otherwise: number): number => {
    const i = names.findIndex((n) =>
      starts.some((s) => n === s || n.startsWith(`${s} `) || n.startsWith(`${s}_`)),
    );
    return i < 0 ? otherwise : i;
  };
  return {
    along: find(['x', 'along', 'east', 'easting'], 0),
    across: find(['y', 'across', 'into', 'north', 'northing'], 1),
    value: find(['z', 'h', 'height', 'level', 'staff', 'reading', 'value', 'moisture'], 2),
  };
}

/**
 * Three columns: place along side 1, place into the zone, value. A heading is allowed.
 * @param metresPerUnit size of the file's unit for the places
 * @param valuePerUnit size of the file's unit for the value, in the value's own unit
 * @returns every row, or up to five problems that name their line
 */
export function readPlacedRows(
  rows: readonly (readonly string[])[],
  what: string,
  metresPerUnit: number,
  valuePerUnit: number,
): Result<readonly TableRow[]> {
  const label = 'The CSV file';
  const { names, body, lineOf } = csvTable(rows);
  const columns = columnsOf(names);
  if (body.length === 0)
    return fail(fileProblem('tooFew', label, 'no lines', `lines of along, into the zone, ${what}`));
  if (body.length > MOST_ROWS)
    return fail(fileProblem('outOfRange', label, `${body.length} lines`, `at most ${MOST_ROWS} lines`));
  const problems: Problem[] = [];
  const read: TableRow[] = [];
  body.forEach((row, i) => {
    const cells = [row[columns.along], row[columns.across], row[columns.value]];
    const numbers = cells.map((cell) => readNumber(cell ?? ''));
    const bad = numbers.findIndex((n) => !n.ok);
    if (bad >= 0) {
      const expected = `three numbers: along, into the zone, ${what}`;
      const line = `${label}, line ${lineOf(i)}`;
      problems.push(fileProblem('notANumber', line, short(cells[bad] ?? ''), expected));
      return;
    }
    const [along, across, value] = numbers.map((n) => (n.ok ? n.value : 0));
    read.push({
      at: { alongM: (along ?? 0) * metresPerUnit, acrossM: (across ?? 0) * metresPerUnit },
      value: (value ?? 0) * valuePerUnit,
    });
  });
  return problems.length > 0 ? fail(...problems.slice(0, MOST_PROBLEMS)) : ok(read);
}
