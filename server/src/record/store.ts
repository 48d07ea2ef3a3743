/** Reading and appending the record. */
import {
  canonicalJson,
  entryProblems,
  isSecondForm,
  link,
  namesOf,
  readEntry,
  refersTo,
  signatureProblem,
  type BookEntry,
  type EntryForm,
  type RecordContext,
  type StoredEntry,
} from '@lentum/core/record';
import type { BuildUpDoc } from '@lentum/core/buildup';
import type { SiteDoc } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';
import { readDocuments } from '../db/documents.ts';
import type { Db } from '../db/pool.ts';
import { HttpProblem, notFound, unprocessable } from '../http/errors.ts';
import { JOBS_SQL } from '../jobs/sql.ts';
import { isKnown } from '../people/store.ts';
import { copyEntries } from './copyin.ts';
import { RECORD_SQL } from './sql.ts';

type Row = Omit<StoredEntry, 'receivedAt'> & { receivedAt: Date };
const toStored = (row: Row): StoredEntry => ({ ...row, receivedAt: row.receivedAt.toISOString() });

/** @param tenant the firm, for whoever sees the rows of all of them */
export async function readPage(
  db: Db,
  jobId: string,
  after: number,
  limit: number,
  tenant?: number,
): Promise<StoredEntry[]> {
  const { rows } =
    tenant === undefined
      ? await db.query<Row>(RECORD_SQL.page, [jobId, after, limit])
      : await db.query<Row>(RECORD_SQL.pageOfFirm, [jobId, after, limit, tenant]);
  return rows.map(toStored);
}

/** The whole record, page by page. */
export async function* readAll(
  db: Db,
  jobId: string,
  pageSize = 2000,
  tenant?: number,
): AsyncGenerator<StoredEntry[]> {
  let after = 0;
  for (;;) {
    const page = await readPage(db, jobId, after, pageSize, tenant);
    if (page.length === 0) return;
    yield page;
    after = page[page.length - 1]?.seq ?? after;
  }
}

/** The whole record at once, for those who need every entry. */
export async function wholeRecord(db: Db, jobId: string): Promise<StoredEntry[]> {
  const record: StoredEntry[] = [];
  for await (const page of readAll(db, jobId)) record.push(...page);
  return record;
}

async function readOne(db: Db, sql: string, params: unknown[]): Promise<StoredEntry | undefined> {
  const { rows } = await db.query<Row>(sql, params);
  return rows[0] && toStored(rows[0]);
}

/** More than these come as one stream. */
const MOST_BY_INSERT = 500;

/** Puts chained entries behind the record's end; the database checks that each follows the one before. */
export async function insertEntries(db: Db, jobId: string, entries: readonly StoredEntry[]): Promise<void> {
  if (entries.length > MOST_BY_INSERT) return copyEntries(db, jobId, entries);
  if (entries.length > 0)
    await db.query(RECORD_SQL.insert, [
      jobId,
      entries.map((e) => e.seq),
      entries.map((e) => e.entry.id),
      entries.map((e) => e.entry.supersedes ?? null),
      entries.map((e) => e.receivedAt),
      entries.map((e) => JSON.stringify(e.entry)),
      entries.map((e) => e.previousHash),
      entries.map((e) => e.hash),
    ]);
}

/** @param target the entry that this one takes the place of */
async function contextOf(
  db: Db,
  jobId: string,
  entry: EntryForm,
  target: StoredEntry | undefined,
  nowMs: number,
): Promise<RecordContext> {
  const docs = await readDocuments(db, jobId);
  const later = target && (await db.query(RECORD_SQL.supersededBy, [jobId, target.entry.id]));
  return {
    survey: (docs.get('survey')?.body ?? { zones: [] }) as Survey,
    buildUps: (docs.get('build-up')?.body ?? { buildUps: [], zones: [] }) as BuildUpDoc,
    site: (docs.get('site')?.body ?? { bays: [], cuts: [] }) as SiteDoc,
    target: target && { entry: target.entry, alreadySuperseded: (later?.rowCount ?? 0) > 0 },
    refers: await referred(db, jobId, entry),
    nowMs,
  };
}

/** The other entries that an entry refers to. */
async function referred(
  db: Db,
  jobId: string,
  entry: EntryForm,
): Promise<(id: string) => BookEntry | undefined> {
  const ids = refersTo(entry);
  if (ids.length === 0) return () => undefined;
  const { rows } = await db.query<Row>(RECORD_SQL.byIds, [jobId, ids]);
  const found = new Map(rows.map((r) => [r.entry.id, readEntry(r.entry, namesOf([]), toStored(r))]));
  return (id) => found.get(id);
}

/** The last entry of a record; undefined while it is empty. */
export const lastEntry = (db: Db, jobId: string): Promise<StoredEntry | undefined> =>
  readOne(db, RECORD_SQL.last, [jobId]);

/**
 * Appends an entry inside a transaction. The same entry sent twice is stored once; another entry under the same
 * id is refused.
 * @param allowed fails where whoever sends it may not enter it, or not in the place of that entry
 */
export async function append(
  db: Db,
  jobId: string,
  entry: EntryForm,
  now: Date,
  allowed: (db: Db, superseded: StoredEntry | undefined) => Promise<void> = () => Promise.resolve(),
): Promise<{ stored: StoredEntry; fresh: boolean }> {
  const { rowCount } = await db.query(JOBS_SQL.lock, [jobId]);
  if (rowCount === 0) throw notFound('Job', jobId);
  const there = await readOne(db, RECORD_SQL.byId, [jobId, entry.id]);
  if (there) {
    if (canonicalJson(there.entry) === canonicalJson(entry)) return { stored: there, fresh: false };
    throw new HttpProblem(409, 'Another entry is stored under this id', [
      {
        kind: 'duplicate',
        field: 'id',
        label: 'Entry, id',
        actual: entry.id,
        expected: 'an id of its own for each entry',
      },
    ]);
  }
  if (isSecondForm(entry) && !(await isKnown(db, entry.personId)))
    throw unprocessable([
      {
        kind: 'unknown',
        field: 'personId',
        label: 'Entry, person',
        actual: entry.personId,
        expected: 'somebody whose name was sent first, with PUT /people/{personId}',
      },
    ]);
  const forged = signatureProblem(entry);
  if (forged) throw unprocessable([forged]);
  const superseded =
    entry.supersedes === undefined
      ? undefined
      : await readOne(db, RECORD_SQL.byId, [jobId, entry.supersedes]);
  await allowed(db, superseded);
  const problems = entryProblems(entry, await contextOf(db, jobId, entry, superseded, now.getTime()));
  if (problems.length > 0) throw unprocessable(problems);
  const last = await lastEntry(db, jobId);
  const stored = link(last, entry, now.toISOString());
  await insertEntries(db, jobId, [stored]);
  return { stored, fresh: true };
}
