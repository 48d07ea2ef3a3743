/** Names of those who make entries. */
import { isSecondForm, type Person, type StoredEntry } from '@lentum/core/record';
import type { Db } from '../db/pool.ts';
import { PEOPLE_SQL } from './sql.ts';

export async function addPeople(db: Db, people: readonly Person[]): Promise<void> {
  await db.query(PEOPLE_SQL.add, [people.map((p) => p.id), people.map((p) => p.name)]);
}

/** Everybody who made one of the entries, by id. */
export async function peopleOf(db: Db, entries: readonly StoredEntry[]): Promise<Person[]> {
  const ids = new Set(entries.flatMap(({ entry }) => (isSecondForm(entry) ? [entry.personId] : [])));
  if (ids.size === 0) return [];
  const { rows } = await db.query<Person>(PEOPLE_SQL.named, [[...ids]]);
  return rows;
}

export const isKnown = async (db: Db, personId: string): Promise<boolean> =>
  (await db.query(PEOPLE_SQL.exists, [personId])).rowCount !== 0;
