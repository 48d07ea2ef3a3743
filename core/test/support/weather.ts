/** Lines of weather for tests: made of arrays, or made up by the simulated service. */
import {
  MILD_COAST,
  SimulatedWeather,
  sunOver,
  timelineOf,
  type Column,
  type Columns,
  type Timeline,
  type WeatherSeries,
} from '@lentum/core/weather';

export const MIDNIGHT = Date.UTC(2026, 4, 11);
export const PLACE = { latitudeDeg: 38.7, longitudeDeg: -9.1 };

export const series = (columns: Columns, over: Partial<WeatherSeries> = {}): WeatherSeries => ({
  id: 's',
  kind: 'observed',
  source: 'test',
  simulated: true,
  issuedAt: new Date(MIDNIGHT).toISOString(),
  startAt: new Date(MIDNIGHT).toISOString(),
  hours: Math.max(...Object.values(columns).map((c) => c?.length ?? 0)),
  columns,
  ...over,
});

/** A line whose hours are all known, from columns as they are. */
export function lineOf(columns: Partial<Record<Column, readonly (number | null)[]>>): Timeline {
  const hours = Math.max(...Object.values(columns).map((c) => c.length));
  return timelineOf([series(columns as Columns)], MIDNIGHT, hours, MIDNIGHT + hours * 3_600_000);
}

export const steady = (hours: number, value: number): number[] => Array.from({ length: hours }, () => value);

/** A made-up weather of a number of hours, as it will have been. */
export function simulatedLine(
  seed: number,
  hours: number,
  startMs = MIDNIGHT,
): { line: Timeline; sun: Float64Array } {
  const weather = new SimulatedWeather({ ...MILD_COAST, place: PLACE, seed });
  const made = series(weather.columns(startMs, hours), { startAt: new Date(startMs).toISOString() });
  const line = timelineOf([made], startMs, hours, startMs + hours * 3_600_000);
  return { line, sun: sunOver(line, PLACE) };
}
