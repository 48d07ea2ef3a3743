/** Closed outlines out of the lines of a drawing: pieces are joined end to end; what does not close is reported. */
import {
  arcPoints,
  corner,
  distance,
  firstCrossing,
  insideRing,
  signedArea,
  SpotGrid,
  type Point,
  type Ring,
} from '../geometry/index.ts';
import { metresPer, TOLERANCE } from '../units/index.ts';
import type { Drawing, DrawingUnit, FoundOutline, Loose, Path, Piece } from './types.ts';

/** A unit to offer where the file names none: the one that makes it a roof. Never acted on unasked. */
export function guessUnit(drawing: Drawing): DrawingUnit {
  if (drawing.unit) return drawing.unit;
  let [min, max] = [Infinity, -Infinity];
  for (const path of drawing.paths) {
    for (const { from } of path.pieces) {
      min = Math.min(min, from[0]);
      max = Math.max(max, from[0]);
    }
  }
  const size = max - min;
  return size > 800 ? 'mm' : 'm';
}

/** More corners than this are a scan, not an outline. */
const MOST_CORNERS = 2000;
const MOST_OUTLINES = 200;
const MOST_LOOSE = 50;

interface Loop {
  readonly layer: string;
  readonly pieces: readonly Piece[];
}

const reversedPiece = (p: Piece): Piece => ({ from: p.to, to: p.from, rise: -p.rise });

/** Ends of pieces that lie on one spot. */
class Ends {
  private readonly grid = new SpotGrid(TOLERANCE.joinM);
  readonly pieces: { piece: number; node: number }[][] = [];

  node(p: Point): number {
    const there = this.grid.near(p).find((i) => distance(p, this.at(i)) <= TOLERANCE.joinM);
    if (there !== undefined) return there;
    this.pieces.push([]);
    return this.grid.add(p);
  }

  at(i: number): Point {
    return this.grid.at(i);
  }
}

const spot = ([x, y]: Point): string => `${x.toFixed(2)}, ${y.toFixed(2)} m`;

/** Joins loose pieces of one layer end to end. Where three or more meet, nothing is guessed. */
function chain(layer: string, pieces: readonly Piece[], loose: Loose[]): Loop[] {
  const ends = new Ends();
  const links = pieces.map((p, i) => {
    const [a, b] = [ends.node(p.from), ends.node(p.to)];
    ends.pieces[a]?.push({ piece: i, node: b });
    ends.pieces[b]?.push({ piece: i, node: a });
    return { a, b };
  });
  const used = new Set<number>();
  const loops: Loop[] = [];
  ends.pieces.forEach((meeting, i) => {
    if (meeting.length > 2)
      loose.push({
        what: 'meeting',
        at: ends.at(i),
        says: `${meeting.length} lines meet at ${spot(ends.at(i))}`,
      });
  });
  const simple = (node: number): boolean => ends.pieces[node]?.length === 2;

  /** Goes on from a node along a piece until a line ends, several meet, or the way comes round. */
  function follow(first: number, start: number): { run: Piece[]; end: number } {
    const run: Piece[] = [];
    let [piece, at] = [first, start];
    for (;;) {
      const [p, link] = [pieces[piece], links[piece]];
      if (!p || !link || used.has(piece)) break;
      used.add(piece);
      const next = link.a === at ? link.b : link.a;
      const ahead = link.a === at ? p : reversedPiece(p);
      run.push({ ...ahead, from: ends.at(at), to: ends.at(next) });
      at = next;
      const on = simple(next) ? ends.pieces[next]?.find((e) => e.piece !== piece) : undefined;
      if (!on || used.has(on.piece)) break;
      piece = on.piece;
    }
    return { run, end: at };
  }

  // Open runs first: those that begin where one line ends, or where several meet.
  ends.pieces.forEach((meeting, node) => {
    if (meeting.length === 2) return;
    for (const { piece } of meeting) {
      if (used.has(piece)) continue;
      const { run, end } = follow(piece, node);
      if (meeting.length !== 1) continue;
      const [from, to] = [ends.at(node), ends.at(end)];
      const count = `${run.length} ${run.length === 1 ? 'piece' : 'pieces'}`;
      const gap = distance(from, to).toFixed(3);
      const says = `an open line of ${count} from ${spot(from)} to ${spot(to)}, ${gap} m apart`;
      loose.push({ what: 'open', at: from, says });
    }
  });
  pieces.forEach((_, i) => {
    if (used.has(i)) return;
    const { run } = follow(i, links[i]?.a ?? 0);
    if (run.length >= 2) loops.push({ layer, pieces: run });
  });
  return loops;
}

