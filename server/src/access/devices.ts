/** Keys of devices: with these it is signed on arrival who entered something, and on which device. */
import { z } from 'zod';
import { idSchema, plainText } from '@lentum/core/job';
import { isSecondForm, type EntryForm } from '@lentum/core/record';
import type { Db } from '../db/pool.ts';
import { HttpProblem, unprocessable } from '../http/errors.ts';
import { ACCESS_SQL } from './sql.ts';
import type { Who } from './who.ts';

export const deviceSchema = z.strictObject({
  /** The public key: an uncompressed point of P-256, 65 bytes, as base64url. */
  key: z.string().regex(/^B[A-Za-z0-9_-]{86}$/, 'a point of P-256: 65 bytes as base64url, beginning with 4'),
  /** As entries name the device. */
  deviceId: idSchema,
  name: z.string().trim().min(1).max(60).transform(plainText),
});
export type DeviceSaid = z.output<typeof deviceSchema>;

/** From now on a session signs with this key. @throws 409 where the key was withdrawn: the device makes another one */
export async function keepKey(
  db: Db,
  { accountId, sessionId }: { readonly accountId: string; readonly sessionId: string },
  { key, deviceId, name }: DeviceSaid,
  now: Date,
): Promise<void> {
  const { rowCount } = await db.query(ACCESS_SQL.keepKey, [accountId, key, deviceId, name, sessionId, now]);
  if (rowCount === 0) throw new HttpProblem(409, 'The key of this device was withdrawn; it needs a new one');
}

/** Ends a session somewhere else, and withdraws the key that it signs with. @returns whether there was one */
export async function endDevice(db: Db, accountId: string, sessionId: string, now: Date): Promise<boolean> {
  const { rowCount } = await db.query(ACCESS_SQL.endSession, [accountId, sessionId]);
  await db.query(ACCESS_SQL.withdrawKey, [accountId, sessionId, now]);
  return rowCount === 1;
}

/** The same for every device of an account. @returns how many sessions were ended */
export async function endAllDevices(db: Db, accountId: string, now: Date): Promise<number> {
  const { rowCount } = await db.query(ACCESS_SQL.endSessions, [accountId, null]);
  await db.query(ACCESS_SQL.withdrawKeys, [accountId, now]);
  return rowCount ?? 0;
}

const wrong = (field: string, label: string, actual: string, expected: string): HttpProblem =>
  unprocessable([{ kind: 'wrong', field, label, actual, expected }]);

/** @returns since when a firm takes only signed entries; nothing where it takes others as well */
export async function signedSince(db: Db): Promise<Date | undefined> {
  const { rows } = await db.query<{ since: Date | null }>(ACCESS_SQL.signedSince);
  return rows[0]?.since ?? undefined;
}
const DEMANDED =
  'one of a device: this firm takes signed entries only, and browsers sign where the address begins with https';

/**
 * Looks whether an entry is signed as it has to be. That the signature is that of the entry is looked at with the entry itself.
 * @throws 422 where nobody signs though the firm asks for it, where a device that has a key does not sign, signs with another one, or for another job
 */
export async function needSigned(db: Db, who: Who, jobId: string, entry: EntryForm): Promise<void> {
  if (!who.account) return;
  const signature = isSecondForm(entry) ? entry.signature : undefined;
  const { rows } = await db.query<{ key: string; withdrawnAt: Date | null }>(ACCESS_SQL.keysFor, [
    ...[who.account.id, signature?.key ?? null, who.sessionId],
  ]);
  if (!signature) {
    if (rows.some((r) => r.withdrawnAt === null))
      throw wrong('signature', 'Entry, signature', 'none', 'that of the key which this device has shown');
    if (await signedSince(db)) throw wrong('signature', 'Entry, signature', 'none', DEMANDED);
    return;
  }
  const known = rows.find((r) => r.key === signature.key);
  if (!known)
    throw wrong(
      'signature/key',
      'Entry, key of the signature',
      signature.key,
      'a key that one of your devices has shown',
    );
  if (known.withdrawnAt !== null)
    throw wrong(
      'signature/key',
      'Entry, key of the signature',
      'one that was withdrawn',
      'a key that is still good: the device was signed out from elsewhere',
    );
  if (signature.jobId !== jobId)
    throw wrong('signature/jobId', 'Entry, job that was signed', signature.jobId ?? 'none', jobId);
}
