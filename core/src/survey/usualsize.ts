/** Sizes that stand before somebody has measured, in the round figures of the job's units. Common practice, no source. */
import { metresPer, type System } from '../units/index.ts';

const MM_PER_INCH = metresPer('in') * 1000;
/** Finer than this a size is told in mils or fractions: it stays as it is. */
const COARSE_MM = 6;
/** From here on in whole inches, below in quarters. */
const WHOLE_INCHES_MM = 50;

/** How high a membrane usually goes up a wall or a kerb, mm: 150 mm, or 8 in. */
export const usualUpstandMm = (system: System): number => (system === 'us' ? 8 * MM_PER_INCH : 150);

/**
 * A usual size in round figures.
 * @param sizeMm in round millimetres, 0 or more
 * @returns the same, or in a job in US units the nearest inch, from 6 to 50 mm the nearest quarter of one
 */
export function usualSizeMm(sizeMm: number, system: System): number {
  if (system !== 'us' || sizeMm < COARSE_MM) return sizeMm;
  const inOne = sizeMm >= WHOLE_INCHES_MM ? 1 : 4;
  return (Math.round((sizeMm / MM_PER_INCH) * inOne) / inOne) * MM_PER_INCH;
}
