/** Codes that an owner hands out: sixteen letters that are hard to mistake, 80 bits, good once and for some days. */
import { createHash, randomInt } from 'node:crypto';
import type { Db } from '../db/pool.ts';
import { HttpProblem } from '../http/errors.ts';
import { ACCESS_SQL } from './sql.ts';

/** Crockford's base 32: no I, L, O and U. */
const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const GROUPS = 4;
const CODE_MS = 7 * 86_400_000;
/** A code for a device is used where it is shown. */
const DEVICE_CODE_MS = 15 * 60_000;

/** As it was typed or read out, so that it can be compared: O is 0, I and L are 1; blanks and dashes do not count. */
const plainCode = (typed: string): string =>
  typed
    .toUpperCase()
    .replace(/[^0-9A-Z]/g, '')
    .replaceAll('O', '0')
    .replace(/[IL]/g, '1');

/** Of 80 bits: a plain hash cannot be turned back. */
export const codeHash = (typed: string): string =>
  createHash('sha256').update(plainCode(typed)).digest('hex');

const newCode = (): string =>
  Array.from({ length: GROUPS }, () =>
    Array.from({ length: 4 }, () => LETTERS[randomInt(LETTERS.length)]).join(''),
  ).join('-');

export interface CodeFor {
  readonly accountId: string;
  /** For a device that is added to the account; else to sign in for the first time or with a new password. */
  readonly forDevice?: boolean;
  /** The device is for this job alone. */
  readonly onlyJob?: string | undefined;
}
export interface MadeCode {
  readonly code: string;
  readonly until: Date;
}

/** A code is good once: of two who use it at the same time, one is late. @throws 404 */
export async function spendCode(db: Db, code: string, now: Date): Promise<void> {
  const { rowCount } = await db.query(ACCESS_SQL.useCode, [codeHash(code), now]);
  if (rowCount !== 1) throw new HttpProblem(404, 'This code was used just now');
}

/** A new code for an account; earlier ones for the same are not good any more. @param db inside a transaction */
export async function makeCode(
  db: Db,
  { accountId, forDevice = false, onlyJob }: CodeFor,
  madeBy: string | null,
  now: Date,
): Promise<MadeCode> {
  const code = newCode();
  const until = new Date(now.getTime() + (forDevice ? DEVICE_CODE_MS : CODE_MS));
  await db.query(ACCESS_SQL.dropCodes, [accountId, now, forDevice]);
  await db.query(ACCESS_SQL.addCode, [
    ...[codeHash(code), accountId, madeBy, now, until],
    ...[forDevice, onlyJob ?? null],
  ]);
  return { code, until };
}
