/** Codes that an owner hands out: sixteen letters that are hard to mistake, 80 bits, good once and for some days. */
import { createHash, randomInt } from 'node:crypto';
import type { Db } from '../db/pool.ts';
import { ACCESS_SQL } from './sql.ts';

/** Crockford's base 32: no I, L, O and U. */
const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const GROUPS = 4;
export const CODE_DAYS = 7;
const MS_PER_DAY = 86_400_000;

/** As it was typed or read out, so that it can be compared: O is 0, I and L are 1; blanks and dashes do not count. */
export const plainCode = (typed: string): string =>
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

/** A new code for an account; earlier ones are not good any more. */
export async function makeCode(
  db: Db,
  accountId: string,
  madeBy: string | null,
  now: Date,
): Promise<{ readonly code: string; readonly until: Date }> {
  const code = newCode();
  const until = new Date(now.getTime() + CODE_DAYS * MS_PER_DAY);
  await db.query(ACCESS_SQL.dropCodes, [accountId, now]);
  await db.query(ACCESS_SQL.addCode, [codeHash(code), accountId, madeBy, now, until]);
  return { code, until };
}
