/** Where a batch is: every entry in force of every job that names it, with its bays and its date. */
import { z } from 'zod';
import type { BuildUpDoc } from '@lentum/core/buildup';
import type { JobHead } from '@lentum/core/job';
import { isLikeBatch, isSameBatch, namesOf, readEntry, type StoredEntry } from '@lentum/core/record';
import { tellingOf } from '@lentum/core/printout';
import type { SiteDoc } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';
import { entryLine } from '@lentum/core/words';
import { readDocuments } from '../db/documents.ts';
import { reportPool } from '../db/replica.ts';
import { transaction, type Db } from '../db/pool.ts';
import { route } from '../http/routes.ts';
import { peopleOf } from '../people/store.ts';

const SQL = {
  /** A person takes an entry back, or corrects it: what it said is not there any more. */
  named: `
    SELECT DISTINCT b #>> '{}' AS batch
    FROM record_entry e, jsonb_path_query(e.entry, '$.**.batch') b
    WHERE jsonb_typeof(b) = 'string'`,
  entries: `
    SELECT e.job_id AS "jobId", e.seq, e.received_at AS "receivedAt", e.previous_hash AS "previousHash", e.hash, e.entry
    FROM record_entry e
    WHERE EXISTS (SELECT 1 FROM jsonb_path_query(e.entry, '$.**.batch') b WHERE b #>> '{}' = ANY ($1::text[]))
      AND NOT EXISTS (SELECT 1 FROM record_entry l WHERE l.job_id = e.job_id AND l.supersedes = e.id)
    ORDER BY e.job_id, e.seq
    LIMIT $2`,
};
/** More than this nobody reads through; it is said that there is more. */
const MOST = 2000;

const useSchema = z.object({
  jobId: z.string(),
  job: z.string(),
  seq: z.number(),
  entryId: z.string(),
  kind: z.string(),
  at: z.string(),
  who: z.string(),
  zoneId: z.string().optional(),
  zone: z.string(),
  bays: z.array(z.string()),
  says: z.string(),
});
const recallAnswer = z.object({
  /** As it is written where it was found. */
  written: z.array(z.string()),
  /** Other batches that may be the same one, written wrong. */
  like: z.array(z.string()),
  uses: z.array(useSchema),
  more: z.boolean(),
});

type Row = StoredEntry & { readonly jobId: string; readonly receivedAt: Date | string };

async function usesIn(db: Db, jobId: string, rows: readonly Row[]): Promise<z.infer<typeof useSchema>[]> {
  const docs = await readDocuments(db, jobId);
  const head = docs.get('job')?.body as JobHead;
  const survey = docs.get('survey')?.body as Survey;
  const site = docs.get('site')?.body as SiteDoc;
  const buildUps = docs.get('build-up')?.body as BuildUpDoc;
  const names = namesOf(await peopleOf(db, rows));
  const { say } = tellingOf(head);
  return rows.map((row) => {
    const entry = readEntry(row.entry, names, { seq: row.seq, receivedAt: String(row.receivedAt) });
    const bays = entry.bays.flatMap(({ bayId }) => site.bays.find((b) => b.id === bayId) ?? []);
    const zoneId = entry.zoneId ?? bays[0]?.zoneId;
    const { body } = entry;
    const at = 'at' in body ? body.at : 'startedAt' in body ? body.startedAt : undefined;
    return {
      ...{ jobId, job: head.name, seq: row.seq, entryId: entry.id, kind: entry.kind, who: entry.who },
      at: at ?? entry.madeAt,
      ...(zoneId === undefined ? {} : { zoneId }),
      zone: survey.zones.find((z) => z.id === zoneId)?.name ?? '',
      bays: bays.map((b) => b.label),
      says: entryLine(entry, { buildUps, site, book: { seen: new Map() }, say }),
    };
  });
}

export const recallRoutes = [
  route({
    method: 'get',
    path: '/batches',
    access: 'trace batches',
    tag: 'Record',
    summary: 'Which bays, jobs and dates hold a batch; blanks, dashes and capitals make no difference',
    query: z.object({ batch: z.string().trim().min(1).max(60) }),
    answer: recallAnswer,
    run: async ({ query, context }) =>
      transaction(await reportPool(context), async (db) => {
        await db.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ, READ ONLY');
        const { rows: named } = await db.query<{ batch: string }>(SQL.named);
        const written = named.map((r) => r.batch).filter((b) => isSameBatch(b, query.batch));
        const like = named.map((r) => r.batch).filter((b) => isLikeBatch(b, query.batch));
        const { rows } = await db.query<Row>(SQL.entries, [written, MOST + 1]);
        const byJob = new Map<string, Row[]>();
        for (const row of rows.slice(0, MOST)) byJob.set(row.jobId, [...(byJob.get(row.jobId) ?? []), row]);
        const uses: z.infer<typeof useSchema>[] = [];
        for (const [jobId, own] of byJob) uses.push(...(await usesIn(db, jobId, own)));
        return { written: written.sort(), like: like.sort(), uses, more: rows.length > MOST };
      }),
  }),
];
