/**
 * The plan that was kept as a calendar that other programs read again and again: each work under an id of its own, with a
 * number that rises with each change of the programme, so that what is moved moves there too.
 */
import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';
import { z } from 'zod';
import { isWorkLayer, buildUpOfZone, type BuildUpDoc } from '@lentum/core/buildup';
import { idSchema, type JobHead } from '@lentum/core/job';
import { programmeSchema } from '@lentum/core/planning';
import type { SiteDoc } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';
import { readDocuments } from '../db/documents.ts';
import { notFound, unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';

const ALARM_S = 1800;
const KINDS: Readonly<Record<string, string>> = { prepare: 'preparation', details: 'details' };

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
      const site = docs.get('site')?.body as SiteDoc | undefined;
      const survey = docs.get('survey')?.body as Survey | undefined;
      const buildUps = docs.get('build-up')?.body as BuildUpDoc | undefined;
      const bays = new Map(site?.bays.map((b) => [b.id, b]));
      const zones = new Map(survey?.zones.map((z) => [z.id, z.name]));
      const calendar = ical({
        name: `${head.name}${query.crew === undefined ? '' : `, ${crews.get(query.crew) ?? ''}`}`,
        prodId: { company: 'Lentum', product: 'Programme' },
        method: ICalCalendarMethod.PUBLISH,
      });
      for (const task of doc.kept?.tasks ?? []) {
        if (query.crew !== undefined && task.crewId !== query.crew) continue;
        const [bayId = '', what = ''] = task.taskId.split('/');
        const bay = bays.get(bayId);
        const layers =
          bay && buildUps ? buildUpOfZone(buildUps, bay.zoneId)?.layers.filter(isWorkLayer) : undefined;
        const name = layers?.find((l) => l.id === what)?.name.toLowerCase() ?? KINDS[what] ?? what;
        const roof = zones.get(bay?.zoneId ?? '') ?? '';
        const event = calendar.createEvent({
          id: `${jobId}-${task.taskId.replaceAll('/', '-')}@lentum`,
          sequence: stored.version,
          stamp: new Date(doc.kept?.plannedAt ?? task.startAt),
          start: new Date(task.startAt),
          end: new Date(task.endAt),
          summary: `${bay?.label ?? bayId} ${name}`,
          location: roof,
          description: `${crews.get(task.crewId) ?? ''}. ${roof}. A plan is no Go: the gates of the bay decide on the day.`,
        });
        event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S });
      }
      res.attachment('programme.ics').type('text/calendar').send(calendar.toString());
    },
  }),
];
