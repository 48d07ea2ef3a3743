/** The plan of a roof with its bays, as a drawing: side lengths, labels, what each bay is. */
import { boxOf, insideRing, labelPoint, type Point, type Ring } from '../geometry/index.ts';
import type { Drawing, Ink, Shape } from '../printout/index.ts';
import type { Bay } from '../site/index.ts';
import type { ZoneQuantities } from '../survey/index.ts';

export interface DrawnBay {
  readonly bay: Bay;
  readonly fill: Ink;
}

/** Letters and lines by the longer side of what is drawn. */
const LETTER = 1 / 36;
const LINE = 1 / 500;
/** White round the outline, for the lengths of its sides. */
const ROUND = 0.06;

/** A point just to the right of the middle of a side, seen along it. */
function beside(from: Point, to: Point): Point {
  const [dx, dy] = [(to[0] - from[0]) / 1000, (to[1] - from[1]) / 1000];
  return [(from[0] + to[0]) / 2 + dy, (from[1] + to[1]) / 2 - dx];
}

export function roofPlan(
  q: ZoneQuantities,
  bays: readonly DrawnBay[],
  length: (m: number) => string,
  label: string,
): Drawing {
  const { minX: west, maxX: east, minY: south, maxY: north } = boxOf([q.ring]);
  const size = Math.max(east - west, north - south);
  const margin = size * ROUND;
  const letter = size * LETTER;
  const thin = size * LINE;
  // Paper has y down.
  const at = ([x, y]: readonly [number, number]): [number, number] => [x - west + margin, north - y + margin];
  const ring = (r: Ring): [number, number][] => r.map(at);
  const shapes: Shape[] = [];
  for (const { bay, fill } of bays)
    for (const part of bay.parts)
      shapes.push({
        kind: 'path',
        points: ring(part.outer),
        closed: true,
        stroke: 'quiet',
        fill,
        width: thin,
      });
  shapes.push({ kind: 'path', points: ring(q.ring), closed: true, stroke: 'ink', width: thin * 2.5 });
  for (const hole of q.polygon.holes)
    shapes.push({
      kind: 'path',
      points: ring(hole),
      closed: true,
      stroke: 'ink',
      fill: 'paper',
      width: thin * 1.5,
    });
  for (const { bay } of bays) {
    const spot = labelPoint(bay.parts);
    if (!spot) continue;
    const [x, y] = at(spot);
    shapes.push({
      kind: 'text',
      at: [x, y + letter / 3],
      text: bay.label,
      size: letter,
      align: 'middle',
      bold: true,
      fill: 'ink',
    });
  }
  for (const side of q.sides) {
    // Short sides would be covered by their own lengths.
    if (side.lengthM < size / 12) continue;
    const [a, b] = [at(side.from), at(side.to)];
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const chord = Math.hypot(dx, dy);
    // Corners run as they were measured, either way round: out is where the roof is not.
    const out = insideRing(beside(side.from, side.to), q.ring) ? 1 : -1;
    const [nx, ny] = [(dy / chord) * out, (-dx / chord) * out];
    const [mx, my] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
    const away = letter * 1.1;
    shapes.push({
      kind: 'text',
      at: [mx + nx * away, my + ny * away + letter / 3],
      text: length(side.lengthM),
      size: letter * 0.85,
      align: nx > 0.5 ? 'start' : nx < -0.5 ? 'end' : 'middle',
      bold: false,
      fill: 'quiet',
    });
  }
  return {
    kind: 'drawing',
    label,
    frame: [-margin, 0, east - west + 4 * margin, north - south + 2 * margin],
    mostHeightMm: 100,
    shapes,
  };
}
