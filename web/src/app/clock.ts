/** How far the server's clock is ahead of this device's, as its answers tell. */
import { shallowRef } from 'vue';

/** An answer that took longer says little about the moment in which it was sent. */
const MOST_TRIP_MS = 3000;
/** The server tells its time in whole seconds: on average it is half a second later than it says. */
const HALF_SECOND_MS = 500;

/** Absent until the first answer. */
export const clockOffsetMs = shallowRef<number>();

/** @param date the answer's own time, as its heading says */
export function noteClock(date: string | null, sentMs: number, cameMs: number): void {
  const toldMs = date === null ? NaN : Date.parse(date);
  if (Number.isNaN(toldMs) || cameMs - sentMs > MOST_TRIP_MS) return;
  const offset = Math.round(toldMs + HALF_SECOND_MS - (sentMs + cameMs) / 2);
  // Within a second it is the coarse heading that moves, not a clock.
  clockOffsetMs.value = Math.abs(offset) < 2 * HALF_SECOND_MS ? 0 : offset;
}
