/** Which way courses run, and their frame: u along the courses, v up the roof from the low edge. */
import { buildTin, facets, fallDirectionRad, type Facet } from '../falls/index.ts';
import { given, words, type Given, type Part } from '../figures/index.ts';
import { boxOf, distance, mapArea, rotate, signedArea, type Area, type Point } from '../geometry/index.ts';
import { readLevels, UPRIGHT_PCT, waterAt, zoneUse, type Zone, type ZoneShape } from '../survey/index.ts';
import type { CoursePlan, CourseRules } from './schema.ts';

/** Plain data: it crosses from a worker. */
export interface Frame {
  /** Direction of u, radians anticlockwise from x in the zone's plane. */
  readonly angleRad: number;
  /** Where the frame begins in the turned plane, m. */
  readonly originM: Point;
  /** Down the fall, and how much longer the slope is than its plan. */
  readonly downRad: number;
  readonly stretch: number;
}

/** Lengths along the fall grow by sqrt(1 + s²) from plan to slope, others stay. */
function stretched([x, y]: Point, downRad: number, by: number): Point {
  if (by === 1) return [x, y];
  const [dx, dy] = [Math.cos(downRad), Math.sin(downRad)];
  const along = (x * dx + y * dy) * (by - 1);
  return [x + along * dx, y + along * dy];
}

/** From the zone's plane into a frame: metres on the slope. */
export function toFrame(f: Frame, p: Point): Point {
  const [x, y] = rotate(stretched(p, f.downRad, f.stretch), -f.angleRad);
  return [x - f.originM[0], y - f.originM[1]];
}

/** From a frame back into the zone's plane. */
export const toZone = (f: Frame, [u, v]: Point): Point =>
  stretched(rotate([u + f.originM[0], v + f.originM[1]], f.angleRad), f.downRad, 1 / f.stretch);

/** A frame whose origin is the lower left of what it holds. */
export function frameOf(area: Area, angleRad: number, fall: Fall | undefined): Frame {
  const slope = (fall?.pct.value ?? 0) / 100;
  const free: Frame = {
    angleRad,
    originM: [0, 0],
    downRad: fall?.downRad ?? 0,
    // Below 1 % the slope is the plan to a twentieth of a millimetre in a metre.
    stretch: slope < LEVEL || fall?.upright === true ? 1 : Math.sqrt(1 + slope * slope),
  };
  const { minX, minY } = boxOf(mapArea(area, (p) => toFrame(free, p)).map((p) => p.outer));
  return { ...free, originM: [minX, minY] };
}

const LEVEL = 0.01;

/** The fall of a plane: down it, and how much; undefined where nobody measured it. */
export interface Fall {
  readonly downRad: number;
  readonly pct: Given;
  /** A wall: it was measured as it stands, so nothing is longer than its drawing. */
  readonly upright?: boolean;
}

/** Mean fall of facets (by area). */
function fallOfFacets(all: readonly Facet[]): Fall | undefined {
  const downRad = fallDirectionRad(all);
  if (downRad === undefined) return undefined;
  const area = all.reduce((sum, f) => sum + f.areaM2, 0);
  const mean = (k: 0 | 1): number => all.reduce((sum, f) => sum + f.areaM2 * f.gradient[k], 0) / area;
  const pct = given('fall', Math.hypot(mean(0), mean(1)) * 100, 'fall', 'measured', 'mean of the levels');
  return { downRad, pct };
}

/** Where no levels are: toward the longest side that lets water off. */
function fallToEdge(zone: Zone, shape: ZoneShape, inside: (p: Point) => boolean): Fall | undefined {
  const low = shape.sides
    .filter(
      (s) => waterAt(s.edge) === 'off' && inside([(s.from[0] + s.to[0]) / 2, (s.from[1] + s.to[1]) / 2]),
    )
    .sort(
      (a, b) => Number(b.edge.kind === 'gutter') - Number(a.edge.kind === 'gutter') || b.lengthM - a.lengthM,
    )[0];
  if (!low) return undefined;
  const hand = signedArea(shape.corners) < 0 ? -1 : 1;
  const along = Math.atan2(low.to[1] - low.from[1], low.to[0] - low.from[0]);
  const pct = given('fall', zone.fallPct ?? 0, 'fall', zone.fallPct === undefined ? 'assumed' : 'measured');
  return { downRad: along - (hand * Math.PI) / 2, pct };
}

/** A wall is drawn as one looks at it: its foot is below. It is steeper than any roof. */
const WALL: Fall = {
  downRad: -Math.PI / 2,
  pct: given('fall', UPRIGHT_PCT, 'fall', 'definition', 'upright; counted as the steepest'),
  upright: true,
};

