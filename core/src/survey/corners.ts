/** Corners of upstands, found from the geometry. */
import { corner, crossTerm, signedArea, type Point, type Ring } from '../geometry/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import { upstandMm } from './edges.ts';
import type { Zone } from './schema.ts';
import type { ZoneShape } from './shape.ts';
import { COMMON } from '../practice/index.ts';

export interface UpstandCorner {
  /** Internal: the roof lies in the corner of two upstands. External: the upstands stand out into the roof. */
  readonly kind: 'internal' | 'external' | 'end';
  readonly at: Point;
  /** "corner 3", "Roof light 1, corner 2". */
  readonly where: string;
  /** Of the roof between the walls where it is internal, of the solid where it is external; 180 at an end. Degrees. */
  readonly deg: number;
  /** The higher of the two upstands. */
  readonly heightMm: number;
  /** Number of the opening, from 0; the outline has none. */
  readonly opening?: number;
}

/** Turn at corner k of a ring, degrees, left positive. */
export function turnAtDeg(ring: Ring, k: number): number {
  const [a, p, b] = [corner(ring, k - 1), corner(ring, k), corner(ring, k + 1)];
  const [u, v]: [Point, Point] = [
    [p[0] - a[0], p[1] - a[1]],
    [b[0] - p[0], b[1] - p[1]],
  ];
  return Math.atan2(crossTerm(u, v), u[0] * v[0] + u[1] * v[1]) * DEGREES_PER_RADIAN;
}

/** Pieces of arcs bend less than this; a true corner of an opening from a file bends more. */
const isCorner = (turnDeg: number): boolean => Math.abs(turnDeg) >= COMMON.leastBend.value;

/** Every corner and every end of the upstands of a zone. */
export function upstandCorners(zone: Zone, shape: ZoneShape): UpstandCorner[] {
  const { corners, sides, ring, sideOf, polygon } = shape;
  const hand = signedArea(ring) < 0 ? -1 : 1;
  const result: UpstandCorner[] = [];
  corners.forEach((at, k) => {
    const before = sides[(k + sides.length - 1) % sides.length];
    const after = sides[k];
    if (!before || !after) return;
    const up = [before, after].map((s) => upstandMm(s.edge) > 0);
    const where = `corner ${k + 1}`;
    const heightMm = Math.max(upstandMm(before.edge), upstandMm(after.edge));
    if (up[0] !== up[1]) {
      result.push({ kind: 'end', at, where, deg: 180, heightMm });
    } else if (up[0]) {
      const turn = turnAtDeg(ring, sideOf.indexOf(k)) * hand;
      const deg = 180 - Math.abs(turn);
      if (isCorner(turn)) result.push({ kind: turn > 0 ? 'internal' : 'external', at, where, deg, heightMm });
    }
  });
  polygon.holes.forEach((hole, i) => {
    const opening = zone.openings[i];
    if (!opening || upstandMm(opening.edge) === 0 || opening.shape.kind === 'circle') return;
    hole.forEach((at, k) => {
      // Holes run clockwise: a right turn is a corner that stands out into the roof.
      const turn = turnAtDeg(hole, k);
      if (!isCorner(turn)) return;
      const where = `${opening.name}, corner ${k + 1}`;
      const deg = 180 - Math.abs(turn);
      const heightMm = upstandMm(opening.edge);
      result.push({ kind: turn < 0 ? 'external' : 'internal', at, where, deg, heightMm, opening: i });
    });
  });
  return result;
}
