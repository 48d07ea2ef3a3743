/** Whether what was allowed when a stream began is allowed still: sessions end, roles change. */
import type { Right } from '@lentum/core/access';
import type { Context } from '../http/routes.ts';
import { linkNow } from './links.ts';
import { ACCESS_SQL } from './sql.ts';
import { Who, type Account } from './who.ts';

/** @returns false as well where the database does not answer: whoever streams asks again */
export async function stillMay(
  { pool, mode, now }: Context,
  who: Who,
  right: Right,
  jobId: string,
): Promise<boolean> {
  try {
    if (who.link) {
      const [link, lives] = await Promise.all([
        linkNow(pool, who.link.id, now()),
        pool.query(ACCESS_SQL.guestLives, [who.link.id, who.sessionId]),
      ]);
      return link !== undefined && lives.rowCount === 1 && Who.guest(link).may(right, jobId);
    }
    if (!who.account) return (await mode.read()) === undefined;
    const [{ rows }, lives] = await Promise.all([
      pool.query<Account>(ACCESS_SQL.account, [who.account.id]),
      pool.query<{ onlyJob: string | null }>(ACCESS_SQL.lives, [who.account.id, who.sessionId]),
    ]);
    const lived = lives.rows[0];
    if (!rows[0] || !lived) return false;
    return Who.signedIn({ ...rows[0], onlyJob: lived.onlyJob ?? undefined }, '').may(right, jobId);
  } catch {
    return false;
  }
}
