/** Sources of weather as the firm keeps them: hosts that may be asked, versions, and keys that never leave the server. */
import { hostOf, weatherSourceSchema, type WeatherSource } from '@lentum/core/sources';
import { sqlState, transaction, UNIQUE_VIOLATION, type Db, type Pool } from '../db/pool.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import type { KeptReading } from './reading.ts';
import { SOURCES_SQL } from './sql.ts';

export interface KeptSource {
  readonly id: string;
  readonly version: number;
  readonly body: WeatherSource;
  /** Never sent to anybody but the source. */
  readonly secret: string | null;
}

export async function readHosts(db: Db): Promise<{ host: string; allowedAt: Date }[]> {
  return (await db.query<{ host: string; allowedAt: Date }>(SOURCES_SQL.hosts)).rows;
}
export const allowedHosts = async (db: Db): Promise<ReadonlySet<string>> =>
  new Set((await readHosts(db)).map((h) => h.host));

/** Those that are in use, by name. */
export async function readSources(db: Db): Promise<KeptSource[]> {
  const { rows } = await db.query<Omit<KeptSource, 'body'> & { body: unknown }>(SOURCES_SQL.list);
  // What an earlier version of the application could say and this one cannot read is not asked.
  return rows.flatMap((row) => {
    const read = weatherSourceSchema.safeParse(row.body);
    return read.success ? [{ ...row, body: read.data }] : [];
  });
}

export async function readSource(
  db: Db,
  id: string,
): Promise<{ version: number; putAway: boolean; body: WeatherSource; secret: string | null } | undefined> {
  const { rows } = await db.query<{
    version: number;
    putAway: boolean;
    body: unknown;
    secret: string | null;
  }>(SOURCES_SQL.newest, [id]);
  const [row] = rows;
  return row && { ...row, body: weatherSourceSchema.parse(row.body) };
}

const changedMeanwhile = (): HttpProblem =>
  new HttpProblem(412, 'Somebody else changed this source meanwhile; look at theirs first');

export interface SourceWrite {
  readonly id: string;
  readonly from: number;
  readonly body: WeatherSource;
  readonly putAway?: boolean;
  /** A new one; null to forget it; undefined to leave it as it is. */
  readonly secret?: string | null | undefined;
}

/** @returns the new version; 412 where somebody else wrote since, 409 where another source has its name */
export async function writeSource(pool: Pool, write: SourceWrite): Promise<number> {
  const { id, from, body, putAway = false, secret } = write;
  try {
    return await transaction(pool, async (db) => {
      const others = (await readSources(db)).filter((s) => s.id !== id);
      if (!putAway && others.some((s) => s.body.name === body.name))
        throw new HttpProblem(409, `Another source is called ${body.name}; expected a name of its own`);
      const before = await readSource(db, id);
      const { rowCount } = await db.query(SOURCES_SQL.write, [id, from, JSON.stringify(body), putAway]);
      if (rowCount !== 1) throw changedMeanwhile();
      // A key goes to the host that it was entered for, and to no other one.
      const moved = before !== undefined && hostOf(before.body.address) !== hostOf(body.address);
      if (secret === null || putAway || (moved && secret === undefined))
        await db.query(SOURCES_SQL.dropKey, [id]);
      else if (secret !== undefined) await db.query(SOURCES_SQL.setKey, [id, secret]);
      return from + 1;
    });
  } catch (error) {
    if (sqlState(error) === UNIQUE_VIOLATION) throw changedMeanwhile();
    throw error;
  }
}

export async function sourceToChange(
  db: Db,
  id: string,
): Promise<NonNullable<Awaited<ReturnType<typeof readSource>>>> {
  const found = await readSource(db, id);
  if (!found || found.putAway) throw notFound('Source', id);
  return found;
}

export interface AskedState {
  readonly sourceId: string;
  readonly version: number;
  readonly askedAt: Date;
  readonly nextAt: Date;
  readonly goodAt: Date | null;
  readonly problem: string | null;
  readonly reading: KeptReading | null;
}
/** How a job's sources were asked last. */
export const readAsked = async (db: Db, jobId: string): Promise<AskedState[]> =>
  (await db.query<AskedState>(SOURCES_SQL.asked, [jobId])).rows;
