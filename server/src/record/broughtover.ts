/** Brings tests of surveys over into the record: of one survey as it is stored, and once of all that were stored before. */
import { broughtOver, link, type StoredEntry } from '@lentum/core/record';
import { surveySchema, type Survey } from '@lentum/core/survey';
import { readDocument } from '../db/documents.ts';
import { transaction, type Db, type Pool } from '../db/pool.ts';
import { JOBS_SQL } from '../jobs/sql.ts';
import { RECORD_SQL } from './sql.ts';
import { insertEntries, lastEntry } from './store.ts';

/** Enters the tests of a survey that the job's record does not have; the job row is locked by the caller. */
export async function bringOver(
  db: Db,
  jobId: string,
  survey: Pick<Survey, 'zones'>,
  now: Date,
): Promise<void> {
  const wanted = broughtOver(survey, () => false);
  if (wanted.length === 0) return;
  const { rows } = await db.query<{ id: string }>(RECORD_SQL.known, [jobId, wanted.map((e) => e.id)]);
  const there = new Set(rows.map((r) => r.id));
  const entries: StoredEntry[] = [];
  let last = await lastEntry(db, jobId);
  for (const entry of wanted.filter((e) => !there.has(e.id))) {
    last = link(last, entry, now.toISOString());
    entries.push(last);
  }
  await insertEntries(db, jobId, entries);
}

/** The same for every job whose newest survey still holds tests; doing it again adds nothing. */
export async function bringOverAll(pool: Pool, now: Date): Promise<void> {
  const { rows } = await pool.query<{ jobId: string }>(RECORD_SQL.jobsWithTests);
  for (const { jobId } of rows)
    await transaction(pool, async (db) => {
      await db.query(JOBS_SQL.lock, [jobId]);
      const survey = await readDocument<Survey>(db, jobId, 'survey');
      const read = surveySchema.safeParse(survey?.body);
      if (read.success) await bringOver(db, jobId, read.data, now);
    });
}
