/** The days as a calendar file: every work under the id that it has in the calendar of the server, with an alarm before it. */
import type { PlanAnswer } from '@lentum/core/planning';
import { workEventId } from '@lentum/core/words';
import { saveFile } from '../shared/savefile.ts';

const ALARM_S = 1800;

interface CalendarTerms {
  readonly jobId: string;
  readonly name: string;
  /** Rises with every change of the programme: whoever reads a newer file moves what has moved. */
  readonly version: number;
  readonly nowMs: number;
  readonly time: (ms: number) => string;
}

export async function saveDays(
  answer: PlanAnswer,
  { jobId, name, version, nowMs, time }: CalendarTerms,
): Promise<void> {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const calendar = ical({
    name: `${name}: days planned`,
    prodId: { company: 'Lentum', product: 'Programme' },
  });
  for (const task of answer.tasks) {
    const crew = answer.crews[task.crew]?.name ?? '';
    const roof = answer.zones[task.zone]?.name ?? '';
    const event = calendar.createEvent({
      id: workEventId(jobId, task.id),
      sequence: version,
      stamp: new Date(nowMs),
      start: new Date(task.startMs),
      end: new Date(task.endMs),
      summary: `${task.bay} ${task.name.toLowerCase()}`,
      location: roof,
      description: `${crew}. ${roof}. Planned ${time(nowMs)}. A plan is no Go: the gates of the bay decide on the day.`,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S });
  }
  saveFile(calendar.toString(), 'programme.ics', 'text/calendar');
}
