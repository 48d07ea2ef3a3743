/** From a zone as measured to its polygon, or the reasons why there is none yet. */
import {
  arcOver,
  arcPoints,
  corner,
  distance,
  firstCrossing,
  oriented,
  ringInside,
  ringsOverlap,
  signedArea,
  type Point,
  type Polygon,
  type Ring,
} from '../geometry/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { sideAt, type Edge, type Side } from './edges.ts';
import { outlineCorners } from './outline.ts';
import type { Opening, Zone } from './schema.ts';
import { setOut } from './setout.ts';

/** The ring of an opening in the zone's coordinates, set out from the zone's first corner. */
export function openingRing(opening: Opening, corners: Ring): Ring {
  const s = opening.shape;
  if (s.kind === 'points') return s.points;
  const { toPoint } = setOut(corners);
  const at = (alongM: number, acrossM: number): Point => toPoint({ alongM, acrossM });
  if (s.kind === 'rectangle') {
    return [
      at(s.alongM, s.acrossM),
      at(s.alongM + s.lengthM, s.acrossM),
      at(s.alongM + s.lengthM, s.acrossM + s.widthM),
      at(s.alongM, s.acrossM + s.widthM),
    ];
  }
  const r = s.diameterM / 2;
  const [left, right] = [at(s.alongM - r, s.acrossM), at(s.alongM + r, s.acrossM)];
  return [...arcPoints(left, right, r, TOLERANCE.arcM), ...arcPoints(right, left, r, TOLERANCE.arcM)];
}

function openingProblems(zone: Zone, outer: Ring, rings: readonly Ring[], field: string): Problem[] {
  const problems: Problem[] = [];
  rings.forEach((ring, i) => {
    const name = zone.openings[i]?.name ?? '';
    const at = { field: `${field}/openings/${i}`, label: `${zone.name}, ${name}` };
    if (firstCrossing(ring)) {
      problems.push({
        kind: 'crossing',
        ...at,
        actual: 'its own sides',
        expected: 'sides that meet only at corners',
      });
    } else if (!ringInside(ring, outer)) {
      problems.push({
        kind: 'holeOutside',
        ...at,
        actual: 'it reaches over the edge of the zone',
        expected: 'an opening wholly inside the zone',
      });
    }
    rings.slice(0, i).forEach((other, j) => {
      if (ringsOverlap(ring, other)) {
        const names = `${zone.openings[j]?.name ?? ''} and ${name}`;
        problems.push({ kind: 'holesOverlap', ...at, actual: names, expected: 'openings that do not touch' });
      }
    });
  });
  return problems;
}

/** A side of the outline as it lies. */
export interface ShapeSide {
  readonly from: Point;
  readonly to: Point;
  /** Along the arc where it is one. */
  readonly lengthM: number;
  readonly riseM: number;
  readonly edge: Edge;
}

export interface ZoneShape {
  readonly polygon: Polygon;
  /** The corners as measured, before the ring was turned counter-clockwise, so that side 1 stays side 1. */
  readonly corners: Ring;
  readonly sides: readonly ShapeSide[];
  /** The outer ring with its arcs in straight pieces, in the order of the corners. */
  readonly ring: Ring;
  /** Side number of each piece of `ring`, from 0. */
  readonly sideOf: readonly number[];
}

/** A ring with the arcs of its sides in straight pieces. */
function bentRing(corners: Ring, sides: readonly Side[]): { ring: Ring; sideOf: number[] } {
  const hand = signedArea(corners) < 0 ? -1 : 1;
  const ring: Point[] = [];
  const sideOf: number[] = [];
  corners.forEach((p, i) => {
    const pieces = arcPoints(p, corner(corners, i + 1), sideAt(sides, i).riseM * hand, TOLERANCE.arcM);
    ring.push(...pieces);
    sideOf.push(...pieces.map(() => i));
  });
  return { ring, sideOf };
}

function sidesOf(corners: Ring, sides: readonly Side[]): ShapeSide[] {
  return corners.map((from, i) => {
    const to = corner(corners, i + 1);
    const { edge, riseM } = sideAt(sides, i);
    return { from, to, lengthM: arcOver(from, to, riseM)?.lengthM ?? distance(from, to), riseM, edge };
  });
}

/** The polygon of a zone, or every problem that stands in the way. */
export function zoneShape(zone: Zone, field = 'zone'): Result<ZoneShape> {
  const corners = outlineCorners(zone.outline, `${field}/outline`, zone.name);
  if (!corners.ok) return corners;
  const { ring, sideOf } = bentRing(corners.value, zone.sides);
  const crossing = firstCrossing(ring);
  if (crossing) {
    const [a, b] = [(sideOf[crossing[0]] ?? 0) + 1, (sideOf[crossing[1]] ?? 0) + 1];
    return fail({
      kind: 'crossing',
      field: `${field}/outline`,
      label: `${zone.name}, outline`,
      actual: a === b ? `the arc of side ${a} and its neighbours` : `sides ${a} and ${b}`,
      expected: 'sides that meet only at corners',
    });
  }
  const holes = zone.openings.map((o) => openingRing(o, corners.value));
  const problems = openingProblems(zone, ring, holes, field);
  if (problems.length > 0) return fail(...problems);
  return ok({
    polygon: oriented({ outer: ring, holes }),
    corners: corners.value,
    sides: sidesOf(corners.value, zone.sides),
    ring,
    sideOf,
  });
}
