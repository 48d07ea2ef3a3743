/** How long ago something was, in the unit in which a person says it: minutes up to two hours, then hours. */
import { MS_PER_HOUR, MS_PER_MINUTE } from '../units/index.ts';
import { given, type Given } from './figure.ts';

const MOST_MINUTES_MS = 2 * MS_PER_HOUR;

export const ageOf = (label: string, ms: number): Given =>
  ms < MOST_MINUTES_MS
    ? given(label, ms / MS_PER_MINUTE, 'minutes', 'measured')
    : given(label, ms / MS_PER_HOUR, 'hours', 'measured');
