/**
 * Where water runs and where it stands. Depression filling by flooding from the drains inward, lowest first
 * (priority-flood: R. Barnes, C. Lehman, D. Mulla 2014), on the vertices of the surface: over straight-edged
 * triangles every sill lies on a vertex, so the levels of the ponds are exact, and so are area and volume.
 */
import FlatQueue from 'flatqueue';
import { corner, distance, triangleArea, type Point, type Triangle } from '../geometry/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { Tin } from './tin.ts';

/** A way off the zone: an outlet at a vertex, or a vertex on an edge that lets water go. */
export interface Drain {
  readonly vertex: number;
  /** Water leaves here once it stands this high; never below the surface. */
  readonly levelM: number;
  readonly key: string;
  /** An outlet takes what passes within this of its middle. */
  readonly radiusM?: number;
}

export interface Flood {
  /** Level at which water at each vertex would stand: its own height where it runs away. Infinity: no way out. */
  readonly fillM: readonly number[];
  /** Key of the drain that takes the water of each vertex. */
  readonly drain: readonly (string | undefined)[];
  readonly around: readonly (readonly number[])[];
  /** The vertex from which the flood reached each; undefined at the drains. */
  readonly from: readonly (number | undefined)[];
}

/** The vertices that share a side of a triangle with each vertex. */
function neighboursOf(tin: Tin): number[][] {
  const count = tin.points.length;
  const around: number[][] = tin.points.map(() => []);
  const seen = new Set<number>();
  const join = (a: number, b: number): void => {
    const key = a < b ? a * count + b : b * count + a;
    if (seen.has(key)) return;
    seen.add(key);
    around[a]?.push(b);
    around[b]?.push(a);
  };
  for (const [a, b, c] of tin.triangles) {
    join(a, b);
    join(b, c);
    join(c, a);
  }
  return around;
}

/** Floods a surface from its drains. */
export function flood(tin: Tin, drains: readonly Drain[]): Flood {
  const around = neighboursOf(tin);
  const fillM = tin.points.map(() => Infinity);
  const drain: (string | undefined)[] = tin.points.map(() => undefined);
  const done = tin.points.map(() => false);
  const before: (number | undefined)[] = tin.points.map(() => undefined);
  const wayM = tin.points.map(() => Infinity);
  const queue = new FlatQueue<number>();
  /** Vertices at the level that the water stands at: among them the nearer way comes first. */
  const level = new FlatQueue<number>();
  let levelNow = -Infinity;
  const next = (): number | undefined => {
    while (level.length === 0 && queue.length > 0) {
      levelNow = queue.peekValue() ?? Infinity;
      while (queue.length > 0 && queue.peekValue() === levelNow) {
        const v = queue.pop();
        if (v !== undefined && !done[v]) level.push(v, wayM[v] ?? 0);
      }
    }
    return level.pop();
  };
  const offer = (vertex: number, levelM: number, key: string | undefined, from?: number): void => {
    const height = Math.max(levelM, tin.z[vertex] ?? levelM);
    const way =
      from === undefined
        ? 0
        : (wayM[from] ?? 0) + distance(corner(tin.points, vertex), corner(tin.points, from));
    const there = fillM[vertex] ?? 0;
    if (done[vertex] || height > there || (height === there && way >= (wayM[vertex] ?? 0))) return;
    fillM[vertex] = height;
    drain[vertex] = key;
    before[vertex] = from;
    wayM[vertex] = way;
    if (height === levelNow) level.push(vertex, way);
    else queue.push(vertex, height);
  };
  for (const { vertex, levelM, key } of drains) offer(vertex, levelM, key);
  const seeds = new Set(drains.map((d) => d.vertex));
  for (let v = next(); v !== undefined; v = next()) {
    if (done[v]) continue;
    done[v] = true;
    if (!seeds.has(v)) drain[v] = steepest(tin, around[v] ?? [], v, done, drain) ?? drain[v];
    for (const n of around[v] ?? []) offer(n, fillM[v] ?? 0, drain[v], v);
  }
  return { fillM, drain, around, from: before };
}

/** The drain of the neighbour to which the surface falls most steeply; undefined where it falls to none. */
function steepest(
  tin: Tin,
  around: readonly number[],
  vertex: number,
  done: readonly boolean[],
  drain: readonly (string | undefined)[],
): string | undefined {
  let best = 0;
  let key: string | undefined;
  for (const n of around) {
    if (!done[n]) continue;
    const along = distance(corner(tin.points, vertex), corner(tin.points, n));
    const fall = ((tin.z[vertex] ?? 0) - (tin.z[n] ?? 0)) / along;
    if (fall > best) {
      best = fall;
      key = drain[n];
    }
  }
  return key;
}

