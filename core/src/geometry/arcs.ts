/**
 * Arcs as they are taped: a chord from corner to corner and its rise at the middle. Rings hold straight pieces only,
 * so an arc becomes a chain whose points lie on it and which it leaves by no more than a stated distance.
 */
import { TOLERANCE } from '../units/index.ts';
import { distance } from './measure.ts';
import type { Point } from './types.ts';

export interface Arc {
  readonly centre: Point;
  readonly radiusM: number;
  /** Angle swept from the first to the last point, radians; positive is counter-clockwise. */
  readonly sweepRad: number;
  readonly lengthM: number;
}

/**
 * The arc over a chord.
 * @param riseM greatest distance of the arc from its chord, metres; positive lies to the right of the way from a to b
 * @returns undefined for a rise of nothing or a chord without length
 */
export function arcOver(a: Point, b: Point, riseM: number): Arc | undefined {
  const chord = distance(a, b);
  if (chord < TOLERANCE.sameCornerM || Math.abs(riseM) < TOLERANCE.sameCornerM) return undefined;
  // Circle through the ends and the middle: r = c²/(8h) + h/2; sweep = 4 atan(2h/c). Source: any geometry text.
  const sweepRad = 4 * Math.atan((2 * riseM) / chord);
  const radiusM = chord ** 2 / (8 * Math.abs(riseM)) + Math.abs(riseM) / 2;
  const [ux, uy] = [(b[0] - a[0]) / chord, (b[1] - a[1]) / chord];
  // The right of a → b is (uy, −ux); the centre lies on the other side of the chord from a small rise.
  const toCentre = radiusM - Math.abs(riseM);
  const hand = Math.sign(riseM);
  return {
    centre: [(a[0] + b[0]) / 2 - uy * toCentre * hand, (a[1] + b[1]) / 2 + ux * toCentre * hand],
    radiusM,
    sweepRad,
    lengthM: radiusM * Math.abs(sweepRad),
  };
}

/** Rise of the arc over a chord from the tangent of a quarter of its sweep (the "bulge" of drawing files). */
export const riseFromQuarterTangent = (chordM: number, quarterTangent: number): number =>
  (quarterTangent * chordM) / 2;

/**
 * Points of an arc from a (included) to b (left out).
 * @param toleranceM how far the straight pieces may lie inside the arc
 */
export function arcPoints(a: Point, b: Point, riseM: number, toleranceM: number): Point[] {
  const arc = arcOver(a, b, riseM);
  if (!arc) return [a];
  const most = 2 * Math.acos(Math.max(-1, 1 - toleranceM / arc.radiusM));
  const pieces = Math.max(2, Math.ceil(Math.abs(arc.sweepRad) / Math.max(most, 0.01)));
  const start = Math.atan2(a[1] - arc.centre[1], a[0] - arc.centre[0]);
  return Array.from({ length: pieces }, (_, i): Point => {
    if (i === 0) return a;
    const angle = start + (arc.sweepRad * i) / pieces;
    return [arc.centre[0] + arc.radiusM * Math.cos(angle), arc.centre[1] + arc.radiusM * Math.sin(angle)];
  });
}
