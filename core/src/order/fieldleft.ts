/** What the courses of the field leave over, for pieces of details. */
import type { CoursesPlan, UsedRoll } from '../courses/index.ts';
import type { LeftOver, LeftOversOf } from '../details/index.ts';

/** A shorter end is not kept for pieces, m. */
const LEAST_M = 0.3;

/**
 * Ends of rolls that were opened for courses, by layer. The longest end of the bought ones is none of them: the order counts it as
 * not used, so that it goes to whatever is cut next.
 */
export function leftOversOf(courses: CoursesPlan | undefined): LeftOversOf {
  return (buildUp, layerId) => {
    const plan = courses?.materials.find((m) =>
      m.material.layouts.some(
        (l) =>
          l.buildUp.id === buildUp.id &&
          l.buildUp.revision === buildUp.revision &&
          l.rolled.layer.id === layerId,
      ),
    );
    if (!plan?.answer) return [];
    const bought = plan.rolls.filter((r) => r.stockId === undefined);
    const longest = bought.reduce<UsedRoll | undefined>(
      (most, r) => (most && most.leftM >= r.leftM ? most : r),
      undefined,
    );
    return plan.rolls.flatMap((r, i): LeftOver[] =>
      r === longest || r.leftM < LEAST_M ? [] : [{ lengthMm: r.leftM * 1000, of: String(i + 1) }],
    );
  };
}
