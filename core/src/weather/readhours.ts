/**
 * Hours from a table of cells, as a CSV reader gives them. A person says which column is what, in which unit and in which
 * zone its clock ran; what looks wrong is asked, what can be put right is put right and said.
 */
import { utcMinute } from '../job/index.ts';
import { fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { convert, MS_PER_HOUR, readNumber } from '../units/index.ts';
import { humidityFromDew } from './humidair.ts';
import { instantsOf } from './localtime.ts';
import { COLUMNS, MOST_HOURS, type Column, type Columns } from './series.ts';
import { readClock } from './tableclock.ts';
import { TABLE_UNITS, type TableColumn, type TableMap } from './tablemap.ts';

export interface ReadHours {
  readonly startMs: number;
  readonly hours: number;
  readonly columns: Columns;
  /** What was put right, in sentences. */
  readonly notes: readonly string[];
}

const MOST_ROWS = 130_000;
const MOST_PROBLEMS = 5;
const LABEL = 'The weather file';

const problem = (kind: Problem['kind'], label: string, actual: string, expected: string): Problem => ({
  kind,
  field: 'file',
  label: `${LABEL}, ${label}`,
  actual,
  expected,
});

const NAMES: Readonly<Record<TableColumn, string>> = {
  ...(Object.fromEntries(Object.entries(COLUMNS).map(([k, c]) => [k, c.name.toLowerCase()])) as Record<
    Column,
    string
  >),
  dewC: 'dew point',
};
export const tableColumnName = (column: TableColumn): string => NAMES[column];

/** Above this air is no air temperature in °C for a whole tenth of a file: it is °F. */
const HOT_C = 45;
const HOT_SHARE = 0.1;
/** Meters drift: humidity may read so much over 100, and a dew point so much over the air. */
const OVER_PCT = 5;
const OVER_K = 0.5;

/** A line that was read: its time and its values in our units, without a dew point. */
export interface ReadRow {
  readonly line: number;
  readonly ms: number;
  readonly values: ReadonlyMap<TableColumn, number>;
}

/** @param rows without the heading; @param firstLine of them in the file */
function rowsOf(
  rows: readonly (readonly string[])[],
  firstLine: number,
  map: TableMap,
  problems: Problem[],
): { rows: ReadRow[]; twice: number } {
  const found: ReadRow[] = [];
  let last = -Infinity;
  let twice = 0;
  for (const [i, row] of rows.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    if (row.every((cell) => cell.trim() === '')) continue;
    const line = firstLine + i;
    const text = `${row[map.time] ?? ''}${map.clock === undefined ? '' : ` ${row[map.clock] ?? ''}`}`.trim();
    const clock = readClock(text, map.order);
    if (!clock) {
      problems.push(
        problem(
          'wrong',
          `line ${line}, time`,
          short(text, 30),
          'a date and a clock, such as 2026-05-12 09:00',
        ),
      );
      continue;
    }
    const instants = clock.zoned ? [clock.ms] : instantsOf(clock.ms, map.zone);
    if (instants.length === 0) {
      problems.push(
        problem(
          'wrong',
          `line ${line}, time`,
          text,
          `a time that the clocks of ${map.zone} show: they were put forward over it`,
        ),
      );
      continue;
    }
    // An hour that comes twice is the second one when the first has been.
    const ms = instants.find((t) => t > last) ?? instants[0] ?? clock.ms;
    if (instants.length > 1 && ms !== instants[0]) twice += 1;
    last = ms;
    const values = new Map<TableColumn, number>();
    for (const c of map.columns) {
      const cell = (row[c.index] ?? '').trim();
      if (cell === '' || /^(na|nan|null|-|--|m|\\n)$/i.test(cell)) continue;
      const read = readNumber(cell);
      if (read.ok)
        values.set(c.as, c.unit === 'W/m²' ? read.value : convert(read.value, c.unit, TABLE_UNITS[c.as][0]));
      else problems.push(problem('notANumber', `line ${line}, ${NAMES[c.as]}`, short(cell, 20), 'a number'));
    }
    found.push({ line, ms, values });
  }
  return { rows: found, twice };
}

/** Not by spreading: a long file has more values than a call may have arguments. */
const largest = (values: readonly number[]): number =>
  values.reduce((most, v) => Math.max(most, v), -Infinity);

/** Mistakes of a whole column, before its single values are looked at. */
function wholeColumns(rows: readonly ReadRow[], map: TableMap): Problem[] {
  const problems: Problem[] = [];
  const list = (as: TableColumn): number[] => rows.flatMap((r) => r.values.get(as) ?? []);
  const unitOf = (as: TableColumn): string | undefined => map.columns.find((c) => c.as === as)?.unit;
  for (const as of ['airC', 'dewC'] as const) {
    const values = list(as);
    if (unitOf(as) === '°C' && values.filter((v) => v > HOT_C).length > HOT_SHARE * values.length)
      problems.push(
        problem(
          'wrongUnit',
          NAMES[as],
          `${largest(values)} °C`,
          '°F as its unit, as it seems: no air is as hot for so long',
        ),
      );
  }
  const humid = list('humidityPct');
  if (unitOf('humidityPct') === '%' && humid.length > 0 && humid.every((v) => v <= 1))
    problems.push(
      problem(
        'wrongUnit',
        'humidity',
        `at most ${largest(humid)} %`,
        'shares from 0 to 1 as its unit, as it seems',
      ),
    );
  return problems;
}

/** Single values that cannot be, and those that are a little over. */
function checked(rows: readonly ReadRow[], problems: Problem[], notes: string[]): ReadRow[] {
  let [clipped, dewOver] = [0, 0];
  const kept = rows.map((row): ReadRow => {
    const values = new Map(row.values);
    const humidity = values.get('humidityPct');
    if (humidity !== undefined && humidity > 100 && humidity <= 100 + OVER_PCT) {
      values.set('humidityPct', 100);
      clipped += 1;
    }
    const [air, dew] = [values.get('airC'), values.get('dewC')];
    if (dew !== undefined) {
      values.delete('dewC');
      if (air === undefined) return { ...row, values };
      if (dew > air + OVER_K) {
        if (problems.length < MOST_PROBLEMS)
          problems.push(
            problem(
              'wrong',
              `line ${row.line}, dew point`,
              `${dew} °C above an air temperature of ${air} °C`,
              'a dew point at or below the air: air holds no more',
            ),
          );
        return { ...row, values };
      }
      if (dew > air) dewOver += 1;
      const calculated = humidityFromDew(air, Math.min(dew, air));
      if (!values.has('humidityPct') && calculated.ok) values.set('humidityPct', calculated.value);
    }
    for (const [as, value] of values) {
      if (as === 'dewC' || problems.length >= MOST_PROBLEMS) continue;
      const { least, most, unit, name } = COLUMNS[as];
      if (value < least || value > most)
        problems.push(
          problem(
            'outOfRange',
            `line ${row.line}, ${name.toLowerCase()}`,
            `${Number(value.toFixed(1))} ${unit}`,
            `${least} to ${most} ${unit}`,
          ),
        );
    }
    return { ...row, values };
  });
  if (clipped > 0) notes.push(`${clipped} humidities a little over 100 % were taken as 100 %.`);
  if (dewOver > 0) notes.push(`${dewOver} dew points a little above the air were taken as equal to it.`);
  return kept;
}

/**
 * @param table rows of cells; the first `headLines` of them are no data
 * @returns lines in the order of time, each time once, or up to five problems that name their line
 */
export function readRows(
  table: readonly (readonly string[])[],
  headLines: number,
  map: TableMap,
): Result<{ readonly rows: readonly ReadRow[]; readonly notes: readonly string[] }> {
  if (table.length > MOST_ROWS)
    return fail(problem('outOfRange', 'length', `${table.length} lines`, `at most ${MOST_ROWS} lines`));
  const problems: Problem[] = [];
  const { rows, twice } = rowsOf(table.slice(headLines), headLines + 1, map, problems);
  if (problems.length > 0) return fail(...problems);
  if (rows.length === 0) return fail(problem('tooFew', 'lines', '0', 'at least one hour'));
  const wrong = wholeColumns(rows, map);
  if (wrong.length > 0) return fail(...wrong);
  const notes: string[] = [];
  const good = checked(rows, problems, notes);
  if (twice > 0)
    notes.push(
      `${twice} times lie in an hour that came twice, when the clocks were put back: the second one was taken.`,
    );

  const sorted = [...good].sort((a, b) => a.ms - b.ms);
  if (sorted.some((r, i) => r !== good[i]))
    notes.push('The lines were not in the order of time: they were put in order.');
  let same = 0;
  const unique = sorted.filter((row, i) => {
    const before = sorted[i - 1];
    if (before?.ms !== row.ms) return true;
    const equal = [...row.values].every(([k, v]) => before.values.get(k) === v);
    if (!equal && problems.length < MOST_PROBLEMS)
      problems.push(
        problem(
          'duplicate',
          `lines ${before.line} and ${row.line}`,
          `${utcMinute(row.ms)} twice with different values`,
          'each time once',
        ),
      );
    same += 1;
    return false;
  });
  if (problems.length > 0) return fail(...problems);
  if (same > 0) notes.push(`${same} lines came twice with the same values: each was taken once.`);

  return ok({ rows: unique, notes });
}

/**
 * @param table rows of cells; the first `headLines` of them are no data
 * @returns hours without gaps in their order (a missing one is null), or up to five problems that name their line
 */
export function readHours(
  table: readonly (readonly string[])[],
  headLines: number,
  map: TableMap,
): Result<ReadHours> {
  const read = readRows(table, headLines, map);
  if (!read.ok) return read;
  const unique = read.value.rows;
  const notes = [...read.value.notes];
  const startMs = Math.floor((unique[0]?.ms ?? 0) / MS_PER_HOUR) * MS_PER_HOUR;
  const hours = Math.floor(((unique.at(-1)?.ms ?? 0) - startMs) / MS_PER_HOUR) + 1;
  if (hours > MOST_HOURS)
    return fail(problem('outOfRange', 'span', `${hours} hours`, `at most ${MOST_HOURS} hours, two years`));
  return ok({ startMs, hours, ...gathered(unique, map, startMs, hours, notes), notes });
}

/** What comes about in an hour, and is not as it is at a moment. */
const OF_THE_HOUR: ReadonlySet<Column> = new Set<Column>(['rainMm', 'rainChancePct']);

/** Several lines of an hour become one: the mean, of rain the sum, of gusts the most. */
function gathered(
  rows: readonly ReadRow[],
  map: TableMap,
  startMs: number,
  hours: number,
  notes: string[],
): { columns: Columns } {
  const columns: Partial<Record<Column, (number | null)[]>> = {};
  const wanted = new Set<Column>(map.columns.map((c): Column => (c.as === 'dewC' ? 'humidityPct' : c.as)));
  for (const key of wanted) {
    const sum = new Float64Array(hours);
    const count = new Uint16Array(hours);
    const most = new Float64Array(hours);
    for (const row of rows) {
      const value = row.values.get(key);
      if (value === undefined) continue;
      // What fell in the hour before the first line is of no hour that is told.
      const ms = map.rainOf === 'hour before' && OF_THE_HOUR.has(key) ? row.ms - 1 : row.ms;
      const h = Math.floor((ms - startMs) / MS_PER_HOUR);
      if (h < 0) continue;
      sum[h] = (sum[h] ?? 0) + value;
      count[h] = (count[h] ?? 0) + 1;
      most[h] = Math.max(most[h] ?? 0, value);
    }
    columns[key] = Array.from({ length: hours }, (_, h) => {
      const n = count[h] ?? 0;
      if (n === 0) return null;
      const value = key === 'rainMm' ? sum[h] : key === 'gustMPerS' ? most[h] : (sum[h] ?? 0) / n;
      return Number((value ?? 0).toFixed(2));
    });
  }
  const seen = new Set(rows.map((r) => Math.floor((r.ms - startMs) / MS_PER_HOUR)));
  const gaps = gapsIn(seen, hours);
  if (gaps.count > 0)
    notes.push(
      `${gaps.count} ${gaps.count === 1 ? 'hour is' : 'hours are'} missing, the longest gap ${gaps.longest} h from ${utcMinute(startMs + gaps.at * MS_PER_HOUR)}: they stay unknown.`,
    );
  return { columns };
}

function gapsIn(seen: ReadonlySet<number>, hours: number): { count: number; longest: number; at: number } {
  let [count, run, longest, at] = [0, 0, 0, 0];
  for (let h = 0; h < hours; h += 1) {
    if (seen.has(h)) {
      run = 0;
      continue;
    }
    count += 1;
    run += 1;
    if (run > longest) [longest, at] = [run, h - run + 1];
  }
  return { count, longest, at };
}
