/**
 * Cutting areas by straight lines and into equal parts. Boolean work is done by clipper2-ts, on a grid of
 * `TOLERANCE.gridDigits` decimals of a metre, so that near-coincident edges cannot trip it.
 */
import {
  booleanOpDWithPolyTree,
  ClipType,
  FillRule,
  PolyTreeD,
  type PathsD,
  type PolyPathD,
} from 'clipper2-ts';
import { TOLERANCE } from '../units/index.ts';
import { areaOf, boxOf, corner, mapArea, rotate, signedArea } from './measure.ts';
import type { Area, Point, Polygon, Ring } from './types.ts';

const toPaths = (area: Area): PathsD =>
  area.flatMap((p) => [p.outer, ...p.holes].map((ring) => ring.map(([x, y]) => ({ x, y }))));

const toRing = (node: PolyPathD): Ring => (node.poly ?? []).map(({ x, y }) => [x, y] as const);

function children(node: PolyPathD): PolyPathD[] {
  return Array.from({ length: node.count }, (_, i) => node.child(i));
}

/** Outer rings are children of the root, their holes are theirs; islands in holes are areas of their own again. */
function collect(node: PolyPathD): Polygon[] {
  return children(node).flatMap((outer) => {
    const holes = children(outer);
    return [{ outer: toRing(outer), holes: holes.map(toRing) }, ...holes.flatMap(collect)];
  });
}

function combine(kind: ClipType, a: Area, b: Area): Area {
  const tree = new PolyTreeD();
  booleanOpDWithPolyTree(kind, toPaths(a), toPaths(b), tree, FillRule.EvenOdd, TOLERANCE.gridDigits);
  return collect(tree);
}

/** What two areas share. */
export const intersect = (a: Area, b: Area): Area => combine(ClipType.Intersection, a, b);

/** What is in the first area and not in the second. */
export const subtract = (a: Area, b: Area): Area => combine(ClipType.Difference, a, b);

/** What is in either of two areas. */
export const unite = (a: Area, b: Area): Area => combine(ClipType.Union, a, b);

/** What is in any of many rings, each counter-clockwise; in one go, as one by one takes long. */
export function uniteRings(rings: readonly Ring[]): Area {
  const tree = new PolyTreeD();
  const paths = toPaths(rings.map((outer) => ({ outer, holes: [] })));
  booleanOpDWithPolyTree(ClipType.Union, paths, [], tree, FillRule.NonZero, TOLERANCE.gridDigits);
  return collect(tree);
}

/** The part of a ring with x below a limit. Concave rings give overlapping edges, which cancel in the area. */
function below(ring: Ring, limit: number): Ring {
  const result: Point[] = [];
  for (let i = 0; i < ring.length; i += 1) {
    const a = corner(ring, i);
    const b = corner(ring, i + 1);
    if (a[0] <= limit) result.push(a);
    if (a[0] <= limit !== b[0] <= limit) {
      const t = (limit - a[0]) / (b[0] - a[0]);
      result.push([limit, a[1] + t * (b[1] - a[1])]);
    }
  }
  return result;
}

/** Area in m² of the part with x below a limit (Sutherland–Hodgman clip, shoelace area). */
export function areaBelow(area: Area, limit: number): number {
  const part = (ring: Ring): number => {
    const kept = below(ring, limit);
    return kept.length < 3 ? 0 : Math.abs(signedArea(kept));
  };
  return area.reduce((sum, p) => sum + part(p.outer) - p.holes.reduce((s, h) => s + part(h), 0), 0);
}

