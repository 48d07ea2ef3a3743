/** What closes and what opens, as a calendar file for the phones of those who are not on the roof. */
import type { Call } from '@lentum/core/call';
import { verdictText, type Verdict } from '@lentum/core/words';
import { saveFile } from '../../shared/savefile.ts';

export interface Deadline {
  readonly key: string;
  readonly atMs: number;
  readonly title: string;
  readonly text: string;
}

/** The closings and openings that are ahead, the soonest first; one for each bay and kind. */
export function deadlinesOf(
  rows: readonly { readonly call: Call; readonly verdict: Verdict }[],
  nowMs: number,
  say: { readonly system: 'metric' | 'us'; readonly time: (ms: number) => string },
): Deadline[] {
  const found = rows.flatMap(({ call, verdict }): Deadline[] => {
    const bay = call.status.bay.label;
    const layer = call.layer?.name.toLowerCase() ?? 'bay';
    const text = verdictText([...verdict.says, ...(verdict.quiet ?? [])], say.system, say.time);
    const one = (kind: string, atMs: number | undefined, title: string): Deadline[] =>
      atMs === undefined || atMs <= nowMs
        ? []
        : [{ key: `${call.status.bay.id}-${kind}`, atMs, title, text }];
    return [
      ...one('until', call.deadlineMs, `${bay}: overcoat time ends (${layer})`),
      ...(call.kind === 'open' || call.kind === 'closing'
        ? one('closes', call.toMs, `${bay}: window closes (${layer})`)
        : []),
      ...(call.kind === 'opens' || call.kind === 'curing'
        ? one('opens', call.fromMs, `${bay}: window opens (${layer})`)
        : []),
    ];
  });
  return found.sort((a, b) => a.atMs - b.atMs || a.title.localeCompare(b.title));
}

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
