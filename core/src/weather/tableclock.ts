/** Times as files write them. */
import { MS_PER_MINUTE } from '../units/index.ts';

/** Which comes first in a date of two small numbers. */
export type DayOrder = 'day first' | 'month first';

export interface Clock {
  /** As if it were UTC; an instant where the text says its zone. */
  readonly ms: number;
  readonly zoned: boolean;
}

/** "2026-05-12 09:00", "12.05.2026 09:00", "5/12/2026 9:00 AM", "2026-05-12T09:00+01:00"; seconds may follow. */
export function readClock(text: string, order: DayOrder): Clock | undefined {
  const m =
    /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})(?:[T ]+(\d{1,2}):(\d{2})(?::(\d{2})(?:\.\d+)?)?\s*(am|pm)?)?\s*(Z|[+-]\d{2}:?\d{2})?$/i.exec(
      text.trim(),
    );
  if (!m) return undefined;
  const [a = '', b = '', c = ''] = [m[1], m[2], m[3]];
  let [year, month, day] = [Number(a), Number(b), Number(c)];
  if (a.length !== 4) {
    if (c.length !== 4) return undefined;
    [year, month, day] =
      order === 'day first' ? [Number(c), Number(b), Number(a)] : [Number(c), Number(a), Number(b)];
  }
  let hour = Number(m[4] ?? 0);
  const half = m[7]?.toLowerCase();
  if (half !== undefined) {
    if (hour < 1 || hour > 12) return undefined;
    hour = (hour % 12) + (half === 'pm' ? 12 : 0);
  }
  const [minute, second] = [Number(m[5] ?? 0), Number(m[6] ?? 0)];
  if (month < 1 || month > 12 || day < 1 || hour > 24 || minute > 59 || second > 60) return undefined;
  // A day that the month does not have moves into the next one.
  if (new Date(Date.UTC(year, month - 1, day)).getUTCMonth() !== month - 1) return undefined;
  const ms = Date.UTC(year, month - 1, day, hour, minute, second);
  const zone = m[8];
  if (zone === undefined) return { ms, zoned: false };
  if (zone.toUpperCase() === 'Z') return { ms, zoned: true };
  const [, sign, h, min] = /^([+-])(\d{2}):?(\d{2})$/.exec(zone) ?? [];
  const ahead = (Number(h) * 60 + Number(min)) * MS_PER_MINUTE * (sign === '-' ? -1 : 1);
  return { ms: ms - ahead, zoned: true };
}
