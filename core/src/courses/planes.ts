/**
 * Planes of a zone: parts on either side of its ridges and break lines, each with courses of its own. Found from
 * triangles that keep the lines as edges: what can be reached without crossing one is a plane.
 */
import { given } from '../figures/index.ts';
import {
  areaOf,
  boxOf,
  corner,
  distance,
  distanceToPiece,
  insideArea,
  intersect,
  movedSides,
  oriented,
  signedArea,
  SpotGrid,
  triangulate,
  unite,
  type Area,
  type Point,
  type Ring,
} from '../geometry/index.ts';
import { readLevels, setOut, type Zone, type ZoneShape } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { fallOver, type Fall } from './frame.ts';
import { CHALK_M } from './field.ts';

export interface Plane {
  readonly index: number;
  readonly area: Area;
  readonly fall: Fall | undefined;
}

/** A line between two planes. */
export interface Fold {
  readonly from: Point;
  readonly to: Point;
  /** Water runs away from it on both sides (ridge, hip), toward it (valley), or over it. */
  readonly kind: 'ridge' | 'valley' | 'bend';
  readonly planes: readonly [number, number];
}

type Line = readonly [Point, Point];

/** Farther than any field reaches past its zone. */
const FAR_M = 10;

/** Lines that part a zone: ridges, and break lines of the levels. */
function partingLines(zone: Zone, shape: ZoneShape): Line[] {
  const { toPoint } = setOut(shape.corners);
  const ridges = zone.features.flatMap((f): Line[] =>
    f.kind === 'ridge' && f.to ? [[toPoint(f.at), toPoint(f.to)]] : [],
  );
  const levels = new Map(zone.levels.points.map((l) => [l.id, toPoint(l.at)]));
  const breaks = zone.levels.breakLines.flatMap((ids) =>
    ids.slice(1).flatMap((id, i): Line[] => {
      const [a, b] = [levels.get(ids[i] ?? ''), levels.get(id)];
      return a && b ? [[a, b]] : [];
    }),
  );
  return [...ridges, ...breaks].filter(([a, b]) => distance(a, b) > TOLERANCE.sameSpotM);
}

const cross = (a: Point, b: Point, p: Point): number =>
  (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]);

/** Where two pieces cross inside both; undefined where they only touch, or not. */
function crossing([a, b]: Line, [c, d]: Line): Point | undefined {
  const [s1, s2] = [cross(a, b, c), cross(a, b, d)];
  const [t1, t2] = [cross(c, d, a), cross(c, d, b)];
  if (s1 * s2 >= 0 || t1 * t2 >= 0) return undefined;
  const t = s1 / (s1 - s2);
  return [c[0] + (d[0] - c[0]) * t, c[1] + (d[1] - c[1]) * t];
}

/** The parts of an area between lines; lines that end inside it part nothing. */
function partsBetween(area: Area, lines: readonly Line[]): Area[] {
  const rings = area.flatMap((p) => [p.outer, ...p.holes]);
  const edges = rings.flatMap((r) => r.map((p, i): Line => [p, corner(r, i + 1)]));
  const all = [...edges, ...lines];
  const grid = new SpotGrid(CHALK_M);
  const spot = (p: Point): number =>
    grid.near(p).find((i) => distance(p, grid.at(i)) < CHALK_M) ?? grid.add(p);
  for (const [a, b] of all) {
    spot(a);
    spot(b);
  }
  lines.forEach((line, i) => {
    for (const other of [...edges, ...lines.slice(0, i)]) {
      const p = crossing(line, other);
      if (p) spot(p);
    }
  });
  // A line that runs into an edge ends on it.
  const kept = new Set<string>();
  const points = grid.all;
  for (const [a, b] of all) {
    const on = points
      .map((p, i) => ({
        i,
        t: ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / distance(a, b) ** 2,
        p,
      }))
      .filter(({ p, t }) => t > -1e-9 && t < 1 + 1e-9 && distanceToPiece(p, a, b) < 2 * CHALK_M)
      .sort((p, q) => p.t - q.t);
    for (let i = 0; i + 1 < on.length; i += 1) {
      const [from, to] = [on[i]?.i ?? 0, on[i + 1]?.i ?? 0];
      if (from === to) continue;
      kept.add(from < to ? `${from}/${to}` : `${to}/${from}`);
    }
  }
  const pairs = [...kept].map((k): [number, number] => {
    const [a = '0', b = '0'] = k.split('/');
    return [Number(a), Number(b)];
  });
  const triangles = triangulate(points, pairs);
  if (!triangles) return [area];
  const inside = triangles.map((t) => {
    const [a, b, c] = [corner(points, t[0]), corner(points, t[1]), corner(points, t[2])];
    const middle: Point = [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3];
    return insideArea(middle, area);
  });
  const byEdge = new Map<string, number[]>();
  triangles.forEach((t, i) => {
    if (!inside[i]) return;
    for (const [a, b] of [
      [t[0], t[1]],
      [t[1], t[2]],
      [t[2], t[0]],
    ] as const) {
      const key = a < b ? `${a}/${b}` : `${b}/${a}`;
      byEdge.set(key, [...(byEdge.get(key) ?? []), i]);
    }
  });
  const group = new Array<number>(triangles.length).fill(-1);
  const next: number[][] = triangles.map(() => []);
  for (const [key, [a, b]] of byEdge) {
    // Nor over the rim: a sliver on it, a hair wide, would join what a line parts.
    if (a === undefined || b === undefined || kept.has(key)) continue;
    next[a]?.push(b);
    next[b]?.push(a);
  }
  let count = 0;
  triangles.forEach((_, i) => {
    if (!inside[i] || group[i] !== -1) return;
    const open = [i];
    group[i] = count;
    for (let k = open.pop(); k !== undefined; k = open.pop())
      for (const n of next[k] ?? [])
        if (group[n] === -1) {
          group[n] = count;
          open.push(n);
        }
    count += 1;
  });
  return Array.from({ length: count }, (_, g) =>
    triangles
      .filter((_t, i) => group[i] === g)
      .reduce<Area>((sum, t) => unite(sum, [{ outer: t.map((i) => corner(points, i)), holes: [] }]), []),
  ).filter((part) => areaOf(part) > TOLERANCE.areaM2);
}

