/** How long a mix can be worked. */
import type { Coat } from '../buildup/index.ts';
import { cureHours } from '../cure/index.ts';

/**
 * Minutes at a temperature, between the rows of the coat's table as cure is; below the table its first row, which is
 * the longest that anybody has said. Undefined where the coat has no table.
 */
export function potLifeMinutes(coat: Coat, tempC: number): number | undefined {
  const h = cureHours(
    coat.potLife.points.map((p) => ({ atC: p.atC, hours: p.minutes })),
    tempC,
  );
  return h.kind === 'hours' ? h.hours : coat.potLife.points[0]?.minutes;
}
