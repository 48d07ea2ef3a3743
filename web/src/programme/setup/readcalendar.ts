/** Whole days out of a calendar file of any program, as days on which nobody works. */
import type { ProgrammeDoc } from '@lentum/core/planning';

type Off = ProgrammeDoc['off'][number];

/** Days that come again and again are read so far ahead. */
const AHEAD_DAYS = 400;
const MOST_TURNS = 5000;
const MOST_SAYS = 120;

/**
 * @param today earlier days are left out, such as 2026-05-12
 * @throws Error where the text is no calendar
 */
export async function daysOffIn(text: string, today: string): Promise<Off[]> {
  const { default: ICAL } = await import('ical.js');
  let component: InstanceType<typeof ICAL.Component>;
  try {
    const read = ICAL.parse(text) as unknown[];
    if (read[0] !== 'vcalendar') throw new TypeError('no calendar');
    component = new ICAL.Component(read);
  } catch {
    throw new Error('is no calendar; expected a file that begins with BEGIN:VCALENDAR.');
  }
  const from = Date.parse(`${today}T00:00:00Z`);
  const until = from + AHEAD_DAYS * 86_400_000;
  const days = new Map<string, string>();
  for (const part of component.getAllSubcomponents('vevent')) {
    const event = new ICAL.Event(part);
    // An event without a start is none.
    if (!part.hasProperty('dtstart') || !event.startDate.isDate) continue;
    const length = Math.max(1, Math.round(event.duration.toSeconds() / 86_400));
    const says = (event.summary ?? '').trim().slice(0, MOST_SAYS);
    const starts: string[] = [];
    if (event.isRecurring()) {
      const turns = event.iterator();
      for (let n = 0; n < MOST_TURNS; n += 1) {
        const next = turns.next();
        if (!next || Date.parse(`${next.toString()}T00:00:00Z`) > until) break;
        starts.push(next.toString());
      }
    } else starts.push(event.startDate.toString());
    for (const start of starts)
      for (let d = 0; d < length; d += 1) {
        const ms = Date.parse(`${start.slice(0, 10)}T00:00:00Z`) + d * 86_400_000;
        const on = new Date(ms).toISOString().slice(0, 10);
        if (ms >= from && ms <= until && !days.has(on)) days.set(on, says);
      }
  }
  return [...days].map(([on, says]) => ({ on, says })).sort((a, b) => a.on.localeCompare(b.on));
}
