/** Local clocks and instants. Zones by their IANA names; clocks that are put forward or back are distinguished. */
import { MONTHS } from '../wording/index.ts';
import { Kept } from '../keeping/index.ts';
import { MS_PER_DAY, MS_PER_MINUTE } from '../units/index.ts';

const formats = new Map<string, Intl.DateTimeFormat>();
function formatOf(zone: string): Intl.DateTimeFormat {
  let found = formats.get(zone);
  if (!found) {
    found = new Intl.DateTimeFormat('en-GB', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: 'numeric',
      day: 'numeric',
      hour: 'numeric',
      minute: 'numeric',
      second: 'numeric',
    });
    formats.set(zone, found);
  }
  return found;
}

/** Clocks are put forward and back on full quarters of an hour. */
const QUARTER_MS = 15 * MS_PER_MINUTE;
/** Of zones by quarters of an hour. */
const aheads = new Kept<number>(20_000);

/** How far the clocks of a zone are before UTC at an instant from 1972 on, ms. */
export function zoneAhead(ms: number, zone: string): number {
  const quarter = Math.floor(ms / QUARTER_MS);
  return aheads.get(`${quarter}/${zone}`, () => aheadAt(quarter * QUARTER_MS, zone));
}

function aheadAt(ms: number, zone: string): number {
  const part = Object.fromEntries(
    formatOf(zone)
      .formatToParts(ms)
      .map((p) => [p.type, Number(p.value)]),
  );
  const { year = 0, month = 1, day = 1, hour = 0, minute = 0, second = 0 } = part;
  return Date.UTC(year, month - 1, day, hour, minute, second) - Math.floor(ms / 1000) * 1000;
}

/**
 * The instants at which the clocks of a zone show a time: one as a rule, two in the hour that comes twice, none in the
 * hour that is left out.
 * @param clockMs the time that the clocks show, as if it were UTC
 */
export function instantsOf(clockMs: number, zone: string): number[] {
  const offsets = new Set([zoneAhead(clockMs - MS_PER_DAY, zone), zoneAhead(clockMs + MS_PER_DAY, zone)]);
  return [...offsets]
    .map((ahead) => clockMs - ahead)
    .filter((ms) => Math.abs(ms + zoneAhead(ms, zone) - clockMs) < MS_PER_MINUTE)
    .sort((a, b) => a - b);
}

const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
const two = (n: number): string => String(n).padStart(2, '0');

/** Joins what is not parted at the end of a line. */
const NBSP = '\u00a0';

/** The day of a time that clocks show, as if it were UTC: Tue. */
export const weekdayOf = (localMs: number): string => WEEKDAYS[new Date(localMs).getUTCDay()] ?? '';
/** And its date without a year: 12 May, or May 12. */
export const dayAndMonth = (localMs: number, monthFirst = false): string => {
  const there = new Date(localMs);
  const both = [String(there.getUTCDate()), MONTHS[there.getUTCMonth()] ?? ''];
  return (monthFirst ? both.reverse() : both).join(' ');
};

/** What a clock shows, as if it were UTC: 14:30, or 2:30 PM where days are read in two halves. */
export function clockText(localMs: number, twelve = false): string {
  const there = new Date(localMs);
  const [hour, minute] = [there.getUTCHours(), two(there.getUTCMinutes())];
  if (!twelve) return `${two(hour)}:${minute}`;
  return `${hour % 12 === 0 ? 12 : hour % 12}:${minute}${NBSP}${hour < 12 ? 'AM' : 'PM'}`;
}

/**
 * An instant by the clocks of a zone, in full: Tue 12 May 2026, 08:30. For paper, which is read on any day.
 * @param american the month first, and the day in two halves: Tue May 12 2026, 8:30 AM
 */
export function fullTime(ms: number, zone: string, american = false): string {
  const localMs = ms + zoneAhead(ms, zone);
  const day = `${weekdayOf(localMs)} ${dayAndMonth(localMs, american)} ${new Date(localMs).getUTCFullYear()}`;
  return `${day}, ${clockText(localMs, american)}`.replaceAll(' ', NBSP);
}

/** How the clocks of a zone stand to UTC: UTC+1, UTC+5:30. */
export function utcOffset(ms: number, zone: string): string {
  const minutes = Math.round(zoneAhead(ms, zone) / MS_PER_MINUTE);
  const [hours, rest] = [Math.floor(Math.abs(minutes) / 60), Math.abs(minutes) % 60];
  return `UTC${minutes < 0 ? '−' : '+'}${hours}${rest > 0 ? `:${two(rest)}` : ''}`;
}