/** The x at which the area to its left reaches a target, by bisection. */
function cutAt(area: Area, target: number, minX: number, maxX: number): number {
  let [low, high] = [minX, maxX];
  while (high - low > TOLERANCE.cutM) {
    const middle = (low + high) / 2;
    if (areaBelow(area, middle) < target) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Cuts an area by lines across x into parts whose areas stand in the given proportions. */
export function splitAlongX(area: Area, shares: readonly number[]): Area[] {
  const total = areaOf(area);
  const whole = shares.reduce((a, b) => a + b, 0);
  if (total <= 0 || whole <= 0) return [];
  const box = boxOf(area.map((p) => p.outer));
  const margin = 1;
  const parts: Area[] = [];
  let reached = 0;
  let from = box.minX - margin;
  shares.forEach((share, i) => {
    reached += share;
    const to =
      i === shares.length - 1
        ? box.maxX + margin
        : cutAt(area, (total * reached) / whole, box.minX, box.maxX);
    const band: Polygon = {
      outer: [
        [from, box.minY - margin],
        [to, box.minY - margin],
        [to, box.maxY + margin],
        [from, box.maxY + margin],
      ],
      holes: [],
    };
    parts.push(intersect(area, [band]));
    from = to;
  });
  return parts;
}

/** How many of `count` parts each of `bands` bands takes: as even as whole numbers allow. */
function evenShares(count: number, bands: number): number[] {
  return Array.from(
    { length: bands },
    (_, i) => Math.floor(((i + 1) * count) / bands) - Math.floor((i * count) / bands),
  );
}

const swap = ([x, y]: Point): Point => [y, -x];
const back = ([x, y]: Point): Point => [-y, x];

/** Bands across y in the given proportions, lowest first. */
const bandsOf = (turned: Area, shares: readonly number[]): Area[] =>
  splitAlongX(mapArea(turned, swap), shares).map((a) => mapArea(a, back));

/** How many bands make the parts of an area nearest to square. */
export function squareBands(area: Area, count: number, directionRad: number): number {
  const box = boxOf(mapArea(area, (p) => rotate(p, -directionRad)).map((p) => p.outer));
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const wanted = Math.round(Math.sqrt((count * height) / Math.max(width, TOLERANCE.sameCornerM)));
  return Math.max(1, Math.min(count, wanted));
}

/**
 * Cuts an area into `count` parts of equal size in so many bands.
 * @param directionRad direction of the bands, anticlockwise from x
 * @returns the parts in reading order: band by band from the far side of the direction, along it in each band
 */
export function splitInBands(area: Area, count: number, bands: number, directionRad: number): Area[] {
  if (count <= 1) return [area];
  const turned = mapArea(area, (p) => rotate(p, -directionRad));
  const shares = evenShares(count, bands);
  return bandsOf(turned, shares)
    .map((row, i) =>
      splitAlongX(
        row,
        Array.from({ length: shares[i] ?? 1 }, () => 1),
      ),
    )
    .reverse()
    .flat()
    .map((part) => mapArea(part, (p) => rotate(p, directionRad)));
}

/** Cuts an area into `count` parts of equal size, as near to square as the shape allows. */
export const splitEqually = (area: Area, count: number, directionRad: number): Area[] =>
  splitInBands(area, count, squareBands(area, count, directionRad), directionRad);

/**
 * Cuts an area into bands of so many metres from its low side, each band into equal parts no larger than a limit: the
 * joints between bands lie where the courses of a fabric meet.
 */
export function splitOnCourses(area: Area, most: number, bandM: number, directionRad: number): Area[] {
  const turned = mapArea(area, (p) => rotate(p, -directionRad));
  const box = boxOf(turned.map((p) => p.outer));
  const count = Math.max(1, Math.ceil((box.maxY - box.minY) / bandM - TOLERANCE.relative));
  const rows = Array.from({ length: count }, (_, i) => {
    const [low, high] = [box.minY + i * bandM, box.minY + (i + 1) * bandM];
    const band: Polygon = {
      outer: [
        [box.minX - 1, low],
        [box.maxX + 1, low],
        [box.maxX + 1, high],
        [box.minX - 1, high],
      ],
      holes: [],
    };
    return intersect(turned, [band]);
  });
  return rows
    .map((row) => {
      const parts = Math.max(1, Math.ceil(areaOf(row) / most - TOLERANCE.areaM2));
      return splitAlongX(
        row,
        Array.from({ length: parts }, () => 1),
      );
    })
    .reverse()
    .flat()
    .filter((part) => areaOf(part) > TOLERANCE.areaM2)
    .map((part) => mapArea(part, (p) => rotate(p, directionRad)));
}
