/** A job in the list of the firm's morning. */
import { z } from 'zod';
import { idSchema, instantSchema } from '@lentum/core/job';
import { orderSchema, type Delivery } from '@lentum/core/order';
import { jobState } from '@lentum/core/state';
import { jobMorning, type Morning, type MorningLine } from '@lentum/core/words';
import { atThread } from '../compute/runs.ts';
import { answerFromThread } from '../compute/threads.ts';
import { route } from '../http/routes.ts';
import { inputsOf, jobSnapshot, type JobSnapshot } from './snapshot.ts';

const lineSchema = z.strictObject({
  says: z.string(),
  bays: z.number().int(),
  /** One of them. */
  bayId: idSchema,
  zoneId: idSchema,
  by: z.iso.datetime().optional(),
});
const dueSchema = z.strictObject({ at: z.iso.datetime(), says: z.string(), bayId: idSchema });
const morningSchema = z.strictObject({
  at: z.iso.datetime(),
  timeZone: z.string(),
  bays: z.strictObject({ all: z.number().int(), done: z.number().int() }),
  /** What costs something by the hour. */
  urgent: z.array(lineSchema),
  now: z.array(lineSchema),
  waits: z.array(lineSchema),
  closes: dueSchema.optional(),
  opens: dueSchema.optional(),
  delivery: z.strictObject({ on: z.iso.date(), name: z.string() }).optional(),
  last: z.strictObject({ at: z.iso.datetime(), who: z.string(), says: z.string() }).optional(),
  /** Rain and wind of the next 24 hours, where all of them are known. */
  weather: z
    .strictObject({
      airC: z.number().optional(),
      rainMm: z.number().optional(),
      rainFrom: z.iso.datetime().optional(),
      mostWindMPerS: z.number().optional(),
    })
    .optional(),
  /** Jobs stand in the order of these, number by number: what missing costs most first. */
  order: z.tuple([z.number(), z.number()]),
});
export type ToldMorning = z.infer<typeof morningSchema>;

type Asked = JobSnapshot & { readonly deliveries: readonly Delivery[] };

const iso = (ms: number): string => new Date(ms).toISOString();
const told = ({ byMs, ...line }: MorningLine): z.infer<typeof lineSchema> => ({
  ...line,
  ...(byMs === undefined ? {} : { by: iso(byMs) }),
});
const due = (d: Morning['closes']): z.infer<typeof dueSchema> | undefined =>
  d && { at: iso(d.atMs), says: d.says, bayId: d.bayId };
/** Without what is not known. */
const some = <T extends object>(of: T): { [K in keyof T]?: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(of).filter(([, v]) => v !== undefined)) as never;

atThread('morning', (job: Asked): ToldMorning => {
  const { timeZone } = job.head;
  const m = jobMorning(jobState(inputsOf(job)), { deliveries: job.deliveries, timeZone });
  const { rainFromMs, ...weather } = m.weather ?? {};
  return {
    ...{ at: iso(m.atMs), timeZone, bays: m.bays, order: [...m.order] as [number, number] },
    ...{ urgent: m.urgent.map(told), now: m.now.map(told), waits: m.waits.map(told) },
    ...some({
      closes: due(m.closes),
      opens: due(m.opens),
      delivery: m.delivery,
      last: m.last && { at: iso(m.last.atMs), who: m.last.who, says: m.last.says },
      weather:
        m.weather && some({ ...weather, rainFrom: rainFromMs === undefined ? undefined : iso(rainFromMs) }),
    }),
  };
});

export const morningRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/morning',
    access: 'read job',
    tag: 'Site',
    summary:
      'A job in one line: what can be done, what closes, what waits for whom, the next delivery, the last entry, the weather',
    query: z.object({ at: instantSchema.optional() }),
    answer: morningSchema,
    run: async ({ params, query, context, res }) => {
      const nowMs = query.at === undefined ? context.now().getTime() : Date.parse(query.at);
      const job = await jobSnapshot(context.pool, params['jobId'] ?? '', nowMs, (body) => ({
        deliveries: orderSchema.parse(body('order')).deliveries,
      }));
      await answerFromThread(res, 'morning', job);
    },
  }),
];