/** How water runs at a line between two planes, by their falls. */
function kindOf([a, b]: Line, one: Fall | undefined, other: Fall | undefined): Fold['kind'] {
  if (!one || !other) return 'ridge';
  const normal: Point = [-(b[1] - a[1]), b[0] - a[0]];
  const off = (f: Fall): number => Math.cos(f.downRad) * normal[0] + Math.sin(f.downRad) * normal[1];
  // `one` lies to the left of the line, where the normal points.
  if (off(one) > 0 && off(other) < 0) return 'ridge';
  return off(one) < 0 && off(other) > 0 ? 'valley' : 'bend';
}

/**
 * The fall of a plane that nobody levelled: square to its eaves, the side of the zone that runs most along the lines
 * which bound the plane, for its length.
 */
function towardEaves(plane: Area, lines: readonly Line[], rim: Ring, zone: Zone): Fall | undefined {
  const mine = lines.filter((l) => touches(plane, l));
  let best: { worth: number; downRad: number } | undefined;
  for (const p of plane) {
    const ring = oriented(p).outer;
    ring.forEach((a, i) => {
      const b = corner(ring, i + 1);
      const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
      if (!rim.some((c, k) => distanceToPiece(middle, c, corner(rim, k + 1)) < 2 * CHALK_M)) return;
      const length = distance(a, b);
      const along = Math.max(
        0,
        ...mine.map(([f, t]) =>
          Math.abs(
            ((t[0] - f[0]) * (b[0] - a[0]) + (t[1] - f[1]) * (b[1] - a[1])) / (distance(f, t) * length || 1),
          ),
        ),
      );
      // Outward of a counter-clockwise ring is to the right.
      const downRad = Math.atan2(b[1] - a[1], b[0] - a[0]) - Math.PI / 2;
      if (!best || length * along > best.worth) best = { worth: length * along, downRad };
    });
  }
  return (
    best && {
      downRad: best.downRad,
      pct: given('fall', zone.fallPct ?? 0, 'fall', zone.fallPct === undefined ? 'assumed' : 'measured'),
    }
  );
}

/**
 * Lines that end on the outline run on to the rim of the field, where that lies beyond it: over a drip edge the sheets hang
 * over, and the ridge with them.
 */
