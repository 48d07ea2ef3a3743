/** Where courses may begin: the start lines that are worth a look, and what each costs in length of roll. */
import { CHALK_M } from './field.ts';
import { layCourses, type Courses, type Strip } from './runs.ts';
import type { Slices } from './slices.ts';

/** Widths of the first course that are tried besides those that the shape asks for. */
const STEPS = 8;
/** At most so many are tried. */
const MOST_STARTS = 36;

const wrap = (first: number, { widthM, sideLapM }: Strip): number => {
  const pitch = widthM - sideLapM;
  const over = (first - sideLapM) % pitch;
  const up = over <= CHALK_M ? over + pitch : over;
  return sideLapM + up;
};

/** A start line that lies half a pitch from another's lap lines; half a width where that is as good. */
export function centredOn(firstM: number, strip: Strip): number {
  const pitch = strip.widthM - strip.sideLapM;
  const centre = wrap(firstM + pitch / 2, strip);
  const half = strip.widthM / 2;
  return Math.abs(half - centre) <= strip.sideLapM / 2 + CHALK_M && half > strip.sideLapM ? half : centre;
}

/** Widths of the first course to try, from the low edge: full, half, what makes the last one full or half, what meets a corner. */
export function startsFor(field: Slices, strip: Strip, leastM: number): number[] {
  const { widthM, sideLapM } = strip;
  const pitch = widthM - sideLapM;
  const found: number[] = [widthM, widthM / 2];
  // The last course ends a full or a half width above its low edge.
  found.push(wrap(field.highM - pitch, strip), wrap(field.highM - widthM / 2 + sideLapM, strip));
  // A course that ends at a corner; of many corners some.
  for (const v of field.corners.slice(0, 12)) found.push(wrap(v, strip));
  for (let i = 1; i < STEPS; i += 1) found.push(sideLapM + (pitch * i) / STEPS);
  const fits = found.filter(
    (f) => f >= Math.min(leastM + sideLapM, widthM) - CHALK_M && f <= widthM + CHALK_M,
  );
  const unique = [...new Map(fits.map((f) => [Math.round(f / CHALK_M), f])).values()];
  return unique.slice(0, MOST_STARTS);
}

export interface Start {
  readonly firstM: number;
  readonly courses: Courses;
  /** What it is judged by: metres of roll, slivers made dear. */
  readonly cost: number;
}

/** A sliver at the far edge counts as this many metres for each metre along it. */
const SLIVER = 2;

/** Courses from a start line, with what they cost. */
export function startAt(field: Slices, strip: Strip, firstM: number, leastTopM: number): Start {
  const courses = layCourses(field, strip, firstM);
  const sliver = courses.courses.length > 1 && courses.topShowsM < leastTopM - CHALK_M;
  const last = courses.courses.at(-1);
  const along = sliver ? (last?.runs.reduce((s, r) => s + r.toM - r.fromM, 0) ?? 0) : 0;
  return { firstM, courses, cost: courses.rollM + SLIVER * along };
}
