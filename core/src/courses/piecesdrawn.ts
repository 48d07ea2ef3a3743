/** Courses as they are drawn: each piece with its laps and the place of its label, and the lines where its edges show. */
import { insideArea, labelPoint, type Area, type Point } from '../geometry/index.ts';
import { toFrame, toZone } from './frame.ts';
import type { LayerLayout } from './layout.ts';
import type { CoursePiece, MaterialPlan } from './planned.ts';
import { capRing, cornersCut, lapShapes, pieceShape } from './shapes.ts';

export interface DrawnPiece {
  readonly piece: CoursePiece;
  readonly shape: Area;
  readonly side: Area;
  readonly end: Area;
  /** Corners cut off at its end lap. */
  readonly corners: Area;
  readonly at: Point;
  /** Along the course, for the label. */
  readonly roomM: number;
  /** Direction of its course on the picture, degrees. */
  readonly turn: number;
}

const LOOKS = 40;

/** The middle of the longest part of a piece that has its whole width: openings bite into the others. */
function placeOfLabel(layout: LayerLayout, piece: CoursePiece, shape: Area): { at: Point; roomM: number } {
  const frame = layout.planes.find((p) => p.index === piece.plane)?.frame;
  const stepM = (piece.toM - piece.fromM) / LOOKS;
  const whole = (i: number): boolean =>
    frame !== undefined &&
    [0.25, 0.5, 0.75].every((w) =>
      insideArea(toZone(frame, [piece.fromM + (i + 0.5) * stepM, piece.lowM + w * piece.widthM]), shape),
    );
  let best = { from: 0, count: 0 };
  let from = 0;
  for (let i = 0; i <= LOOKS; i += 1) {
    if (i < LOOKS && whole(i)) continue;
    if (i - from > best.count) best = { from, count: i - from };
    from = i + 1;
  }
  if (!frame || best.count === 0) return { at: labelPoint(shape), roomM: piece.widthM };
  const u = piece.fromM + (best.from + best.count / 2) * stepM;
  return { at: toZone(frame, [u, piece.lowM + piece.widthM / 2]), roomM: best.count * stepM };
}

export const piecesDrawn = (plan: MaterialPlan, layout: LayerLayout): DrawnPiece[] =>
  plan.pieces
    .filter((p) => p.zoneId === layout.zone.id && p.layerId === layout.rolled.layer.id)
    .map((piece): DrawnPiece => {
      if (piece.cap) {
        const cap = layout.caps[Number(piece.label.split('R').at(-1)) - 1] ?? layout.caps[0];
        const shape = cap ? [{ outer: capRing(cap), holes: [] }] : [];
        return {
          piece,
          shape,
          side: [],
          end: [],
          corners: [],
          at: labelPoint(shape),
          roomM: piece.toM - piece.fromM,
          turn: 0,
        };
      }
      const shape = pieceShape(layout, piece);
      const angle = layout.planes.find((p) => p.index === piece.plane)?.frame.angleRad ?? 0;
      const degrees = (-angle * 180) / Math.PI;
      const turn = ((((degrees + 90) % 180) + 180) % 180) - 90;
      const { at, roomM } = placeOfLabel(layout, piece, shape);
      const corners = cornersCut(layout, piece).map((outer) => ({ outer, holes: [] }));
      return {
        piece,
        shape,
        ...lapShapes(layout, piece),
        corners,
        at,
        roomM,
        turn,
      };
    });

export interface JointLine {
  readonly from: Point;
  readonly to: Point;
}

/** Lines where a piece shows its edge: low edges of courses, and ends of pieces. */
export const jointLines = (layout: LayerLayout, pieces: readonly CoursePiece[]): JointLine[] =>
  pieces.flatMap((p) => {
    const plane = layout.planes.find((q) => q.index === p.plane);
    if (!plane) return [];
    const line = (a: Point, b: Point): JointLine => ({
      from: toZone(plane.frame, a),
      to: toZone(plane.frame, b),
    });
    return [
      ...(p.course > 0 ? [line([p.fromM, p.lowM], [p.toM, p.lowM])] : []),
      ...(p.lapLeft ? [line([p.fromM, p.lowM], [p.fromM, p.lowM + p.widthM])] : []),
    ];
  });

/** How far up the roof a point lies in the frame of a plane. */
export const heightIn = (layout: LayerLayout, plane: number, p: Point): number => {
  const frame = layout.planes.find((q) => q.index === plane)?.frame;
  return frame ? toFrame(frame, p)[1] : 0;
};
