/** Splitting what several bays shared: by area, or by hand. */
import { bayAreaM2, type Bay } from '../site/index.ts';
import type { Share } from './entry.ts';

/** Shares by area, in m² to the square centimetre. */
export const sharesByArea = (bays: readonly Bay[]): Share[] =>
  bays.map((bay) => ({ bayId: bay.id, share: Number(bayAreaM2(bay).toFixed(4)) }));

/**
 * An amount split into whole steps that add up to it: everybody gets the whole steps of their part, and what is left goes
 * to the largest remainders (Hamilton's method).
 * @param total in the unit of the step, 0 or more
 * @param step the least that is told, such as a gram of a kilogram
 * @returns in the order of the shares; their sum is the total to the step. Nothing where there are no shares.
 */
export function splitAmount(total: number, shares: readonly number[], step = 0.001): number[] {
  const sum = shares.reduce((a, b) => a + b, 0);
  if (!(sum > 0)) return shares.map(() => 0);
  const steps = Math.round(total / step);
  const exact = shares.map((s) => (steps * s) / sum);
  const whole = exact.map(Math.floor);
  const left = steps - whole.reduce((a, b) => a + b, 0);
  const order = exact
    .map((e, i) => ({ i, rest: e - Math.floor(e) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of order.slice(0, left)) whole[i] = (whole[i] ?? 0) + 1;
  const digits = Math.max(0, Math.round(-Math.log10(step)));
  return whole.map((n) => Number((n * step).toFixed(digits)));
}
