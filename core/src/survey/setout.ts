/** Setting out: places along side 1 and into the zone, to points of the zone's own plane and back. */
import {
  boxOf,
  corner,
  distance,
  insideRing,
  signedArea,
  type Point,
  type Polygon,
  type Ring,
} from '../geometry/index.ts';
import type { Place } from './common.ts';

export interface SetOut {
  readonly toPoint: (place: Place) => Point;
  readonly toPlace: (point: Point) => Place;
}

/** The frame of an outline: from its first corner along its first side, and square to it into the zone. */
export function setOut(corners: Ring): SetOut {
  const [start, next] = [corner(corners, 0), corner(corners, 1)];
  const side = distance(start, next) || 1;
  const along: Point = [(next[0] - start[0]) / side, (next[1] - start[1]) / side];
  const hand = signedArea(corners) < 0 ? -1 : 1;
  const into: Point = [-along[1] * hand, along[0] * hand];
  return {
    toPoint: ({ alongM, acrossM }) => [
      start[0] + along[0] * alongM + into[0] * acrossM,
      start[1] + along[1] * alongM + into[1] * acrossM,
    ],
    toPlace: ([x, y]) => {
      const [dx, dy] = [x - start[0], y - start[1]];
      return { alongM: dx * along[0] + dy * along[1], acrossM: dx * into[0] + dy * into[1] };
    },
  };
}

/** Places on a grid over a zone, clear of its openings: for readings taken all over. */
export function gridPlaces(
  shape: { readonly corners: Ring; readonly polygon: Polygon },
  stepM: number,
): Place[] {
  const { toPlace } = setOut(shape.corners);
  const box = boxOf([shape.polygon.outer]);
  const at = (from: number, to: number): number[] => {
    const count = Math.max(1, Math.round((to - from) / stepM));
    return Array.from({ length: count }, (_, i) => from + ((i + 0.5) * (to - from)) / count);
  };
  return at(box.minY, box.maxY).flatMap((y) =>
    at(box.minX, box.maxX).flatMap((x): Place[] => {
      const p: Point = [x, y];
      const on = insideRing(p, shape.polygon.outer) && !shape.polygon.holes.some((h) => insideRing(p, h));
      if (!on) return [];
      const { alongM, acrossM } = toPlace(p);
      return [{ alongM: Number(alongM.toFixed(2)), acrossM: Number(acrossM.toFixed(2)) }];
    }),
  );
}
