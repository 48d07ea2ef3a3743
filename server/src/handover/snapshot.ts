/** A job as its handover and its upkeep are made from it: the state of a snapshot, and what is to be proven. */
import { z } from 'zod';
import { idSchema, instantSchema } from '@lentum/core/job';
import { provingSchema, type ProvingDoc } from '@lentum/core/proving';
import { jobState, type JobState } from '@lentum/core/state';
import type { Receipt } from '@lentum/core/sealed';
import { transaction } from '../db/pool.ts';
import { reportPool } from '../db/replica.ts';
import type { Context } from '../http/routes.ts';
import { receiptsOf, signEnd } from '../sealed/receipts.ts';
import { inputsOf, jobSnapshot, type JobSnapshot, type ReadBody } from '../site/snapshot.ts';

export type Asked = WholeJob & {
  readonly zoneId: string;
  /** What is signed of the record. */
  readonly receipt?: Receipt | undefined;
};

/** Which roof, and as it stood when. */
export const handoverQuery = z.object({ zone: idSchema, at: instantSchema.optional() });

/** What the job asks to be proven, out of the same snapshot. */
const alsoAsked = (body: ReadBody) => ({ asked: body('proving') });

type Served = Pick<Context, 'pool' | 'now' | 'replica'>;
/** A job as a whole, with what it asks to be proven. */
export type WholeJob = JobSnapshot & { readonly asked: unknown };

/** @throws 404 when there is no such job */
export const wholeJob = async (served: Served, jobId: string, at?: string): Promise<WholeJob> =>
  jobSnapshot(
    await reportPool(served),
    jobId,
    at === undefined ? served.now().getTime() : Date.parse(at),
    alsoAsked,
  );

/** The same for one of its roofs. @throws 404 when there is no such job */
export const askedOf = async (
  served: Served,
  jobId: string,
  { zone, at }: z.output<typeof handoverQuery>,
): Promise<Asked> => ({ ...(await wholeJob(served, jobId, at)), zoneId: zone });

/**
 * The same with the end of its record signed: first signed, then read, so that it begins with what is signed. As it stood
 * earlier it comes with what was signed by then. @throws 404 when there is no such job
 */
export async function signedOf(
  served: Served,
  jobId: string,
  query: z.output<typeof handoverQuery>,
): Promise<Asked> {
  const { pool, now } = served;
  if (query.at === undefined) {
    const receipt = await transaction(pool, (db) => signEnd(db, jobId, 'asked', now()));
    return { ...(await askedOf(served, jobId, query)), receipt };
  }
  const until = Date.parse(query.at);
  const job = await askedOf(served, jobId, query);
  const all = (await receiptsOf(pool, jobId)).map((r) => r.receipt);
  const receipt = all.findLast((r) => Date.parse(r.at) <= until && r.entries <= job.record.length);
  return { ...job, receipt };
}

export const stateOf = (job: WholeJob): { readonly state: JobState; readonly asked: ProvingDoc } => ({
  state: jobState(inputsOf(job)),
  asked: provingSchema.parse(job.asked),
});
