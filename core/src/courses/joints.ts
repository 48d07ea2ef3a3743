/** Where an end joint may lie: off the joints of the neighbours and of the ply below, off outlets, off what was forbidden. */

/** A place where no joint may have its middle, m along the course; its ends may. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** Rounding of metres along a course. */
export const GRAIN_M = 1e-9;

/** Spans without overlaps, in order. */
export function merged(spans: readonly Span[]): Span[] {
  const out: { from: number; to: number }[] = [];
  for (const s of [...spans].sort((a, b) => a.from - b.from)) {
    const last = out.at(-1);
    if (last && s.from < last.to - GRAIN_M) last.to = Math.max(last.to, s.to);
    else if (s.to > s.from) out.push({ ...s });
  }
  return out;
}

/**
 * The place for a joint from `lo` to `hi` that is nearest to one end and in no span; undefined where there is none.
 * @param blocked as `merged` gives them
 */
export function placeFor(
  lo: number,
  hi: number,
  blocked: readonly Span[],
  nearest: 'lo' | 'hi',
): number | undefined {
  if (hi < lo - GRAIN_M) return undefined;
  if (nearest === 'lo') {
    let at = lo;
    for (const s of blocked) {
      if (s.to <= at + GRAIN_M) continue;
      if (s.from >= at - GRAIN_M) break;
      at = s.to;
    }
    return at <= hi + GRAIN_M ? Math.min(at, hi) : undefined;
  }
  let at = hi;
  for (let i = blocked.length - 1; i >= 0; i -= 1) {
    const s = blocked[i];
    if (!s || s.from >= at - GRAIN_M) continue;
    if (s.to <= at + GRAIN_M) break;
    at = s.from;
  }
  return at >= lo - GRAIN_M ? Math.max(at, lo) : undefined;
}

/** Joints keep a distance from other joints: spans round them. */
export const around = (joints: readonly number[], byM: number): Span[] =>
  joints.map((j) => ({ from: j - byM, to: j + byM }));

/** Rounding of lengths. */
const EPS = 1e-7;

/** Pieces that a run needs at least. */
export const leastPiecesFor = (lengthM: number, rollM: number, endLapM: number): number =>
  lengthM <= rollM + EPS ? 1 : Math.ceil((lengthM - endLapM) / (rollM - endLapM) - EPS);
