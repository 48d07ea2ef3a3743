/** Whether what was allowed when a stream began is allowed still: sessions end, roles change. */
import type { Right } from '@lentum/core/access';
import type { Context } from '../http/routes.ts';
import { whoOf, type SessionSaid } from './sessions.ts';
import { ACCESS_SQL } from './sql.ts';
import type { Who } from './who.ts';

/** @returns false as well where the database does not answer: whoever streams asks again */
export async function stillMay(
  { pool, mode, now }: Context,
  { sessionId }: Who,
  right: Right,
  jobId: string,
): Promise<boolean> {
  try {
    if (sessionId === undefined) return (await mode.read()) === undefined;
    const { rows } = await pool.query<SessionSaid>(ACCESS_SQL.lives, [sessionId]);
    const [said] = rows;
    if (!said) return false;
    return (await whoOf({ pool, now }, { ...said, listedId: sessionId })).may(right, jobId);
  } catch {
    return false;
  }
}
