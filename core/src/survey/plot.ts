/** The plan of all zones: where each zone's own plane lies on it, and which sides two zones share. */
import {
  boxOf,
  corner,
  distanceToPiece,
  insideRing,
  overlapM,
  rotate,
  toGlobe,
  type Point,
  type Ring,
} from '../geometry/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import { sketchOf } from './outline.ts';
import type { Plot, Survey, Zone, Zones } from './schema.ts';
import { zoneShape } from './shape.ts';

export interface Placing {
  readonly toPlan: (p: Point) => Point;
  readonly fromPlan: (p: Point) => Point;
}

export function placing({ xM, yM, turnDeg }: Plot): Placing {
  const turn = turnDeg / DEGREES_PER_RADIAN;
  return {
    toPlan: (p) => {
      const [x, y] = rotate(p, turn);
      return [x + xM, y + yM];
    },
    fromPlan: ([x, y]) => rotate([x - xM, y - yM], -turn),
  };
}

/** The corners of a zone on the plan, finished or not. */
export const planCorners = (zone: Zone): Ring => sketchOf(zone.outline).map(placing(zone.plot).toPlan);

export interface SharedSide {
  readonly a: { readonly zoneId: string; readonly side: number };
  readonly b: { readonly zoneId: string; readonly side: number };
  readonly lengthM: number;
}

/** A shared side is at least so long: two corners that touch share nothing. */
const LEAST_SHARED_M = 0.05;

/** Sides along which two zones lie side by side on the plan. Arcs are left out. */
export function sharedSides({ zones }: Zones): SharedSide[] {
  const rings = zones.map((zone) => ({ zone, ring: planCorners(zone) }));
  const shared: SharedSide[] = [];
  rings.forEach((one, i) => {
    for (const other of rings.slice(i + 1)) {
      one.ring.forEach((p, side) => {
        other.ring.forEach((q, otherSide) => {
          if (one.zone.sides[side]?.riseM || other.zone.sides[otherSide]?.riseM) return;
          const lengthM = overlapM(p, corner(one.ring, side + 1), q, corner(other.ring, otherSide + 1));
          if (lengthM < LEAST_SHARED_M) return;
          shared.push({
            a: { zoneId: one.zone.id, side },
            b: { zoneId: other.zone.id, side: otherSide },
            lengthM,
          });
        });
      });
    }
  });
  return shared;
}

/** Room between zones that are set side by side. */
const GAP_M = 2;

/** A free place on the plan, to the right of everything that is there. */
export function freePlot({ zones }: Zones): Plot {
  if (zones.length === 0) return { xM: 0, yM: 0, turnDeg: 0 };
  const box = boxOf(zones.map(planCorners));
  return { xM: Math.ceil(box.maxX + GAP_M), yM: Math.floor(box.minY), turnDeg: 0 };
}

/** The zone under a point of the plan, if any. */
export function zoneAt({ zones }: Zones, p: Point): Zone | undefined {
  return zones.find((zone) => {
    const shape = zoneShape(zone);
    if (!shape.ok) return false;
    return insideRing(placing(zone.plot).fromPlan(p), shape.value.ring);
  });
}

/** The side of a zone nearest to a point of the plan, and how far off it is. */
export function nearestSide(zone: Zone, p: Point): { side: number; offM: number } | undefined {
  const ring = planCorners(zone);
  let found: { side: number; offM: number } | undefined;
  ring.forEach((a, side) => {
    const offM = distanceToPiece(p, a, corner(ring, side + 1));
    if (!found || offM < found.offM) found = { side, offM };
  });
  return found;
}

/** From metres of the plan to degrees; undefined while nobody has said where the plan lies on the globe. */
export function placeOnGlobe({ origin }: Pick<Survey, 'origin'>): ((p: Point) => Point) | undefined {
  if (!origin) return undefined;
  const turn = (origin.bearingDeg ?? 0) / DEGREES_PER_RADIAN;
  // The plan's y axis points to the bearing: clockwise from north.
  const north = ([x, y]: Point): Point => [
    x * Math.cos(turn) + y * Math.sin(turn),
    y * Math.cos(turn) - x * Math.sin(turn),
  ];
  return (p) => toGlobe([north(p)], [origin.lonDeg, origin.latDeg])[0] ?? p;
}
