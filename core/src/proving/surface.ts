/**
 * A surface between readings by distance weights. How fast the weight falls is chosen by leaving each reading out in turn and
 * asking the others for it; the error of that is said beside those of the nearest reading and of the mean. A power of none
 * is the mean: where place tells nothing, the surface is flat.
 */
import { distance, type Point } from '../geometry/index.ts';

export interface SurfacePoint {
  readonly at: Point;
  readonly value: number;
}

/** Errors of readings that were left out, root of the mean square, in the unit of the values. */
export interface LeftOut {
  readonly surface: number;
  readonly nearest: number;
  readonly mean: number;
  /** Readings that had another within reach, and could be asked for. */
  readonly count: number;
}

export interface Surface {
  readonly points: readonly SurfacePoint[];
  readonly power: number;
  readonly reachM: number;
  readonly leftOut: LeftOut;
  /** Undefined where no reading is within reach. */
  readonly at: (p: Point) => number | undefined;
}

/** Fewer say nothing of what lies between them. */
export const LEAST_POINTS = 5;
const POWERS = [0, 1, 1.5, 2, 2.5, 3, 4, 6] as const;
/** Readings nearer to each other than this are of one spot, m. */
const SAME_SPOT_M = 0.02;

/** Readings of one spot count once, with their mean. */
export function spotsOf(points: readonly SurfacePoint[]): SurfacePoint[] {
  const spots: { at: Point; values: number[] }[] = [];
  for (const { at, value } of points) {
    const there = spots.find((s) => distance(s.at, at) < SAME_SPOT_M);
    if (there) there.values.push(value);
    else spots.push({ at, values: [value] });
  }
  return spots.map(({ at, values }) => ({
    at,
    value: values.reduce((a, b) => a + b, 0) / values.length,
  }));
}

/** The weighted mean of all points but one. */
function weighted(points: readonly SurfacePoint[], p: Point, power: number, but = -1): number {
  let [sum, weights] = [0, 0];
  for (const [i, { at, value }] of points.entries()) {
    if (i === but) continue;
    const away = distance(at, p);
    if (away < SAME_SPOT_M && power > 0) return value;
    const weight = power === 0 ? 1 : away ** -power;
    sum += value * weight;
    weights += weight;
  }
  return sum / weights;
}

/** The nearest of all points but one, and how far it lies. */
function nearestTo(points: readonly SurfacePoint[], p: Point, but = -1): { value: number; m: number } {
  let found = { value: NaN, m: Infinity };
  for (const [i, { at, value }] of points.entries()) {
    if (i === but) continue;
    const m = distance(at, p);
    if (m < found.m) found = { value, m };
  }
  return found;
}

const rms = (errors: readonly number[]): number =>
  Math.sqrt(errors.reduce((sum, e) => sum + e * e, 0) / errors.length);

/**
 * @param points readings at their places, m
 * @param reachM nothing is said farther from the nearest reading
 * @returns undefined where too few spots were read, or too few lie within reach of another
 */
export function surfaceOf(points: readonly SurfacePoint[], reachM: number): Surface | undefined {
  const spots = spotsOf(points);
  const asked = spots.flatMap((spot, i) => {
    const nearest = nearestTo(spots, spot.at, i);
    return nearest.m <= reachM ? [{ spot, i, nearest: nearest.value }] : [];
  });
  if (asked.length < LEAST_POINTS) return undefined;
  const errorOf = (power: number): number =>
    rms(asked.map(({ spot, i }) => weighted(spots, spot.at, power, i) - spot.value));
  const errors = POWERS.map((power) => ({ power, error: errorOf(power) }));
  const best = errors.reduce((a, b) => (b.error < a.error ? b : a));
  return {
    ...{ points: spots, power: best.power, reachM },
    leftOut: {
      surface: best.error,
      nearest: rms(asked.map(({ spot, nearest }) => nearest - spot.value)),
      mean: errors[0]?.error ?? best.error,
      count: asked.length,
    },
    at: (p) => (nearestTo(spots, p).m <= reachM ? weighted(spots, p, best.power) : undefined),
  };
}
