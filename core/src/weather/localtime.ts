/** Local clocks and instants. Zones by their IANA names; clocks that are put forward or back are distinguished. */
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

/** How far the clocks of a zone are before UTC at an instant, ms. */
export function zoneAhead(ms: number, zone: string): number {
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
