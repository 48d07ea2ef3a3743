/** One zone into two along a line, and two that share a side into one. Areas add up; edges and fittings go along. */
import {
  boxOf,
  corner,
  distanceToPiece,
  firstCrossing,
  insideRing,
  intersect,
  oriented,
  polygonArea,
  ringInside,
  unite,
  type Point,
  type Polygon,
  type Ring,
} from '../geometry/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { STRAIGHT_FREE, type Side } from './edges.ts';
import { keepPlaces } from './editing.ts';
import { placing } from './plot.ts';
import { onZone } from './problems.ts';
import type { Zone } from './schema.ts';
import { setOut } from './setout.ts';
import { openingRing, zoneShape, type ZoneShape } from './shape.ts';

const trouble = (zone: Zone, actual: string, expected: string): Result<never> => {
  const problem: Problem = { kind: 'order', field: 'outline', label: zone.name, actual, expected };
  return fail(problem);
};

/** The side of an old shape on which a piece of a new outline lies; a day joint where it lies on none. */
function inherited(ring: Ring, sources: readonly ZoneShape[]): Side[] {
  return ring.map((p, i) => {
    const q = corner(ring, i + 1);
    const middle: Point = [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2];
    for (const shape of sources) {
      const piece = shape.ring.findIndex(
        (a, k) => distanceToPiece(middle, a, corner(shape.ring, k + 1)) <= TOLERANCE.onLineM,
      );
      const edge = piece < 0 ? undefined : shape.sides[shape.sideOf[piece] ?? 0]?.edge;
      if (edge) return { edge, riseM: 0 };
    }
    return STRAIGHT_FREE;
  });
}

/** Corners in a line carry nothing once their sides are alike. */
function tidied(ring: Ring, sides: readonly Side[]): { ring: Point[]; sides: Side[] } {
  const kept = ring.flatMap((p, i) => {
    const [before, after] = [sides[(i + sides.length - 1) % sides.length], sides[i]];
    const straight = distanceToPiece(p, corner(ring, i - 1), corner(ring, i + 1)) < TOLERANCE.sameCornerM;
    return straight && JSON.stringify(before) === JSON.stringify(after) ? [] : [i];
  });
  return { ring: kept.map((i) => corner(ring, i)), sides: kept.map((i) => sides[i] ?? STRAIGHT_FREE) };
}

function partOf(
  zone: Zone,
  shape: ZoneShape,
  part: Polygon,
  name: { id: string; code: string; name: string },
): Zone {
  const { ring, sides } = tidied(part.outer, inherited(part.outer, [shape]));
  const { toPoint } = setOut(shape.corners);
  const within = (p: Point): boolean => onZone(p, ring);
  const points = zone.levels.points.filter((l) => within(toPoint(l.at)));
  const ids = new Set(points.map((l) => l.id));
  const cut: Zone = {
    ...zone,
    ...name,
    sides,
    openings: zone.openings.filter((o) => insideRing(corner(openingRing(o, shape.corners), 0), ring)),
    features: zone.features.filter((f) => within(toPoint(f.at)) && (!f.to || within(toPoint(f.to)))),
    tests: zone.tests.filter((t) => !t.at || within(toPoint(t.at))),
    levels: {
      ...zone.levels,
      points,
      breakLines: zone.levels.breakLines.filter((line) => line.every((id) => ids.has(id))),
    },
  };
  const placed = keepPlaces(cut, shape.corners, ring);
  return { ...placed, outline: { kind: 'points', origin: 'split', points: ring.map(([x, y]) => [x, y]) } };
}

/** The half plane to the left of a → b, as large as it needs to be. */
function leftOf(a: Point, b: Point, ring: Ring): Polygon {
  const box = boxOf([ring, [a, b]]);
  const far = 4 * Math.hypot(box.maxX - box.minX, box.maxY - box.minY) + 1;
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const [ux, uy] = [((b[0] - a[0]) / length) * far, ((b[1] - a[1]) / length) * far];
  return {
    outer: [
      [a[0] - ux, a[1] - uy],
      [a[0] + ux, a[1] + uy],
      [a[0] + ux - uy, a[1] + uy + ux],
      [a[0] - ux - uy, a[1] - uy + ux],
    ],
    holes: [],
  };
}

