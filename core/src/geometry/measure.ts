import polylabel from 'polylabel';
import { TOLERANCE } from '../units/index.ts';
import type { Area, Box, Point, Polygon, Ring } from './types.ts';

/** Corner `i` of a ring, counted round. */
export function corner(ring: Ring, i: number): Point {
  const n = ring.length;
  const p = ring[((i % n) + n) % n];
  if (!p) throw new RangeError('a ring without corners has no corner');
  return p;
}

export const distance = (a: Point, b: Point): number => Math.hypot(b[0] - a[0], b[1] - a[1]);

/** Distance of a point from a straight piece. */
export function distanceToPiece(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const size = dx * dx + dy * dy;
  const t = size === 0 ? 0 : Math.min(1, Math.max(0, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / size));
  return distance(p, [a[0] + t * dx, a[1] + t * dy]);
}

/** How much of a → b lies along c → d, metres; nothing where they do not lie on one line. */
export function overlapM(a: Point, b: Point, c: Point, d: Point): number {
  const length = distance(a, b);
  if (length === 0) return 0;
  const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const off = (p: Point): number => Math.abs((p[1] - a[1]) * ux - (p[0] - a[0]) * uy);
  if (off(c) > TOLERANCE.onLineM || off(d) > TOLERANCE.onLineM) return 0;
  const at = (p: Point): number => (p[0] - a[0]) * ux + (p[1] - a[1]) * uy;
  const [from, to] = [Math.min(at(c), at(d)), Math.max(at(c), at(d))];
  return Math.max(0, Math.min(length, to) - Math.max(0, from));
}

/** Twice the signed area of the triangle origin, a, b: the term of the shoelace sum. */
export const crossTerm = (a: Point, b: Point): number => a[0] * b[1] - b[0] * a[1];

/** Signed area in m² by the shoelace formula (Gauss); counter-clockwise is positive. */
export function signedArea(ring: Ring): number {
  let twice = 0;
  for (let i = 0; i < ring.length; i += 1) twice += crossTerm(corner(ring, i), corner(ring, i + 1));
  return twice / 2;
}

export function sideLengths(ring: Ring): number[] {
  return ring.map((p, i) => distance(p, corner(ring, i + 1)));
}

export const perimeter = (ring: Ring): number => sideLengths(ring).reduce((a, b) => a + b, 0);

export const polygonArea = (p: Polygon): number =>
  Math.abs(signedArea(p.outer)) - p.holes.reduce((sum, hole) => sum + Math.abs(signedArea(hole)), 0);

export const areaOf = (area: Area): number => area.reduce((sum, p) => sum + polygonArea(p), 0);

export const reversed = (ring: Ring): Ring => [...ring].reverse();

/** Outer ring counter-clockwise, holes clockwise. */
export function oriented(p: Polygon): Polygon {
  return {
    outer: signedArea(p.outer) < 0 ? reversed(p.outer) : p.outer,
    holes: p.holes.map((h) => (signedArea(h) > 0 ? reversed(h) : h)),
  };
}

export function boxOf(rings: readonly Ring[]): Box {
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const ring of rings) {
    for (const [x, y] of ring) {
      minX = Math.min(minX, x);
      minY = Math.min(minY, y);
      maxX = Math.max(maxX, x);
      maxY = Math.max(maxY, y);
    }
  }
  return Number.isFinite(minX) ? { minX, minY, maxX, maxY } : { minX: 0, minY: 0, maxX: 0, maxY: 0 };
}

export function rotate([x, y]: Point, radians: number): Point {
  const c = Math.cos(radians);
  const s = Math.sin(radians);
  return [x * c - y * s, x * s + y * c];
}

export const mapArea = (area: Area, f: (p: Point) => Point): Area =>
  area.map((p) => ({ outer: p.outer.map(f), holes: p.holes.map((h) => h.map(f)) }));

/** Whether a point lies inside a ring (even-odd rule); points on the edge may fall either way. */
export function insideRing([x, y]: Point, ring: Ring): boolean {
  let inside = false;
  for (let i = 0; i < ring.length; i += 1) {
    const a = corner(ring, i);
    const b = corner(ring, i + 1);
    if (a[1] > y !== b[1] > y && x < ((b[0] - a[0]) * (y - a[1])) / (b[1] - a[1]) + a[0]) inside = !inside;
  }
  return inside;
}

/** Whether a point lies in an area and in none of its holes. */
export const insideArea = (p: Point, area: Area): boolean =>
  area.some((q) => insideRing(p, q.outer) && !q.holes.some((h) => insideRing(p, h)));

function side(a: Point, b: Point, c: Point): number {
  const value = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
  const reach = Math.max(distance(a, b), TOLERANCE.sameCornerM) * TOLERANCE.sameCornerM;
  return Math.abs(value) <= reach ? 0 : Math.sign(value);
}

