/** Half widths that are longer than a roll: cut in as few pieces as go, in even lengths where joints may lie. */
import { leastPiecesFor, placeFor, type Span } from './joints.ts';

/** So many pieces more than least are tried until all joints lie where they may. */
const MORE_PIECES = 12;

export interface HalfTerms {
  /** The longest roll, m. */
  readonly rollM: number;
  readonly endLapM: number;
  readonly leastPieceM: number;
}

interface Part {
  readonly fromM: number;
  readonly toM: number;
}

/** The place that is nearest to another. */
function nearest(at: number, low: number, high: number, blocked: readonly Span[]): number | undefined {
  const below = placeFor(low, Math.min(at, high), blocked, 'hi');
  const above = placeFor(Math.max(at, low), high, blocked, 'lo');
  if (below === undefined || above === undefined) return below ?? above;
  return at - below <= above - at ? below : above;
}

/** Joints of so many pieces, near to even lengths; undefined where they cannot all lie where they may. */
function jointsOf(
  { fromM, toM }: Part,
  blocked: readonly Span[],
  { rollM, endLapM, leastPieceM }: HalfTerms,
  pieces: number,
): number[] | undefined {
  const half = endLapM / 2;
  // From the far end: how early each joint may lie so that rolls still reach from it to the end.
  const earliest: number[] = [];
  let reach = toM + half;
  for (let i = pieces - 1; i >= 1; i -= 1) {
    const c = placeFor(reach - (rollM - endLapM), toM, blocked, 'lo');
    if (c === undefined) return undefined;
    earliest[i] = c;
    reach = c;
  }
  const joints: number[] = [];
  let last = fromM - half;
  for (let i = 1; i < pieces; i += 1) {
    const low = Math.max(earliest[i] ?? 0, last + leastPieceM - endLapM);
    const high = Math.min(last + rollM - endLapM, toM - leastPieceM + half);
    const c = nearest(fromM + ((toM - fromM) * i) / pieces, low, high, blocked);
    if (c === undefined) return undefined;
    joints.push(c);
    last = c;
  }
  return joints;
}

/**
 * Pieces of a half width.
 * @param blocked where no joint may lie; where nothing else goes, joints lie there all the same, and the review says so
 */
export function halfPieces(run: Part, blocked: readonly Span[], terms: HalfTerms): Part[] {
  const { rollM, endLapM } = terms;
  const least = leastPiecesFor(run.toM - run.fromM, rollM, endLapM);
  let joints: number[] | undefined;
  for (let n = least; joints === undefined && n <= least + MORE_PIECES; n += 1)
    joints = jointsOf(run, blocked, terms, n);
  joints ??= jointsOf(run, [], { ...terms, leastPieceM: endLapM }, least) ?? [];
  const half = endLapM / 2;
  return [...joints, undefined].map((c, i) => ({
    fromM: i === 0 ? run.fromM : (joints[i - 1] ?? 0) - half,
    toM: c === undefined ? run.toM : c + half,
  }));
}
