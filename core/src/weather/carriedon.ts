/**
 * Hours beyond the forecast. Nobody knows them: they are made of whole days, so that the hours of a day belong together.
 * Where the job has a climate year they are days of it near the same date; else those that are known, the last ones observed
 * and those forecast. For one line to plan by, their mean at each hour of the day, without rain; for ways that the weather may
 * go, a day drawn anew for each. It says what the season is like, no more.
 */
import { COLUMN_KEYS, type Column, type WeatherSeries } from './series.ts';
import { hourOf, msOf, type Timeline } from './timeline.ts';

const DAY_H = 24;
/** Days of a climate year stand for those so many days before and after them. */
const NEAR_DAYS = 10;
const YEAR_DAYS = 365.2425;

/** A day that is known: where it begins in columns of hours. */
interface DayKnown {
  readonly values: { readonly [K in Column]?: ArrayLike<number | null> | undefined };
  readonly from: number;
}

const valueAt = ({ values, from }: DayKnown, key: Column, k: number): number =>
  values[key]?.[from + k] ?? NaN;

/** Whole days before an hour that are known throughout, the latest first. */
function knownDays({ values }: Timeline, before: number): DayKnown[] {
  const days: DayKnown[] = [];
  for (let from = before - DAY_H; from >= 0; from -= DAY_H) {
    let known = true;
    for (let k = from; k < from + DAY_H && known; k += 1) known = !Number.isNaN(values.airC[k] ?? NaN);
    if (known) days.push({ values, from });
  }
  return days;
}

/** The climate year that days beyond the forecast are taken from: the one that was read in last; undefined: none. */
export function seasonIn(series: readonly WeatherSeries[]): WeatherSeries | undefined {
  return series
    .filter((s) => s.kind === 'climate' && s.columns.airC)
    .reduce<WeatherSeries | undefined>(
      (newest, s) => (!newest || Date.parse(s.issuedAt) > Date.parse(newest.issuedAt) ? s : newest),
      undefined,
    );
}

/** Days of a climate year near the date of an instant, whatever their year. */
function daysNear({ startAt, hours, columns }: WeatherSeries, ms: number): DayKnown[] {
  const first = hourOf({ startMs: Date.parse(startAt) }, ms);
  const days: DayKnown[] = [];
  for (let from = ((first % DAY_H) + DAY_H) % DAY_H; from + DAY_H <= hours; from += DAY_H) {
    const apart = Math.abs((first - from) / DAY_H) % YEAR_DAYS;
    if (Math.min(apart, YEAR_DAYS - apart) > NEAR_DAYS) continue;
    const isWhole = Array.from({ length: DAY_H }, (_, k) => columns.airC?.[from + k]).every(
      (v) => typeof v === 'number',
    );
    if (isWhole) days.push({ values: columns, from });
  }
  return days;
}

/** The first hour after an hour that is known of which nothing is; the number of hours where there is none. */
export function knownTo(line: Timeline, fromHour: number): number {
  let h = Math.max(0, fromHour);
  while (h < line.hours && !Number.isNaN(line.values.airC[h] ?? NaN)) h += 1;
  return h;
}

export interface CarriedTerms {
  /** The next number from 0 to below 1; absent: the mean of the days. */
  readonly chance?: (() => number) | undefined;
  /** A climate year; absent, or without days near: those that are known. */
  readonly season?: WeatherSeries | undefined;
}

/**
 * A line that goes on beyond what is known.
 * @param fromHour an hour that is known
 * @returns the line itself where no whole day is known
 */
export function carriedOn(line: Timeline, fromHour: number, { chance, season }: CarriedTerms = {}): Timeline {
  const end = knownTo(line, fromHour);
  const known = knownDays(line, end);
  const values = Object.fromEntries(COLUMN_KEYS.map((k) => [k, line.values[k].slice()])) as Record<
    Column,
    Float64Array
  >;
  for (let begin = end; begin < line.hours; begin += DAY_H) {
    const near = season ? daysNear(season, msOf(line, begin)) : [];
    const days = near.length > 0 ? near : known;
    if (days.length === 0) return line;
    const drawn = chance && days[Math.floor(chance() * days.length)];
    for (let k = 0; k < DAY_H && begin + k < line.hours; k += 1)
      for (const key of COLUMN_KEYS)
        values[key][begin + k] = drawn
          ? valueAt(drawn, key, k)
          : key === 'rainMm'
            ? dry(days, k)
            : mean(days, key, k);
  }
  return { ...line, values };
}

function mean(days: readonly DayKnown[], key: Column, k: number): number {
  let sum = 0;
  let n = 0;
  for (const d of days) {
    const v = valueAt(d, key, k);
    if (Number.isNaN(v)) continue;
    sum += v;
    n += 1;
  }
  return n > 0 ? sum / n : NaN;
}

/** No rain, where the days say anything of it. */
const dry = (days: readonly DayKnown[], k: number): number =>
  Number.isNaN(mean(days, 'rainMm', k)) ? NaN : 0;
