/** The years after: what is due on a roof and when, as data, as a calendar, and as the sheet of a year. */
import ical, { ICalCalendarMethod } from 'ical-generator';
import { z } from 'zod';
import { DATE_NAMES, jobStanding, keptAfter, upkeepSheet, type RoofDate } from '@lentum/core/handover';
import { idSchema, instantSchema } from '@lentum/core/job';
import { printoutSchema, type Printout } from '@lentum/core/printout';
import type { Zone } from '@lentum/core/survey';
import { firstDay, type UpkeepDate } from '@lentum/core/upkeep';
import { unwrap } from '../compute/helpers.ts';
import { atThread } from '../compute/runs.ts';
import { answerFromThread, fromThread } from '../compute/threads.ts';
import { unprocessable } from '../http/errors.ts';
import { route, type Context } from '../http/routes.ts';
import { answerPdf, sheetOf, sheetQuery } from '../printout/routes.ts';
import { askedOf, handoverQuery, stateOf, wholeJob, type Asked, type WholeJob } from './snapshot.ts';

const month = z.iso.date();
const upkeepDate = z.strictObject({
  what: z.enum(['visit', 'outlets', 'recoat', 'renewal', 'guarantee']),
  /** First days of the first and of the last month of its time. */
  from: month,
  to: month,
  state: z.enum(['done', 'late', 'due', 'to come']),
  entryId: idSchema.optional(),
});
const upkeepAnswer = z.strictObject({
  zoneId: idSchema,
  /** The instant from which the years count. */
  from: z.iso.datetime().optional(),
  countedFrom: z.enum(['handed over', 'finished', 'today']).optional(),
  /** What was not proven on the day of the handing over. */
  unproven: z.array(z.string()).optional(),
  dates: z.array(upkeepDate),
});
export type UpkeepAnswer = z.infer<typeof upkeepAnswer>;

const toldDate = (d: UpkeepDate): z.output<typeof upkeepDate> => ({
  ...{ what: d.key, from: firstDay(d.from), to: firstDay(d.to), state: d.state },
  ...(d.entryId === undefined ? {} : { entryId: d.entryId }),
});

atThread('upkeep', (asked: Asked): UpkeepAnswer => {
  const { state, asked: proving } = stateOf(asked);
  const { plan, dates } = keptAfter(state, asked.zoneId, asked.head.timeZone, proving);
  return {
    zoneId: asked.zoneId,
    ...(plan ? { from: new Date(plan.startMs).toISOString(), countedFrom: plan.startBy } : {}),
    ...(plan?.kept.handedOver ? { unproven: plan.kept.handedOver.body.unproven } : {}),
    dates: dates.map(toldDate),
  };
});

atThread('upkeep sheet', (asked: Asked & { readonly year: number }): Printout => {
  const { state, asked: proving } = stateOf(asked);
  const { head, record, zoneId, year } = asked;
  return unwrap(upkeepSheet({ head, state, last: record.at(-1), zoneId, asked: proving, year }));
});

const roofDate = upkeepDate.extend({ zoneId: idSchema, zoneName: z.string() });
const standingAnswer = z.strictObject({
  /** Roofs that are handed over, of those that are cut into bays. */
  handedOver: z.number().int(),
  of: z.number().int(),
  due: z.array(roofDate),
  next: roofDate.optional(),
  openSnags: z.number().int(),
  /** Every roof is handed over, and nothing is due or open. */
  sleeps: z.boolean(),
});

atThread('standing', (job: WholeJob): z.output<typeof standingAnswer> => {
  const { state, asked } = stateOf(job);
  const { due, next, ...counts } = jobStanding(state, job.head.timeZone, asked);
  const told = ({ date, zoneId, zoneName }: RoofDate) => ({ ...toldDate(date), zoneId, zoneName });
  return { ...counts, due: due.map(told), ...(next ? { next: told(next) } : {}) };
});

