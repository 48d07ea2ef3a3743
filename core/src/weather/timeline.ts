/**
 * One line of hours out of many series: observed where it was observed, else the newest forecast that speaks of the
 * hour. Inside this room and those that calculate with it an hour without a value is NaN; it is asked for with `at`, which
 * says undefined instead.
 */
import { MS_PER_HOUR } from '../units/index.ts';
import { COLUMN_KEYS, type Column, type Columns, type WeatherSeries } from './series.ts';
import { sunOnLevelWPerM2, type Place } from './sun.ts';

export interface Timeline {
  /** A full hour. */
  readonly startMs: number;
  readonly hours: number;
  readonly values: Readonly<Record<Column, Float64Array>>;
  /** For each hour the series that its air temperature comes from, as an index of `sources`; −1 for none. */
  readonly from: Int16Array;
  readonly sources: readonly Pick<WeatherSeries, 'id' | 'kind' | 'source' | 'simulated' | 'issuedAt'>[];
  /** From this hour on air and humidity are set right by readings on site; absent: by none. */
  readonly readFrom?: number;
}

export const hourFloor = (ms: number): number => Math.floor(ms / MS_PER_HOUR) * MS_PER_HOUR;
/** Index of the hour that an instant lies in; may be outside. */
export const hourOf = ({ startMs }: Pick<Timeline, 'startMs'>, ms: number): number =>
  Math.floor((ms - startMs) / MS_PER_HOUR);
export const msOf = ({ startMs }: Pick<Timeline, 'startMs'>, hour: number): number =>
  startMs + hour * MS_PER_HOUR;

export function at(line: Timeline, column: Column, hour: number): number | undefined {
  const value = line.values[column][hour];
  return value === undefined || Number.isNaN(value) ? undefined : value;
}

const empty = (hours: number): Record<Column, Float64Array> =>
  Object.fromEntries(COLUMN_KEYS.map((k) => [k, new Float64Array(hours).fill(NaN)])) as Record<
    Column,
    Float64Array
  >;

/** Lays the columns of one series over a line where the line has nothing yet. */
function lay(
  values: Record<Column, Float64Array>,
  startMs: number,
  hours: number,
  seriesMs: number,
  columns: Columns,
  mark?: (hour: number) => void,
): void {
  const shift = Math.round((seriesMs - startMs) / MS_PER_HOUR);
  for (const key of COLUMN_KEYS) {
    const column = columns[key];
    if (!column) continue;
    const into = values[key];
    const from = Math.max(0, -shift);
    const to = Math.min(column.length, hours - shift);
    for (let i = from; i < to; i += 1) {
      const value = column[i];
      const hour = i + shift;
      if (value === null || value === undefined || !Number.isNaN(into[hour] ?? 0)) continue;
      into[hour] = value;
      if (key === 'airC') mark?.(hour);
    }
  }
}

/** Series in the order in which they are believed: observed before forecast, the newest first. */
const believed = (series: readonly WeatherSeries[]): WeatherSeries[] =>
  [...series].sort((a, b) =>
    a.kind !== b.kind ? (a.kind === 'observed' ? -1 : 1) : Date.parse(b.issuedAt) - Date.parse(a.issuedAt),
  );

/**
 * @param member which way the newest forecast with members may go; undefined: its middle
 * @param nowMs observations of hours after it are not looked at, nor forecasts made after it
 */
export function timelineOf(
  series: readonly WeatherSeries[],
  startMs: number,
  hours: number,
  nowMs: number,
  member?: number,
): Timeline {
  const values = empty(hours);
  const from = new Int16Array(hours).fill(-1);
  const known = believed(
    series.filter((s) => s.kind === 'observed' || (s.kind === 'forecast' && Date.parse(s.issuedAt) <= nowMs)),
  );
  known.forEach((s, n) => {
    const members = s.kind === 'forecast' ? s.members : undefined;
    const columns = (member !== undefined && members && members[member % members.length]) || s.columns;
    // An observation of an hour that has not come is no observation.
    const end =
      s.kind === 'observed' ? Math.min(hours, Math.floor((nowMs - startMs) / MS_PER_HOUR) + 1) : hours;
    lay(values, startMs, Math.max(0, end), Date.parse(s.startAt), columns, (hour) => (from[hour] = n));
  });
  return {
    startMs,
    hours,
    values,
    from,
    sources: known.map(({ id, kind, source, simulated, issuedAt }) => ({
      id,
      kind,
      source,
      simulated,
      issuedAt,
    })),
  };
}

/** Sun on a level surface for each hour: measured where it was, else from the sun's place and the clouds. */
export function sunOver(line: Timeline, place: Place): Float64Array {
  const sun = new Float64Array(line.hours);
  for (let h = 0; h < line.hours; h += 1) {
    const measured = line.values.sunWPerM2[h] ?? NaN;
    if (!Number.isNaN(measured)) {
      sun[h] = measured;
      continue;
    }
    const cloud = line.values.cloudPct[h] ?? NaN;
    // Without a word on clouds: half covered.
    sun[h] = sunOnLevelWPerM2(msOf(line, h), place, Number.isNaN(cloud) ? 0.5 : cloud / 100);
  }
  return sun;
}

/** Series that a job keeps when it is copied: every observation, and of each source the newest forecast. */
export function keptSeries(series: readonly WeatherSeries[]): WeatherSeries[] {
  const newest = new Map<string, WeatherSeries>();
  for (const s of series)
    if (
      s.kind === 'forecast' &&
      !(Date.parse(newest.get(s.source)?.issuedAt ?? '') >= Date.parse(s.issuedAt))
    )
      newest.set(s.source, s);
  return series.filter((s) => s.kind !== 'forecast' || newest.get(s.source) === s);
}
