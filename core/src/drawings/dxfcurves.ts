/** Curves of a drawing as pieces: arcs stay arcs, other curves become arcs that lie along them, fine enough for a roof. */
import { riseFromQuarterTangent, type Point } from '../geometry/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import type { Entity, XY } from './dxfentities.ts';
import type { Piece } from './types.ts';

/** What a curve becomes lies off it by no more than this share of its size. */
export const FINE_SHARE = 1e-4;
const FULL = 2 * Math.PI;

/** Straight pieces and arcs between corners, with their bulges. */
export function polylinePieces(
  vertices: readonly (XY & { readonly bulge?: number })[],
  closed: boolean,
): Piece[] {
  return vertices.flatMap((v, i): Piece[] => {
    const next = vertices[i + 1] ?? (closed ? vertices[0] : undefined);
    if (!next || (v.x === next.x && v.y === next.y)) return [];
    const chord = Math.hypot(next.x - v.x, next.y - v.y);
    // A positive bulge turns left, so its arc lies to the right of the chord.
    return [{ from: [v.x, v.y], to: [next.x, next.y], rise: riseFromQuarterTangent(chord, v.bulge ?? 0) }];
  });
}

const onCircle = (c: XY, r: number, angle: number): Point => [
  c.x + r * Math.cos(angle),
  c.y + r * Math.sin(angle),
];

/** How far it is from one angle on to another, counter-clockwise; a full turn where they are the same. */
export const sweepOf = (from: number, to: number): number => (((to - from) % FULL) + FULL) % FULL || FULL;

/** An arc counter-clockwise from one angle to another, in pieces of at most a right angle. */
export function arcPieces(
  center: XY | undefined,
  radius: number | undefined,
  from: number,
  sweep: number,
): Piece[] {
  if (!center || !radius || !(sweep > 0)) return [];
  const count = Math.max(1, Math.ceil(sweep / (Math.PI / 2) - 1e-9));
  const each = sweep / count;
  const rise = radius * (1 - Math.cos(each / 2));
  return Array.from({ length: count }, (_, i) => ({
    from: onCircle(center, radius, from + each * i),
    to:
      i === count - 1 && sweep === FULL
        ? onCircle(center, radius, from)
        : onCircle(center, radius, from + each * (i + 1)),
    rise,
  }));
}

/** Halvings of one part of a curve at most. */
const DEEPEST = 12;

/** How far a point lies off the arc from one point to another with a rise to the right. */
function offArc([px, py]: Point, from: Point, to: Point, rise: number): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const chord = Math.hypot(dx, dy);
  if (chord === 0) return Infinity;
  const [ux, uy] = [dx / chord, dy / chord];
  const [mx, my] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  if (rise === 0) return Math.abs((px - mx) * uy - (py - my) * ux);
  const radius = (chord * chord) / (8 * rise) + rise / 2;
  // From the middle of the chord the centre lies on the other side of what rises.
  const back = radius - rise;
  return Math.abs(Math.hypot(px - (mx - uy * back), py - (my + ux * back)) - Math.abs(radius));
}