/**
 * Cuts a zone in two along the line through two points of the plan. The first part keeps the zone's id.
 * Cracks and other lines that cross the cut go with neither part: the sentence says so before anything is done.
 */
export function splitZoneAlong(
  zone: Zone,
  from: Point,
  to: Point,
  second: { id: string; code: string; name: string },
): Result<readonly [Zone, Zone]> {
  const found = zoneShape(zone);
  if (!found.ok) return found;
  const shape = found.value;
  const { fromPlan } = placing(zone.plot);
  const [a, b] = [fromPlan(from), fromPlan(to)];
  if (Math.hypot(b[0] - a[0], b[1] - a[1]) < TOLERANCE.sameSpotM)
    return trouble(zone, 'the two ends of the cut are one spot', 'two points, one on each side of the zone');
  const outer = oriented({ outer: shape.ring, holes: [] });
  const left = intersect([outer], [leftOf(a, b, shape.ring)]);
  const right = intersect([outer], [leftOf(b, a, shape.ring)]);
  if (left.length === 0 || right.length === 0)
    return trouble(zone, 'the cut does not cross the zone', 'a line from one side of it to another');
  const [one, other] = [left[0], right[0]];
  if (left.length > 1 || right.length > 1 || !one || !other)
    return trouble(zone, `the cut makes ${left.length + right.length} parts`, 'a line that makes two parts');
  const crossed = zone.openings.find((o) => {
    const ring = openingRing(o, shape.corners);
    return !ringInside(ring, one.outer) && !ringInside(ring, other.outer);
  });
  if (crossed) return trouble(zone, `the cut runs through ${crossed.name}`, 'a line beside it');
  const parts = [
    partOf(zone, shape, one, { id: zone.id, code: zone.code, name: zone.name }),
    partOf(zone, shape, other, second),
  ] as const;
  if (parts.some((p) => !zoneShape(p).ok))
    return trouble(
      zone,
      'the cut passes a corner so near that a part is left with a neck thinner than a tape can tell',
      'a line through the corner, or further from it',
    );
  const lost = zone.features.length - parts[0].features.length - parts[1].features.length;
  if (lost > 0)
    return trouble(
      zone,
      `the cut runs through ${lost} of its cracks or joints`,
      'a line beside them, or two entries for them',
    );
  return ok(parts);
}

/** Joins a second zone to a first along what they share on the plan. The first keeps its id, name and substrate. */
export function joinZones(first: Zone, second: Zone): Result<Zone> {
  const [one, other] = [zoneShape(first), zoneShape(second)];
  if (!one.ok) return one;
  if (!other.ok) return other;
  const here = placing(first.plot);
  const there = placing(second.plot);
  const move = (p: Point): Point => here.fromPlan(there.toPlan(p));
  const moved: ZoneShape = { ...other.value, ring: other.value.ring.map(move) };
  const a = oriented({ outer: one.value.ring, holes: [] });
  const b = oriented({ outer: moved.ring, holes: [] });
  const sum = polygonArea(a) + polygonArea(b);
  const joined = unite([a], [b]);
  const whole = joined[0];
  if (!whole || joined.length > 1 || whole.holes.length > 0)
    return trouble(first, `it and ${second.name} do not share a side`, 'two zones side by side on the plan');
  if (sum - polygonArea(whole) > TOLERANCE.areaM2 + sum * TOLERANCE.cutM)
    return trouble(first, `it and ${second.name} overlap`, 'two zones side by side on the plan');
  const { ring, sides } = tidied(whole.outer, inherited(whole.outer, [one.value, moved]));
  if (firstCrossing(ring))
    return trouble(first, `the joint with ${second.name} folds back`, 'zones that share one side');
  const mine = keepPlaces(first, one.value.corners, ring);
  const theirs = keepPlaces(second, other.value.corners, ring, move);
  return ok({
    ...mine,
    sides,
    outline: { kind: 'points', origin: 'joined', points: ring.map(([x, y]) => [x, y]) },
    openings: [...mine.openings, ...theirs.openings],
    features: [...mine.features, ...theirs.features],
    tests: [...mine.tests, ...theirs.tests],
    levels: {
      ...mine.levels,
      points: [...mine.levels.points, ...theirs.levels.points],
      breakLines: [...mine.levels.breakLines, ...theirs.levels.breakLines],
    },
  });
}