export interface Pond {
  readonly levelM: number;
  readonly areaM2: number;
  readonly volumeL: number;
  readonly deepestM: number;
  readonly deepestAt: Point;
  /** What is under water, triangle by triangle. */
  readonly wet: readonly (readonly Point[])[];
  /** Where it spills to. */
  readonly drain: string | undefined;
  /** Part of its shore follows from estimated heights. */
  readonly estimated: boolean;
}

interface Vertex {
  readonly p: Point;
  readonly z: number;
}

/** The part of a triangle that lies below a level. */
function below(corners: readonly Vertex[], level: number): Vertex[] {
  const kept: Vertex[] = [];
  corners.forEach((a, i) => {
    const b = corners[(i + 1) % corners.length];
    if (a.z <= level) kept.push(a);
    if (b && a.z <= level !== b.z <= level) {
      const t = (level - a.z) / (b.z - a.z);
      kept.push({ p: [a.p[0] + t * (b.p[0] - a.p[0]), a.p[1] + t * (b.p[1] - a.p[1])], z: level });
    }
  });
  return kept;
}

/**
 * Area and volume under a level over one triangle: exact, as depth is linear over it. The volume of each part is its
 * plan area by the mean depth of its corners (prism with a slanted floor).
 */
export function waterOver(
  tin: Tin,
  [a, b, c]: Triangle,
  level: number,
): { areaM2: number; volumeM3: number; wet: Point[] } {
  const corners = [a, b, c].map((i): Vertex => ({ p: corner(tin.points, i), z: tin.z[i] ?? 0 }));
  const wet = below(corners, level);
  let areaM2 = 0;
  let volumeM3 = 0;
  const first = wet[0];
  for (let i = 1; first && i + 1 < wet.length; i += 1) {
    const [second, third] = [wet[i], wet[i + 1]];
    if (!second || !third) continue;
    const area = triangleArea(first.p, second.p, third.p);
    areaM2 += area;
    volumeM3 += area * (level - (first.z + second.z + third.z) / 3);
  }
  return { areaM2, volumeM3, wet: wet.map((v) => v.p) };
}

/** A pond while it is being measured. */
interface Standing {
  readonly level: number;
  lowest: number;
  areaM2: number;
  volumeM3: number;
  readonly wet: Point[][];
  estimated: boolean;
}

/** The ponds of a flooded surface, largest volume first. Where there is no way out there are none. */
export function ponds(tin: Tin, { fillM, drain, around }: Flood): Pond[] {
  const under = (v: number): boolean =>
    Number.isFinite(fillM[v]) && (fillM[v] ?? 0) - (tin.z[v] ?? 0) > TOLERANCE.pondM;
  const pondOf = tin.points.map(() => -1);
  const found: Standing[] = [];
  tin.points.forEach((_, start) => {
    if (pondOf[start] !== -1 || !under(start)) return;
    const pond: Standing = {
      level: fillM[start] ?? 0,
      lowest: start,
      areaM2: 0,
      volumeM3: 0,
      wet: [],
      estimated: false,
    };
    const open = [start];
    pondOf[start] = found.length;
    for (let v = open.pop(); v !== undefined; v = open.pop()) {
      if ((tin.z[v] ?? 0) < (tin.z[pond.lowest] ?? 0)) pond.lowest = v;
      for (const n of around[v] ?? []) {
        if (pondOf[n] === -1 && under(n)) {
          pondOf[n] = found.length;
          open.push(n);
        }
      }
    }
    found.push(pond);
  });
  for (const t of tin.triangles) {
    const pond = found[t.map((v) => pondOf[v] ?? -1).find((k) => k >= 0) ?? -1];
    if (!pond) continue;
    const part = waterOver(tin, t, pond.level);
    pond.areaM2 += part.areaM2;
    pond.volumeM3 += part.volumeM3;
    pond.wet.push(part.wet);
    pond.estimated ||= t.some((v) => tin.estimated[v]);
  }
  return found
    .map(({ level, lowest, areaM2, volumeM3, wet, estimated }): Pond => ({
      levelM: level,
      areaM2,
      volumeL: volumeM3 * 1000,
      deepestM: level - (tin.z[lowest] ?? 0),
      deepestAt: corner(tin.points, lowest),
      wet,
      drain: drain[lowest],
      estimated,
    }))
    .sort((a, b) => b.volumeL - a.volumeL);
}
