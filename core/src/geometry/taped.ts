/**
 * The shape of an outline from tape measures alone: sides, diagonals and marks of right angles, no other angles.
 * Corner 1 lies at (0, 0), side 1 along +x. Which way each corner turns is said by the person: lengths do not tell.
 */
import { DEGREES_PER_RADIAN, TOLERANCE } from '../units/index.ts';
import { effectsOf, fit, judged, type Adjusted, type Measure } from './leastsquares.ts';
import { crossTerm, distance, firstCrossing } from './measure.ts';
import type { Point } from './types.ts';

export interface TapedCorner {
  /** Seen walking round from side 1: to the left or to the right at this corner. */
  readonly turn: 'left' | 'right';
  readonly square: boolean;
}

export interface TapedShape {
  /** Corner i is the start of side i. */
  readonly corners: readonly TapedCorner[];
  /** Length of side i from corner i to the next one; undefined where it was not taped. */
  readonly sidesM: readonly (number | undefined)[];
  readonly diagonals: readonly { readonly from: number; readonly to: number; readonly lengthM: number }[];
}

export type TapedMeasure =
  | { readonly kind: 'side'; readonly side: number }
  | { readonly kind: 'diagonal'; readonly index: number; readonly from: number; readonly to: number }
  | { readonly kind: 'square'; readonly corner: number };

export interface MeasureResult {
  readonly measure: TapedMeasure;
  /** Metres for lengths, degrees for right angles. */
  readonly given: number;
  readonly solved: number;
  readonly residual: number;
  readonly redundancy: number;
  readonly standardised: number;
}

export interface TapedSolution {
  readonly points: readonly Point[];
  readonly measures: readonly MeasureResult[];
  /** Measures that are still missing for a rigid shape. */
  readonly missing: number;
  /** One measure for each that is missing, the most telling first; empty when the set suffices. */
  readonly wanted: readonly TapedMeasure[];
  /** The diagonal that would check most of what nothing checks yet; absent while measures are missing. */
  readonly checking: TapedMeasure | undefined;
  /** The measures most likely wrong, and what each would have to be for the others to agree: several when they can
   * not be distinguished. */
  readonly suspects: readonly { readonly result: MeasureResult; readonly fits: number }[];
  /** Corners that turned out to turn the other way than was said. */
  readonly turnedOver: readonly number[];
  /** Number of measures beyond the least that fix the shape. */
  readonly spare: number;
}

/** A tape over a roof: 3 mm for reading both ends, and 0.3 mm a metre for sag, slope and pull. Common practice. */
export const tapeSigmaM = (lengthM: number): number =>
  TOLERANCE.tapeM + TOLERANCE.tapePerM * Math.abs(lengthM);

/** Unknowns are x of corner 2, then x and y of each further corner. */
const pointAt = (x: readonly number[], i: number): Point =>
  i === 0 ? [0, 0] : i === 1 ? [x[0] ?? 0, 0] : [x[2 * i - 3] ?? 0, x[2 * i - 2] ?? 0];

function place(slope: number[], i: number, dx: number, dy: number): void {
  if (i === 1) slope[0] = (slope[0] ?? 0) + dx;
  if (i > 1) {
    slope[2 * i - 3] = (slope[2 * i - 3] ?? 0) + dx;
    slope[2 * i - 2] = (slope[2 * i - 2] ?? 0) + dy;
  }
}

function lengthBetween(unknowns: number, i: number, j: number): Measure['predict'] {
  return (x) => {
    const [a, b] = [pointAt(x, i), pointAt(x, j)];
    const d = Math.max(distance(a, b), TOLERANCE.sameCornerM);
    const slope = Array.from({ length: unknowns }, () => 0);
    place(slope, i, (a[0] - b[0]) / d, (a[1] - b[1]) / d);
    place(slope, j, (b[0] - a[0]) / d, (b[1] - a[1]) / d);
    return { value: d, slope };
  };
}

/** Cosine of the angle at a corner: nothing at a right angle. */
function cosineAt(unknowns: number, n: number, k: number): Measure['predict'] {
  const [before, after] = [(k + n - 1) % n, (k + 1) % n];
  return (x) => {
    const [p, a, b] = [pointAt(x, k), pointAt(x, before), pointAt(x, after)];
    const u: Point = [a[0] - p[0], a[1] - p[1]];
    const v: Point = [b[0] - p[0], b[1] - p[1]];
    const lu = Math.max(Math.hypot(...u), TOLERANCE.sameCornerM);
    const lv = Math.max(Math.hypot(...v), TOLERANCE.sameCornerM);
    const c = (u[0] * v[0] + u[1] * v[1]) / (lu * lv);
    const slope = Array.from({ length: unknowns }, () => 0);
    const du: Point = [v[0] / (lu * lv) - (c * u[0]) / lu ** 2, v[1] / (lu * lv) - (c * u[1]) / lu ** 2];
    const dv: Point = [u[0] / (lu * lv) - (c * v[0]) / lv ** 2, u[1] / (lu * lv) - (c * v[1]) / lv ** 2];
    place(slope, before, du[0], du[1]);
    place(slope, after, dv[0], dv[1]);
    place(slope, k, -du[0] - dv[0], -du[1] - dv[1]);
    return { value: c, slope };
  };
}

