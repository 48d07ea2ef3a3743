import { z } from 'zod';
import { EMPTY_BUILD_UPS } from '@lentum/core/buildup';
import { idSchema, instantSchema, jobHeadSchema, type JobHead } from '@lentum/core/job';
import { DEFAULT_ORDER } from '@lentum/core/order';
import { canonicalJson } from '@lentum/core/record';
import { DEFAULT_PROGRAMME } from '@lentum/core/planning';
import { DEFAULT_PROVING } from '@lentum/core/proving';
import { EMPTY_SITE } from '@lentum/core/site';
import { DEFAULT_WEATHER } from '@lentum/core/weather';
import { EMPTY_SURVEY } from '@lentum/core/survey';
import { readDocument, writeDocument } from '../db/documents.ts';
import { transaction, type Db } from '../db/pool.ts';
import { rulesOfFirm } from '../firm/store.ts';
import { badRequest, HttpProblem, notFound } from '../http/errors.ts';
import { setVersion } from '../http/etag.ts';
import { route } from '../http/routes.ts';
import { newJobId } from './newid.ts';
import { replaceDocument } from './replace.ts';
import { JOBS_SQL } from './sql.ts';

/** Fails with 404 unless the job is there. */
export async function requireJob(db: Db, id: string): Promise<{ archived: boolean; created_at: Date }> {
  const { rows } = await db.query<{ archived: boolean; created_at: Date }>(JOBS_SQL.exists, [id]);
  if (!rows[0]) throw notFound('Job', id);
  return rows[0];
}

/** Makes a job with empty documents. False when the id is taken. */
export async function insertJob(db: Db, id: string, head: JobHead, at: Date): Promise<boolean> {
  const { rowCount } = await db.query(JOBS_SQL.insert, [id, head.demo === true, at]);
  if (rowCount === 0) return false;
  await writeDocument(db, id, 'job', 1, head);
  return true;
}

const jobAnswer = z.object({
  id: z.string(),
  version: z.number(),
  archived: z.boolean(),
  createdAt: z.string(),
  job: jobHeadSchema,
});
const listAnswer = z.object({
  jobs: z.array(
    jobAnswer.extend({
      entries: z.number(),
      /** A roof of it was handed over once: how it stands is told by `/standing`. */
      handedOver: z.boolean(),
    }),
  ),
  next: z.string().optional(),
});

function readCursor(text: string | undefined): [string | null, string | null] {
  if (text === undefined) return [null, null];
  const [at, id] = text.split('~');
  if (!instantSchema.safeParse(at).success || !idSchema.safeParse(id).success || !at || !id) {
    throw badRequest({
      kind: 'wrong',
      field: 'after',
      label: 'Cursor',
      actual: text.slice(0, 60),
      expected: 'the “next” of an earlier answer',
    });
  }
  return [at, id];
}

export const jobRoutes = [
  route({
    method: 'get',
    path: '/jobs',
    access: 'signed in',
    tag: 'Jobs',
    summary: 'Jobs, newest first, paged by cursor; those whose name or place has some words in it',
    query: z.object({
      archived: z.enum(['true', 'false']).default('false'),
      after: z.string().optional(),
      /** What its name or its place has in it, in capitals or not. */
      q: z.string().trim().max(120).optional(),
      limit: z.coerce.number().int().min(1).max(200).default(50),
    }),
    answer: listAnswer,
    run: async ({ query, context, who }) => {
      const [at, id] = readCursor(query.after);
      const { rows } = await context.pool.query<{ id: string; createdAt: Date }>(JOBS_SQL.list, [
        query.archived === 'true',
        at,
        id,
        query.limit + 1,
        query.q === undefined || query.q === '' ? null : query.q,
        who.jobs() ?? null,
      ]);
      const jobs = rows.slice(0, query.limit);
      const last = jobs[jobs.length - 1];
      return rows.length > query.limit && last
        ? { jobs, next: `${last.createdAt.toISOString()}~${last.id}` }
        : { jobs };
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}',
    access: 'read job',
    tag: 'Jobs',
    summary: 'Head of a job: name, place, time zone, units',
    answer: jobAnswer,
    run: async ({ params, context, res }) => {
      const id = params['jobId'] ?? '';
      const job = await requireJob(context.pool, id);
      const stored = await readDocument<JobHead>(context.pool, id, 'job');
      if (!stored) throw notFound('Job', id);
      setVersion(res, stored.version);
      return {
        id,
        version: stored.version,
        archived: job.archived,
        createdAt: job.created_at,
        job: stored.body,
      };
    },
  }),
  route({
    method: 'put',
    path: '/jobs/{jobId}',
    access: 'change job',
    tag: 'Jobs',
    summary: 'Start a job under an id made by the client, or change its head (with If-Match)',
    body: jobHeadSchema,
    bodyName: 'The job',
    answer: jobAnswer,
    statuses: { 201: 'Started', 200: 'Changed, or there already', 412: 'Somebody else changed it' },
    run: async ({ params, body, context, req, res }) => {
      const id = params['jobId'] ?? '';
      if (req.headers['if-match'] !== undefined) {
        const version = await replaceDocument(context, req, res, id, 'job', body);
        const { archived, created_at } = await requireJob(context.pool, id);
        return { id, version, archived, createdAt: created_at, job: body };
      }
      newJobId(params);
      return transaction(context.pool, async (db) => {
        const now = context.now();
        const rules = body.rules ?? (await rulesOfFirm(db));
        const head: JobHead = rules ? { ...body, rules } : body;
        if (await insertJob(db, id, head, now)) {
          await writeDocument(db, id, 'survey', 1, EMPTY_SURVEY);
          await writeDocument(db, id, 'build-up', 1, EMPTY_BUILD_UPS);
          await writeDocument(db, id, 'order', 1, DEFAULT_ORDER);
          await writeDocument(db, id, 'programme', 1, DEFAULT_PROGRAMME);
          await writeDocument(db, id, 'site', 1, EMPTY_SITE);
          await writeDocument(db, id, 'weather', 1, DEFAULT_WEATHER);
          await writeDocument(db, id, 'proving', 1, DEFAULT_PROVING);
          res.status(201);
          setVersion(res, 1);
          return { id, version: 1, archived: false, createdAt: now, job: head };
        }
        const stored = await readDocument<JobHead>(db, id, 'job');
        const { archived, created_at } = await requireJob(db, id);
        // Rules that came from the firm are no difference to one who said none.
        const said = stored && { ...stored.body, rules: body.rules };
        if (!stored || canonicalJson(said) !== canonicalJson(body)) {
          throw new HttpProblem(409, 'There is another job under this id; change it with If-Match');
        }
        setVersion(res, stored.version);
        return { id, version: stored.version, archived, createdAt: created_at, job: stored.body };
      });
    },
  }),
  route({
    method: 'put',
    path: '/jobs/{jobId}/archived',
    access: 'change job',
    tag: 'Jobs',
    summary: 'Put a job away, or bring it back; nothing of it is lost',
    body: z.strictObject({ archived: z.boolean() }),
    bodyName: 'The request',
    answer: z.object({ archived: z.boolean() }),
    run: async ({ params, body, context }) => {
      await requireJob(context.pool, params['jobId'] ?? '');
      await context.pool.query(JOBS_SQL.archive, [params['jobId'], body.archived]);
      return { archived: body.archived };
    },
  }),
];
