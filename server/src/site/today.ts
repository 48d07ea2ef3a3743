/** The state of a job at an instant, from what the database holds. */
import { z } from 'zod';
import type { BuildUpDoc } from '@lentum/core/buildup';
import { instantSchema, rulesOf, type JobHead } from '@lentum/core/job';
import { wordingOf } from '@lentum/core/wording';
import { EMPTY_BOOK, foldRecord, namesOf, type Person, type StoredEntry } from '@lentum/core/record';
import type { SiteDoc } from '@lentum/core/site';
import { jobState, type JobInputs } from '@lentum/core/state';
import type { Survey } from '@lentum/core/survey';
import { weatherDocSchema } from '@lentum/core/weather';
import { toldState, type ToldState } from '@lentum/core/words';
import { atThread } from '../compute/runs.ts';
import { answerFromThread } from '../compute/threads.ts';
import { readDocuments } from '../db/documents.ts';
import { transaction, type Pool } from '../db/pool.ts';
import { notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { peopleOf } from '../people/store.ts';
import { readAll } from '../record/store.ts';
import { readSeries } from '../weather/store.ts';

interface Told {
  readonly head: JobHead;
  readonly record: readonly StoredEntry[];
  readonly people: readonly Person[];
  readonly inputs: Omit<JobInputs, 'book' | 'rules'>;
}

/** Everything that a state is made from: read in a snapshot, so that a write between two reads cannot mix versions. */
const toldOf = (pool: Pool, jobId: string, nowMs: number): Promise<Told> =>
  transaction(pool, async (db) => {
    await db.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ, READ ONLY');
    const docs = await readDocuments(db, jobId);
    const body = <T>(kind: Parameters<typeof docs.get>[0]): T => {
      const doc = docs.get(kind);
      if (!doc) throw notFound('Job', jobId);
      return doc.body as T;
    };
    const record: StoredEntry[] = [];
    for await (const page of readAll(db, jobId)) record.push(...page);
    return {
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

atThread('today', ({ head, record, people, inputs }: Told): ToldState => {
  const book = foldRecord(EMPTY_BOOK, record, namesOf(people));
  const state = jobState({ ...inputs, book, rules: rulesOf(head) });
  return toldState(state, { timeZone: head.timeZone, system: head.units, wording: wordingOf(head) });
});

const valueSchema = z.object({
  label: z.string(),
  value: z.number(),
  quantity: z.string(),
  source: z.string(),
});
const gateSchema = z.object({
  key: z.string(),
  group: z.string(),
  name: z.string(),
  answer: z.enum(['holds', 'broken', 'unknown']),
  says: z.string(),
  opens: z.string(),
  actual: valueSchema.optional(),
  limit: valueSchema.optional(),
  readAt: z.string().optional(),
  opensAt: z.string().optional(),
  settledBy: z.string().optional(),
  fixed: z.string().optional(),
  takenOver: z.object({ by: z.string(), at: z.string(), reason: z.string() }).optional(),
});
export const toldStateSchema = z.object({
  at: z.string(),
  timeZone: z.string(),
  bays: z.array(
    z.object({
      id: z.string(),
      label: z.string(),
      zoneId: z.string(),
      kind: z.string(),
      state: z.string(),
      advice: z.enum(['go', 'hold', 'check']).optional(),
      layerId: z.string().optional(),
      from: z.string().optional(),
      until: z.string().optional(),
      gates: z.array(gateSchema),
      sentences: z.array(z.string()),
    }),
  ),
});

export const todayRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/today',
    tag: 'Site',
    summary: 'Every bay at an instant: its gates, what can be done, and the sentences that say so',
    query: z.object({ at: instantSchema.optional() }),
    answer: toldStateSchema,
    run: async ({ params, query, context, res }) => {
      const nowMs = query.at === undefined ? context.now().getTime() : Date.parse(query.at);
      await answerFromThread(res, 'today', await toldOf(context.pool, params['jobId'] ?? '', nowMs));
    },
  }),
];
