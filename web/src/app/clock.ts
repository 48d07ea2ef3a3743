/**
 * How far the server's clock is ahead of this device's, as its answers tell; and the right time, which is what the pages
 * show and forms begin with. The difference is kept for days without a signal.
 */
import { useStorage } from '@vueuse/core';
import { computed } from 'vue';
import { z } from 'zod';
import { clockShiftMs } from '@lentum/core/record';
import { MS_PER_DAY } from '@lentum/core/units';

/** An answer that took longer says little about the moment in which it was sent. */
const MOST_TRIP_MS = 3000;
/** The server tells its time in whole seconds: on average it is half a second later than it says. */
const HALF_SECOND_MS = 500;
/** A comparison that is older says little about a clock that people and networks set. */
const OLDEST_MS = 3 * MS_PER_DAY;

const comparedSchema = z.object({ offsetMs: z.number(), atMs: z.number() });
type Compared = z.infer<typeof comparedSchema>;

/** What the last comparison gave, and when it was; null until the first. */
export const compared = useStorage<Compared | null>('lentum.clock', null, undefined, {
  serializer: {
    read: (text) => {
      try {
        return comparedSchema.parse(JSON.parse(text));
      } catch {
        return null;
      }
    },
    write: (value) => JSON.stringify(value),
  },
});

/** Absent until the first answer, and when the last is days old. */
export const clockOffsetMs = computed(() =>
  compared.value && Math.abs(Date.now() - compared.value.atMs) < OLDEST_MS
    ? compared.value.offsetMs
    : undefined,
);

/** The right time as far as this device knows, ms. */
export const rightNowMs = (): number => Date.now() + clockShiftMs(clockOffsetMs.value);
export const rightNow = (): string => new Date(rightNowMs()).toISOString();

/** @param date the answer's own time, as its heading says */
export function noteClock(date: string | null, sentMs: number, cameMs: number): void {
  const toldMs = date === null ? NaN : Date.parse(date);
  if (Number.isNaN(toldMs) || cameMs - sentMs > MOST_TRIP_MS) return;
  const offset = Math.round(toldMs + HALF_SECOND_MS - (sentMs + cameMs) / 2);
  // Within a second it is the coarse heading that moves, not a clock.
  const offsetMs = Math.abs(offset) < 2 * HALF_SECOND_MS ? 0 : offset;
  compared.value = { offsetMs, atMs: cameMs };
}
