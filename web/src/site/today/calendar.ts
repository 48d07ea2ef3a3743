/** What closes and what opens, as a calendar file for the phones of those who are not on the roof. */
import type { Deadline } from '@lentum/core/words';
import { saveFile } from '../../shared/savefile.ts';

const ALARM_S = 3600;
const LASTS_MS = 15 * 60_000;

/** Saves the deadlines as an iCalendar file, each with an alarm an hour before. */
export async function saveCalendar(
  name: string,
  deadlines: readonly Deadline[],
  nowMs: number,
): Promise<void> {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const calendar = ical({
    name: `${name}: openings and closings`,
    prodId: { company: 'Lentum', product: 'Site' },
  });
  for (const d of deadlines) {
    const event = calendar.createEvent({
      id: `${d.key}@lentum`,
      stamp: new Date(nowMs),
      start: new Date(d.atMs),
      end: new Date(d.atMs + LASTS_MS),
      summary: d.title,
      description: d.text,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S });
  }
  saveFile(calendar.toString(), 'site-deadlines.ics', 'text/calendar');
}
