/**
 * Climate files in the EPW form: a head of eight lines, then a typical year of hours in local standard time, put together
 * from months of different years. Columns and codes for missing values as in the format's own description (from memory).
 */
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import type { ReadHours } from './readhours.ts';
import { COLUMNS, type Column, type Columns } from './series.ts';
import type { Place } from './sun.ts';

export interface EpwFile extends ReadHours {
  readonly name: string;
  readonly place: Place;
}

const HEAD_LINES = 8;
const YEAR_HOURS = 8760;

/** Field of each column, from 0, the value from which on it is missing, and what to multiply by. */
const FIELDS: readonly [Column, number, number, number][] = [
  ['airC', 6, 99.9, 1],
  ['humidityPct', 8, 999, 1],
  ['sunWPerM2', 13, 9999, 1],
  ['windMPerS', 21, 999, 1],
  ['cloudPct', 22, 99, 10],
  ['rainMm', 33, 999, 1],
];

const problem = (kind: Problem['kind'], label: string, actual: string, expected: string): Result<never> =>
  fail({ kind, field: 'file', label: `The EPW file, ${label}`, actual, expected });

/** @param year that the typical year is laid on, so that its days have dates */
export function readEpw(text: string, year: number): Result<EpwFile> {
  const lines = text.split(/\r?\n/);
  const head = (lines[0] ?? '').split(',');
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
  const rows = lines
    .slice(HEAD_LINES)
    .filter((l) => l.trim() !== '')
    .map((l) => l.split(','));
  if (rows.length < YEAR_HOURS)
    return problem('truncated', 'length', `${rows.length} hours`, `the ${YEAR_HOURS} hours of a year`);
  const notes: string[] = [
    'A typical year, put together from months of different years: for the season, not for today.',
  ];
  const columns: Columns = {};
  for (const [key, field, missing, times] of FIELDS) {
    const { least, most, name } = COLUMNS[key];
    let gone = 0;
    const values = rows.slice(0, YEAR_HOURS).map((row) => {
      const value = Number(row[field] ?? NaN);
      const scaled = value * times;
      if (Number.isNaN(value) || value >= missing || scaled < least || scaled > most) {
        gone += 1;
        return null;
      }
      return scaled;
    });
    if (gone < YEAR_HOURS) columns[key] = values;
    if (gone > 0)
      notes.push(gone === YEAR_HOURS ? `${name}: not in this file.` : `${name}: ${gone} hours are missing.`);
  }
  if (!columns.airC) return problem('missing', 'air temperature', 'none', 'an air temperature for each hour');
  return ok({
    name: head[1]?.trim() ?? '',
    place: { latitudeDeg, longitudeDeg },
    startMs: Date.UTC(year, 0, 1) - Math.round(ahead) * MS_PER_HOUR,
    hours: YEAR_HOURS,
    columns,
    notes,
  });
}
