/**
 * Courses over a field in its frame: from the low edge up, each over the top edge of the one below by the side lap, so
 * that water runs over every lap. A course is cut in runs where the field has a gap across it.
 */
import { CHALK_M } from './field.ts';
import type { Slices } from './slices.ts';

/** What lies on one roll width, and how. */
export interface Strip {
  readonly widthM: number;
  /** As laid: never less than the layer asks for. */
  readonly sideLapM: number;
}

export interface Run {
  readonly course: number;
  readonly fromM: number;
  readonly toM: number;
  readonly lowM: number;
  /** Width that is cut: the whole roll, or half of it where that does. */
  readonly widthM: number;
  readonly half: boolean;
}

export interface Course {
  readonly index: number;
  readonly lowM: number;
  readonly runs: readonly Run[];
}

export interface Courses {
  /** Width of the first course, m. */
  readonly firstM: number;
  readonly courses: readonly Course[];
  /** Length of roll that the runs take, half widths counted half, m. */
  readonly rollM: number;
  /** What shows of the last course, m. */
  readonly topShowsM: number;
}

/** Low edge of a course. */
export const lowOf = (index: number, firstM: number, strip: Strip): number =>
  index === 0 ? 0 : firstM - strip.sideLapM + (index - 1) * (strip.widthM - strip.sideLapM);

/**
 * Lays courses over a field.
 * @param field in its frame, its lowest point at v = 0
 * @param firstM width of the first course: above the side lap, at most the roll width
 */
export function layCourses(field: Slices, strip: Strip, firstM: number): Courses {
  const maxY = field.highM;
  const { widthM, sideLapM } = strip;
  const courses: Course[] = [];
  let rollM = 0;
  for (let index = 0; ; index += 1) {
    const lowM = lowOf(index, firstM, strip);
    // What the course below covers already is not its business.
    const from = index === 0 ? lowM : lowM + sideLapM;
    if (from >= maxY - CHALK_M) break;
    const high = index === 0 ? firstM : lowM + widthM;
    const runs = field.between(from, high).map(({ fromM, toM, highM }): Run => {
      const half = (index === 0 ? Math.min(firstM, highM) : highM - lowM) <= widthM / 2 + CHALK_M;
      rollM += (toM - fromM) * (half ? 0.5 : 1);
      return { course: index, fromM, toM, lowM, widthM: half ? widthM / 2 : widthM, half };
    });
    courses.push({ index, lowM, runs });
  }
  const last = courses.at(-1);
  const topFrom = !last || last.index === 0 ? 0 : last.lowM + sideLapM;
  return { firstM, courses, rollM, topShowsM: maxY - topFrom };
}
