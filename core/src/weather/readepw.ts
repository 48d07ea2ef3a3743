/**
 * Climate files in the EPW form: a head that ends with the periods of the data, then a typical year of hours in local
 * standard time, put together from months of different years. Columns and codes for missing values as in the format's own
 * description (from memory).
 */
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { dataFrom, rowsByHour, type EpwHour, type EpwRows } from './epwrows.ts';
import type { ReadHours } from './readhours.ts';
import { COLUMNS, type Column, type Columns } from './series.ts';
import type { Place } from './sun.ts';

export interface EpwFile extends ReadHours {
  readonly name: string;
  readonly place: Place;
}

/** Fewer hours are no season. */
const LEAST_HOURS = 24;
const MOST_ODD = 5;

/** Field of each column, from 0, the value from which on it is missing, and what to multiply by. */
const FIELDS: readonly [Column, number, number, number][] = [
  ['airC', 6, 99.9, 1],
  ['humidityPct', 8, 999, 1],
  ['sunWPerM2', 13, 9999, 1],
  ['windMPerS', 21, 999, 1],
  ['cloudPct', 22, 99, 10],
  ['rainMm', 33, 999, 1],
];
/** Of what falls in an hour its records are added; of all else the mean counts. */
const ADDED: ReadonlySet<Column> = new Set(['rainMm']);

const problem = (kind: Problem['kind'], label: string, actual: string, expected: string): Result<never> =>
  fail({ kind, field: 'file', label: `The EPW file, ${label}`, actual, expected });

type Value = number | null;

/** What the records of an hour say of a column; nothing where one of them says nothing. */
function ofHour(hour: EpwHour | undefined, [key, field, missing, times]: (typeof FIELDS)[number]): Value {
  if (!hour) return null;
  const { least, most } = COLUMNS[key];
  let sum = 0;
  for (const row of hour.rows) {
    const text = (row[field] ?? '').trim();
    const value = text === '' ? NaN : Number(text);
    const scaled = value * times;
    if (Number.isNaN(value) || value >= missing || scaled < least || scaled > most) return null;
    sum += scaled;
  }
  return ADDED.has(key) ? sum : sum / hour.rows.length;
}

/** Hours that begin between those of UTC, as whole hours of UTC: each by its shares of the two that it lies across. */
function onWholeHours(values: readonly Value[], within: number): Value[] {
  if (within === 0) return [...values];
  return values.map((here, h) => {
    const next = values[h + 1];
    return here === null || next === null || next === undefined ? null : here * (1 - within) + next * within;
  });
}

const hoursWord = (n: number): string => (n === 1 ? '1 hour' : `${n} hours`);

function notesOf(rows: EpwRows, ahead: number): string[] {
  const { byHour, hours, recordsAnHour, leapHours, twice } = rows;
  const clock =
    ahead % 1 === 0 ? '' : ' Its clock stands between the hours of UTC: each hour is put together from two.';
  return [
    'A typical year, put together from months of different years: for the season, not for today.',
    `${hoursWord(byHour.size)} of ${hours} are in the file${recordsAnHour > 1 ? `, ${recordsAnHour} records each` : ''}.${clock}`,
    ...(leapHours > 0 ? [`${hoursWord(leapHours)} of 29 February are left out: this year has none.`] : []),
    ...(twice > 0
      ? [`${twice} ${twice === 1 ? 'record comes' : 'records come'} twice: the first counts.`]
      : []),
  ];
}

/** @param year that the typical year is laid on, so that its days have dates */
export function readEpw(text: string, year: number): Result<EpwFile> {
  const lines = text.split(/\r\n|\r|\n/);
  const head = (lines[0] ?? '').replace(/^\uFEFF/, '').split(',');
  if (head[0]?.trim().toUpperCase() !== 'LOCATION')
    return problem('malformed', 'first line', (lines[0] ?? '').slice(0, 30), 'LOCATION and the place');
  const [latitudeDeg, longitudeDeg, ahead] = [Number(head[6]), Number(head[7]), Number(head[8])];
  if (!(Math.abs(latitudeDeg) <= 90) || !(Math.abs(longitudeDeg) <= 180) || !(Math.abs(ahead) <= 14))
    return problem(
      'malformed',
      'place',
      head.slice(6, 9).join(', '),
      'latitude, longitude and hours before UTC',
    );
  const from = dataFrom(lines);
  if (!from)
    return problem(
      'missing',
      'head',
      'no line of its data periods',
      'DATA PERIODS, the last line of the head',
    );
  const rows = rowsByHour(lines, from, year);
  if (rows.odd.length > 0)
    return problem(
      'malformed',
      rows.odd.length === 1 ? `line ${rows.odd[0]}` : `lines ${rows.odd.slice(0, MOST_ODD).join(', ')}`,
      (lines[(rows.odd[0] ?? 1) - 1] ?? '').slice(0, 30),
      'year, month, day and an hour from 1 to 24',
    );
  if (rows.byHour.size < LEAST_HOURS)
    return problem('truncated', 'length', hoursWord(rows.byHour.size), 'the hours of a year, or of a season');
  const notes = notesOf(rows, ahead);
  // From the first whole hour of UTC that begins in the year's first hour, so far into it.
  const within = ahead - Math.floor(ahead);
  const columns: Columns = {};
  for (const field of FIELDS) {
    const [key] = field;
    const { name } = COLUMNS[key];
    const values = onWholeHours(
      Array.from({ length: rows.hours }, (_, h) => ofHour(rows.byHour.get(h), field)),
      within,
    );
    const gone = [...rows.byHour.keys()].filter((h) => ofHour(rows.byHour.get(h), field) === null).length;
    if (gone < rows.byHour.size) columns[key] = values;
    if (gone > 0)
      notes.push(
        gone === rows.byHour.size ? `${name}: not in this file.` : `${name}: ${hoursWord(gone)} missing.`,
      );
  }
  if (!columns.airC) return problem('missing', 'air temperature', 'none', 'an air temperature for each hour');
  return ok({
    name: head[1]?.trim() ?? '',
    place: { latitudeDeg, longitudeDeg },
    startMs: Date.UTC(year, 0, 1) - Math.floor(ahead) * MS_PER_HOUR,
    hours: rows.hours,
    columns,
    notes,
  });
}
