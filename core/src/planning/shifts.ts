/**
 * When a crew works, as spans of whole minutes from an instant on. Days are those of the job's own clocks: on a day on
 * which they are put forward or back a shift is as long as the clocks say.
 */
import { MS_PER_DAY, MS_PER_MINUTE } from '../units/index.ts';
import { instantsOf, zoneAhead } from '../weather/index.ts';
import type { Crew, ProgrammeDoc } from './schema.ts';

/** Half open, minutes. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** A day of work: one span, or two with a break between them. */
export interface Shift extends Span {
  /** By the clocks of the job, such as 2026-05-12. */
  readonly date: string;
  readonly parts: readonly Span[];
}

export interface Frame {
  /** What minutes are counted from, ms. */
  readonly startMs: number;
  /** Up to when there is anything known, minutes. */
  readonly endMin: number;
  readonly timeZone: string;
}

const clockMin = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
const isoDay = (ms: number): number => new Date(ms).getUTCDay() || 7;

/** Days of the job's clocks from the start of a frame to its end, each as the UTC midnight of the same date. */
export function daysOf({ startMs, endMin, timeZone }: Frame): { date: string; midnight: number }[] {
  const there = startMs + zoneAhead(startMs, timeZone);
  const first = Math.floor(there / MS_PER_DAY) * MS_PER_DAY;
  const days: { date: string; midnight: number }[] = [];
  for (let d = first; d <= there + endMin * MS_PER_MINUTE; d += MS_PER_DAY)
    days.push({ date: new Date(d).toISOString().slice(0, 10), midnight: d });
  return days;
}

/** A clock time on a day as minutes of the frame; the first where it comes twice, the next where it is left out. */
export function minuteAt({ startMs, timeZone }: Frame, midnight: number, clock: string): number {
  const wanted = midnight + clockMin(clock) * MS_PER_MINUTE;
  const at = instantsOf(wanted, timeZone)[0] ?? wanted - zoneAhead(wanted, timeZone);
  return Math.round((at - startMs) / MS_PER_MINUTE);
}

export interface ShiftTerms extends Pick<ProgrammeDoc, 'hours' | 'off'> {
  /** Taken off both ends of each day. */
  readonly setUpMin: number;
  readonly clearMin: number;
}

/** The shifts of a crew, in order, with what is past cut off; setting up and clearing away are taken off. */
export function shiftsOf(crew: Pick<Crew, 'off' | 'only'>, terms: ShiftTerms, frame: Frame): Shift[] {
  const { hours, off } = terms;
  const shut = new Set([...off.map((o) => o.on), ...crew.off]);
  const only = new Set(crew.only);
  return daysOf(frame).flatMap(({ date, midnight }): Shift[] => {
    if (shut.has(date) || (only.size > 0 ? !only.has(date) : !hours.days.includes(isoDay(midnight))))
      return [];
    const from = minuteAt(frame, midnight, hours.from) + terms.setUpMin;
    const to = minuteAt(frame, midnight, hours.to) - terms.clearMin;
    const noon = minuteAt(frame, midnight, hours.breakFrom);
    const pieces: Span[] =
      hours.breakMin > 0 && noon > from && noon + hours.breakMin < to
        ? [
            { from, to: noon },
            { from: noon + hours.breakMin, to },
          ]
        : [{ from, to }];
    const parts = pieces
      .map((p) => ({ from: Math.max(0, p.from), to: Math.min(frame.endMin, p.to) }))
      .filter((p) => p.to > p.from);
    const [first, last] = [parts[0], parts.at(-1)];
    return first && last ? [{ date, parts, from: first.from, to: last.to }] : [];
  });
}

/** Working minutes of a set of shifts up to a minute. */
export const workedBy = (shifts: readonly Shift[], minute: number): number =>
  shifts.reduce(
    (sum, s) => sum + s.parts.reduce((n, p) => n + Math.max(0, Math.min(p.to, minute) - p.from), 0),
    0,
  );

/** Shifts less some spans: a day that is cut in the middle becomes two. @param spans in order, none over another */
export const withoutSpans = (shifts: readonly Shift[], spans: readonly Span[]): Shift[] =>
  shifts.flatMap((shift): Shift[] => {
    const near = spans.filter((s) => s.from < shift.to && s.to > shift.from);
    if (near.length === 0) return [shift];
    const edges = [shift.from, ...near.flatMap((s) => [s.from, s.to]), shift.to];
    // Left over are the pieces between the end of one span and the start of the next.
    return edges.flatMap((from, i): Shift[] => {
      const to = edges[i + 1];
      if (i % 2 === 1 || to === undefined || to <= from) return [];
      const parts = shift.parts
        .map((p) => ({ from: Math.max(p.from, from), to: Math.min(p.to, to) }))
        .filter((p) => p.to > p.from);
      const [first, last] = [parts[0], parts.at(-1)];
      return first && last ? [{ date: shift.date, parts, from: first.from, to: last.to }] : [];
    });
  });

/** Spans in order, those that touch or overlap made one. */
export function joinedSpans(spans: readonly Span[]): Span[] {
  const joined: Span[] = [];
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    const last = joined.at(-1);
    if (last && span.from <= last.to)
      joined[joined.length - 1] = { from: last.from, to: Math.max(last.to, span.to) };
    else joined.push(span);
  }
  return joined;
}
