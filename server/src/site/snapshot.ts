/** Everything that a state is made from, out of the database. */
import type { BuildUpDoc } from '@lentum/core/buildup';
import { rulesOf, type JobHead } from '@lentum/core/job';
import { EMPTY_BOOK, foldRecord, namesOf, type Person, type StoredEntry } from '@lentum/core/record';
import type { SiteDoc } from '@lentum/core/site';
import type { JobInputs } from '@lentum/core/state';
import type { Survey } from '@lentum/core/survey';
import { weatherDocSchema } from '@lentum/core/weather';
import { readDocuments, type DocumentKind } from '../db/documents.ts';
import { transaction, type Pool } from '../db/pool.ts';
import { notFound } from '../http/errors.ts';
import { peopleOf } from '../people/store.ts';
import { wholeRecord } from '../record/store.ts';
import { readSeries } from '../weather/store.ts';

/** A job as the database holds it at an instant. */
export interface JobSnapshot {
  readonly head: JobHead;
  readonly record: readonly StoredEntry[];
  readonly people: readonly Person[];
  readonly inputs: Omit<JobInputs, 'book' | 'rules'>;
}

/** What it is judged from: its record folded, its rules beside it. */
export const inputsOf = ({ head, record, people, inputs }: JobSnapshot): JobInputs => ({
  ...inputs,
  book: foldRecord(EMPTY_BOOK, record, namesOf(people)),
  rules: rulesOf(head),
});

/** Takes the body of one of the job's documents as it stands in the same snapshot. */
export type ReadBody = <T>(kind: DocumentKind) => T;

/**
 * Everything that a state is made from: read in a snapshot, so that a write between two reads cannot mix versions.
 * @param also takes what else is asked for out of the same snapshot
 */
export const jobSnapshot = <More extends object = object>(
  pool: Pool,
  jobId: string,
  nowMs: number,
  also?: (body: ReadBody) => More,
): Promise<JobSnapshot & More> =>
  transaction(pool, async (db) => {
    await db.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ, READ ONLY');
    const docs = await readDocuments(db, jobId);
    const body = <T>(kind: DocumentKind): T => {
      const doc = docs.get(kind);
      if (!doc) throw notFound('Job', jobId);
      return doc.body as T;
    };
    const record = await wholeRecord(db, jobId);
    return {
      ...(also?.(body) ?? ({} as More)),
      head: body<JobHead>('job'),
      record,
      people: await peopleOf(db, record),
      inputs: {
        survey: body<Survey>('survey'),
        buildUps: body<BuildUpDoc>('build-up'),
        site: body<SiteDoc>('site'),
        weather: weatherDocSchema.parse(body('weather')),
        series: await readSeries(db, jobId, 0),
        nowMs,
      },
    };
  });
