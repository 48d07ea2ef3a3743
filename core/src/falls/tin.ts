/**
 * The deck as measured: a surface of triangles through the spot levels that keeps the edges of the zone, its openings
 * and the break lines. Heights in metres above the zone's datum; plan coordinates are the zone's own.
 */
import {
  corner,
  distance,
  distanceToPiece,
  insideRing,
  segmentsMeet,
  SpotGrid,
  triangleArea,
  triangulate,
  type Point,
  type Ring,
  type Triangle,
} from '../geometry/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { readLevels, setOut, type Zone, type ZoneShape } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { planeAt } from './plane.ts';

export interface Tin {
  readonly points: readonly Point[];
  readonly z: readonly number[];
  /** The vertex has no level of its own: its height follows from the levels around it. */
  readonly estimated: readonly boolean[];
  readonly triangles: readonly Triangle[];
  /** Pieces of the outer edge, with the side of the zone that each belongs to. */
  readonly rim: readonly { readonly from: number; readonly to: number; readonly side: number }[];
  /** Vertex of each level of the zone that was read, in the order of the survey. */
  readonly levelVertex: readonly number[];
}

interface Piece {
  from: number;
  to: number;
  side: number | undefined;
}

/** Collects vertices; a point at the spot of an earlier one is that one. */
class Vertices {
  readonly z: (number | undefined)[] = [];
  private readonly grid = new SpotGrid(TOLERANCE.sameSpotM);

  get points(): readonly Point[] {
    return this.grid.all;
  }

  add(p: Point, z?: number): number {
    const there = this.grid.near(p).find((i) => distance(p, this.grid.at(i)) < TOLERANCE.sameSpotM);
    if (there !== undefined) {
      if (z !== undefined) this.z[there] = z;
      return there;
    }
    this.z.push(z);
    return this.grid.add(p);
  }
}

/** Pieces of a ring between its vertices; pieces that fell onto one spot are left out. */
function ringPieces(vertices: Vertices, ring: Ring, sideOf?: readonly number[]): Piece[] {
  const at = ring.map((p) => vertices.add(p));
  return at
    .map((from, i): Piece => ({ from, to: at[(i + 1) % at.length] ?? from, side: sideOf?.[i] }))
    .filter((p) => p.from !== p.to);
}

/** Cuts pieces at the vertices that lie on them. */
function cutPieces(pieces: readonly Piece[], vertices: Vertices): Piece[] {
  return pieces.flatMap((piece) => {
    const [a, b] = [vertices.points[piece.from], vertices.points[piece.to]];
    if (!a || !b) return [];
    const on: { i: number; t: number }[] = [];
    const length = distance(a, b);
    const [minX, maxX] = [Math.min(a[0], b[0]) - TOLERANCE.onLineM, Math.max(a[0], b[0]) + TOLERANCE.onLineM];
    vertices.points.forEach((p, i) => {
      if (i === piece.from || i === piece.to || p[0] < minX || p[0] > maxX) return;
      if (distanceToPiece(p, a, b) > TOLERANCE.onLineM) return;
      const t = ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / length ** 2;
      if (t > 0 && t < 1) on.push({ i, t });
    });
    on.sort((p, q) => p.t - q.t);
    const chain = [piece.from, ...on.map((o) => o.i), piece.to];
    return chain.slice(1).map((to, k) => ({ from: chain[k] ?? to, to, side: piece.side }));
  });
}

