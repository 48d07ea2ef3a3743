/**
 * How far the server's clock is ahead of this device's, as its answers tell; kept for days without a signal. Part of the
 * first load: it does without the core (see righttime.ts).
 */
import { useStorage } from '@vueuse/core';

/** An answer that took longer says little about the moment in which it was sent. */
const MOST_TRIP_MS = 3000;
/** The server tells its time in whole seconds: on average it is half a second later than it says. */
const HALF_SECOND_MS = 500;

interface Compared {
  /** The server's clock less this device's, ms. */
  offsetMs: number;
  /** When they were compared, by this device's clock, ms. */
  atMs: number;
}

/** What was kept, or null if it is nothing that was written here. */
function readKept(text: string): Compared | null {
  try {
    const { offsetMs, atMs } = JSON.parse(text) as Partial<Compared>;
    return Number.isFinite(offsetMs) && Number.isFinite(atMs)
      ? { offsetMs: Number(offsetMs), atMs: Number(atMs) }
      : null;
  } catch {
    return null;
  }
}

/** What the last comparison gave, and when it was; null until the first. */
export const compared = useStorage<Compared | null>('lentum.clock', null, undefined, {
  serializer: { read: readKept, write: (value) => JSON.stringify(value) },
});

/** @param date the answer's own time, as its heading says */
export function noteClock(date: string | null, sentMs: number, cameMs: number): void {
  const toldMs = date === null ? NaN : Date.parse(date);
  if (Number.isNaN(toldMs) || cameMs - sentMs > MOST_TRIP_MS) return;
  const offset = Math.round(toldMs + HALF_SECOND_MS - (sentMs + cameMs) / 2);
  // Within a second it is the coarse heading that moves, not a clock.
  const offsetMs = Math.abs(offset) < 2 * HALF_SECOND_MS ? 0 : offset;
  compared.value = { offsetMs, atMs: cameMs };
}
