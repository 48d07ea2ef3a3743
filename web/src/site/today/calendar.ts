/** What closes and what opens, as a calendar file for the phones of those who are not on the roof. */
import { closingEvents, type Deadline } from '@lentum/core/words';
import { saveFile } from '../../shared/savefile.ts';

/** Whose closings they are. */
export interface OfJob {
  readonly id: string;
  readonly name: string;
  /** Rises with every change. */
  readonly entries: number;
}

/** Saves the deadlines as an iCalendar file: brought in again, each event takes the place of what it was. */
export async function saveCalendar(job: OfJob, deadlines: readonly Deadline[], nowMs: number): Promise<void> {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const calendar = ical({
    name: `${job.name}: openings and closings`,
    prodId: { company: 'Lentum', product: 'Site' },
  });
  for (const e of closingEvents(job.id, deadlines)) {
    const event = calendar.createEvent({
      id: e.uid,
      sequence: job.entries,
      stamp: new Date(nowMs),
      start: new Date(e.startMs),
      end: new Date(e.endMs),
      summary: e.title,
      description: e.text,
    });
    if (e.alarm)
      event.createAlarm({ type: ICalAlarmType.display, trigger: e.alarm.beforeS, description: e.alarm.says });
  }
  saveFile(calendar.toString(), 'site-deadlines.ics', 'text/calendar');
}
