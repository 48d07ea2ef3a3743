/** Where a pointer means to be: on a corner, on an edge, square to what was drawn, or in line with a corner. */
import { distance, rotate } from './measure.ts';
import type { Point } from './types.ts';

export type SnapKind = 'corner' | 'edge' | 'right angle' | 'alignment' | 'free';

export interface Snapped {
  readonly point: Point;
  readonly kind: SnapKind;
  /** Line to show why: from the corner that is aligned with. */
  readonly guide?: readonly [Point, Point];
}

export interface SnapField {
  readonly corners: readonly Point[];
  readonly edges: readonly (readonly [Point, Point])[];
  /** The corner from which the side being drawn starts. */
  readonly from?: Point | undefined;
  /** Direction of the side before it, radians: right angles are to this one, and it is straight on. */
  readonly heading?: number | undefined;
  /** How near counts, metres. */
  readonly reachM: number;
}

function onto(p: Point, a: Point, b: Point): Point {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const size = dx * dx + dy * dy;
  const t = size === 0 ? 0 : Math.min(1, Math.max(0, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / size));
  return [a[0] + t * dx, a[1] + t * dy];
}

/** Foot of a point on the ray from a corner along a heading; undefined behind it. */
function along(p: Point, from: Point, heading: number): Point | undefined {
  const [u, v] = [Math.cos(heading), Math.sin(heading)];
  const t = (p[0] - from[0]) * u + (p[1] - from[1]) * v;
  return t > 0 ? [from[0] + t * u, from[1] + t * v] : undefined;
}

function best(p: Point, points: readonly Point[], reachM: number): Point | undefined {
  let nearest: Point | undefined;
  let least = reachM;
  for (const q of points) {
    const d = distance(p, q);
    if (d <= least) [nearest, least] = [q, d];
  }
  return nearest;
}

/** Right angles to the side before; to the axes where there is none. */
function squareFeet(p: Point, field: SnapField): Point[] {
  const { from } = field;
  if (!from) return [];
  const base = field.heading ?? 0;
  return [0, 1, 2, 3].flatMap((quarter) => {
    const foot = along(p, from, base + (quarter * Math.PI) / 2);
    return foot ? [foot] : [];
  });
}

/** In line with a corner, along or across the direction that the drawing has. */
function aligned(p: Point, field: SnapField): { point: Point; corner: Point } | undefined {
  const turn = field.heading ?? 0;
  const local = rotate(p, -turn);
  let found: { point: Point; corner: Point } | undefined;
  let least = field.reachM;
  for (const corner of field.corners) {
    const c = rotate(corner, -turn);
    for (const candidate of [
      [c[0], local[1]],
      [local[0], c[1]],
    ] as const) {
      const d = distance(local, candidate);
      if (d <= least) [found, least] = [{ point: rotate(candidate, turn), corner }, d];
    }
  }
  return found;
}

/** Snaps a pointer: corners before edges, edges before right angles, right angles before alignment. */
export function snap(p: Point, field: SnapField): Snapped {
  const corner = best(p, field.corners, field.reachM);
  if (corner) return { point: corner, kind: 'corner' };
  const square = best(p, squareFeet(p, field), field.reachM);
  const edge = best(
    p,
    field.edges.map(([a, b]) => onto(p, a, b)),
    field.reachM,
  );
  if (edge) return { point: edge, kind: 'edge' };
  const line = aligned(p, field);
  if (square && line && field.from) {
    // Both at once: where the right angle meets the line through the corner.
    const both = aligned(square, field);
    if (both && distance(both.point, square) <= field.reachM) {
      const exact = along(
        both.point,
        field.from,
        Math.atan2(square[1] - field.from[1], square[0] - field.from[0]),
      );
      if (exact) return { point: exact, kind: 'right angle', guide: [both.corner, exact] };
    }
  }
  if (square) return { point: square, kind: 'right angle' };
  if (line) return { point: line.point, kind: 'alignment', guide: [line.corner, line.point] };
  return { point: p, kind: 'free' };
}