/** The fall over a part of a zone. */
export function fallOver(zone: Zone, shape: ZoneShape, inside: (p: Point) => boolean): Fall | undefined {
  if (zoneUse(zone) === 'wall') return WALL;
  const tin = readLevels(zone.levels).length >= 3 ? buildTin(zone, shape) : undefined;
  const here = tin?.ok ? facets(tin.value).filter((f) => inside(f.middle)) : [];
  return fallOfFacets(here) ?? fallToEdge(zone, shape, inside);
}

export interface Laying {
  readonly angleRad: number;
  readonly runs: 'across the fall' | 'up the fall' | 'along a side' | 'crossed';
  /** Why, with its figures. */
  readonly says: readonly Part[];
  readonly fall: Fall | undefined;
}

/** Nearer to level than this the direction of a fall says nothing about courses. */
const turnTo = (angle: number, near: number): number => {
  const turns = Math.round((near - angle) / Math.PI);
  return angle + turns * Math.PI;
};

/** Directions of the sides, weighted by their length: courses follow a side, as a chalk line does. */
function sideNearest(shape: ZoneShape, wanted: number): number {
  let best = wanted;
  let least = Infinity;
  for (const s of shape.sides) {
    const length = distance(s.from, s.to);
    if (length < 1 || s.riseM !== 0) continue;
    const angle = turnTo(Math.atan2(s.to[1] - s.from[1], s.to[0] - s.from[0]), wanted);
    const off = Math.abs(angle - wanted);
    if (off < least - 1e-9) {
      least = off;
      best = angle;
    }
  }
  // Where no side lies within 45° of it, the fall itself decides.
  return least < Math.PI / 4 + 1e-6 ? best : wanted;
}

const longestSide = (shape: ZoneShape): number => {
  const [s] = [...shape.sides].sort((a, b) => distance(b.from, b.to) - distance(a.from, a.to));
  return s ? Math.atan2(s.to[1] - s.from[1], s.to[0] - s.from[0]) : 0;
};

/** So that v = u turned left points up the fall. */
const upward = (angle: number, fall: Fall | undefined): number =>
  fall && Math.cos(angle + Math.PI / 2 - fall.downRad) > 1e-9 ? angle + Math.PI : angle;

/** Which way the courses of one layer run over one plane. */
export function layingOf(
  shape: ZoneShape,
  fall: Fall | undefined,
  plan: CoursePlan | undefined,
  rules: CourseRules,
): Laying {
  const limit = given(
    'up the slope above',
    rules.upSlopeAbovePct.value,
    'fall',
    rules.upSlopeAbovePct.source,
  );
  const way = plan?.way ?? 'by the fall';
  if (way === 'along a side') {
    const s = shape.sides[plan?.side ?? 0];
    const angle = s ? Math.atan2(s.to[1] - s.from[1], s.to[0] - s.from[0]) : longestSide(shape);
    return {
      angleRad: upward(angle, fall),
      runs: 'along a side',
      says: words`along side ${String((plan?.side ?? 0) + 1)}, as chosen`,
      fall,
    };
  }
  if (!fall) {
    return {
      angleRad: longestSide(shape),
      runs: 'along a side',
      says: words`along the longest side: nobody has told the fall, so check that laps shed water`,
      fall,
    };
  }
  const up =
    way === 'up the fall' ||
    (way === 'by the fall' && (fall.upright === true || fall.pct.value > limit.value));
  const wanted = up ? fall.downRad + Math.PI : fall.downRad + Math.PI / 2;
  const angle = upward(sideNearest(shape, wanted), fall);
  const says = fall.upright
    ? up
      ? words`up the wall, ${way === 'by the fall' ? 'as is usual' : 'as chosen'}: a bar holds their heads`
      : words`across the wall, as chosen: each course laps over the one below`
    : way === 'by the fall'
      ? up
        ? words`up the slope: a fall of ${fall.pct} is above ${limit}`
        : words`across the fall of ${fall.pct}, which is not above ${limit}, from the low edge up`
      : words`${way}, as chosen; the fall is ${fall.pct}`;
  return { angleRad: angle, runs: up ? 'up the fall' : 'across the fall', says, fall };
}

/** A layer crossed over the one below: turned by a right angle, its start still at the lower side. */
export function crossedLaying(below: Laying): Laying {
  const angle = upward(below.angleRad + Math.PI / 2, below.fall);
  return { ...below, angleRad: angle, runs: 'crossed', says: words`crossed at 90° over the layer below` };
}