interface Named {
  readonly name: TapedMeasure;
  readonly measure: Measure;
}

const squareSigma = TOLERANCE.squareDeg / DEGREES_PER_RADIAN;

function measuresOf(shape: TapedShape): Named[] {
  const n = shape.corners.length;
  const unknowns = 2 * n - 3;
  const length = (value: number, i: number, j: number): Measure => ({
    value,
    sigma: tapeSigmaM(value),
    predict: lengthBetween(unknowns, i, j),
  });
  return [
    ...shape.sidesM.flatMap((s, i): Named[] =>
      s === undefined ? [] : [{ name: { kind: 'side', side: i }, measure: length(s, i, (i + 1) % n) }],
    ),
    ...shape.diagonals.map(({ from, to, lengthM }, index): Named => ({
      name: { kind: 'diagonal', index, from, to },
      measure: length(lengthM, from, to),
    })),
    ...shape.corners.flatMap((c, k): Named[] =>
      c.square
        ? [
            {
              name: { kind: 'square', corner: k },
              measure: { value: 0, sigma: squareSigma, predict: cosineAt(unknowns, n, k) },
            },
          ]
        : [],
    ),
  ];
}

/** A first shape from the turns: square corners at 90°, the others share what is left of a full turn. */
function firstGuess(shape: TapedShape, spread: number): number[] {
  const n = shape.corners.length;
  const known = shape.sidesM.filter((s): s is number => s !== undefined);
  const usual = known.length > 0 ? known.reduce((a, b) => a + b, 0) / known.length : 1;
  const hand = shape.corners.filter((c) => c.turn === 'left').length * 2 >= n ? 1 : -1;
  const sign = (c: TapedCorner): number => ((c.turn === 'left') === (hand === 1) ? 1 : -1);
  const inward = 90 - 40 * spread;
  const fixed = shape.corners.reduce(
    (sum, c) => sum + (c.square ? 90 * sign(c) : sign(c) < 0 ? -inward : 0),
    0,
  );
  const open = shape.corners.filter((c) => !c.square && sign(c) > 0).length;
  const each = open > 0 ? Math.min(170, Math.max(5, (360 - fixed) / open)) : 90;
  const points: Point[] = [[0, 0]];
  let heading = 0;
  for (let i = 0; i < n - 1; i += 1) {
    const [px, py] = points[i] ?? [0, 0];
    const length = shape.sidesM[i] ?? usual;
    points.push([px + length * Math.cos(heading), py + length * Math.sin(heading)]);
    const c = shape.corners[i + 1];
    const turn = !c ? 0 : c.square ? 90 * sign(c) : sign(c) > 0 ? each : -inward;
    heading += (hand * turn) / DEGREES_PER_RADIAN;
  }
  return points.slice(1).flatMap(([x, y], i) => (i === 0 ? [x] : [x, y]));
}

const pointsOf = (n: number, x: readonly number[]): Point[] =>
  Array.from({ length: n }, (_, i) => pointAt(x, i));

function wrongTurns(shape: TapedShape, points: readonly Point[]): number[] {
  const n = points.length;
  return shape.corners.flatMap((c, k) => {
    const [p, a, b] = [points[k], points[(k + n - 1) % n], points[(k + 1) % n]];
    if (!p || !a || !b) return [];
    const turn = crossTerm([p[0] - a[0], p[1] - a[1]], [b[0] - p[0], b[1] - p[1]]);
    return turn >= 0 === (c.turn === 'left') ? [] : [k];
  });
}

/** Every measure that could still be taken, for telling which one helps most. */
function candidates(shape: TapedShape, points: readonly Point[]): Named[] {
  const n = shape.corners.length;
  const unknowns = 2 * n - 3;
  const result: Named[] = [];
  for (let i = 0; i < n; i += 1) {
    for (let j = i + 1; j < n; j += 1) {
      const side = j === i + 1 ? i : i === 0 && j === n - 1 ? j : undefined;
      const taped =
        side === undefined
          ? shape.diagonals.some((d) => (d.from === i && d.to === j) || (d.from === j && d.to === i))
          : shape.sidesM[side] !== undefined;
      if (taped) continue;
      const [a, b] = [points[i], points[j]];
      result.push({
        name: side === undefined ? { kind: 'diagonal', index: -1, from: i, to: j } : { kind: 'side', side },
        measure: {
          value: 0,
          sigma: a && b ? tapeSigmaM(distance(a, b)) : 1,
          predict: lengthBetween(unknowns, i, j),
        },
      });
    }
  }
  return result;
}

