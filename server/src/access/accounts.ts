/** Accounts as the database holds them. */
import { randomBytes } from 'node:crypto';
import type { Part } from '@lentum/core/access';
import { NOBODY } from '@lentum/core/record';
import { addPeople } from '../people/store.ts';
import type { Db } from '../db/pool.ts';
import { HttpProblem, notFound, unprocessable } from '../http/errors.ts';
import { hashPassword, passwordProblem } from './passwords.ts';
import { endAllDevices } from './devices.ts';
import { ACCESS_SQL } from './sql.ts';

export interface ListedAccount {
  readonly id: string;
  readonly personId: string;
  readonly name: string;
  readonly login: string | null;
  readonly firmRole: Part | null;
  readonly jobRoles: Readonly<Record<string, Part>>;
  readonly madeAt: Date;
  readonly closedAt: Date | null;
  readonly codeUntil: Date | null;
  readonly seenAt: Date | null;
  /** Since when the name is replaced for good. */
  readonly forgottenAt: Date | null;
}

/** Somebody who stands in records without an account. */
export type Other = Pick<ListedAccount, 'personId' | 'name' | 'forgottenAt'>;

/** A device as it is listed: a session, with the name of its key where it has one. */
export interface ListedDevice {
  readonly id: string;
  /** What the browser says of itself. */
  readonly device: string;
  readonly madeAt: string;
  readonly seenAt: Date;
  /** Of the key with which it signs entries. */
  readonly name: string | null;
  /** The job that it is for, where that is one. */
  readonly job: string | null;
}

export const listDevices = async (db: Db, accountId: string): Promise<ListedDevice[]> =>
  (await db.query<ListedDevice>(ACCESS_SQL.sessions, [accountId])).rows;

export async function listAccounts(db: Db, now: Date): Promise<ListedAccount[]> {
  return (await db.query<ListedAccount>(ACCESS_SQL.list, [now])).rows;
}

export async function listOthers(db: Db): Promise<Other[]> {
  return (await db.query<Other>(ACCESS_SQL.others, [NOBODY.id])).rows;
}

/** What an owner says of an account. */
export interface AccountSaid {
  readonly name: string;
  readonly firmRole: string | null;
  readonly jobRoles: Readonly<Record<string, string>>;
}

/** People begin to sign in. @returns false where they do already */
export async function switchOn(db: Db, firm: string, now: Date): Promise<boolean> {
  const { rowCount } = await db.query(ACCESS_SQL.switchOn, [
    firm,
    randomBytes(32).toString('base64url'),
    now,
  ]);
  return rowCount === 1;
}

/** @throws 409 where nobody could let people in any more */
async function needOwner(db: Db): Promise<void> {
  const { rows } = await db.query<{ n: number }>(ACCESS_SQL.ownersLeft);
  if (rows[0]?.n === 0)
    throw new HttpProblem(409, 'Somebody has to be the owner; make another one first, and let them sign in');
}

/** Makes the account, in the same transaction as the person it is of, or changes its roles. @returns whether it is new */
export async function writeAccount(
  db: Db,
  { id, personId, said, now }: { id: string; personId: string; said: AccountSaid; now: Date },
): Promise<boolean> {
  await db.query(ACCESS_SQL.lock);
  await addPeople(db, [{ id: personId, name: said.name }]);
  const fresh = (await db.query(ACCESS_SQL.insert, [id, personId, said.firmRole, now])).rowCount === 1;
  if (!fresh) await db.query(ACCESS_SQL.setRole, [id, said.firmRole]);
  await db.query(ACCESS_SQL.dropJobRoles, [id]);
  await db.query(ACCESS_SQL.addJobRoles, [id, JSON.stringify(said.jobRoles)]);
  if (!fresh) await needOwner(db);
  return fresh;
}

export async function closeAccount(db: Db, id: string, closedAt: Date | null): Promise<void> {
  await db.query(ACCESS_SQL.lock);
  const { rowCount } = await db.query(ACCESS_SQL.setClosed, [id, closedAt]);
  if (rowCount === 0) throw notFound('Account', id);
  if (!closedAt) return;
  await needOwner(db);
  await endAllDevices(db, id, closedAt);
}

/** Sets what somebody signs in with; every session but one is ended. @param about names that are guessed first */
export async function setPassword(
  db: Db,
  id: string,
  { login, password, about }: { login: string; password: string; about: readonly string[] },
  keptSession: string | null,
): Promise<void> {
  const wrong = passwordProblem(password, [login, ...about]);
  if (wrong) throw unprocessable([wrong]);
  await db.query(ACCESS_SQL.setPassword, [id, login, await hashPassword(password)]);
  await db.query(ACCESS_SQL.endSessions, [id, keptSession]);
}
