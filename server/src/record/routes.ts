import { z } from 'zod';
import type { BuildUpDoc } from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';
import {
  chainProblem,
  entrySchema,
  personSchema,
  storedEntrySchema,
  type EntryForm,
  type StoredEntry,
} from '@lentum/core/record';
import type { SiteDoc } from '@lentum/core/site';
import { needAuthor, needOwn } from '../access/authors.ts';
import { needSigned } from '../access/devices.ts';
import { needSecond } from './second.ts';
import { reportPool } from '../db/replica.ts';
import { readDocument } from '../db/documents.ts';
import { transaction } from '../db/pool.ts';
import { notFound, unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { requireJob } from '../jobs/routes.ts';
import { receiptsOf, signEnd } from '../sealed/receipts.ts';
import { compared } from '../sealed/routes.ts';
import { peopleOf } from '../people/store.ts';
import { recordCsv } from './csv.ts';
import { append, readAll, readPage, wholeRecord } from './store.ts';

/** As far as the numbers of a record go. */
const MOST_SEQ = 2_147_483_647;

const isHandOver = (entry: EntryForm): boolean =>
  entry.kind === 'upkeep' && entry.body.step === 'handed over';

export const recordRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/record',
    access: 'read job',
    tag: 'Record',
    summary: 'Entries in order, paged by sequence number',
    query: z.object({
      after: z.coerce.number().int().min(0).max(MOST_SEQ).default(0),
      limit: z.coerce.number().int().min(1).max(2000).default(200),
    }),
    answer: z.object({
      entries: z.array(storedEntrySchema),
      people: z.array(personSchema),
      next: z.number().optional(),
    }),
    run: async ({ params, query, context }) => {
      const jobId = params['jobId'] ?? '';
      const page = await readPage(context.pool, jobId, query.after, query.limit + 1);
      if (page.length === 0) await requireJob(context.pool, jobId);
      const entries = page.slice(0, query.limit);
      const last = entries[entries.length - 1];
      const people = await peopleOf(context.pool, entries);
      return page.length > query.limit && last ? { entries, people, next: last.seq } : { entries, people };
    },
  }),
  route({
    method: 'put',
    path: '/jobs/{jobId}/record/{entryId}',
    access: 'enter',
    tag: 'Record',
    summary: 'Append an entry under an id made by the device; sending it twice stores it once',
    body: entrySchema,
    bodyName: 'The entry',
    answer: storedEntrySchema,
    statuses: { 201: 'Stored', 200: 'Was stored already', 409: 'Another entry has this id' },
    run: async ({ params, body, context, who, res }) => {
      if (body.id !== params['entryId']) {
        throw unprocessable([
          {
            kind: 'wrong',
            field: 'id',
            label: 'Entry, id',
            actual: body.id,
            expected: `the id of the address, ${params['entryId'] ?? ''}`,
          },
        ]);
      }
      const jobId = params['jobId'] ?? '';
      needAuthor(who, jobId, body);
      const { stored, fresh } = await transaction(context.pool, async (db) => {
        const added = await append(db, jobId, body, context.now(), async (tx, superseded) => {
          await needSigned(tx, who, jobId, body);
          needOwn(who, jobId, superseded);
          await needSecond(tx, jobId, body);
        });
        // What is handed over is signed with it.
        if (added.fresh && isHandOver(body)) await signEnd(db, jobId, 'handed over', context.now());
        return added;
      });
      res.status(fresh ? 201 : 200);
      return stored;
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/record-check',
    access: 'read job',
    tag: 'Record',
    summary: 'Walks the hash chain from the first entry to the last',
    answer: z.object({
      whole: z.boolean(),
      entries: z.number(),
      lastHash: z.string().optional(),
      problem: z.string().optional(),
      /** Receipts of this server that were compared with it. */
      receipts: z.number().optional(),
    }),
    run: async ({ params, context }) => {
      const jobId = params['jobId'] ?? '';
      const db = await reportPool(context);
      await requireJob(db, jobId);
      let last: StoredEntry | undefined;
      for await (const page of readAll(db, jobId)) {
        const problem = chainProblem(page, last);
        if (problem) return { whole: false, entries: last?.seq ?? 0, problem: sentence(problem) };
        last = page[page.length - 1];
      }
      // A tail that was cut off, or a chain made anew, is whole in itself.
      const receipts = (await receiptsOf(db, jobId)).map((r) => r.receipt);
      const broken = (await compared(db, jobId, receipts)).find((c) => c.outcome !== 'holds');
      if (broken)
        return { whole: false, entries: last?.seq ?? 0, lastHash: last?.hash, problem: broken.says };
      return { whole: true, entries: last?.seq ?? 0, lastHash: last?.hash, receipts: receipts.length };
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/record.csv',
    access: 'read job',
    tag: 'Record',
    summary: 'The record as CSV: one row an entry, metric units, times in UTC',
    answerType: 'text/csv',
    run: async ({ params, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const db = await reportPool(context);
      const [buildUps, site] = await Promise.all([
        readDocument<BuildUpDoc>(db, jobId, 'build-up'),
        readDocument<SiteDoc>(db, jobId, 'site'),
      ]);
      if (!buildUps || !site) throw notFound('Job', jobId);
      const entries = await wholeRecord(db, jobId);
      const people = await peopleOf(db, entries);
      res
        .attachment('record.csv')
        .type('text/csv')
        .send(recordCsv({ entries, people, buildUps: buildUps.body, site: site.body }));
    },
  }),
];
