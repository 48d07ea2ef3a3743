/**
 * Rows of a climate file by the hour of the year that they are about. The head says which days it holds and how many
 * records there are to an hour; hours are counted from 1, each by the clock at its end.
 */
import { MS_PER_HOUR } from '../units/index.ts';

/** An hour of the year, and what its records say. */
export interface EpwHour {
  readonly rows: readonly (readonly string[])[];
}

export interface EpwRows {
  /** By hours of the year that they are laid on, from 0. */
  readonly byHour: ReadonlyMap<number, EpwHour>;
  /** Hours of that year. */
  readonly hours: number;
  readonly recordsAnHour: number;
  /** Hours of 29 February in a year that has none, left out. */
  readonly leapHours: number;
  /** Records beyond those that the head says there are to an hour. */
  readonly twice: number;
  /** Numbers of lines that name no hour of a year. */
  readonly odd: readonly number[];
}

const RECORDS = 2;
const isLeap = (year: number): boolean => new Date(Date.UTC(year, 1, 29)).getUTCMonth() === 1;

/** The line at which the data begins: after the one that names its periods, the last of the head. */
export function dataFrom(lines: readonly string[]): { first: number; recordsAnHour: number } | undefined {
  const at = lines.slice(0, 20).findIndex((l) => /^\s*data periods\s*,/i.test(l));
  if (at < 0) return undefined;
  const said = Number(lines[at]?.split(',')[RECORDS]);
  return { first: at + 1, recordsAnHour: Number.isInteger(said) && said >= 1 && said <= 60 ? said : 1 };
}

/** Sorts rows by hour. @param year that they are laid on; @param first number of the first line, for what is said of it */
export function rowsByHour(
  lines: readonly string[],
  { first, recordsAnHour }: { first: number; recordsAnHour: number },
  year: number,
): EpwRows {
  const byHour = new Map<number, string[][]>();
  const odd: number[] = [];
  let [leapHours, twice] = [0, 0];
  const hours = isLeap(year) ? 8784 : 8760;
  const start = Date.UTC(year, 0, 1);
  lines.slice(first).forEach((line, i) => {
    if (line.trim() === '') return;
    const row = line.split(',');
    const [month, day, hour] = [Number(row[1]), Number(row[2]), Number(row[3])];
    const date = new Date(Date.UTC(year, month - 1, day));
    const is29 = month === 2 && day === 29;
    const isDate = Number.isInteger(month) && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
    if (!Number.isInteger(hour) || hour < 1 || hour > 24 || !(isDate || is29)) {
      odd.push(first + i + 1);
      return;
    }
    if (!isDate) {
      leapHours += 1 / recordsAnHour;
      return;
    }
    const at = Math.round((date.getTime() - start) / MS_PER_HOUR) + hour - 1;
    const rows = byHour.get(at) ?? [];
    if (rows.length >= recordsAnHour) twice += 1;
    else rows.push(row);
    byHour.set(at, rows);
  });
  return {
    byHour: new Map([...byHour].map(([at, rows]) => [at, { rows }])),
    ...{ hours, recordsAnHour, odd, twice, leapHours: Math.round(leapHours) },
  };
}
