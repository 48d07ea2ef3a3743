/**
 * How much of the zone each drain takes. Each triangle is cut into strips along its fall; a strip goes where its two
 * edges and its middle go, and where they part it is halved until it is a millimetre wide. On planes this is exact.
 */
import { corner, triangleArea, type Point, type Triangle } from '../geometry/index.ts';
import { refined } from './mesh.ts';
import { Runoff, type Face } from './runoff.ts';
import type { Tin } from './tin.ts';
import { flood, type Drain, type Flood } from './water.ts';

/** A strip is no wider than a square of this share of the zone, so that nothing hides between its edges. */
const STRIPS = 4000;
const NARROWEST_M = 0.001;
/** Triangles of the mesh over ground that lies level. */
const FINE_TRIANGLES = 3000;

/** A triangle across its fall: length along the fall rises from the first corner to the second and falls to the third. */
interface Across {
  readonly from: number;
  readonly to: number;
  /** Middle of the triangle along its fall, at so much across. */
  middle(across: number): Point;
  /** Area up to so much across. */
  area(across: number): number;
}

function acrossOf(tin: Tin, t: Triangle, face: Face): Across | undefined {
  const { down } = face;
  if (!down) return undefined;
  const points = t.map((v) => corner(tin.points, v));
  const [a, b, c] = points as [Point, Point, Point];
  const placed = points
    .map((p) => ({ c: p[0] * down[1] - p[1] * down[0], s: p[0] * down[0] + p[1] * down[1] }))
    .sort((x, y) => x.c - y.c) as [
    { c: number; s: number },
    { c: number; s: number },
    { c: number; s: number },
  ];
  const [first, second, third] = placed;
  const width = third.c - first.c;
  if (width <= 0) return undefined;
  const longest = (2 * triangleArea(a, b, c)) / width;
  const along = (p: { c: number; s: number }, q: { c: number; s: number }, at: number): number =>
    q.c === p.c ? (p.s + q.s) / 2 : p.s + ((q.s - p.s) * (at - p.c)) / (q.c - p.c);
  return {
    from: first.c,
    to: third.c,
    middle: (at) => {
      const s =
        (along(first, third, at) + (at < second.c ? along(first, second, at) : along(second, third, at))) / 2;
      return [at * down[1] + s * down[0], -at * down[0] + s * down[1]];
    },
    area: (at) => {
      const rise = second.c - first.c;
      const fall = third.c - second.c;
      if (at <= second.c) return rise > 0 ? (longest * (at - first.c) ** 2) / (2 * rise) : 0;
      return (longest * (width - (fall > 0 ? (third.c - at) ** 2 / fall : 0))) / 2;
    },
  };
}

/** Plan area that each drain takes, m². What lies level goes to the nearest way down. */
export function catchments(
  tin: Tin,
  drains: readonly Drain[],
  flooded: Flood,
  open: ReadonlyMap<string, string>,
  onMesh: (mesh: Tin) => readonly Drain[],
): Map<string, number> {
  const areas = new Map<string, number>();
  if (drains.length === 0) return areas;
  const add = (key: string | undefined, areaM2: number): void => {
    if (key !== undefined && areaM2 > 0) areas.set(key, (areas.get(key) ?? 0) + areaM2);
  };
  const runoff = new Runoff(tin, drains, flooded, open);
  const sizes = tin.triangles.map(([a, b, c]) =>
    triangleArea(corner(tin.points, a), corner(tin.points, b), corner(tin.points, c)),
  );
  const widest = Math.sqrt(sizes.reduce((sum, a) => sum + a, 0) / STRIPS);
  const level = new Set<number>();
  // The lowest first: what lies above then only has to come to a triangle that is known.
  const height = (t: Triangle): number => t.reduce((sum, v) => sum + (tin.z[v] ?? 0), 0);
  const rising = tin.triangles
    .map((triangle, t) => ({ triangle, t, z: height(triangle) }))
    .sort((a, b) => a.z - b.z);
  for (const { triangle, t } of rising) {
    const face = runoff.faces[t];
    const across = face && acrossOf(tin, triangle, face);
    if (!across) {
      level.add(t);
      continue;
    }
    const parts = new Set<string | undefined>();
    let whole: string | undefined;
    const goes = (at: number): string | undefined => {
      whole = runoff.drainFrom(t, across.middle(at));
      parts.add(whole);
      return whole;
    };
    const strip = (from: number, to: number, first: string | undefined, last: string | undefined): void => {
      const middle = (from + to) / 2;
      const between = goes(middle);
      if (first === last && first === between) add(first, across.area(to) - across.area(from));
      else if (to - from < NARROWEST_M) {
        add(first, across.area(middle) - across.area(from));
        add(last, across.area(to) - across.area(middle));
      } else {
        strip(from, middle, first, between);
        strip(middle, to, between, last);
      }
    };
    const width = across.to - across.from;
    const count = Math.max(1, Math.ceil(width / widest));
    // A way that begins on a corner is nobody's: the edges are taken a hair inside.
    const hair = (width / count) * 1e-6;
    let first = goes(across.from + hair);
    for (let i = 0; i < count; i += 1) {
      const from = across.from + (width * i) / count;
      const to = across.from + (width * (i + 1)) / count;
      const last = goes(to - hair);
      strip(from, to, first, last);
      first = last;
    }
    if (parts.size === 1 && whole !== undefined) runoff.settle(t, whole);
  }
  for (const [key, areaM2] of levelShares(tin, level, onMesh)) add(key, areaM2);
  return areas;
}

/** What lies level, by the shortest way on a fine mesh: a third of each triangle for the drain of each corner. */
function levelShares(
  tin: Tin,
  level: ReadonlySet<number>,
  onMesh: (mesh: Tin) => readonly Drain[],
): Map<string, number> {
  const areas = new Map<string, number>();
  if (level.size === 0) return areas;
  const mesh = refined(tin, FINE_TRIANGLES);
  const times = mesh.triangles.length / tin.triangles.length;
  const { drain } = flood(mesh, onMesh(mesh));
  mesh.triangles.forEach((t, i) => {
    if (!level.has(Math.floor(i / times))) return;
    const [a, b, c] = [corner(mesh.points, t[0]), corner(mesh.points, t[1]), corner(mesh.points, t[2])];
    const third = triangleArea(a, b, c) / 3;
    for (const v of t) {
      const key = drain[v];
      if (key !== undefined) areas.set(key, (areas.get(key) ?? 0) + third);
    }
  });
  return areas;
}
