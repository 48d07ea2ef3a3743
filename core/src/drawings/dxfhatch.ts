/** Edges of a hatch: each of its loops as pieces. */
import { arcPieces, ellipsePieces, polylinePieces, radians, splinePieces, sweepOf } from './dxfcurves.ts';
import type { Entity, Pair, XY } from './dxfentities.ts';
import type { Piece } from './types.ts';

/** Reads pairs one after another, each asked for by its code. */
class Pairs {
  private at = 0;
  constructor(private readonly list: readonly Pair[]) {}

  /** The next pair if it has the code; it is passed. */
  take(code: number): number | undefined {
    const pair = this.list[this.at];
    if (pair?.[0] !== code) return undefined;
    this.at += 1;
    return Number(pair[1]);
  }

  /** Goes on to the next pair with the code. */
  find(code: number): number | undefined {
    const found = this.list.findIndex(([c], i) => i >= this.at && c === code);
    if (found < 0) return undefined;
    this.at = found;
    return this.take(code);
  }

  point(code: number): XY {
    return { x: this.find(code) ?? 0, y: this.take(code + 10) ?? 0 };
  }
}

const POLYLINE = 2;
/** More edges, corners or knots than this are no roof: a count that a file only claims takes no memory. */
const MOST_EDGES = 20_000;
const claimed = (count = 0): number => Math.max(0, Math.min(count, MOST_EDGES));

function polylineLoop(p: Pairs): Piece[] {
  const bulged = p.find(72) === 1;
  const closed = p.find(73) === 1;
  const count = claimed(p.find(93));
  const vertices = Array.from({ length: count }, () => {
    const at = p.point(10);
    return { ...at, bulge: bulged ? (p.take(42) ?? 0) : 0 };
  });
  return polylinePieces(vertices, closed);
}

const turnedRound = (pieces: readonly Piece[]): Piece[] =>
  [...pieces].reverse().map(({ from, to, rise }) => ({ from: to, to: from, rise: -rise }));

/** The parameter of an ellipse at an angle (from memory: hatches hold angles, where ellipses hold parameters). */
function parameter(angle: number, ratio: number): number {
  const turns = Math.round(angle / (2 * Math.PI));
  const within = angle - turns * 2 * Math.PI;
  return Math.atan2(Math.sin(within) / (ratio || 1), Math.cos(within)) + turns * 2 * Math.PI;
}

/** Angles of an edge that runs clockwise are counted clockwise. */
function edge(p: Pairs): Piece[] {
  const kind = p.find(72);
  if (kind === 1) {
    const [a, b] = [p.point(10), p.point(11)];
    return polylinePieces([a, b], false);
  }
  if (kind === 2 || kind === 3) {
    const center = p.point(10);
    const major = kind === 3 ? p.point(11) : undefined;
    const size = p.find(40) ?? 0;
    const [start, end] = [radians(p.find(50) ?? 0), radians(p.find(51) ?? 0)];
    const left = p.find(73) !== 0;
    const [from, to] = left ? [start, end] : [-end, -start];
    const pieces = major
      ? ellipsePieces(center, major, size, parameter(from, size), parameter(to, size))
      : arcPieces(center, size, from, sweepOf(from, to));
    return left ? pieces : turnedRound(pieces);
  }
  const degree = p.find(94) ?? 3;
  const weighted = p.find(73) === 1;
  p.find(74);
  const [knots, points] = [claimed(p.find(95)), claimed(p.find(96))];
  const list = Array.from({ length: knots }, () => p.find(40) ?? 0);
  const controls = Array.from({ length: points }, () => ({
    at: p.point(10),
    weight: weighted ? (p.take(42) ?? 1) : 1,
  }));
  return splinePieces({
    degree,
    knots: list,
    points: controls.map((c) => c.at),
    weights: controls.map((c) => c.weight),
  });
}

/** Loops of a hatch, in the order of the file. */
export function hatchLoops({ pairs = [] }: Entity): Piece[][] {
  const p = new Pairs(pairs);
  const loops = claimed(p.find(91));
  return Array.from({ length: loops }, () => {
    const flags = p.find(92) ?? 0;
    if ((flags & POLYLINE) !== 0) return polylineLoop(p);
    const edges = claimed(p.find(93));
    return Array.from({ length: edges }, () => edge(p)).flat();
  }).filter((loop) => loop.length > 0);
}
