/** Links by which somebody without an account reads one job: made, opened, counted, ended. */
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Db } from '../db/pool.ts';
import { ACCESS_SQL } from './sql.ts';

export const OPENS = ['job', 'handover'] as const;
type Opens = (typeof OPENS)[number];

/** A link that is good. */
export interface OpenLink {
  readonly id: string;
  readonly jobId: string;
  readonly opens: Opens;
  readonly until: Date;
}

/** What stands in the address: 192 bits, which nobody guesses; a plain hash of it cannot be turned back. */
const SECRET_BYTES = 24;
const linkHash = (secret: string): string => createHash('sha256').update(secret).digest('hex');

export interface LinkFor {
  readonly jobId: string;
  readonly opens: Opens;
  readonly forWhom: string;
  readonly until: Date;
}

/** @returns what stands in its address: it is told only now */
export async function makeLink(
  db: Db,
  { jobId, opens, forWhom, until }: LinkFor,
  madeBy: string,
  now: Date,
): Promise<{ readonly id: string; readonly secret: string }> {
  const id = randomUUID();
  const secret = randomBytes(SECRET_BYTES).toString('base64url');
  await db.query(ACCESS_SQL.addLink, [id, linkHash(secret), jobId, opens, forWhom, madeBy, now, until]);
  return { id, secret };
}

const first = async (db: Db, sql: string, params: unknown[]): Promise<OpenLink | undefined> =>
  (await db.query<OpenLink>(sql, params)).rows[0];

/** Opens a link, which is counted. @returns undefined where there is none, or it is not good any more */
export const openLink = (db: Db, secret: string, now: Date): Promise<OpenLink | undefined> =>
  first(db, ACCESS_SQL.openLink, [linkHash(secret), now]);

/** Whether a link that was opened is good still. */
export const linkNow = (db: Db, id: string, now: Date): Promise<OpenLink | undefined> =>
  first(db, ACCESS_SQL.link, [id, now]);
