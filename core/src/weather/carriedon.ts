/**
 * Hours beyond the forecast. Nobody knows them: they are made of days that are known, of the last ones observed and of those
 * forecast, drawn whole so that the hours of a day belong together. For one line to plan by, their mean at each hour of the
 * day, without rain; for ways that the weather may go, a day drawn anew for each. It says what the season is like, no more.
 */
import type { Timeline } from './timeline.ts';
import { COLUMN_KEYS, type Column } from './series.ts';

const DAY_H = 24;

/** Beginnings of the whole days before an hour that are known throughout, the latest first. */
function knownDays(line: Timeline, from: number): number[] {
  const days: number[] = [];
  for (let h = from - DAY_H; h >= 0; h -= DAY_H) {
    let known = true;
    for (let k = h; k < h + DAY_H && known; k += 1) known = !Number.isNaN(line.values.airC[k] ?? NaN);
    if (known) days.push(h);
  }
  return days;
}

/** The first hour after an hour that is known of which nothing is; the number of hours where there is none. */
export function knownTo(line: Timeline, fromHour: number): number {
  let h = Math.max(0, fromHour);
  while (h < line.hours && !Number.isNaN(line.values.airC[h] ?? NaN)) h += 1;
  return h;
}

/**
 * A line that goes on beyond what is known.
 * @param fromHour an hour that is known
 * @param chance the next number from 0 to below 1; absent: the mean of the days
 * @returns the line itself where no whole day is known
 */
export function carriedOn(line: Timeline, fromHour: number, chance?: () => number): Timeline {
  const from = knownTo(line, fromHour);
  const days = knownDays(line, from);
  if (days.length === 0 || from >= line.hours) return line;
  const values = Object.fromEntries(COLUMN_KEYS.map((k) => [k, line.values[k].slice()])) as Record<
    Column,
    Float64Array
  >;
  for (let begin = from; begin < line.hours; begin += DAY_H) {
    const drawn = chance && days[Math.floor(chance() * days.length)];
    for (let k = 0; k < DAY_H && begin + k < line.hours; k += 1)
      for (const key of COLUMN_KEYS) {
        const column = line.values[key];
        values[key][begin + k] =
          drawn !== undefined
            ? (column[drawn + k] ?? NaN)
            : key === 'rainMm'
              ? dry(column, days, k)
              : mean(column, days, k);
      }
  }
  return { ...line, values };
}

function mean(column: Float64Array, days: readonly number[], k: number): number {
  let sum = 0;
  let n = 0;
  for (const d of days) {
    const v = column[d + k] ?? NaN;
    if (Number.isNaN(v)) continue;
    sum += v;
    n += 1;
  }
  return n > 0 ? sum / n : NaN;
}

/** No rain, where the days say anything of it. */
const dry = (column: Float64Array, days: readonly number[], k: number): number =>
  Number.isNaN(mean(column, days, k)) ? NaN : 0;
