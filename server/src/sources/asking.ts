/** A job's sources asked for what is new: no oftener than they allow, and what they told last stays when they fail. */
import {
  filledAddress,
  isStandIn,
  type Asked,
  type ReadAnswer,
  type WeatherSource,
} from '@lentum/core/sources';
import { MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from '@lentum/core/units';
import { COLUMN_KEYS, hourFloor, type Columns, type Place, type WeatherSeries } from '@lentum/core/weather';
import { transaction, type Db, type Pool } from '../db/pool.ts';
import { WEATHER_SQL } from '../weather/sql.ts';
import { seriesRow } from '../weather/row.ts';
import type { AgePolicy, Fetcher } from './fetcher.ts';
import { HttpProblem } from '../http/errors.ts';
import { SOURCES_SQL } from './sql.ts';
import { allowedHosts, readSources, type KeptSource } from './store.ts';
import { readText, type KeptReading } from './reading.ts';

/** Hours of a forecast and days of observations that are asked for. */
const ASKED = { forecastHours: 240, observedDays: 14 } as const;
/** Nobody else asks meanwhile. */
const TURN_MS = MS_PER_MINUTE;
/** A meter is asked for no place. */
const NOWHERE: Place = { latitudeDeg: 0, longitudeDeg: 0 };
/** One that failed is left alone for at least so long. */
const AFTER_FAILURE_MS = 5 * MS_PER_MINUTE;
/** No answer is believed to be good for longer than this. */
const LONGEST_MS = MS_PER_DAY;
const KEEP_FORECASTS_MS = 2 * MS_PER_DAY;

export interface JobPlace {
  readonly id: string;
  readonly timeZone: string;
  readonly place: Place;
}

/** What is needed of a source to ask it. */
type SourceAsked = Pick<WeatherSource, 'kind' | 'address' | 'keyHeader'>;

type Told = { readonly ok: true; readonly fresh: boolean } | { readonly ok: false; readonly problem: string };

/** The hours for which a source is asked. */
function askedOf({ kind }: SourceAsked, job: JobPlace, now: Date, secret: string | null): Asked {
  const rest = { place: job.place, key: secret ?? undefined };
  if (kind !== 'observed')
    return {
      ...rest,
      fromMs: hourFloor(now.getTime()),
      hours: kind === 'forecast' ? ASKED.forecastHours : 1,
    };
  const fromMs = (Math.floor(now.getTime() / MS_PER_DAY) - ASKED.observedDays) * MS_PER_DAY;
  return { ...rest, fromMs, hours: Math.floor((now.getTime() - fromMs) / MS_PER_HOUR) + 1 };
}

/** How a source is asked for a job: its address filled in, and its key where it wants it. */
export function requestOf(
  source: SourceAsked,
  job: JobPlace,
  now: Date,
  secret: string | null,
): { address: string; headers: Record<string, string> } {
  const address = filledAddress(source.address, askedOf(source, job, now, secret));
  const { keyHeader } = source;
  return {
    address,
    headers: keyHeader !== undefined && secret !== null ? { [keyHeader.toLowerCase()]: secret } : {},
  };
}

const cut = (columns: Columns, from: number, to: number): Columns =>
  Object.fromEntries(
    COLUMN_KEYS.flatMap((key) => {
      const values = columns[key]?.slice(from, to);
      return values?.some((v) => v !== null) ? [[key, values]] : [];
    }),
  );

/** The part of an answer from one hour to another. */
function between(read: ReadAnswer, fromMs: number, toMs: number): ReadAnswer | undefined {
  const from = Math.max(0, (fromMs - read.startMs) / MS_PER_HOUR);
  const to = Math.min(read.hours, (toMs - read.startMs) / MS_PER_HOUR);
  if (to <= from) return undefined;
  const columns = cut(read.columns, from, to);
  if (Object.keys(columns).length === 0) return undefined;
  return {
    ...read,
    startMs: read.startMs + from * MS_PER_HOUR,
    hours: to - from,
    columns,
    members: read.members.map((m) => cut(m, from, to)),
  };
}

const stamp = (ms: number): string => new Date(ms).toISOString().replace(/\D/g, '').slice(0, 12);

interface Telling {
  readonly source: KeptSource;
  readonly job: JobPlace;
  readonly now: Date;
}

function seriesOf({ source, job, now }: Telling, read: ReadAnswer, id: string): WeatherSeries {
  return {
    id,
    kind: source.body.kind === 'forecast' ? 'forecast' : 'observed',
    source: source.body.name,
    simulated: isStandIn(source.body.address),
    place: job.place,
    issuedAt: now.toISOString(),
    startAt: new Date(read.startMs).toISOString(),
    hours: read.hours,
    columns: read.columns,
    ...(read.members.length > 0 ? { members: [...read.members] } : {}),
  };
}

/** Series to keep of an answer; none where it says nothing of the hours that are asked for. */
function seriesToKeep(telling: Telling, read: ReadAnswer): WeatherSeries[] {
  const { source, now } = telling;
  const nowHour = hourFloor(now.getTime());
  if (source.body.kind === 'forecast') {
    // What it says of hours that have been is no observation.
    const ahead = between(read, nowHour, Infinity);
    return ahead
      ? [seriesOf(telling, ahead, `f-${source.id}-${source.version}-${stamp(now.getTime())}`)]
      : [];
  }
  const endMs = nowHour + MS_PER_HOUR;
  const found: WeatherSeries[] = [];
  for (let day = Math.floor(read.startMs / MS_PER_DAY) * MS_PER_DAY; day < endMs; day += MS_PER_DAY) {
    const part = between(read, day, Math.min(day + MS_PER_DAY, endMs));
    if (part) found.push(seriesOf(telling, part, `o-${source.id}-${source.version}-${stamp(day)}`));
  }
  return found;
}

async function keepSeries(
  db: Db,
  { source, job, now }: Telling,
  series: readonly WeatherSeries[],
): Promise<void> {
  await db.query(SOURCES_SQL.leave, [
    job.id,
    source.id,
    String(source.version),
    JSON.stringify(job.place),
    now,
  ]);
  for (const s of series) await db.query(WEATHER_SQL.extend, seriesRow(job.id, s));
  const before = new Date(now.getTime() - KEEP_FORECASTS_MS).toISOString();
  if (source.body.kind === 'forecast') await db.query(WEATHER_SQL.forget, [job.id, source.body.name, before]);
}

const nothingSaid = (kind: WeatherSource['kind'], now: Date): string =>
  `The answer says nothing of ${kind === 'forecast' ? 'an hour to come' : 'an hour that has been'}; expected hours about ${now.toISOString().slice(0, 13)}:00 UTC.`;

export class Asker {
  constructor(readonly fetcher: Fetcher) {}

  /** Asks one source for a job, if it is time to. */
  private async one(pool: Pool, allowed: ReadonlySet<string>, telling: Telling): Promise<Told> {
    const { source, job, now } = telling;
    const { rows } = await pool.query<{ policy: AgePolicy | null; goodAt: Date | null }>(SOURCES_SQL.claim, [
      ...[job.id, source.id, source.version, JSON.stringify(job.place), now],
      new Date(now.getTime() + TURN_MS),
    ]);
    const [turn] = rows;
    if (!turn) return { ok: true, fresh: false };
    const answer = await this.fetcher.ask({
      ...requestOf(source.body, job, now, source.secret),
      allowed,
      policy: turn.goodAt ? (turn.policy ?? undefined) : undefined,
    });
    const least = source.body.leastMinutes * MS_PER_MINUTE;
    const fail = async (problem: string, waitMs = 0): Promise<Told> => {
      const next = Math.min(Math.max(least, AFTER_FAILURE_MS, waitMs), LONGEST_MS);
      await pool.query(SOURCES_SQL.failed, [job.id, source.id, new Date(now.getTime() + next), problem]);
      return { ok: false, problem };
    };
    if (!answer.ok) return fail(answer.problem, answer.waitMs);
    let reading: KeptReading | undefined;
    if (answer.text !== undefined) {
      const { kind, map } = source.body;
      const read = await readText({
        text: answer.text,
        map,
        kind,
        timeZone: job.timeZone,
        nowMs: now.getTime(),
      });
      if (!read.ok) return fail(read.problem);
      reading = read.reading;
      if (read.hours) {
        const series = seriesToKeep(telling, read.hours);
        if (series.length === 0) return fail(nothingSaid(kind, now));
        await transaction(pool, (db) => keepSeries(db, telling, series));
      }
    }
    const next = Math.min(Math.max(least, answer.goodForMs), LONGEST_MS);
    await pool.query(SOURCES_SQL.good, [
      ...[job.id, source.id, now, new Date(now.getTime() + next), JSON.stringify(answer.policy)],
      reading ? JSON.stringify(reading) : null,
    ]);
    return { ok: true, fresh: answer.text !== undefined };
  }

  /** Reads a meter now, for whoever has tapped. @throws HttpProblem 502 with why it cannot be read */
  async meter(pool: Pool, { body, secret }: KeptSource, now: Date): Promise<{ at: string; value: number }> {
    const job = { id: '', timeZone: 'UTC', place: NOWHERE };
    const answer = await this.fetcher.ask({
      ...requestOf(body, job, now, secret),
      allowed: await allowedHosts(pool),
    });
    if (!answer.ok) throw new HttpProblem(502, answer.problem);
    const asked = { text: answer.text ?? '', map: body.map, kind: body.kind };
    const read = await readText({ ...asked, timeZone: job.timeZone, nowMs: now.getTime() });
    if (!read.ok) throw new HttpProblem(502, read.problem);
    const value = read.reading?.values['moisturePct'];
    if (value === undefined) throw new HttpProblem(502, `${body.name} gave no value; expected its moisture.`);
    return { at: read.reading?.at ?? now.toISOString(), value };
  }

  /**
   * Asks those of a job's sources whose time it is, side by side.
   * @param kinds which of them
   * @returns whether one told anything new
   */
  async all(
    pool: Pool,
    job: JobPlace,
    sourceIds: readonly string[],
    kinds: readonly WeatherSource['kind'][],
    now: Date,
  ): Promise<boolean> {
    const [sources, allowed] = [await readSources(pool), await allowedHosts(pool)];
    const wanted = sources.filter((s) => sourceIds.includes(s.id) && kinds.includes(s.body.kind));
    const told = await Promise.all(wanted.map((source) => this.one(pool, allowed, { source, job, now })));
    return told.some((t) => t.ok && t.fresh);
  }
}
