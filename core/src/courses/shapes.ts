/** Pieces and laps as they lie, in the zone's plane. */
import { intersect, type Area, type Point, type Ring } from '../geometry/index.ts';
import { toZone } from './frame.ts';
import type { CapStrip, LayerLayout, PlaneLayout } from './layout.ts';
import type { CoursePiece } from './planned.ts';

const box = (fromU: number, toU: number, fromV: number, toV: number): Point[] => [
  [fromU, fromV],
  [toU, fromV],
  [toU, toV],
  [fromU, toV],
];

const inPlane = (plane: PlaneLayout, ring: readonly Point[]): Area => [
  { outer: ring.map((p) => toZone(plane.frame, p)), holes: [] },
];

/** A strip over a fold, half its width on each side. */
export function capRing({ from, to, lengthM, widthM }: CapStrip): Ring {
  const n: Point = [
    (-(to[1] - from[1]) / lengthM) * (widthM / 2),
    ((to[0] - from[0]) / lengthM) * (widthM / 2),
  ];
  return [
    [from[0] - n[0], from[1] - n[1]],
    [to[0] - n[0], to[1] - n[1]],
    [to[0] + n[0], to[1] + n[1]],
    [from[0] + n[0], from[1] + n[1]],
  ];
}

const planeOf = (layout: LayerLayout, piece: CoursePiece): PlaneLayout | undefined =>
  layout.planes.find((p) => p.index === piece.plane);

/** The rectangle that is cut, before it is trimmed to the field. */
export function pieceRing(layout: LayerLayout, piece: CoursePiece): Ring {
  const plane = planeOf(layout, piece);
  if (!plane) return [];
  return box(piece.fromM, piece.toM, piece.lowM, piece.lowM + piece.widthM).map((p) =>
    toZone(plane.frame, p),
  );
}

/** What of a piece lies on the field. */
export function pieceShape(layout: LayerLayout, piece: CoursePiece): Area {
  const plane = planeOf(layout, piece);
  if (!plane) return [];
  return intersect(plane.area, [{ outer: pieceRing(layout, piece), holes: [] }]);
}

/** Where a piece lies over others: its side lap on the course below, and its end lap on the piece before it. */
export function lapShapes(layout: LayerLayout, piece: CoursePiece): { side: Area; end: Area } {
  const plane = planeOf(layout, piece);
  if (!plane) return { side: [], end: [] };
  const on = (ring: readonly Point[]): Area => intersect(plane.area, inPlane(plane, ring));
  const { fromM, toM, lowM, widthM } = piece;
  return {
    side: piece.course > 0 ? on(box(fromM, toM, lowM, lowM + plane.strip.sideLapM)) : [],
    end: piece.lapLeft ? on(box(fromM, fromM + layout.rolled.endLapM, lowM, lowM + widthM)) : [],
  };
}

/**
 * Corners to cut off at the end lap of a piece, each a triangle with legs as wide as the side lap. Where three sheets
 * lie on each other the middle one loses the corner that is covered: at the upper edge that of the piece itself, at the
 * lower edge that of the piece it laps over. Only sheets: fabric in a wet coat beds flat. Common practice, no source.
 */
export function cornersCut(layout: LayerLayout, piece: CoursePiece): readonly Ring[] {
  const plane = planeOf(layout, piece);
  if (!plane || !piece.lapLeft || layout.rolled.layer.kind !== 'sheet') return [];
  const { fromM, lowM, widthM, course } = piece;
  const toM = fromM + layout.rolled.endLapM;
  const highM = lowM + widthM;
  const leg = Math.min(plane.strip.sideLapM, layout.rolled.endLapM);
  const laidOver = (index: number, atM: number): boolean =>
    plane.courses.courses[index]?.runs.some((r) => r.fromM < atM && r.toM > atM) ?? false;
  const corners: Point[][] = [];
  if (laidOver(course + 1, fromM))
    corners.push([
      [fromM, highM - leg],
      [fromM + leg, highM],
      [fromM, highM],
    ]);
  if (laidOver(course - 1, toM))
    corners.push([
      [toM - leg, lowM],
      [toM, lowM],
      [toM, lowM + leg],
    ]);
  return corners.map((c) => c.map((p) => toZone(plane.frame, p)));
}
