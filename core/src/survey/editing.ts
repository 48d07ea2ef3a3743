/** Changes to drawn outlines. Each gives new zones; what was set out stays where it lies on the roof. */
import { corner, distance, type Point, type Ring } from '../geometry/index.ts';
import { DEGREES_PER_RADIAN, TOLERANCE } from '../units/index.ts';
import type { Place } from './common.ts';
import { STRAIGHT_UNSAID, type Side } from './edges.ts';
import { sketchOf } from './outline.ts';
import { placing } from './plot.ts';
import type { Zone } from './schema.ts';
import { setOut } from './setout.ts';

type Points = [number, number][];
const mutable = (ring: Ring): Points => ring.map(([x, y]) => [x, y]);

/** Moves everything that is set out from the old corners to the frame of the new ones: it stays where it lies. */
export function keepPlaces(zone: Zone, from: Ring, to: Ring, move: (p: Point) => Point = (p) => p): Zone {
  const [old, next] = [setOut(from), setOut(to)];
  const re = (place: Place): Place => next.toPlace(move(old.toPoint(place)));
  return {
    ...zone,
    openings: zone.openings.map((o) => {
      if (o.shape.kind === 'points')
        return { ...o, shape: { ...o.shape, points: mutable(o.shape.points.map(move)) } };
      if (o.shape.kind === 'circle') return { ...o, shape: { ...o.shape, ...re(o.shape) } };
      const { alongM, acrossM, lengthM, widthM } = o.shape;
      const at = (a: number, b: number): Point => move(old.toPoint({ alongM: a, acrossM: b }));
      const [p, q, r, s] = [
        at(alongM, acrossM),
        at(alongM + lengthM, acrossM),
        at(alongM + lengthM, acrossM + widthM),
        at(alongM, acrossM + widthM),
      ];
      // Turned against the new first side, a rectangle is kept by its corners.
      const [a, b] = [next.toPlace(p), next.toPlace(q)];
      const straight = Math.abs(a.acrossM - b.acrossM) < TOLERANCE.sameCornerM && b.alongM > a.alongM;
      const upright = next.toPlace(s).acrossM > a.acrossM;
      if (straight && upright) return { ...o, shape: { ...o.shape, alongM: a.alongM, acrossM: a.acrossM } };
      return { ...o, shape: { kind: 'points', points: mutable([p, q, r, s]) } };
    }),
    features: zone.features.map((f) => ({ ...f, at: re(f.at), ...(f.to ? { to: re(f.to) } : {}) })),
    tests: zone.tests.map((t) => (t.at ? { ...t, at: re(t.at) } : t)),
    levels: { ...zone.levels, points: zone.levels.points.map((l) => ({ ...l, at: re(l.at) })) },
  };
}

/** A zone whose corners are points from now on, wherever they came from. */
export function asDrawn(zone: Zone): Zone {
  if (zone.outline.kind === 'points') return zone;
  return { ...zone, outline: { kind: 'points', origin: 'drawn', points: mutable(sketchOf(zone.outline)) } };
}

function withPoints(zone: Zone, points: Ring, sides: readonly Side[] = zone.sides): Zone {
  const before = sketchOf(zone.outline);
  return {
    ...keepPlaces(zone, before, points),
    sides: [...sides],
    outline: { kind: 'points', origin: 'drawn', points: mutable(points) },
  };
}

/**
 * Moves a corner of a drawn zone on the plan, and with it the corners of other drawn zones at the same spot.
 * @returns the zones that changed
 */
export function moveCorner(zones: readonly Zone[], zoneId: string, k: number, to: Point): Zone[] {
  const moved = zones.find((z) => z.id === zoneId);
  if (moved?.outline.kind !== 'points') return [];
  const spot = placing(moved.plot).toPlan(corner(moved.outline.points, k));
  return zones.flatMap((zone) => {
    if (zone.outline.kind !== 'points') return [];
    const { toPlan, fromPlan } = placing(zone.plot);
    const { points } = zone.outline;
    const hit = points.findIndex((p, i) =>
      zone.id === zoneId ? i === k : distance(toPlan(p), spot) <= TOLERANCE.onLineM,
    );
    if (hit < 0) return [];
    return [
      withPoints(
        zone,
        points.map((p, i) => (i === hit ? fromPlan(to) : p)),
      ),
    ];
  });
}

/** Puts a new corner into a side; both halves keep its edge. */
export function insertCorner(zone: Zone, side: number, at: Point): Zone {
  if (zone.outline.kind !== 'points') return zone;
  const points = [...zone.outline.points];
  const sides = points.map((_, i) => zone.sides[i] ?? STRAIGHT_UNSAID);
  const half = { ...(sides[side] ?? STRAIGHT_UNSAID), riseM: 0 };
  points.splice(side + 1, 0, [at[0], at[1]]);
  sides.splice(side, 1, half, half);
  return withPoints(zone, points, sides);
}

/** Takes a corner out; the side before it runs on to the next corner. A triangle stays as it is. */
export function removeCorner(zone: Zone, k: number): Zone {
  if (zone.outline.kind !== 'points' || zone.outline.points.length <= 3) return zone;
  const points = zone.outline.points.filter((_, i) => i !== k);
  const sides = zone.outline.points.map((_, i) => zone.sides[i] ?? STRAIGHT_UNSAID).filter((_, i) => i !== k);
  return withPoints(zone, points, sides);
}

/** Two sides count as running against each other within this angle. */
const AGAINST_DEG = 0.5;

/**
 * Gives a side of a drawn zone a new length. The corners after it move along, up to the first side that runs against
 * it, which takes up the change; where none does, only the next corner moves.
 */
export function setSideLength(zone: Zone, side: number, lengthM: number): Zone {
  if (zone.outline.kind !== 'points') return zone;
  const { points } = zone.outline;
  const n = points.length;
  const [a, b] = [corner(points, side), corner(points, side + 1)];
  const old = distance(a, b);
  if (old === 0) return zone;
  const [ux, uy] = [(b[0] - a[0]) / old, (b[1] - a[1]) / old];
  const by: Point = [ux * (lengthM - old), uy * (lengthM - old)];
  let last = 1;
  for (let step = 1; step < n - 1; step += 1) {
    const [p, q] = [corner(points, side + step), corner(points, side + step + 1)];
    const length = distance(p, q);
    const against = length > 0 && ((q[0] - p[0]) * ux + (q[1] - p[1]) * uy) / length;
    if (against !== false && against < -Math.cos(AGAINST_DEG / DEGREES_PER_RADIAN)) {
      last = step;
      break;
    }
  }
  const moving = new Set(Array.from({ length: last }, (_, i) => (side + 1 + i) % n));
  return withPoints(
    zone,
    points.map((p, i): Point => (moving.has(i) ? [p[0] + by[0], p[1] + by[1]] : p)),
  );
}

/** The end of a side drawn by length and direction. Degrees from the plan's x axis, left positive. */
export function nextCorner(from: Point, headingDeg: number, lengthM: number): Point {
  const whole = ((headingDeg % 360) + 360) % 360;
  const quarter = whole / 90;
  const exact = Number.isInteger(quarter)
    ? (
        [
          [1, 0],
          [0, 1],
          [-1, 0],
          [0, -1],
        ] as const
      )[quarter]
    : undefined;
  const [u, v] = exact ?? [Math.cos(whole / DEGREES_PER_RADIAN), Math.sin(whole / DEGREES_PER_RADIAN)];
  return [from[0] + u * lengthM, from[1] + v * lengthM];
}
