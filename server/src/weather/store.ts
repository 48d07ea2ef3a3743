/** Weather of a job in the database, and fetching what is new from its service. */
import { MS_PER_DAY, MS_PER_HOUR } from '@lentum/core/units';
import { hourFloor, type Place, type WeatherDoc, type WeatherSeries } from '@lentum/core/weather';
import { readDocument } from '../db/documents.ts';
import type { Db } from '../db/pool.ts';
import { seriesRow } from './row.ts';
import { serviceOf, STAND_IN, type WeatherService } from './service.ts';
import { WEATHER_SQL } from './sql.ts';

/** @returns false when a series of this id was there already */
export async function insertSeries(db: Db, jobId: string, series: WeatherSeries): Promise<boolean> {
  const { rowCount } = await db.query(WEATHER_SQL.insert, seriesRow(jobId, series));
  return rowCount === 1;
}

export async function readSeries(db: Db, jobId: string, fromMs: number): Promise<WeatherSeries[]> {
  const { rows } = await db.query<{ body: WeatherSeries }>(WEATHER_SQL.inForce, [
    jobId,
    new Date(fromMs).toISOString(),
    STAND_IN,
  ]);
  return rows.map((r) => r.body);
}

/** Observed days kept from a service when it is asked for the first time, hours of a forecast, and ways it may go. */
export const FETCHED = { days: 14, hours: 240, members: 50 } as const;
const KEEP_FORECASTS_MS = 2 * MS_PER_DAY;

interface Asked {
  readonly service: WeatherService;
  readonly place: Place;
}

/** Names the place in an id: hours of another place are other hours. */
const placeKey = ({ latitudeDeg, longitudeDeg }: Place): string =>
  [latitudeDeg, longitudeDeg].map((deg) => String(deg).replace('-', 'm').replace('.', 'p')).join('_');

async function fetchObserved(db: Db, jobId: string, { service, place }: Asked, now: Date): Promise<void> {
  const nowHour = hourFloor(now.getTime());
  const firstDay = Math.floor(now.getTime() / MS_PER_DAY) - FETCHED.days;
  const { rows } = await db.query<{ id: string; endAt: Date }>(WEATHER_SQL.observedDays, [
    jobId,
    service.name,
    new Date(firstDay * MS_PER_DAY).toISOString(),
  ]);
  const ends = new Map(rows.map((r) => [r.id, r.endAt.getTime()]));
  for (let day = firstDay; day * MS_PER_DAY <= nowHour; day += 1) {
    const startMs = day * MS_PER_DAY;
    const endMs = Math.min(startMs + MS_PER_DAY, nowHour + MS_PER_HOUR);
    const id = `day-${new Date(startMs).toISOString().slice(0, 10)}_${placeKey(place)}`;
    if ((ends.get(id) ?? 0) >= endMs) continue;
    const hours = (endMs - startMs) / MS_PER_HOUR;
    const columns = await service.observed(startMs, hours);
    const series: WeatherSeries = {
      id,
      kind: 'observed',
      source: service.name,
      simulated: service.simulated,
      place,
      issuedAt: now.toISOString(),
      startAt: new Date(startMs).toISOString(),
      hours,
      columns,
    };
    await db.query(WEATHER_SQL.extend, seriesRow(jobId, series));
  }
}

async function fetchForecast(db: Db, jobId: string, { service, place }: Asked, now: Date): Promise<boolean> {
  const issuedMs = hourFloor(now.getTime());
  const { rows } = await db.query<{ issuedAt: Date }>(WEATHER_SQL.newestForecast, [jobId, service.name]);
  if ((rows[0]?.issuedAt.getTime() ?? 0) >= issuedMs) return false;
  const { columns, members } = await service.forecast(issuedMs, issuedMs, FETCHED.hours, FETCHED.members);
  const at = new Date(issuedMs).toISOString();
  const series: WeatherSeries = {
    id: `forecast-${at.slice(0, 13).replace('T', '-')}_${placeKey(place)}`,
    kind: 'forecast',
    source: service.name,
    simulated: service.simulated,
    place,
    issuedAt: at,
    startAt: at,
    hours: FETCHED.hours,
    columns,
    members: [...members],
  };
  await db.query(WEATHER_SQL.extend, seriesRow(jobId, series));
  const before = new Date(issuedMs - KEEP_FORECASTS_MS).toISOString();
  await db.query(WEATHER_SQL.forget, [jobId, service.name, before]);
  return true;
}

/**
 * Fetches what the job's service knows and the job does not: observed hours, and a forecast each hour.
 * @returns whether there was anything new; false too where the job has no service
 */
export async function fetchWeather(db: Db, jobId: string, now: Date): Promise<boolean> {
  const doc = await readDocument<WeatherDoc>(db, jobId, 'weather');
  const service = doc && serviceOf(doc.body);
  const place = doc?.body.place;
  if (!service || !place) return false;
  // A job that was moved to another place leaves its weather there.
  await db.query(WEATHER_SQL.leave, [jobId, service.name, JSON.stringify(place), now]);
  await fetchObserved(db, jobId, { service, place }, now);
  return fetchForecast(db, jobId, { service, place }, now);
}
