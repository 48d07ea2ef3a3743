/** Times are the job's local time. Stored instants are UTC. */
import { DateTime, Duration } from 'luxon';

/** "14:30" today, "tomorrow 08:30", "Tue 14:30" within the week, else "12 May 14:30". */
export function sayTime(ms: number, zone: string, nowMs: number): string {
  const t = DateTime.fromMillis(ms, { zone, locale: 'en-GB' });
  const now = DateTime.fromMillis(nowMs, { zone });
  const days = Math.round(t.startOf('day').diff(now.startOf('day'), 'days').days);
  const clock = t.toFormat('HH:mm');
  if (days === 0) return clock;
  if (days === 1) return `tomorrow ${clock}`;
  if (days === -1) return `yesterday ${clock}`;
  return Math.abs(days) < 7 ? t.toFormat('ccc HH:mm') : t.toFormat('d LLL HH:mm');
}

/** Only the clock while it can be meant in one way, for small labels; else as `sayTime`. */
export function sayClock(ms: number, zone: string, nowMs: number): string {
  const near = Math.abs(ms - nowMs) < Duration.fromObject({ hours: 20 }).toMillis();
  return near ? DateTime.fromMillis(ms, { zone }).toFormat('HH:mm') : sayTime(ms, zone, nowMs);
}

/** Value of a datetime-local field. */
export const toField = (ms: number, zone: string): string =>
  DateTime.fromMillis(ms, { zone }).toFormat("yyyy-MM-dd'T'HH:mm");

/** An instant from a datetime-local field; undefined when it is no time. */
export function fromField(text: string, zone: string): string | undefined {
  const t = DateTime.fromISO(text, { zone });
  return t.isValid ? (t.toUTC().toISO() ?? undefined) : undefined;
}

export const zoneName = (zone: string, ms: number): string =>
  DateTime.fromMillis(ms, { zone, locale: 'en-GB' }).toFormat('ZZZZ');