const yearQuery = handoverQuery.extend({ year: z.coerce.number().int().min(1900).max(2200) });

/** @throws 404 when there is no such job, 422 when its survey has no such zone */
async function ofZone(
  context: Context,
  jobId: string,
  query: z.output<typeof handoverQuery>,
): Promise<Asked & { readonly zone: Zone }> {
  const job = await askedOf(context, jobId, query);
  const zone = job.inputs.survey.zones.find((z) => z.id === job.zoneId);
  if (!zone)
    throw unprocessable([
      {
        kind: 'unknown',
        field: 'zone',
        label: 'Upkeep, zone',
        actual: job.zoneId,
        expected: 'a zone of the survey',
      },
    ]);
  return { ...job, zone };
}

export const upkeepRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/standing',
    access: 'read job',
    tag: 'Handover',
    summary:
      'How a job stands whose roofs are handed over: asleep until its next date, or what is due on which roof',
    query: z.object({ at: instantSchema.optional() }),
    answer: standingAnswer,
    run: async ({ params, query, context, res }) => {
      await answerFromThread(res, 'standing', await wholeJob(context, params['jobId'] ?? '', query.at));
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/upkeep',
    access: 'read job',
    tag: 'Handover',
    summary:
      'When a roof is looked at, coated again and renewed, over twenty years, and what of it is on record',
    query: handoverQuery,
    answer: upkeepAnswer,
    run: async ({ params, query, context, res }) => {
      await answerFromThread(res, 'upkeep', await ofZone(context, params['jobId'] ?? '', query));
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/upkeep.ics',
    access: 'read job',
    tag: 'Handover',
    summary: 'The same as iCalendar, in whole months; what was done is left out',
    query: handoverQuery,
    answerType: 'text/calendar',
    run: async ({ params, query, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const asked = await ofZone(context, jobId, query);
      const { zone, head, inputs } = asked;
      const answer = await fromThread<UpkeepAnswer>(res, 'upkeep', asked);
      const calendar = ical({
        name: `${head.name}, ${zone.name}`,
        prodId: { company: 'Lentum', product: 'Upkeep' },
        method: ICalCalendarMethod.PUBLISH,
      });
      for (const d of answer.dates.filter((x) => x.state !== 'done')) {
        const last = new Date(`${d.to}T00:00:00Z`);
        calendar.createEvent({
          id: `${jobId}-${zone.id}-${d.what}-${d.from}@lentum`,
          stamp: new Date(inputs.nowMs),
          start: new Date(`${d.from}T00:00:00Z`),
          // To the end of its last month.
          end: new Date(Date.UTC(last.getUTCFullYear(), last.getUTCMonth() + 1, 1)),
          allDay: true,
          summary: `${zone.name}: ${DATE_NAMES[d.what].toLowerCase()}`,
          description: 'What the roof shows goes before the date.',
        });
      }
      res.attachment('upkeep.ics').type('text/calendar').send(calendar.toString());
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/upkeep/sheet',
    access: 'read job',
    tag: 'Handover',
    summary: 'The sheet of a year as blocks to be printed: what is due, the way over the roof, what to mind',
    query: yearQuery,
    answer: printoutSchema,
    run: async ({ params, query, context, res }) => {
      const asked = await ofZone(context, params['jobId'] ?? '', query);
      await answerFromThread(res, 'upkeep sheet', { ...asked, year: query.year });
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/upkeep/sheet.pdf',
    access: 'read job',
    tag: 'Handover',
    summary: 'The same as PDF',
    query: yearQuery.extend(sheetQuery.shape),
    answerType: 'application/pdf',
    run: async ({ params, query, context, res }) => {
      const asked = { ...(await ofZone(context, params['jobId'] ?? '', query)), year: query.year };
      const printout = await fromThread<Printout>(res, 'upkeep sheet', asked);
      await answerPdf(res, printout, sheetOf(query), { db: context.pool, jobId: params['jobId'] });
    },
  }),
];
