/** The state of a job at an instant, from what the database holds. */
import { z } from 'zod';
import { instantSchema } from '@lentum/core/job';
import { notationOf } from '@lentum/core/units';
import { wordingOf } from '@lentum/core/wording';
import { jobState } from '@lentum/core/state';
import { toldState, type ToldState } from '@lentum/core/words';
import { atThread } from '../compute/runs.ts';
import { answerFromThread } from '../compute/threads.ts';
import { route } from '../http/routes.ts';
import { inputsOf, jobSnapshot, type JobSnapshot } from './snapshot.ts';

atThread('today', (job: JobSnapshot): ToldState => {
  const { head } = job;
  return toldState(jobState(inputsOf(job)), {
    ...{ timeZone: head.timeZone, written: notationOf(head), wording: wordingOf(head) },
  });
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
    access: 'read job',
    tag: 'Site',
    summary: 'Every bay at an instant: its gates, what can be done, and the sentences that say so',
    query: z.object({ at: instantSchema.optional() }),
    answer: toldStateSchema,
    run: async ({ params, query, context, res }) => {
      const nowMs = query.at === undefined ? context.now().getTime() : Date.parse(query.at);
      await answerFromThread(res, 'today', await jobSnapshot(context.pool, params['jobId'] ?? '', nowMs));
    },
  }),
];
