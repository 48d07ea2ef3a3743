/** Receipts over the API: made, listed, and compared with the record as it is now. */
import { z } from 'zod';
import { compareReceipt, receiptSchema, receiptWords, type Receipt } from '@lentum/core/sealed';
import { transaction, type Db } from '../db/pool.ts';
import { route } from '../http/routes.ts';
import { requireJob } from '../jobs/routes.ts';
import { receiptsOf, signEnd } from './receipts.ts';
import { SEALED_SQL } from './sql.ts';

const comparedAnswer = z.object({
  receipt: receiptSchema,
  outcome: z.enum(['holds', 'not signed', 'cut', 'other']),
  says: z.string(),
});
export type Compared = z.infer<typeof comparedAnswer>;

/** Each receipt beside the record as the database holds it now. */
export async function compared(db: Db, jobId: string, receipts: readonly Receipt[]): Promise<Compared[]> {
  const { rows: end } = await db.query<{ entries: number }>(SEALED_SQL.head, [jobId]);
  const wanted = receipts.map((r) => r.entries);
  const { rows } = await db.query<{ seq: number; hash: string }>(SEALED_SQL.hashesAt, [jobId, wanted]);
  const hashes = new Map(rows.map((r) => [r.seq, r.hash]));
  const record = { entries: end[0]?.entries ?? 0, hashAt: (seq: number) => hashes.get(seq) };
  return receipts.map((receipt) => {
    const found = compareReceipt(receipt, record);
    return { receipt, outcome: found.outcome, says: receiptWords(found, receipt.at) };
  });
}

export const receiptRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/receipts',
    access: 'read job',
    tag: 'Record',
    summary: 'What this server has signed of the record, oldest first',
    answer: z.object({
      receipts: z.array(z.object({ receipt: receiptSchema, why: z.enum(['asked', 'handed over', 'night']) })),
    }),
    run: async ({ params, context }) => {
      const jobId = params['jobId'] ?? '';
      await requireJob(context.pool, jobId);
      return { receipts: await receiptsOf(context.pool, jobId) };
    },
  }),
  route({
    method: 'post',
    path: '/jobs/{jobId}/receipts',
    access: 'read job',
    tag: 'Record',
    summary: 'Have the end of the record signed; where it has not grown, the last receipt is answered again',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: receiptSchema,
    run: ({ params, context }) =>
      transaction(context.pool, (db) => signEnd(db, params['jobId'] ?? '', 'asked', context.now())),
  }),
  route({
    method: 'post',
    path: '/jobs/{jobId}/receipts/compare',
    access: 'read job',
    tag: 'Record',
    summary: 'Compare receipts that somebody holds with the record as it is now',
    body: z.strictObject({ receipts: z.array(receiptSchema).min(1).max(200) }),
    bodyName: 'The receipts',
    answer: z.object({ compared: z.array(comparedAnswer) }),
    run: async ({ params, body, context }) => {
      const jobId = params['jobId'] ?? '';
      await requireJob(context.pool, jobId);
      return { compared: await compared(context.pool, jobId, body.receipts) };
    },
  }),
];