function within(a: Point, b: Point, c: Point): boolean {
  const e = TOLERANCE.sameCornerM;
  return (
    c[0] >= Math.min(a[0], b[0]) - e &&
    c[0] <= Math.max(a[0], b[0]) + e &&
    c[1] >= Math.min(a[1], b[1]) - e &&
    c[1] <= Math.max(a[1], b[1]) + e
  );
}

/** Whether what two segments, or two rings, span lies apart: then they neither touch nor cross. */
function apart(low: Point, high: Point, c: Point, d: Point): boolean {
  const e = TOLERANCE.sameCornerM;
  return (
    (c[0] < low[0] - e && d[0] < low[0] - e) ||
    (c[0] > high[0] + e && d[0] > high[0] + e) ||
    (c[1] < low[1] - e && d[1] < low[1] - e) ||
    (c[1] > high[1] + e && d[1] > high[1] + e)
  );
}
const lowOf = (points: readonly Point[]): Point => [
  points.reduce((m, [x]) => Math.min(m, x), Infinity),
  points.reduce((m, [, y]) => Math.min(m, y), Infinity),
];
const highOf = (points: readonly Point[]): Point => [
  points.reduce((m, [x]) => Math.max(m, x), -Infinity),
  points.reduce((m, [, y]) => Math.max(m, y), -Infinity),
];

/** Whether two segments touch or cross. */
export function segmentsMeet(a: Point, b: Point, c: Point, d: Point): boolean {
  const low: Point = [Math.min(a[0], b[0]), Math.min(a[1], b[1])];
  const high: Point = [Math.max(a[0], b[0]), Math.max(a[1], b[1])];
  if (apart(low, high, c, d)) return false;
  const s1 = side(a, b, c);
  const s2 = side(a, b, d);
  const s3 = side(c, d, a);
  const s4 = side(c, d, b);
  if (s1 * s2 < 0 && s3 * s4 < 0) return true;
  return (
    (s1 === 0 && within(a, b, c)) ||
    (s2 === 0 && within(a, b, d)) ||
    (s3 === 0 && within(c, d, a)) ||
    (s4 === 0 && within(c, d, b))
  );
}

/** The first two sides of a ring that cross or fold back on each other, as side numbers from 0; undefined if none. */
export function firstCrossing(ring: Ring): readonly [number, number] | undefined {
  const n = ring.length;
  for (let i = 0; i < n; i += 1) {
    for (let j = i + 1; j < n; j += 1) {
      const [a, b, c, d] = [corner(ring, i), corner(ring, i + 1), corner(ring, j), corner(ring, j + 1)];
      const next = j === i + 1;
      const last = i === 0 && j === n - 1;
      if (next || last) {
        // Neighbours share a corner; they are wrong only when one lies back along the other.
        const [pivot, p, q] = next ? [b, a, d] : [a, b, c];
        const folded =
          side(pivot, p, q) === 0 &&
          (p[0] - pivot[0]) * (q[0] - pivot[0]) + (p[1] - pivot[1]) * (q[1] - pivot[1]) > 0;
        if (folded) return [i, j];
      } else if (segmentsMeet(a, b, c, d)) {
        return [i, j];
      }
    }
  }
  return undefined;
}

function ringsMeet(a: Ring, b: Ring): boolean {
  const [low, high] = [lowOf(b), highOf(b)];
  return a.some((p, i) => {
    const next = corner(a, i + 1);
    return !apart(low, high, p, next) && b.some((q, j) => segmentsMeet(p, next, q, corner(b, j + 1)));
  });
}

/** Whether ring `inner` lies wholly inside ring `outer`, not touching it. */
export const ringInside = (inner: Ring, outer: Ring): boolean =>
  !ringsMeet(inner, outer) && inner.every((p) => insideRing(p, outer));

export const ringsOverlap = (a: Ring, b: Ring): boolean =>
  ringsMeet(a, b) || insideRing(corner(a, 0), b) || insideRing(corner(b, 0), a);

/** The place for a label: the point farthest inside the largest part. Library: polylabel. */
export function labelPoint(area: Area): Point {
  const largest = [...area].sort((a, b) => polygonArea(b) - polygonArea(a))[0];
  if (!largest) return [0, 0];
  const rings = [largest.outer, ...largest.holes].map((r) =>
    [...r, corner(r, 0)].map(([x, y]): [number, number] => [x, y]),
  );
  // On what is very large a share of it: the search halves squares until they are as small as that.
  const xs = largest.outer.map(([px]) => px);
  const ys = largest.outer.map(([, py]) => py);
  const extentM = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
  const [x, y] = polylabel(rings, Math.max(0.05, extentM / 1000));
  return [x, y];
}
