/** Paths of entities, as they come: blocks put in anywhere, turned, scaled, mirrored, in rows and columns. */
import { arcPoints, type Point } from '../geometry/index.ts';
import {
  arcPieces,
  ellipsePieces,
  FINE_SHARE,
  polylinePieces,
  radians,
  splineOf,
  splinePieces,
  sweepOf,
} from './dxfcurves.ts';
import { numberOf, pointOf, type Block, type Entity } from './dxfentities.ts';
import { hatchLoops } from './dxfhatch.ts';
import type { Path, Piece } from './types.ts';

const DEEPEST_BLOCK = 12;
export const MOST_PATHS = 400_000;
/** Hatches follow outlines that are drawn already: they have a layer of their own, so that nothing is there twice. */
export const HATCHED = ', hatched';

type Move = (p: Point) => Point;

interface Frame {
  readonly move: Move;
  /** −1 where the drawing is mirrored: arcs bend the other way. */
  readonly hand: number;
  /** Undefined where it is stretched more one way than the other. */
  readonly scale: number | undefined;
  readonly layer: string | undefined;
}

const STILL: Frame = { move: (p) => p, hand: 1, scale: 1, layer: undefined };

/** Arcs in a block that is scaled unevenly are no arcs any more: they become straight pieces. */
function moved(piece: Piece, frame: Frame): Piece[] {
  if (piece.rise === 0 || frame.scale !== undefined) {
    const rise = piece.rise * (frame.scale ?? 1) * frame.hand;
    return [{ from: frame.move(piece.from), to: frame.move(piece.to), rise }];
  }
  const size = Math.hypot(piece.to[0] - piece.from[0], piece.to[1] - piece.from[1]);
  const points = [...arcPoints(piece.from, piece.to, piece.rise, size * FINE_SHARE), piece.to].map(
    frame.move,
  );
  return points.slice(1).map((to, i) => ({ from: points[i] ?? to, to, rise: 0 }));
}

/** What is drawn in a plane of its own, seen from behind, is mirrored in x; that is how the format holds a flipped arc. */
const isFlipped = (e: Entity): boolean => (e.extrusionDirection?.z ?? e.extrusionDirectionZ ?? 1) < 0;
const behind = (frame: Frame): Frame => ({
  ...frame,
  move: ([x, y]) => frame.move([-x, y]),
  hand: -frame.hand,
});

const ends = (pieces: readonly Piece[]): boolean => {
  const [first, last] = [pieces[0]?.from, pieces.at(-1)?.to];
  return first !== undefined && last !== undefined && first[0] === last[0] && first[1] === last[1];
};

/** Letters that a layer's name holds as numbers. */
export const spelt = (name: string): string =>
  name.replace(/\\U\+([0-9A-Fa-f]{4})/g, (_, hex: string) => String.fromCodePoint(parseInt(hex, 16)));

export class Reader {
  readonly paths: Path[] = [];
  /** What was left out, by its kind. */
  readonly skipped = new Map<string, number>();

  constructor(private readonly blocks: Readonly<Record<string, Block>>) {}

  skip(kind: string, count = 1): void {
    this.skipped.set(kind, (this.skipped.get(kind) ?? 0) + count);
  }

  private add(entity: Entity, pieces: readonly Piece[], closed: boolean, frame: Frame, kind = ''): void {
    const all = pieces.flatMap((p) => moved(p, frame));
    if (all.length === 0) return;
    if (!all.every((p) => [...p.from, ...p.to, p.rise].every(Number.isFinite))) {
      this.skip(`${entity.type.toLowerCase()} with a coordinate that is no number`);
      return;
    }
    const layer = entity.layer === undefined || entity.layer === '0' ? (frame.layer ?? '0') : entity.layer;
    this.paths.push({ layer: spelt(layer) + kind, pieces: all, closed });
  }