/** The measures to take next: each time the one that notices the free moves most. */
function wanted(shape: TapedShape, solved: Adjusted, points: readonly Point[]): TapedMeasure[] {
  let free = solved.free.map((v) => [...v]);
  const pool = candidates(shape, points).map((c) => ({ ...c, slope: c.measure.predict(solved.x).slope }));
  const result: TapedMeasure[] = [];
  while (free.length > 0 && pool.length > 0) {
    const seen = pool.map(({ slope }) =>
      free.map((v) => v.reduce((sum, value, k) => sum + value * (slope[k] ?? 0), 0)),
    );
    const strength = seen.map((s) => Math.hypot(...s));
    const best = strength.indexOf(Math.max(...strength));
    const chosen = pool[best];
    const along = seen[best];
    if (!chosen || !along || (strength[best] ?? 0) < TOLERANCE.rank) break;
    result.push(chosen.name);
    pool.splice(best, 1);
    // The move that the new measure notices is fixed by it; the others are made square to that one.
    const size = Math.hypot(...along);
    const pivot = along.map((a) => a / size);
    const noticed = (free[0] ?? []).map((_, k) =>
      free.reduce((sum, v, i) => sum + (pivot[i] ?? 0) * (v[k] ?? 0), 0),
    );
    const left: number[][] = [];
    for (const v of free) {
      let rest = [...v];
      for (const b of [noticed, ...left]) {
        const dot = rest.reduce((sum, value, k) => sum + value * (b[k] ?? 0), 0);
        rest = rest.map((value, k) => value - dot * (b[k] ?? 0));
      }
      const length = Math.hypot(...rest);
      if (length > TOLERANCE.rank && left.length < free.length - 1)
        left.push(rest.map((value) => value / length));
    }
    free = left;
  }
  return result;
}

/** The candidate that the most of what nothing checks yet would be checked by. */
function checkingOf(
  shape: TapedShape,
  named: readonly Named[],
  solved: Adjusted,
  points: readonly Point[],
): TapedMeasure | undefined {
  if (solved.free.length > 0) return undefined;
  const effects = effectsOf(
    named.map((m) => m.measure),
    solved.x,
  );
  const open = solved.redundancy.flatMap((r, i) => (r === 0 ? [i] : []));
  let best: { readonly name: TapedMeasure; readonly checks: number } | undefined;
  for (const { name, measure } of candidates(shape, points)) {
    if (name.kind !== 'diagonal') continue;
    const effect = effects(measure.predict(solved.x).slope);
    const checks = open.filter((i) => Math.abs(effect[i] ?? 0) > TOLERANCE.unchecked).length;
    if (!best || checks > best.checks) best = { name, checks };
  }
  return best?.name;
}

/** Sums of squares below this are the last digits of the arithmetic: the shapes fit alike. */
const FITS_ALIKE = 1e-6;

/** |w| above this happens by chance once in a thousand times (two-sided normal). Source: Baarda 1968. */
const SUSPECT_FROM = 3.29;

/** Measures whose standardised residuals differ by less than this share cannot be distinguished. */
const ALIKE = 0.02;

function suspectsOf(results: readonly MeasureResult[]): TapedSolution['suspects'] {
  const most = Math.max(...results.map((r) => Math.abs(r.standardised)), 0);
  if (most < SUSPECT_FROM) return [];
  return results
    .filter((r) => r.measure.kind !== 'square' && Math.abs(r.standardised) >= most * (1 - ALIKE))
    .map((result) => ({ result, fits: result.given - result.residual / result.redundancy }));
}

/**
 * Solves a taped outline.
 * @returns the shape, also while measures are missing (then it is one of many that fit, and `wanted` says what to tape)
 */
export function solveTaped(shape: TapedShape): TapedSolution {
  const n = shape.corners.length;
  const named = measuresOf(shape);
  const measures = named.map((m) => m.measure);
  const tries = [0, 0.5, 1, -0.5]
    .map((spread) => fit(measures, firstGuess(shape, spread)))
    .map((fitted) => {
      const points = pointsOf(n, fitted.x);
      const turnedOver = wrongTurns(shape, points);
      return { fitted, points, turnedOver, wrong: turnedOver.length + (firstCrossing(points) ? 1 : 0) };
    });
  // The shape that turns as it was said comes before the one with the smaller residuals.
  const miss = ({ fitted: { chiSquared } }: (typeof tries)[number]): number =>
    chiSquared < FITS_ALIKE ? 0 : chiSquared;
  tries.sort((a, b) => a.wrong - b.wrong || miss(a) - miss(b));
  const best = tries[0];
  if (!best) throw new RangeError('an outline needs at least three corners');
  const { points, turnedOver } = best;
  const solved = judged(measures, best.fitted);
  const results = named.map(({ name, measure }, i): MeasureResult => {
    const residual = solved.residuals[i] ?? 0;
    const common = {
      measure: name,
      redundancy: solved.redundancy[i] ?? 0,
      standardised: solved.standardised[i] ?? 0,
    };
    if (name.kind === 'square') {
      const angle = Math.acos(Math.min(1, Math.max(-1, -residual))) * DEGREES_PER_RADIAN;
      return { ...common, given: 90, solved: angle, residual: 90 - angle };
    }
    return { ...common, given: measure.value, solved: measure.value - residual, residual };
  });
  return {
    points,
    measures: results,
    missing: solved.free.length,
    wanted: wanted(shape, solved, points),
    checking: checkingOf(shape, named, solved, points),
    suspects: suspectsOf(results),
    turnedOver,
    spare: measures.length - solved.rank,
  };
}
