/** What closes and what opens, as a calendar file for the phones of those who are not on the roof. */
import type { Call } from '@lentum/core/call';
import { MS_PER_MINUTE } from '@lentum/core/units';
import { verdictText, type Verdict } from '@lentum/core/words';
import { saveFile } from '../../shared/savefile.ts';

export interface Deadline {
  readonly key: string;
  readonly kind: 'until' | 'closes' | 'opens';
  readonly bayId: string;
  readonly bay: string;
  readonly atMs: number;
  /** What comes then, without the bay. */
  readonly what: string;
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
    const bayId = call.status.bay.id;
    const one = (kind: Deadline['kind'], atMs: number | undefined, says: string): Deadline[] => {
      if (atMs === undefined || atMs <= nowMs) return [];
      const what = `${says} (${layer})`;
      return [{ key: `${bayId}-${kind}`, kind, bayId, bay, atMs, what, title: `${bay}: ${what}`, text }];
    };
    return [
      ...one('until', call.deadlineMs, 'overcoat time ends'),
      ...(call.kind === 'open' || call.kind === 'closing' ? one('closes', call.toMs, 'window closes') : []),
      ...(call.kind === 'opens' || call.kind === 'curing' ? one('opens', call.fromMs, 'window opens') : []),
    ];
  });
  return found.sort((a, b) => a.atMs - b.atMs || a.title.localeCompare(b.title));
}

/** Bays for which the same comes in the same minute are said together. */
export function together(deadlines: readonly Deadline[]): Deadline[] {
  const groups = new Map<string, Deadline[]>();
  for (const d of deadlines) {
    const key = `${Math.round(d.atMs / MS_PER_MINUTE)}/${d.what}`;
    groups.set(key, [...(groups.get(key) ?? []), d]);
  }
  return [...groups.values()].flatMap(([first, ...more]) => {
    if (!first) return [];
    const all = [first, ...more];
    return [
      {
        ...first,
        key: all.map((d) => d.key).join('+'),
        title: `${all.map((d) => d.bay).join(', ')}: ${first.what}`,
      },
    ];
  });
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
