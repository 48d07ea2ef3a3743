/** The days as a calendar file: a work for each block, by crew, with the alarm half an hour before it begins. */
import { blocksOf, type PlanAnswer } from '@lentum/core/planning';
import { blockWords } from '@lentum/core/words';
import { saveFile } from '../shared/savefile.ts';

const ALARM_S = 1800;

export async function saveDays(
  answer: PlanAnswer,
  name: string,
  nowMs: number,
  time: (ms: number) => string,
): Promise<void> {
  const { default: ical, ICalAlarmType } = await import('ical-generator');
  const calendar = ical({
    name: `${name}: days planned`,
    prodId: { company: 'Lentum', product: 'Programme' },
  });
  for (const block of blocksOf(answer)) {
    const crew = answer.crews[block.crew];
    const roof = answer.zones[block.zone]?.name ?? '';
    const event = calendar.createEvent({
      // The same work keeps its id when it moves: whoever reads the file again moves it too.
      id: `${block.tasks[0]?.id.replaceAll('/', '-') ?? block.key}-${block.date}@lentum`,
      stamp: new Date(nowMs),
      start: new Date(block.fromMs),
      end: new Date(block.toMs),
      summary: `${crew?.name ?? ''}: ${blockWords(block)}`,
      location: roof,
      description: `${roof}. Planned ${time(nowMs)}. A plan is no Go: the gates of the bay decide on the day.`,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_S });
  }
  saveFile(calendar.toString(), 'programme.ics', 'text/calendar');
}
