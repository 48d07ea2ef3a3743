/**
 * Times of a device whose clock runs apart from the server's. An entry carries every instant as the device's clock showed
 * it, and by how much that clock was off; what reads the record sees the times put right. A difference within two minutes
 * is left as it is: it is how near two clocks are known to each other, and it moves no call.
 */
import { TOLERANCE } from '../units/index.ts';
import type { Kind, Body } from './entry.ts';

/** Fields of a body, and of what is listed in it, that hold an instant. */
export const INSTANT_FIELDS: ReadonlySet<string> = new Set([
  ...['at', 'startedAt', 'finishedAt', 'litAt', 'offAt', 'until'],
  ...['placedAt', 'judgedAt', 'dryingFrom'],
]);

/**
 * What is added to the times of an entry to put them right, ms; 0 where the clocks agree or were never compared.
 * @param offsetMs what the server's clock was ahead of the device's; absent while it was never measured
 */
export const clockShiftMs = (offsetMs: number | undefined): number =>
  offsetMs !== undefined && Math.abs(offsetMs) > TOLERANCE.clockMeasuredMs ? offsetMs : 0;

const moved = (instant: string, ms: number): string => new Date(Date.parse(instant) + ms).toISOString();

function movedIn(value: unknown, ms: number): unknown {
  if (Array.isArray(value)) return value.map((v: unknown) => movedIn(v, ms));
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, v]: [string, unknown]) => [
      key,
      INSTANT_FIELDS.has(key) && typeof v === 'string' && !Number.isNaN(Date.parse(v))
        ? moved(v, ms)
        : movedIn(v, ms),
    ]),
  );
}

/** An instant of the device, put right. */
export const putRight = (instant: string, offsetMs: number | undefined): string => {
  const ms = clockShiftMs(offsetMs);
  return ms === 0 ? instant : moved(instant, ms);
};

/** A body with its instants put right; the same object where nothing moves. */
export function bodyPutRight<K extends Kind>(body: Body<K>, offsetMs: number | undefined): Body<K> {
  const ms = clockShiftMs(offsetMs);
  return ms === 0 ? body : (movedIn(body, ms) as Body<K>);
}

/** The other way: a body whose instants are right, as the device's clock shows them. */
export function bodyOfDevice<K extends Kind>(body: Body<K>, offsetMs: number | undefined): Body<K> {
  const ms = clockShiftMs(offsetMs);
  return ms === 0 ? body : (movedIn(body, -ms) as Body<K>);
}
