/**
 * Triangles over scattered points that keep given lines as edges. Delaunay by delaunator, kept lines by
 * constrainautor; both work with exact predicates, so near-coincident points cannot trip them.
 */

import Delaunator from 'delaunator';
import Constrainautor from './constrain.mjs';
import { crossTerm } from './measure.ts';
import type { Point } from './types.ts';

export type Triangle = readonly [number, number, number];

const signed = (a: Point, b: Point, c: Point): number =>
  crossTerm([b[0] - a[0], b[1] - a[1]], [c[0] - a[0], c[1] - a[1]]) / 2;

/** Area in m² of a triangle of points. */
export const triangleArea = (a: Point, b: Point, c: Point): number => Math.abs(signed(a, b, c));

/**
 * Triangulates the convex hull of points.
 * @param kept pairs of point numbers; they may meet at points only, and pass through no other point
 * @returns counter-clockwise triangles; undefined when fewer than three points are not in a line or kept lines cross
 */
export function triangulate(
  points: readonly Point[],
  kept: readonly (readonly [number, number])[],
): Triangle[] | undefined {
  if (points.length < 3) return undefined;
  const del = Delaunator.from(points as unknown as ArrayLike<number>[]);
  if (del.triangles.length === 0) return undefined;
  try {
    new Constrainautor(
      del,
      kept.map(([a, b]): [number, number] => [a, b]),
    );
  } catch {
    // The library throws for crossing lines only; the caller names them.
    return undefined;
  }
  const triangles: Triangle[] = [];
  for (let i = 0; i < del.triangles.length; i += 3) {
    const [a, b, c] = [del.triangles[i] ?? 0, del.triangles[i + 1] ?? 0, del.triangles[i + 2] ?? 0];
    const [p, q, r] = [points[a], points[b], points[c]];
    if (!p || !q || !r) continue;
    triangles.push(signed(p, q, r) > 0 ? [a, b, c] : [a, c, b]);
  }
  return triangles;
}
