/** A job as its handover and its upkeep are made from it: the state of a snapshot, and what is to be proven. */
import { z } from 'zod';
import { idSchema, instantSchema } from '@lentum/core/job';
import { provingSchema, type ProvingDoc } from '@lentum/core/proving';
import { jobState, type JobState } from '@lentum/core/state';
import type { Context } from '../http/routes.ts';
import { inputsOf, jobSnapshot, type JobSnapshot, type ReadBody } from '../site/snapshot.ts';

export type Asked = WholeJob & { readonly zoneId: string };

/** Which roof, and as it stood when. */
export const handoverQuery = z.object({ zone: idSchema, at: instantSchema.optional() });

/** What the job asks to be proven, out of the same snapshot. */
const alsoAsked = (body: ReadBody) => ({ asked: body('proving') });

type Served = Pick<Context, 'pool' | 'now'>;
/** A job as a whole, with what it asks to be proven. */
export type WholeJob = JobSnapshot & { readonly asked: unknown };

/** @throws 404 when there is no such job */
export const wholeJob = ({ pool, now }: Served, jobId: string, at?: string): Promise<WholeJob> =>
  jobSnapshot(pool, jobId, at === undefined ? now().getTime() : Date.parse(at), alsoAsked);

/** The same for one of its roofs. @throws 404 when there is no such job */
export const askedOf = async (
  served: Served,
  jobId: string,
  { zone, at }: z.output<typeof handoverQuery>,
): Promise<Asked> => ({ ...(await wholeJob(served, jobId, at)), zoneId: zone });

export const stateOf = (job: WholeJob): { readonly state: JobState; readonly asked: ProvingDoc } => ({
  state: jobState(inputsOf(job)),
  asked: provingSchema.parse(job.asked),
});