function runOn(lines: readonly Line[], outline: Ring, field: Area): Line[] {
  const rim = field.flatMap((p) => p.outer.map((a, i): Line => [a, corner(p.outer, i + 1)]));
  const end = (from: Point, to: Point): Point => {
    const onOutline = outline.some(
      (a, i) => distanceToPiece(to, a, corner(outline, i + 1)) < TOLERANCE.onLineM,
    );
    if (!onOutline || !insideArea(to, field)) return to;
    const length = distance(from, to);
    const [ux, uy] = [(to[0] - from[0]) / length, (to[1] - from[1]) / length];
    const far: Point = [to[0] + ux * FAR_M, to[1] + uy * FAR_M];
    // Begun a little inside, so that a rim that touches the end is met too.
    const near: Point = [to[0] - ux * CHALK_M, to[1] - uy * CHALK_M];
    const met = rim
      .map((edge) => crossing([near, far], edge))
      .filter((p) => p !== undefined)
      .map((p) => distance(near, p))
      .sort((a, b) => a - b)[0];
    // As far as the rim, and no less than the line itself.
    const by = met === undefined ? 0 : Math.max(0, met - CHALK_M);
    return [to[0] + ux * by, to[1] + uy * by];
  };
  return lines.map(([a, b]): Line => [end(b, a), end(a, b)]);
}

/** The planes of a zone and the folds between them. */
export function planesOf(
  zone: Zone,
  shape: ZoneShape,
  field: Area,
): { planes: Plane[]; folds: Fold[]; idle: string[] } {
  const lines = runOn(partingLines(zone, shape), shape.ring, field);
  const parts = lines.length === 0 ? [field] : partsBetween(field, lines);
  if (parts.length < 2)
    return {
      planes: [{ index: 0, area: field, fall: fallOver(zone, shape, () => true) }],
      folds: [],
      idle: ridgeNames(zone),
    };
  const levelled = readLevels(zone.levels).length >= 3;
  const rim = field.flatMap((p) => [...p.outer]);
  const planes = parts.map((area, index): Plane => {
    const fall = levelled
      ? fallOver(zone, shape, (p) => insideArea(p, area))
      : towardEaves(area, lines, rim, zone);
    return { index, area, fall };
  });
  const folds = lines.flatMap((line): Fold[] => {
    const [a, b] = line;
    const length = distance(a, b);
    const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    const off: Point = [(-(b[1] - a[1]) / length) * 0.05, ((b[0] - a[0]) / length) * 0.05];
    const left = planes.find((p) => insideArea([middle[0] + off[0], middle[1] + off[1]], p.area));
    const right = planes.find((p) => insideArea([middle[0] - off[0], middle[1] - off[1]], p.area));
    if (!left || !right || left === right) return [];
    return [{ from: a, to: b, kind: kindOf(line, left.fall, right.fall), planes: [left.index, right.index] }];
  });
  const folding = (line: Line | undefined): boolean =>
    line !== undefined && folds.some((f) => f.from === line[0] && f.to === line[1]);
  return { planes, folds, idle: ridgeNames(zone).filter((_, i) => !folding(lines[i])) };
}

/** Ridges come first among the parting lines, in the order of the survey. */
const ridgeNames = (zone: Zone): string[] =>
  zone.features
    .filter(
      ({ kind, at, to }) =>
        kind === 'ridge' &&
        to !== undefined &&
        Math.hypot(to.alongM - at.alongM, to.acrossM - at.acrossM) > TOLERANCE.sameSpotM,
    )
    .map((f, i) => (f.note === '' ? `ridge ${i + 1}` : f.note));

/** Whether a part has a line on its rim. */
const touches = (area: Area, [a, b]: Line): boolean => {
  const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  return area.some((p) =>
    p.outer.some((c, i) => distanceToPiece(middle, c, corner(p.outer, i + 1)) < 2 * CHALK_M),
  );
};

/** A plane carried on over a fold by so much, as a sheet that is folded over it lies flat. */
export function foldedOver(plane: Area, fold: Fold, byM: number): Area {
  return plane.flatMap((p) => {
    const ring: Ring = signedArea(p.outer) < 0 ? oriented(p).outer : p.outer;
    const reach = ring.map((a, i) => {
      const b = corner(ring, i + 1);
      const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
      const on =
        distanceToPiece(middle, fold.from, fold.to) < 2 * CHALK_M &&
        distanceToPiece(a, fold.from, fold.to) < 2 * CHALK_M &&
        distanceToPiece(b, fold.from, fold.to) < 2 * CHALK_M;
      return on ? byM : 0;
    });
    const grown = movedSides(ring, reach);
    return p.holes.length === 0 ? grown : intersect(grown, [{ outer: boxRing(grown), holes: p.holes }]);
  });
}

const boxRing = (area: Area): Ring => {
  const { minX, minY, maxX, maxY } = boxOf(area.map((p) => p.outer));
  return [
    [minX - 1, minY - 1],
    [maxX + 1, minY - 1],
    [maxX + 1, maxY + 1],
    [minX - 1, maxY + 1],
  ];
};