const oneEach = (pieces: readonly Piece[]): Piece[] => {
  const seen = new Set<string>();
  return pieces.filter(({ from, to }) => {
    const key = from < to ? `${from},${to}` : `${to},${from}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
};

function crossingOf(pieces: readonly Piece[], points: readonly Point[]): readonly [Piece, Piece] | undefined {
  for (const [i, a] of pieces.entries()) {
    for (const b of pieces.slice(i + 1)) {
      if (new Set([a.from, a.to, b.from, b.to]).size < 4) continue;
      const [p, q, r, s] = [points[a.from], points[a.to], points[b.from], points[b.to]];
      if (p && q && r && s && segmentsMeet(p, q, r, s)) return [a, b];
    }
  }
  return undefined;
}

const trouble = (zone: Zone, actual: string, expected: string): Problem => ({
  kind: 'unfinished',
  field: 'levels',
  label: `${zone.name}, levels`,
  actual,
  expected,
});

/** Heights for the vertices without a level, from a plane through the levels around each. */
function estimate(vertices: Vertices): number[] | undefined {
  const known = vertices.points.flatMap((p, i) => {
    const z = vertices.z[i];
    return z === undefined ? [] : [{ p, z }];
  });
  const heights: number[] = [];
  for (const [i, p] of vertices.points.entries()) {
    const z = vertices.z[i] ?? planeAt(p, known);
    if (z === undefined) return undefined;
    heights.push(z);
  }
  return heights;
}

/** The height that a level stands for: a staff shows more where the deck is lower. */
export const heightOf = (zone: Zone, valueM: number): number =>
  zone.levels.given === 'staff' ? -valueM : valueM;

/**
 * Builds the surface of a zone.
 * @returns a problem while there are too few levels, they lie in one line, or break lines cross
 */
export function buildTin(zone: Zone, shape: ZoneShape): Result<Tin> {
  const { toPoint } = setOut(shape.corners);
  const vertices = new Vertices();
  const rim = ringPieces(vertices, shape.ring, shape.sideOf);
  const openings = shape.polygon.holes.flatMap((hole) => ringPieces(vertices, hole));
  const levels = readLevels(zone.levels);
  const levelVertex = levels.map((l) => vertices.add(toPoint(l.at), heightOf(zone, l.valueM)));
  if (new Set(levelVertex).size < 3) {
    const actual = `${levels.length} ${levels.length === 1 ? 'level' : 'levels'} read`;
    return fail(trouble(zone, actual, 'at least three levels that are not in a line'));
  }
  const byId = new Map(levels.map((l, i) => [l.id, levelVertex[i] ?? 0]));
  const breaks = zone.levels.breakLines.flatMap((line) =>
    line
      .flatMap((id) => byId.get(id) ?? [])
      .flatMap((to, i, at): Piece[] => {
        const from = at[i - 1];
        return from === undefined ? [] : [{ from, to, side: undefined }];
      }),
  );
  const rimCut = cutPieces(rim, vertices);
  const kept = oneEach([...rimCut, ...cutPieces(openings, vertices), ...cutPieces(breaks, vertices)]);
  const triangles = triangulate(
    vertices.points,
    kept.map((p) => [p.from, p.to] as const),
  );
  if (!triangles) {
    const crossing = crossingOf(kept, vertices.points);
    return fail(
      crossing
        ? trouble(zone, 'a break line crosses another one or an edge', 'break lines that meet only at levels')
        : trouble(zone, 'all levels lie in one line', 'at least three levels that are not in a line'),
    );
  }
  const z = estimate(vertices);
  if (!z)
    return fail(trouble(zone, 'all levels lie in one line', 'at least three levels that are not in a line'));
  const { points } = vertices;
  const holes = shape.polygon.holes;
  // A level on an edge may lie a hair beside it: the rim runs through it, and what is left outside is nobody's.
  const ring = rimCut.map((piece) => corner(points, piece.from));
  const onRim = new Set(rimCut.map((piece) => piece.from));
  const inside = triangles.filter((t) => {
    const [p, q, r] = [corner(points, t[0]), corner(points, t[1]), corner(points, t[2])];
    if (triangleArea(p, q, r) < TOLERANCE.sliverM2 && t.every((v) => onRim.has(v))) return false;
    const middle: Point = [(p[0] + q[0] + r[0]) / 3, (p[1] + q[1] + r[1]) / 3];
    return insideRing(middle, ring) && !holes.some((h) => insideRing(middle, h));
  });
  return ok({
    points,
    z,
    estimated: vertices.z.map((v) => v === undefined),
    triangles: inside,
    rim: rimCut.map(({ from, to, side }) => ({ from, to, side: side ?? 0 })),
    levelVertex,
  });
}

/** Weights of a triangle's corners at a point; undefined for a triangle without area. */
export function barycentric(
  tin: Pick<Tin, 'points'>,
  t: Triangle,
  [x, y]: Point,
): [number, number, number] | undefined {
  const [a, b, c] = [corner(tin.points, t[0]), corner(tin.points, t[1]), corner(tin.points, t[2])];
  const d = (b[1] - c[1]) * (a[0] - c[0]) + (c[0] - b[0]) * (a[1] - c[1]);
  if (d === 0) return undefined;
  const wa = ((b[1] - c[1]) * (x - c[0]) + (c[0] - b[0]) * (y - c[1])) / d;
  const wb = ((c[1] - a[1]) * (x - c[0]) + (a[0] - c[0]) * (y - c[1])) / d;
  return [wa, wb, 1 - wa - wb];
}
