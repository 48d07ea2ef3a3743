/**
 * What closes and what opens as a calendar that other programs read again and again: each coat of a bay under an id of its
 * own, with a number that rises with each entry of the record.
 */
import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';
import { notationOf } from '@lentum/core/units';
import { jobState } from '@lentum/core/state';
import { callVerdict, closingEvents, deadlinesOf, type ClosingEvent } from '@lentum/core/words';
import { fullTime } from '@lentum/core/weather';
import { wordingOf } from '@lentum/core/wording';
import { atThread } from '../compute/runs.ts';
import { fromThread } from '../compute/threads.ts';
import { route } from '../http/routes.ts';
import { inputsOf, jobSnapshot, type JobSnapshot } from './snapshot.ts';

interface Closings {
  readonly events: readonly ClosingEvent[];
}

atThread('closings', ({ jobId, job }: { jobId: string; job: JobSnapshot }): Closings => {
  const { head } = job;
  const { atMs, calls } = jobState(inputsOf(job));
  const rows = calls.map((call) => ({ call, verdict: callVerdict(call, atMs) }));
  const time = (ms: number): string => fullTime(ms, head.timeZone, wordingOf(head) === 'us');
  return { events: closingEvents(jobId, deadlinesOf(rows, atMs, { written: notationOf(head), time })) };
});

export const closingsRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/closings.ics',
    access: 'read job',
    tag: 'Site',
    summary: 'What closes and what opens as iCalendar, from the record and the weather as they stand',
    answerType: 'text/calendar',
    run: async ({ params, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const now = context.now();
      const job = await jobSnapshot(context.pool, jobId, now.getTime());
      const { events } = await fromThread<Closings>(res, 'closings', { jobId, job });
      const calendar = ical({
        name: `${job.head.name}: openings and closings`,
        prodId: { company: 'Lentum', product: 'Site' },
        method: ICalCalendarMethod.PUBLISH,
      });
      for (const e of events) {
        const event = calendar.createEvent({
          ...{ id: e.uid, sequence: job.record.length, stamp: now },
          ...{ start: new Date(e.startMs), end: new Date(e.endMs), summary: e.title, description: e.text },
        });
        if (e.alarm)
          event.createAlarm({
            ...{ type: ICalAlarmType.display, trigger: e.alarm.beforeS, description: e.alarm.says },
          });
      }
      res.attachment('closings.ics').type('text/calendar').send(calendar.toString());
    },
  }),
];
