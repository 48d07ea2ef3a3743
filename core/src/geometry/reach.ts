/** Areas whose sides are moved outward or inward, each by its own distance. */
import { subtract, uniteRings } from './cut.ts';
import { corner, crossTerm, distance } from './measure.ts';
import type { Area, Point, Ring } from './types.ts';

interface Moved {
  readonly from: Point;
  readonly to: Point;
  readonly normal: Point;
  readonly byM: number;
}

const shift = (p: Point, n: Point, by: number): Point => [p[0] + n[0] * by, p[1] + n[1] * by];

/** Corners sharper than this share of a full mitre are cut off square, so that no spike stands out. */
const SHARPEST = 0.1;

/** Where the two moved lines of a corner meet. */
function mitre(p: Point, a: Moved, b: Moved): Point | undefined {
  // n_a · x = d_a and n_b · x = d_b, seen from the corner (Cramer).
  const det = crossTerm(a.normal, b.normal);
  if (Math.abs(det) < SHARPEST) return undefined;
  return [
    p[0] + (a.byM * b.normal[1] - b.byM * a.normal[1]) / det,
    p[1] + (b.byM * a.normal[0] - a.byM * b.normal[0]) / det,
  ];
}

/**
 * The area inside a ring with each side moved outward (positive) or inward (negative), corners mitred.
 * @param ring counter-clockwise
 * @param outwardM metres for each side, from its corner of the same number
 */
export function movedSides(ring: Ring, outwardM: readonly number[]): Area {
  const sides = ring.flatMap((from, i): Moved[] => {
    const to = corner(ring, i + 1);
    const length = distance(from, to);
    if (length === 0) return [];
    const normal: Point = [(to[1] - from[1]) / length, -(to[0] - from[0]) / length];
    return [{ from, to, normal, byM: outwardM[i] ?? 0 }];
  });
  const added: Ring[] = [];
  const taken: Ring[] = [];
  sides.forEach((side, i) => {
    if (side.byM > 0) {
      const [a, b] = [shift(side.from, side.normal, side.byM), shift(side.to, side.normal, side.byM)];
      added.push([side.from, a, b, side.to]);
    }
    if (side.byM < 0) {
      const along: Point = [-side.normal[1], side.normal[0]];
      // A strip inside the side, longer than it, so that corners leave nothing: neither inside nor of a neighbour's reach.
      const before = sides[(i + sides.length - 1) % sides.length];
      const after = sides[(i + 1) % sides.length];
      const beyond = (other: Moved | undefined, turn: number): number =>
        Math.max(-side.byM, turn > 0 ? (other?.byM ?? 0) : 0);
      const back = beyond(before, before ? crossTerm(before.normal, side.normal) : 0);
      const on = beyond(after, after ? crossTerm(side.normal, after.normal) : 0);
      const [a, b] = [shift(side.from, along, -back), shift(side.to, along, on)];
      taken.push([a, b, shift(b, side.normal, side.byM), shift(a, side.normal, side.byM)]);
    }
    const next = sides[(i + 1) % sides.length];
    if (!next || side.byM <= 0 || next.byM <= 0 || crossTerm(side.normal, next.normal) <= 0) return;
    const [a, b] = [shift(side.to, side.normal, side.byM), shift(side.to, next.normal, next.byM)];
    const m = mitre(side.to, side, next);
    added.push(m ? [side.to, a, m, b] : [side.to, a, b]);
  });
  let area: Area = added.length === 0 ? [{ outer: ring, holes: [] }] : uniteRings([ring, ...added]);
  if (taken.length > 0) area = subtract(area, uniteRings(taken));
  return area;
}