/** Arcs and straight pieces along a curve, from stop to stop and as many between as it takes. */
function alongCurve(at: (t: number) => Point, stops: readonly number[]): Piece[] {
  const ends = stops.map(at);
  const xs = ends.map((p) => p[0]);
  const ys = ends.map((p) => p[1]);
  const size = Math.hypot(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  const fine = size * FINE_SHARE;
  const pieces: Piece[] = [];
  const part = (a: number, from: Point, b: number, to: Point, depth: number): void => {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
    const chord = Math.hypot(dx, dy);
    if (chord === 0 && depth > 0) return;
    const middle = at((a + b) / 2);
    // To the right of the way is up here.
    const up =
      chord === 0
        ? 0
        : ((middle[0] - (from[0] + to[0]) / 2) * dy - (middle[1] - (from[1] + to[1]) / 2) * dx) / chord;
    const rise = Math.abs(up) <= fine / 4 ? 0 : up;
    const between = [0.25, 0.5, 0.75].map((share) => at(a + (b - a) * share));
    const off = Math.max(...between.map((p) => offArc(p, from, to, rise)));
    if (chord > 0 && ((off <= fine && Math.abs(rise) <= chord / 2) || depth >= DEEPEST)) {
      pieces.push({ from, to, rise });
      return;
    }
    part(a, from, (a + b) / 2, middle, depth + 1);
    part((a + b) / 2, middle, b, to, depth + 1);
  };
  stops.slice(1).forEach((b, i) => {
    part(stops[i] ?? 0, ends[i] ?? [0, 0], b, ends[i + 1] ?? [0, 0], 0);
  });
  return pieces;
}

const evenly = (from: number, to: number, parts: number): number[] =>
  Array.from({ length: parts + 1 }, (_, i) => (i === parts ? to : from + ((to - from) * i) / parts));

/**
 * An ellipse or a part of one, by the parameter from its long axis on.
 * @param seenFrom −1 where it is drawn from behind: then it runs the other way round
 */
export function ellipsePieces(
  center: XY | undefined,
  major: XY | undefined,
  ratio: number,
  from: number,
  to: number,
  seenFrom = 1,
): Piece[] {
  if (!center || !major) return [];
  const sweep = sweepOf(from, to);
  const radius = Math.hypot(major.x, major.y);
  if (Math.abs(ratio - 1) < FINE_SHARE && seenFrom > 0)
    return arcPieces(center, radius, Math.atan2(major.y, major.x) + from, sweep);
  const at = (t: number): Point => {
    const [c, s] = [Math.cos(t), Math.sin(t) * ratio * seenFrom];
    return [center.x + major.x * c - major.y * s, center.y + major.y * c + major.x * s];
  };
  const pieces = alongCurve(at, evenly(from, from + sweep, Math.max(1, Math.ceil((8 * sweep) / FULL))));
  const [first, last] = [pieces[0], pieces.at(-1)];
  // Rounding leaves the ends of a whole ellipse a hair apart.
  return sweep === FULL && first && last ? [...pieces.slice(0, -1), { ...last, to: first.from }] : pieces;
}

export interface Spline {
  readonly degree: number;
  readonly knots: readonly number[];
  readonly points: readonly XY[];
  /** One each where none are said. */
  readonly weights: readonly number[];
}

/** A spline by its control points, at its parameters (de Boor 1972); nothing where its numbers do not fit together. */
export function splinePieces({ degree, knots, points, weights }: Spline): Piece[] {
  const n = points.length;
  if (degree < 1 || degree > 15 || n <= degree || knots.length !== n + degree + 1) return [];
  if (knots.some((k, i) => !(k >= (knots[i - 1] ?? -Infinity)))) return [];
  const [low, high] = [knots[degree] ?? 0, knots[n] ?? 0];
  if (!(high > low)) return [];
  const at = (t: number): Point => {
    let span = degree;
    while (span < n - 1 && t >= (knots[span + 1] ?? Infinity)) span += 1;
    const d = Array.from({ length: degree + 1 }, (_, j) => {
      const i = span - degree + j;
      const w = weights[i] ?? 1;
      return [(points[i]?.x ?? 0) * w, (points[i]?.y ?? 0) * w, w] as [number, number, number];
    });
    for (let r = 1; r <= degree; r += 1) {
      for (let j = degree; j >= r; j -= 1) {
        const left = knots[span - degree + j] ?? 0;
        const right = knots[span + 1 + j - r] ?? 0;
        const a = right > left ? (t - left) / (right - left) : 0;
        const [p, q] = [d[j - 1] ?? [0, 0, 1], d[j] ?? [0, 0, 1]];
        d[j] = [0, 1, 2].map((k) => (p[k] ?? 0) * (1 - a) + (q[k] ?? 0) * a) as [number, number, number];
      }
    }
    const [x, y, w] = d[degree] ?? [0, 0, 1];
    return [x / w, y / w];
  };
  const inner = [...new Set(knots.filter((k) => k >= low && k <= high))];
  return alongCurve(at, inner);
}

/** Numbers of a spline that stands as pairs. */
export function splineOf({ pairs = [] }: Entity): Spline {
  const all = (code: number): number[] => pairs.filter(([c]) => c === code).map(([, v]) => Number(v));
  const [xs, ys] = [all(10), all(20)];
  return {
    degree: all(71)[0] ?? 3,
    knots: all(40),
    points: xs.map((x, i) => ({ x, y: ys[i] ?? 0 })),
    weights: all(41),
  };
}

export const radians = (degrees: number): number => degrees / DEGREES_PER_RADIAN;