  take(entity: Entity, frame: Frame = STILL, depth = 0): void {
    if (entity.inPaperSpace) {
      this.skip('on a sheet of paper');
      return;
    }
    if (entity.visible === false) {
      this.skip('hidden');
      return;
    }
    const seen = isFlipped(entity) ? behind(frame) : frame;
    switch (entity.type) {
      // The points of lines, ellipses and splines are those of the drawing, whichever side they are seen from.
      case 'LINE':
        this.add(entity, polylinePieces(entity.vertices ?? [], false), false, frame);
        return;
      case 'LWPOLYLINE':
      case 'POLYLINE': {
        const closed = entity.shape === true;
        this.add(entity, polylinePieces(entity.vertices ?? [], closed), closed, seen);
        return;
      }
      case 'CIRCLE':
        this.add(entity, arcPieces(pointOf(entity, 10), numberOf(entity, 40), 0, 2 * Math.PI), true, seen);
        return;
      case 'ARC': {
        const from = entity.startAngle ?? 0;
        const sweep = sweepOf(from, entity.endAngle ?? 0);
        this.add(entity, arcPieces(entity.center, entity.radius, from, sweep), false, seen);
        return;
      }
      case 'ELLIPSE': {
        const [from, to] = [numberOf(entity, 41) ?? 0, numberOf(entity, 42) ?? 2 * Math.PI];
        const hand = isFlipped(entity) ? -1 : 1;
        const ratio = numberOf(entity, 40) ?? 1;
        const pieces = ellipsePieces(pointOf(entity, 10), pointOf(entity, 11), ratio, from, to, hand);
        this.add(entity, pieces, ends(pieces), frame);
        return;
      }
      case 'SPLINE': {
        const pieces = splinePieces(splineOf(entity));
        if (pieces.length === 0) this.skip('spline without control points');
        else this.add(entity, pieces, ends(pieces), frame);
        return;
      }
      case 'HATCH': {
        const loops = hatchLoops(entity);
        for (const loop of loops) this.add(entity, loop, true, seen, HATCHED);
        if (loops.length === 0) this.skip('hatch without edges');
        return;
      }
      case 'INSERT':
        this.insert(entity, seen, depth);
        return;
      default:
        this.skip(entity.type.toLowerCase());
    }
  }

  private insert(entity: Entity, frame: Frame, depth: number): void {
    const block = this.blocks[entity.name ?? ''];
    if (!block || depth >= DEEPEST_BLOCK) {
      this.skip('insert');
      return;
    }
    const [sx, sy] = [entity.xScale ?? 1, entity.yScale ?? 1];
    const turn = radians(entity.rotation ?? 0);
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    const [bx, by] = [block.position?.x ?? 0, block.position?.y ?? 0];
    const [px, py] = [entity.position?.x ?? 0, entity.position?.y ?? 0];
    const even = Math.abs(Math.abs(sx) - Math.abs(sy)) <= Math.abs(sx) * FINE_SHARE;
    // Rows and columns lie along the turned axes, as far apart as is said, whatever the scale.
    for (let row = 0; row < Math.max(1, entity.rowCount ?? 1); row += 1) {
      for (let column = 0; column < Math.max(1, entity.columnCount ?? 1); column += 1) {
        const [ax, ay] = [column * (entity.columnSpacing ?? 0), row * (entity.rowSpacing ?? 0)];
        const inner: Frame = {
          move: ([x, y]) => {
            const [lx, ly] = [(x - bx) * sx + ax, (y - by) * sy + ay];
            return frame.move([px + lx * c - ly * s, py + lx * s + ly * c]);
          },
          hand: frame.hand * (sx * sy < 0 ? -1 : 1),
          scale: even && frame.scale !== undefined ? frame.scale * Math.abs(sx) : undefined,
          layer: entity.layer === undefined || entity.layer === '0' ? frame.layer : entity.layer,
        };
        for (const part of block.entities ?? []) {
          if (this.paths.length > MOST_PATHS) return;
          this.take(part, inner, depth + 1);
        }
        if (row * column > MOST_PATHS) return;
      }
    }
  }
}
