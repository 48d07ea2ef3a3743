/** A job as its handover and its upkeep are made from it: the state of a snapshot, and what is to be proven. */
import { z } from 'zod';
import { idSchema, instantSchema } from '@lentum/core/job';
import { provingSchema, type ProvingDoc } from '@lentum/core/proving';
import { jobState, type JobState } from '@lentum/core/state';
import type { Context } from '../http/routes.ts';
import { inputsOf, jobSnapshot, type JobSnapshot, type ReadBody } from '../site/snapshot.ts';

export type Asked = JobSnapshot & { readonly zoneId: string; readonly asked: unknown };

/** Which roof, and as it stood when. */
export const handoverQuery = z.object({ zone: idSchema, at: instantSchema.optional() });

/** What the job asks to be proven, out of the same snapshot. */
const alsoAsked = (body: ReadBody) => ({ asked: body('proving') });

/** @throws 404 when there is no such job */
export async function askedOf(
  context: Context,
  jobId: string,
  { zone, at }: z.output<typeof handoverQuery>,
): Promise<Asked> {
  const nowMs = at === undefined ? context.now().getTime() : Date.parse(at);
  return { ...(await jobSnapshot(context.pool, jobId, nowMs, alsoAsked)), zoneId: zone };
}

export const stateOf = (job: Asked): { readonly state: JobState; readonly asked: ProvingDoc } => ({
  state: jobState(inputsOf(job)),
  asked: provingSchema.parse(job.asked),
});
