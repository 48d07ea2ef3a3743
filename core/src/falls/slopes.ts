/** Falls of the triangles: how steep, which way, how much of the zone falls too little, and contour lines. */
import { corner, triangleArea, type Point } from '../geometry/index.ts';
import type { Tin } from './tin.ts';

export interface Facet {
  readonly middle: Point;
  readonly areaM2: number;
  /** Rise for a metre along x and along y. */
  readonly gradient: Point;
  /** Per cent. */
  readonly fallPct: number;
}

/** The plane of each triangle: gradient from its corners (solid geometry). */
export function facets(tin: Tin): Facet[] {
  return tin.triangles.map(([ia, ib, ic]) => {
    const [a, b, c] = [corner(tin.points, ia), corner(tin.points, ib), corner(tin.points, ic)];
    const [za, zb, zc] = [tin.z[ia] ?? 0, tin.z[ib] ?? 0, tin.z[ic] ?? 0];
    const [bx, by, bz] = [b[0] - a[0], b[1] - a[1], zb - za];
    const [cx, cy, cz] = [c[0] - a[0], c[1] - a[1], zc - za];
    const d = bx * cy - by * cx;
    const gradient: Point = d === 0 ? [0, 0] : [(bz * cy - by * cz) / d, (bx * cz - bz * cx) / d];
    return {
      middle: [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3],
      areaM2: triangleArea(a, b, c),
      gradient,
      fallPct: Math.hypot(...gradient) * 100,
    };
  });
}

/** Area of the surface itself, m²: each plan area by the cosine of its slope. */
export const surfaceAreaM2 = (all: readonly Facet[]): number =>
  all.reduce((sum, f) => sum + f.areaM2 * Math.sqrt(1 + f.gradient[0] ** 2 + f.gradient[1] ** 2), 0);

export interface Contour {
  readonly levelM: number;
  readonly pieces: readonly (readonly [Point, Point])[];
}

/** Contour lines a step apart, as straight pieces across the triangles. */
export function contours(tin: Tin, stepM: number): Contour[] {
  const byLevel = new Map<number, [Point, Point][]>();
  for (const t of tin.triangles) {
    const corners = t.map((i) => ({ p: corner(tin.points, i), z: tin.z[i] ?? 0 }));
    const low = Math.min(...corners.map((c) => c.z));
    const high = Math.max(...corners.map((c) => c.z));
    for (let n = Math.ceil(low / stepM); n * stepM < high; n += 1) {
      const level = n * stepM;
      const cut: Point[] = [];
      corners.forEach((a, k) => {
        const b = corners[(k + 1) % 3];
        if (!b || a.z < level === b.z < level) return;
        const share = (level - a.z) / (b.z - a.z);
        cut.push([a.p[0] + share * (b.p[0] - a.p[0]), a.p[1] + share * (b.p[1] - a.p[1])]);
      });
      const [from, to] = cut;
      if (!from || !to) continue;
      const there = byLevel.get(n);
      if (there) there.push([from, to]);
      else byLevel.set(n, [[from, to]]);
    }
  }
  return [...byLevel].sort(([a], [b]) => a - b).map(([n, pieces]) => ({ levelM: n * stepM, pieces }));
}

/** A mean fall of less has no direction worth the name, per cent. */
const LEAST_FALL_PCT = 0.1;

/** Which way a zone falls as a whole: radians anticlockwise from x, down the mean slope; undefined where it is level. */
export function fallDirectionRad(all: readonly Facet[]): number | undefined {
  const area = all.reduce((sum, f) => sum + f.areaM2, 0);
  const mean = (k: 0 | 1): number => all.reduce((sum, f) => sum + f.areaM2 * f.gradient[k], 0) / (area || 1);
  const [gx, gy] = [mean(0), mean(1)];
  return Math.hypot(gx, gy) * 100 < LEAST_FALL_PCT ? undefined : Math.atan2(-gy, -gx);
}
