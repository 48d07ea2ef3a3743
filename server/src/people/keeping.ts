/**
 * What is kept of a person: all of it told, and their name replaced for good. Entries name people by ids, so that the record and
 * its hashes stay as they are.
 */
import { createHash } from 'node:crypto';
import { PASSKEY_SQL } from '../access/passkeysql.ts';
import { ACCESS_SQL } from '../access/sql.ts';
import type { Db } from '../db/pool.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import { PEOPLE_SQL } from './sql.ts';

/** Always the same for a person, and not to be turned back into a name: of their id, six digits of its hash. */
export const pseudonymOf = (personId: string): string =>
  `Person ${createHash('sha256').update(`lentum person ${personId}`).digest('hex').slice(0, 6)}`;

interface Person {
  readonly id: string;
  readonly name: string;
  readonly forgottenAt: Date | null;
}

/** @throws 404 */
async function readPerson(db: Db, personId: string): Promise<Person> {
  const { rows } = await db.query<Person>(PEOPLE_SQL.one, [personId]);
  if (!rows[0]) throw notFound('Person', personId);
  return rows[0];
}

/** Gives a person a name, or another one. @throws 409 where their name was replaced for good */
export async function namePerson(db: Db, personId: string, name: string): Promise<void> {
  const { rowCount } = await db.query(PEOPLE_SQL.write, [personId, name]);
  if (rowCount === 0) throw new HttpProblem(409, 'The name of this person was replaced for good');
}

/**
 * Replaces the name of somebody whose account is closed, takes away what they signed in with, and the names of their devices.
 * @param db inside a transaction
 * @returns the pseudonym
 * @throws 404, and 409 where they may come in still
 */
export async function forget(db: Db, personId: string, now: Date): Promise<string> {
  await readPerson(db, personId);
  const { rows } = await db.query<{ id: string; closedAt: Date | null }>(PEOPLE_SQL.account, [personId]);
  const account = rows[0];
  if (account && account.closedAt === null)
    throw new HttpProblem(409, 'The account of this person is open; close it first');
  const pseudonym = pseudonymOf(personId);
  await db.query(PEOPLE_SQL.forget, [personId, pseudonym, now]);
  if (account) {
    await db.query(PEOPLE_SQL.forgetLogin, [account.id]);
    await db.query(PEOPLE_SQL.forgetDevices, [account.id]);
    await db.query(PASSKEY_SQL.withdrawAll, [account.id, now]);
    await db.query(PEOPLE_SQL.forgetPasskeys, [account.id]);
    await db.query(ACCESS_SQL.dropCodes, [account.id, now, false]);
    await db.query(ACCESS_SQL.dropCodes, [account.id, now, true]);
  }
  return pseudonym;
}

/** All that is kept of a person: who they are here, their devices, links, what the log has of them, every entry that they made. */
export async function allOf(db: Db, personId: string): Promise<object> {
  const person = await readPerson(db, personId);
  const account = (await db.query<{ id: string }>(PEOPLE_SQL.account, [personId])).rows[0];
  const rowsOf = async (sql: string, of: string | undefined): Promise<unknown[]> =>
    of === undefined ? [] : (await db.query(sql, [of])).rows;
  return {
    ...{ format: 'lentum-person', version: 1, person, account: account ?? null },
    roles: await rowsOf(PEOPLE_SQL.roles, account?.id),
    devices: await rowsOf(ACCESS_SQL.sessions, account?.id),
    keys: await rowsOf(PEOPLE_SQL.keys, account?.id),
    passkeys: await rowsOf(PASSKEY_SQL.list, account?.id),
    links: await rowsOf(PEOPLE_SQL.links, account?.id),
    log: await rowsOf(PEOPLE_SQL.log, account?.id),
    entries: await rowsOf(PEOPLE_SQL.entries, personId),
  };
}
