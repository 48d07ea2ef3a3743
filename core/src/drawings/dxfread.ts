/**
 * Outlines of a DXF text. The entities are read in portions by dxf-parser, so that a large file can say how far it is
 * and be given up: lines, polylines with arcs, arcs, circles, and blocks put in anywhere, turned, scaled and mirrored.
 */
import DxfParser from 'dxf-parser';
import { arcPoints, riseFromQuarterTangent, type Point } from '../geometry/index.ts';
import { fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import type { Drawing, DrawingUnit, Path, Piece } from './types.ts';

/** What of dxf-parser's entities is used here. */
interface Entity {
  readonly type: string;
  readonly layer?: string;
  readonly vertices?: readonly { x: number; y: number; bulge?: number }[];
  readonly shape?: boolean;
  readonly center?: { x: number; y: number };
  readonly radius?: number;
  /** Radians. */
  readonly startAngle?: number;
  readonly endAngle?: number;
  readonly extrusionDirection?: { z: number };
  readonly extrusionDirectionZ?: number;
  readonly name?: string;
  readonly position?: { x: number; y: number };
  readonly xScale?: number;
  readonly yScale?: number;
  /** Degrees. */
  readonly rotation?: number;
}

interface Block {
  readonly position?: { x: number; y: number };
  readonly entities?: readonly Entity[];
}

const UNIT_CODES: Readonly<Record<number, DrawingUnit>> = { 1: 'in', 2: 'ft', 4: 'mm', 5: 'cm', 6: 'm' };
const DEEPEST_BLOCK = 12;
const MOST_PATHS = 400_000;
const PORTION = 2000;
/** Share of the work that is done once the head is read. */
const HEAD_SHARE = 0.02;

const trouble = (kind: Problem['kind'], actual: string, expected: string): Problem => ({
  kind,
  field: 'file',
  label: 'The DXF file',
  actual,
  expected,
});

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

/** Arcs in a block that is scaled unevenly are no arcs any more: they become straight pieces, this fine. */
const FINE_SHARE = 1e-4;

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

function polyline(entity: Entity): { pieces: Piece[]; closed: boolean } {
  const vertices = entity.vertices ?? [];
  const closed = entity.shape === true;
  const pieces = vertices.flatMap((v, i): Piece[] => {
    const next = vertices[i + 1] ?? (closed ? vertices[0] : undefined);
    if (!next || (v.x === next.x && v.y === next.y)) return [];
    const chord = Math.hypot(next.x - v.x, next.y - v.y);
    // A positive bulge turns left, so its arc lies to the right of the chord.
    return [{ from: [v.x, v.y], to: [next.x, next.y], rise: riseFromQuarterTangent(chord, v.bulge ?? 0) }];
  });
  return { pieces, closed };
}

const onCircle = (c: { x: number; y: number }, r: number, angle: number): Point => [
  c.x + r * Math.cos(angle),
  c.y + r * Math.sin(angle),
];

/** An arc counter-clockwise from one angle to another, in pieces of at most a right angle. */
function round(entity: Entity, from: number, sweep: number): Piece[] {
  const { center, radius } = entity;
  if (!center || !radius || !(sweep > 0)) return [];
  const count = Math.max(1, Math.ceil(sweep / (Math.PI / 2) - 1e-9));
  const each = sweep / count;
  const rise = radius * (1 - Math.cos(each / 2));
  return Array.from({ length: count }, (_, i) => ({
    from: onCircle(center, radius, from + each * i),
    to:
      i === count - 1 && sweep === 2 * Math.PI
        ? onCircle(center, radius, from)
        : onCircle(center, radius, from + each * (i + 1)),
    rise,
  }));
}

class Reader {
  readonly paths: Path[] = [];
  readonly skipped = new Map<string, number>();
  private readonly blocks: Readonly<Record<string, Block>>;

  constructor(blocks: Readonly<Record<string, Block>>) {
    this.blocks = blocks;
  }

  private skip(type: string): void {
    this.skipped.set(type, (this.skipped.get(type) ?? 0) + 1);
  }

  private add(entity: Entity, pieces: readonly Piece[], closed: boolean, frame: Frame): void {
    // Entities drawn from behind are mirrored in x; that is how the format holds a flipped arc.
    const flipped = (entity.extrusionDirection?.z ?? entity.extrusionDirectionZ ?? 1) < 0;
    const seen: Frame = flipped
      ? { ...frame, move: ([x, y]) => frame.move([-x, y]), hand: -frame.hand }
      : frame;
    const all = pieces.flatMap((p) => moved(p, seen));
    if (all.length === 0) return;
    const layer = entity.layer === undefined || entity.layer === '0' ? (frame.layer ?? '0') : entity.layer;
    this.paths.push({ layer, pieces: all, closed });
  }

  take(entity: Entity, frame: Frame = STILL, depth = 0): void {
    switch (entity.type) {
      case 'LINE':
      case 'LWPOLYLINE':
      case 'POLYLINE': {
        const { pieces, closed } = polyline(entity);
        this.add(entity, pieces, closed, frame);
        return;
      }
      case 'CIRCLE':
        this.add(entity, round(entity, 0, 2 * Math.PI), true, frame);
        return;
      case 'ARC': {
        const [from, to] = [entity.startAngle ?? 0, entity.endAngle ?? 0];
        const full = 2 * Math.PI;
        const sweep = (((to - from) % full) + full) % full || full;
        this.add(entity, round(entity, from, sweep), false, frame);
        return;
      }
      case 'INSERT':
        this.insert(entity, frame, depth);
        return;
      default:
        this.skip(entity.type);
    }
  }

  private insert(entity: Entity, frame: Frame, depth: number): void {
    const block = this.blocks[entity.name ?? ''];
    if (!block || depth >= DEEPEST_BLOCK) {
      this.skip('INSERT');
      return;
    }
    const [sx, sy] = [entity.xScale ?? 1, entity.yScale ?? 1];
    const turn = (entity.rotation ?? 0) / DEGREES_PER_RADIAN;
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    const [bx, by] = [block.position?.x ?? 0, block.position?.y ?? 0];
    const [px, py] = [entity.position?.x ?? 0, entity.position?.y ?? 0];
    const even = Math.abs(Math.abs(sx) - Math.abs(sy)) <= Math.abs(sx) * FINE_SHARE;
    const inner: Frame = {
      move: ([x, y]) => {
        const [lx, ly] = [(x - bx) * sx, (y - by) * sy];
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
  }
}

interface Cut {
  readonly head: string;
  readonly entities: readonly string[];
}

/** Entities that go on with the one before them. */
const GOES_ON = new Set(['VERTEX', 'SEQEND', 'ATTRIB']);

/** The lines of a file, with its section of entities taken out. */
function cutOut(text: string): Result<Cut> {
  const lines = text.split(/\r\n|\r|\n/);
  const isPair = (i: number, code: string, value: string): boolean =>
    lines[i]?.trim() === code && lines[i + 1]?.trim() === value;
  let from = -1;
  let to = -1;
  for (let i = 0; i + 3 < lines.length; i += 2) {
    if (from < 0 && isPair(i, '0', 'SECTION') && isPair(i + 2, '2', 'ENTITIES')) from = i + 4;
    else if (from >= 0 && isPair(i, '0', 'ENDSEC')) {
      to = i;
      break;
    }
  }
  if (from < 0) {
    const binary = text.startsWith('AutoCAD Binary DXF') || text.includes('\u0000');
    return fail(
      binary
        ? trouble('malformed', 'it is the binary kind', 'a DXF saved as text (ASCII)')
        : trouble(
            'malformed',
            `it begins with “${short(text.trimStart().slice(0, 24))}”`,
            'DXF text with a section of entities',
          ),
    );
  }
  if (to < 0) return fail(trouble('truncated', 'its section of entities does not end', 'the whole file'));
  return ok({
    head: [...lines.slice(0, from), ...lines.slice(to)].join('\n'),
    entities: lines.slice(from, to),
  });
}

/** Numbers of the lines at which the portions begin. */
function portions(lines: readonly string[]): number[] {
  const starts: number[] = [];
  let count = 0;
  for (let i = 0; i + 1 < lines.length; i += 2) {
    if (lines[i]?.trim() !== '0' || GOES_ON.has(lines[i + 1]?.trim() ?? '')) continue;
    if (count % PORTION === 0) starts.push(i);
    count += 1;
  }
  return starts;
}

interface Parsed {
  readonly header?: Readonly<Record<string, unknown>>;
  readonly blocks?: Readonly<Record<string, Block>>;
  readonly entities?: readonly Entity[];
}

function parse(text: string): Parsed | undefined {
  try {
    return (new DxfParser().parseSync(text) ?? undefined) as unknown as Parsed | undefined;
  } catch {
    // The parser throws for anything that is not the format; the caller says so in a sentence.
    return undefined;
  }
}

function report(reader: Reader, unit: DrawingUnit | undefined): Drawing {
  const counts = new Map<string, number>();
  for (const p of reader.paths) counts.set(p.layer, (counts.get(p.layer) ?? 0) + 1);
  return {
    paths: reader.paths,
    layers: [...counts].map(([name, paths]) => ({ name, paths })).sort((a, b) => b.paths - a.paths),
    unit,
    leftOut: [...reader.skipped].map(([type, count]) => `${count} × ${type.toLowerCase()}`),
  };
}

/**
 * Reads a DXF text step by step.
 * @yields the share that is done, 0 to 1
 * @returns the drawing, or a problem when the text is no DXF
 */
export function* readDxfInSteps(text: string): Generator<number, Result<Drawing>> {
  const cut = cutOut(text);
  if (!cut.ok) return cut;
  yield HEAD_SHARE;
  const head = parse(cut.value.head);
  if (!head)
    return fail(
      trouble('malformed', 'its header or blocks are broken', 'a DXF as drawing programs write it'),
    );
  const code = Number(head.header?.['$INSUNITS'] ?? 0);
  const reader = new Reader(head.blocks ?? {});
  const lines = cut.value.entities;
  const starts = portions(lines);
  for (const [k, from] of starts.entries()) {
    const portion = lines.slice(from, starts[k + 1] ?? lines.length).join('\n');
    const parsed = parse(`0\nSECTION\n2\nENTITIES\n${portion}\n0\nENDSEC\n0\nEOF\n`);
    if (!parsed)
      return fail(
        trouble(
          'malformed',
          `it breaks near entity ${k * PORTION + 1}`,
          'a DXF as drawing programs write it',
        ),
      );
    for (const entity of parsed.entities ?? []) reader.take(entity);
    if (reader.paths.length > MOST_PATHS)
      return fail(trouble('outOfRange', `more than ${MOST_PATHS} lines`, 'a drawing of the roof alone'));
    yield HEAD_SHARE + ((1 - HEAD_SHARE) * (k + 1)) / starts.length;
  }
  return ok(report(reader, UNIT_CODES[code]));
}

/** Reads a DXF text at once. */
export function readDxf(text: string): Result<Drawing> {
  const steps = readDxfInSteps(text);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
