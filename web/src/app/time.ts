/** Times are the job's local time. Stored instants are UTC. */
import { DateTime } from 'luxon';
import { MS_PER_DAY, MS_PER_HOUR, MS_PER_MINUTE } from '@lentum/core/units';
import { clockText, dayAndMonth, weekdayOf, zoneAhead } from '@lentum/core/weather';
import { HERE, type PlaceStyle } from './locale.ts';

/** Nearer than this a clock can be meant in one way only. */
const NEAR_MS = 20 * MS_PER_HOUR;

/**
 * "14:30" today, "tomorrow 08:30", "Tue 14:30" within the week, else "12 May 14:30", and with the year where it is
 * another one. As this browser's place writes it: "May 12 2:30 PM".
 */
export function sayTime(ms: number, zone: string, nowMs: number, style: PlaceStyle = HERE): string {
  // A page says hundreds of times: the zone is asked once for each, the rest is arithmetic.
  const localMs = ms + zoneAhead(ms, zone);
  const dayOf = (local: number): number => Math.floor(local / MS_PER_DAY);
  const days = dayOf(localMs) - dayOf(nowMs + zoneAhead(nowMs, zone));
  const clock = clockText(localMs, style.twelve);
  if (days === 0) return clock;
  if (days === 1) return `tomorrow ${clock}`;
  if (days === -1) return `yesterday ${clock}`;
  if (Math.abs(days) < 7) return `${weekdayOf(localMs)} ${clock}`;
  const yearOf = (local: number): number => new Date(local).getUTCFullYear();
  const year = yearOf(localMs);
  const isOther = year !== yearOf(nowMs + zoneAhead(nowMs, zone));
  return `${dayAndMonth(localMs, style.monthFirst)}${isOther ? ` ${year}` : ''} ${clock}`;
}

/** A day in words, as this browser's place orders them. */
export type DayForm = 'short' | 'weekday' | 'full' | 'long';
const DAY_FORMS: Readonly<Record<DayForm, readonly [dayFirst: string, monthFirst: string]>> = {
  /** 12 May 2026 */
  short: ['d MMM yyyy', 'MMM d, yyyy'],
  /** Tue 12 May */
  weekday: ['ccc d MMM', 'ccc, MMM d'],
  /** Tue 12 May 2026 */
  full: ['ccc d MMM yyyy', 'ccc, MMM d, yyyy'],
  /** Tuesday 12 May */
  long: ['cccc d MMMM', 'cccc, MMMM d'],
};
export const dayText = (day: DateTime, form: DayForm, style: PlaceStyle = HERE): string =>
  day.setLocale('en').toFormat(DAY_FORMS[form][style.monthFirst ? 1 : 0]);
/** The clock of a time alone. */
export const clockWords = (at: DateTime, style: PlaceStyle = HERE): string =>
  clockText(at.toMillis() + at.offset * MS_PER_MINUTE, style.twelve);

/** Only the clock, where the day is said beside it. */
export const sayHour = (ms: number, zone: string): string => clockText(ms + zoneAhead(ms, zone), HERE.twelve);

/** Only the clock while it can be meant in one way, for small labels; else as `sayTime`. */
export function sayClock(ms: number, zone: string, nowMs: number): string {
  return Math.abs(ms - nowMs) < NEAR_MS
    ? clockText(ms + zoneAhead(ms, zone), HERE.twelve)
    : sayTime(ms, zone, nowMs);
}

const FIELD = "yyyy-MM-dd'T'HH:mm";
const TO_THE_MINUTE = 'yyyy-mm-ddThh:mm'.length;

/** Value of a datetime-local field. */
export const toField = (ms: number, zone: string): string =>
  DateTime.fromMillis(ms, { zone }).toFormat(FIELD);

/** Value of a date field: the day at the job's place. */
export const toDay = (ms: number, zone: string): string => toField(ms, zone).slice(0, 'yyyy-mm-dd'.length);

/** A clock time that the job's place never had, for its clocks went forward over it: why it cannot be kept. */
export function noSuchTime(name: string, text: string, zone: string): string | undefined {
  const t = DateTime.fromISO(text, { zone });
  if (!t.isValid || t.toFormat(FIELD) === text.slice(0, TO_THE_MINUTE)) return undefined;
  return `${name}: ${text.slice(11, 16)} does not exist on that day, the clocks went forward over it; expected ${t.toFormat('HH:mm')} or later, or a time before.`;
}

/** An instant from a datetime-local field; undefined when it is no time. */
export function fromField(text: string, zone: string): string | undefined {
  const t = DateTime.fromISO(text, { zone });
  return t.isValid ? (t.toUTC().toISO() ?? undefined) : undefined;
}

export const zoneName = (zone: string, ms: number): string =>
  DateTime.fromMillis(ms, { zone, locale: 'en-GB' }).toFormat('ZZZZ');

/** "31 Dec 2026", from a date without a time. */
export const dayWords = (day: string): string => dayText(DateTime.fromISO(day, { zone: 'utc' }), 'short');

/** An instant on the clock of this device. */
export function when(iso: string): string {
  const at = DateTime.fromISO(iso);
  return `${dayText(at, 'short')} at ${clockWords(at)}`;
}
