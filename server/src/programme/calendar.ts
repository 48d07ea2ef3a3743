/**
 * The plan that was kept as a calendar that other programs read again and again: each work under an id of its own, with a
 * number that rises with each change of the programme, so that what is moved moves there too.
 */
import ical, { ICalAlarmType, ICalCalendarMethod, type ICalCalendar } from 'ical-generator';
import { z } from 'zod';
import type { BuildUpDoc } from '@lentum/core/buildup';
import { idSchema, type JobHead } from '@lentum/core/job';
import {
  INSPECTOR,
  keptWorks,
  programmeSchema,
  type KeptWork,
  type ProgrammeDoc,
} from '@lentum/core/planning';
import type { SiteDoc } from '@lentum/core/site';
import type { Survey } from '@lentum/core/survey';
import { MS_PER_DAY } from '@lentum/core/units';
import { dateOf, DEADLINE_WORDS, workEventId } from '@lentum/core/words';
import { readDocuments } from '../db/documents.ts';
import { notFound, unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';

const ALARM_S = 1800;

interface ForClient {
  readonly jobId: string;
  readonly doc: ProgrammeDoc;
  readonly works: readonly KeptWork[];
  readonly version: number;
  readonly zones: Survey['zones'];
  readonly zone: string;
}

/** For the client: each roof as long as work is on it, in whole days, and the dates that are to be kept. */
function addForClient(calendar: ICalCalendar, { jobId, doc, works, version, zones, zone }: ForClient): void {
  const day = (ms: number): Date => new Date(`${dateOf(ms, zone)}T00:00:00Z`);
  const head = { sequence: version, stamp: new Date(doc.kept?.plannedAt ?? 0) };
  for (const { id, name } of zones) {
    const own = works.filter((w) => w.zoneId === id);
    if (own.length === 0) continue;
    const last = day(Math.max(...own.map((w) => w.endMs)));
    calendar.createEvent({
      ...head,
      id: `${jobId}-${id}-shut@lentum`,
      start: day(Math.min(...own.map((w) => w.startMs))),
      end: new Date(last.getTime() + MS_PER_DAY),
      allDay: true,
      summary: `${name}: work, keep off`,
      description: 'As planned; the days go by the weather. When feet may come on again is told on the day.',
    });
  }
  for (const d of doc.deadlines) {
    const roof = zones.find((z) => z.id === d.zoneId);
    if (!roof) continue;
    const at = new Date(d.by);
    calendar.createEvent({
      ...head,
      id: `${jobId}-${d.id}-date@lentum`,
      start: at,
      end: at,
      summary: `${roof.name}: ${DEADLINE_WORDS[d.what]}, date to keep`,
    });
  }
}
export const calendarRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/programme.ics',
    access: 'read job',
    tag: 'Programme',
    summary:
      'The plan that was kept as iCalendar, of all crews, of one or of the inspector, or for the client: roofs shut and dates to keep; empty while none was kept',
    query: z.object({ crew: idSchema.optional(), for: z.enum(['crews', 'client']).default('crews') }),
    answerType: 'text/calendar',
    run: async ({ params, query, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const docs = await readDocuments(context.pool, jobId);
      const stored = docs.get('programme');
      const head = docs.get('job')?.body as JobHead | undefined;
      if (!stored || !head) throw notFound('Job', jobId);
      const doc = programmeSchema.parse(stored.body);
      const crews = new Map([
        ...doc.crews.map((c) => [c.id, c.name] as const),
        ...(doc.inspector ? [[INSPECTOR, 'Inspector'] as const] : []),
      ]);
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
      if (query.for === 'client') {
        const zones = (docs.get('survey')?.body as Survey).zones;
        addForClient(calendar, { jobId, doc, works, version: stored.version, zones, zone: head.timeZone });
        res.attachment('programme.ics').type('text/calendar').send(calendar.toString());
        return;
      }
      for (const work of works) {
        if (query.crew !== undefined && work.crewId !== query.crew) continue;
        const event = calendar.createEvent({
          id: workEventId(jobId, work.taskId),
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
