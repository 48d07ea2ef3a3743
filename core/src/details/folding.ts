/**
 * Pieces as they are cut flat and as they lie folded. Flat: millimetres, x along the piece, y up the sheet, seen from
 * the face that shows. Folded: x, y on the roof, z up, right-handed. A piece is a tree of flat faces hinged on folds.
 */
import {
  areaOf,
  boxOf,
  corner,
  distance,
  polygonArea,
  unite,
  type Area,
  type Point,
  type Polygon,
} from '../geometry/index.ts';
import { DEGREES_PER_RADIAN, TOLERANCE } from '../units/index.ts';

export type Point3 = readonly [x: number, y: number, z: number];

/** Where a face of a piece ends up. */
export type FaceUse = 'base' | 'wall' | 'top' | 'flap' | 'finger' | 'loop' | 'cant' | 'down';

export interface Face {
  readonly use: FaceUse;
  readonly shape: Polygon;
}

/** Face `to` turns about the line a → b by the angle, right-handed, as seen in the flat piece. */
export interface Fold {
  readonly from: number;
  readonly to: number;
  readonly a: Point;
  readonly b: Point;
  readonly deg: number;
}

/** Where the first face lies: its flat origin, and the directions of its x and y. Unit vectors. */
export interface Frame {
  readonly origin: Point3;
  readonly x: Point3;
  readonly y: Point3;
}

export interface Pattern {
  /** Width and length of what it is cut from, mm, are told by its outline. */
  readonly faces: readonly Face[];
  readonly folds: readonly Fold[];
  /** Lines cut inside the outline. */
  readonly cuts: readonly (readonly [Point, Point])[];
  readonly frame: Frame;
}

export interface Face3 {
  readonly use: FaceUse;
  readonly outer: readonly Point3[];
  readonly holes: readonly (readonly Point3[])[];
}

export const add3 = (a: Point3, b: Point3, times = 1): Point3 => [
  a[0] + b[0] * times,
  a[1] + b[1] * times,
  a[2] + b[2] * times,
];
export const cross3 = (a: Point3, b: Point3): Point3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const dot3 = (a: Point3, b: Point3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const minus3 = (a: Point3, b: Point3): Point3 => add3(a, b, -1);
const unit3 = (a: Point3): Point3 => {
  const size = Math.hypot(...a) || 1;
  return [a[0] / size, a[1] / size, a[2] / size];
};

/** On the roof as it is drawn flat. */
export const FLAT_FRAME: Frame = { origin: [0, 0, 0], x: [1, 0, 0], y: [0, 1, 0] };

type Place = (p: Point3) => Point3;

/** A point turned about a line by an angle (Rodrigues' rotation formula). */
function turned(p: Point3, on: Point3, axis: Point3, radians: number): Point3 {
  const v = minus3(p, on);
  const [c, s] = [Math.cos(radians), Math.sin(radians)];
  const along = dot3(axis, v) * (1 - c);
  const side = cross3(axis, v);
  return add3(on, [
    v[0] * c + side[0] * s + axis[0] * along,
    v[1] * c + side[1] * s + axis[1] * along,
    v[2] * c + side[2] * s + axis[2] * along,
  ]);
}

/** Each face of a piece where it lies once it is folded and put in its place. */
export function folded({ faces, folds, frame }: Pattern): Face3[] {
  const normal = cross3(frame.x, frame.y);
  const laid: Place = ([x, y, z]) => add3(add3(add3(frame.origin, frame.x, x), frame.y, y), normal, z);
  const places: (Place | undefined)[] = faces.map((_, i) => (i === 0 ? laid : undefined));
  // Folds are listed from the first face outward, so that each one's parent is placed before it.
  for (const fold of folds) {
    const before = places[fold.from];
    if (!before) throw new RangeError('folds are listed from the first face outward');
    const [a, b] = [before([...fold.a, 0]), before([...fold.b, 0])];
    const axis = unit3(minus3(b, a));
    places[fold.to] = (p) => turned(before(p), a, axis, fold.deg / DEGREES_PER_RADIAN);
  }
  return faces.map(({ use, shape }, i) => {
    const at = places[i] ?? laid;
    const lift = (ring: readonly Point[]): Point3[] => ring.map((p) => at([...p, 0]));
    return { use, outer: lift(shape.outer), holes: shape.holes.map(lift) };
  });
}

/** Area of a flat polygon in space, from its own plane (Newell). */
export function area3(ring: readonly Point3[]): number {
  let sum: Point3 = [0, 0, 0];
  ring.forEach((p, i) => {
    sum = add3(sum, cross3(p, ring[(i + 1) % ring.length] ?? p));
  });
  return Math.hypot(...sum) / 2;
}

/** What is cut out of the roll, mm: all faces as they hang together flat. */
export function flatOutline(pattern: Pattern): Area {
  const rest = pattern.faces.slice(1);
  const first = pattern.faces[0];
  if (!first) return [];
  return rest.reduce<Area>((all, f) => unite(all, [f.shape]), [first.shape]);
}

/** Folds of less stand for a bend, which is drawn without them. Degrees. */
const LEAST_FOLD_DEG = 20;

/** The folds that a person makes: the many that stand for a bend are left out. */
export const drawnFolds = (pattern: Pattern): Fold[] =>
  pattern.folds.filter((f) => Math.abs(f.deg) >= LEAST_FOLD_DEG);

/** Area of the piece, mm²: faces never lie over each other in the flat. */
export const patternAreaMm2 = (pattern: Pattern): number =>
  pattern.faces.reduce((sum, f) => sum + polygonArea(f.shape), 0);

/** The rectangle that is taken from the roll, mm. */
export function patternBox(pattern: Pattern): {
  widthMm: number;
  heightMm: number;
  minX: number;
  minY: number;
} {
  const box = boxOf(pattern.faces.map((f) => f.shape.outer));
  return { widthMm: box.maxX - box.minX, heightMm: box.maxY - box.minY, minX: box.minX, minY: box.minY };
}

export const rectangle = (x: number, y: number, width: number, height: number): Polygon => ({
  outer: [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ],
  holes: [],
});

export const polygon = (...outer: Point[]): Polygon => ({ outer, holes: [] });

/** Faces of a flat pattern overlap by this much area, mm²; nothing, in a pattern that can be cut. */
export const overlapMm2 = (pattern: Pattern): number =>
  patternAreaMm2(pattern) - areaOf(flatOutline(pattern));

/** Sides of a regular polygon that stands for a circle. */
export const ROUND_SIDES = 24;

/** Corners of a regular polygon whose sides touch a circle from outside. */
export function around(radius: number, sides: number, at: Point = [0, 0]): Point[] {
  const reach = radius / Math.cos(Math.PI / sides);
  return Array.from({ length: sides }, (_, i): Point => {
    const turn = ((2 * i + 1) * Math.PI) / sides;
    return [at[0] + reach * Math.cos(turn), at[1] + reach * Math.sin(turn)];
  });
}

/** Corners that say nothing, because they lie on a straight line, are left out. */
export const simplified = (ring: readonly Point[]): Point[] =>
  ring.filter((p, i) => {
    const [a, b] = [corner(ring, i - 1), corner(ring, i + 1)];
    const twice = Math.abs((p[0] - a[0]) * (b[1] - a[1]) - (p[1] - a[1]) * (b[0] - a[0]));
    return twice > TOLERANCE.sameCornerM * Math.max(1, distance(a, b));
  });