const inMetres = (p: Piece, k: number): Piece => ({
  from: [p.from[0] * k, p.from[1] * k],
  to: [p.to[0] * k, p.to[1] * k],
  rise: p.rise * k,
});

function sameTwice(pieces: readonly Piece[]): Piece[] {
  const seen = new Set<string>();
  const name = (p: Point): string => p.map((v) => Math.round(v / TOLERANCE.joinM)).join();
  return pieces.filter((p) => {
    const [a, b] = [name(p.from), name(p.to)];
    if (a === b) return false;
    const bend = Math.round(Math.abs(p.rise) / TOLERANCE.joinM);
    const key = a < b ? `${a}|${b}|${bend}` : `${b}|${a}|${bend}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

interface Candidate {
  readonly layer: string;
  readonly corners: Ring;
  readonly rises: readonly number[];
  readonly bent: Ring;
  readonly areaM2: number;
}

function candidate(loop: Loop): Candidate {
  const corners = loop.pieces.map((p) => p.from);
  const bent = loop.pieces.flatMap((p) => arcPoints(p.from, p.to, p.rise, TOLERANCE.arcM));
  const hand = signedArea(bent) < 0 ? -1 : 1;
  return {
    layer: loop.layer,
    corners,
    rises: loop.pieces.map((p) => p.rise * hand),
    bent,
    areaM2: Math.abs(signedArea(bent)),
  };
}

export interface FoundOutlines {
  readonly outlines: readonly FoundOutline[];
  readonly loose: readonly Loose[];
  /** More outlines were found than can be taken at once. */
  readonly tooMany: boolean;
}

/**
 * The closed outlines on chosen layers, in metres; outlines within outlines are openings of the one around them.
 * @param unit the unit that a person has confirmed
 */
export function findOutlines(drawing: Drawing, layers: readonly string[], unit: DrawingUnit): FoundOutlines {
  const k = metresPer(unit);
  const chosen = drawing.paths.filter((p) => layers.includes(p.layer));
  const loose: Loose[] = [];
  const closed = (p: Path): boolean => p.closed && p.pieces.length > 0;
  const loops: Loop[] = chosen
    .filter(closed)
    .map((p) => ({ layer: p.layer, pieces: p.pieces.map((x) => inMetres(x, k)) }));
  for (const layer of layers) {
    const open = chosen
      .filter((p) => p.layer === layer && !closed(p))
      .flatMap((p) => p.pieces.map((x) => inMetres(x, k)));
    loops.push(...chain(layer, sameTwice(open), loose));
  }
  const sound = loops.map(candidate).filter((c) => {
    const at = corner(c.corners, 0);
    if (c.corners.length > MOST_CORNERS) {
      loose.push({
        what: 'crossing',
        at,
        says: `an outline of ${c.corners.length} corners near ${spot(at)}`,
      });
      return false;
    }
    const crossing = firstCrossing(c.bent);
    if (crossing) {
      loose.push({
        what: 'crossing',
        at,
        says: `an outline that crosses itself near ${spot(corner(c.bent, crossing[0]))}`,
      });
      return false;
    }
    return c.areaM2 >= TOLERANCE.areaM2;
  });
  const bySize = [...sound].sort((a, b) => b.areaM2 - a.areaM2);
  const around = (c: Candidate): Candidate[] =>
    bySize.filter((o) => o !== c && o.areaM2 > c.areaM2 && insideRing(corner(c.bent, 0), o.bent));
  const depth = new Map(bySize.slice(0, MOST_OUTLINES).map((c) => [c, around(c)]));
  const outlines = [...depth].flatMap(([c, outside], i): FoundOutline[] => {
    if (outside.length % 2 === 1) return [];
    const holes = [...depth]
      .filter(([, o]) => o.length === outside.length + 1 && o[o.length - 1] === c)
      .map(([hole]) => hole.bent);
    return [
      { name: c.layer === '0' ? `Outline ${i + 1}` : c.layer, outer: c.corners, risesM: c.rises, holes },
    ];
  });
  return { outlines, loose: loose.slice(0, MOST_LOOSE), tooMany: bySize.length > MOST_OUTLINES };
}
