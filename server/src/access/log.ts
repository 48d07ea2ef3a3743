/** The log of access: append only, as the database holds it. */
import type { Db } from '../db/pool.ts';
import { ACCESS_SQL } from './sql.ts';

type SecurityEvent =
  | 'firm mode on'
  | 'signed in'
  | 'wrong password'
  | 'locked'
  | 'wrong code'
  | 'signed out'
  | 'session ended'
  | 'account made'
  | 'roles changed'
  | 'code made'
  | 'code mailed'
  | 'code used'
  | 'device code made'
  | 'device added'
  | 'device ended'
  | 'link made'
  | 'link opened'
  | 'link ended'
  | 'wrong link'
  | 'wrong passkey'
  | 'passkey added'
  | 'passkey ended'
  | 'password changed'
  | 'account closed'
  | 'account opened'
  | 'name replaced'
  | 'signatures demanded'
  | 'signatures let go'
  | 'host allowed'
  | 'host no longer allowed';

export interface Logged {
  readonly what: SecurityEvent;
  readonly at: Date;
  /** Who did it. */
  readonly accountId?: string | undefined;
  /** To whom it was done. */
  readonly aboutId?: string | undefined;
  readonly address?: string | undefined;
  readonly detail?: Readonly<Record<string, unknown>>;
}

export async function logAccess(
  db: Db,
  { what, at, accountId, aboutId, address, detail }: Logged,
): Promise<void> {
  await db.query(ACCESS_SQL.log, [
    at,
    what,
    accountId ?? null,
    aboutId ?? null,
    address ?? null,
    JSON.stringify(detail ?? {}),
  ]);
}
