/**
 * The plan that was kept as a calendar that other programs read again and again: each work under an id of its own, with a
 * number that rises with each change of the programme, so that what is moved moves there too.
 */
import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';
import { z } from 'zod';
import type { BuildUpDoc } from '@lentum/core/buildup';
import { idSchema, type JobHead } from '@lentum/core/job';
import { keptWorks, programmeSchema } from '@lentum/core/planning';
import type { SiteDoc } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';
import { readDocuments } from '../db/documents.ts';
import { notFound, unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';

const ALARM_S = 1800;
export const calendarRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/programme.ics',
    tag: 'Programme',
    summary: 'The plan that was kept as iCalendar, of all crews or of one; empty while none was kept',
    query: z.object({ crew: idSchema.optional() }),
    answerType: 'text/calendar',
    run: async ({ params, query, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const docs = await readDocuments(context.pool, jobId);
      const stored = docs.get('programme');
      const head = docs.get('job')?.body as JobHead | undefined;
      if (!stored || !head) throw notFound('Job', jobId);
      const doc = programmeSchema.parse(stored.body);
      const crews = new Map(doc.crews.map((c) => [c.id, c.name]));
      if (query.crew !== undefined && !crews.has(query.crew))
        throw unprocessable([
          {
            kind: 'unknown',
            field: 'crew',
            label: 'Crew',
            actual: query.crew,
            expected: `one of ${[...crews.keys()].join(', ') || 'those that the programme names; it names none'}`,
          },
        ]);
      const works = keptWorks(doc.kept ?? { tasks: [] }, {
        site: docs.get('site')?.body as SiteDoc,
        survey: docs.get('survey')?.body as Survey,
        buildUps: docs.get('build-up')?.body as BuildUpDoc,
      });
      const calendar = ical({
        name: `${head.name}${query.crew === undefined ? '' : `, ${crews.get(query.crew) ?? ''}`}`,
        prodId: { company: 'Lentum', product: 'Programme' },
        method: ICalCalendarMethod.PUBLISH,
      });
      for (const work of works) {
        if (query.crew !== undefined && work.crewId !== query.crew) continue;
        const event = calendar.createEvent({
          id: `${jobId}-${work.taskId.replaceAll('/', '-')}@lentum`,
          sequence: stored.version,
          stamp: new Date(doc.kept?.plannedAt ?? work.startMs),
          start: new Date(work.startMs),
          end: new Date(work.endMs),
          summary: `${work.bay} ${work.name.toLowerCase()}`,
          location: work.zone,
          description: `${crews.get(work.crewId) ?? ''}. ${work.zone}. A plan is no Go: the gates of the bay decide on the day.`,
        });
        event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S });
      }
      res.attachment('programme.ics').type('text/calendar').send(calendar.toString());
    },
  }),
];
