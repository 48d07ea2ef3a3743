/** Times are the job's local time. Stored instants are UTC. */
import { DateTime } from 'luxon';
import { MS_PER_DAY, MS_PER_HOUR } from '@lentum/core/units';
import { dayAndMonth, weekdayOf, zoneAhead } from '@lentum/core/weather';

/** Nearer than this a clock can be meant in one way only. */
const NEAR_MS = 20 * MS_PER_HOUR;

const clockOf = (localMs: number): string =>
  new Date(localMs).toISOString().slice('yyyy-mm-ddT'.length, 'yyyy-mm-ddThh:mm'.length);

/** "14:30" today, "tomorrow 08:30", "Tue 14:30" within the week, else "12 May 14:30". */
export function sayTime(ms: number, zone: string, nowMs: number): string {
  // A page says hundreds of times: the zone is asked once for each, the rest is arithmetic.
  const localMs = ms + zoneAhead(ms, zone);
  const dayOf = (local: number): number => Math.floor(local / MS_PER_DAY);
  const days = dayOf(localMs) - dayOf(nowMs + zoneAhead(nowMs, zone));
  const clock = clockOf(localMs);
  if (days === 0) return clock;
  if (days === 1) return `tomorrow ${clock}`;
  if (days === -1) return `yesterday ${clock}`;
  return `${Math.abs(days) < 7 ? weekdayOf(localMs) : dayAndMonth(localMs)} ${clock}`;
}

/** Only the clock, where the day is said beside it. */
export const sayHour = (ms: number, zone: string): string => clockOf(ms + zoneAhead(ms, zone));

/** Only the clock while it can be meant in one way, for small labels; else as `sayTime`. */
export function sayClock(ms: number, zone: string, nowMs: number): string {
  return Math.abs(ms - nowMs) < NEAR_MS ? clockOf(ms + zoneAhead(ms, zone)) : sayTime(ms, zone, nowMs);
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
export const dayWords = (day: string): string =>
  DateTime.fromISO(day, { zone: 'utc', locale: 'en-GB' }).toFormat('d MMM yyyy');
