/**
 * The right time as far as this device knows: what the pages show and forms begin with. Kept apart from the comparing,
 * which is part of the first load and does without the core.
 */
import { computed } from 'vue';
import { clockShiftMs } from '@lentum/core/record';
import { MS_PER_DAY } from '@lentum/core/units';
import { compared } from './clock.ts';

/** A comparison that is older says little about a clock that people and networks set. */
const OLDEST_MS = 3 * MS_PER_DAY;

/** Absent until the first answer, and when the last is days old. */
export const clockOffsetMs = computed(() =>
  compared.value && Math.abs(Date.now() - compared.value.atMs) < OLDEST_MS
    ? compared.value.offsetMs
    : undefined,
);

export const rightNowMs = (): number => Date.now() + clockShiftMs(clockOffsetMs.value);
export const rightNow = (): string => new Date(rightNowMs()).toISOString();
