/**
 * Pieces set on rolls from the lowest gap up: into each gap goes the piece that fits it best, or the longest, or between
 * the two (best fit: E. Burke, G. Kendall and G. Whitwell 2004).
 */
import type { Cut, PlacedCut } from './cuts.ts';

interface Gap {
  across: number;
  wide: number;
  along: number;
}

export interface Way {
  readonly wide: number;
  readonly long: number;
  readonly turned: boolean;
}

export interface Fitted {
  readonly placed: PlacedCut[];
  readonly usedMm: number[];
}

/** Lengths are distinguished to a thousandth of a millimetre. */
const GRAIN = 1e-3;

/**
 * @param waysOf how each piece may lie; at least one way for each
 * @param fill 1: the widest that fits the gap; 0: the longest; between: both count
 * @param chance from 0 to below 1: disturbs the choice a little where `noise` is above nothing
 */
export function bestFit(
  cuts: readonly Cut[],
  waysOf: readonly (readonly Way[])[],
  { widthMm, lengthMm }: { readonly widthMm: number; readonly lengthMm: number },
  { fill, noise, chance }: { readonly fill: number; readonly noise: number; readonly chance: () => number },
): Fitted {
  const left = cuts.map((c) => c.count);
  let open = left.reduce((a, b) => a + b, 0);
  const longest = Math.max(...waysOf.flatMap((ways) => ways.map((w) => w.long)));
  const placed: PlacedCut[] = [];
  const usedMm: number[] = [];
  let gaps: Gap[] = [{ across: 0, wide: widthMm, along: 0 }];
  const next = (): void => {
    usedMm.push(Math.max(...placed.filter((p) => p.roll === usedMm.length).map((p) => p.alongMm + p.longMm)));
    gaps = [{ across: 0, wide: widthMm, along: 0 }];
  };
  while (open > 0) {
    let low = 0;
    for (let i = 1; i < gaps.length; i += 1) if ((gaps[i]?.along ?? 0) < (gaps[low]?.along ?? 0)) low = i;
    const gap = gaps[low];
    if (!gap) break;
    let best: { cut: number; way: Way; score: number } | undefined;
    waysOf.forEach((ways, cut) => {
      if ((left[cut] ?? 0) === 0) return;
      for (const way of ways) {
        if (way.wide > gap.wide + GRAIN || gap.along + way.long > lengthMm + GRAIN) continue;
        const score =
          (fill * way.wide) / gap.wide +
          ((1 - fill) * way.long) / longest +
          (noise > 0 ? noise * chance() : 0);
        if (!best || score > best.score) best = { cut, way, score };
      }
    });
    if (!best) {
      // Nothing goes in here any more: the gap is filled up to the lower of what lies beside it.
      if (gaps.length === 1) {
        next();
        continue;
      }
      const beside = [gaps[low - 1], gaps[low + 1]].filter((g) => g !== undefined);
      gap.along = Math.min(...beside.map((g) => g.along));
      gaps = merged(gaps);
      continue;
    }
    const { cut, way } = best;
    const piece = cuts[cut];
    if (!piece) break;
    // Beside the higher of its neighbours, so that what is left of the gap stays open to the lower one.
    const [before, after] = [gaps[low - 1]?.along ?? Infinity, gaps[low + 1]?.along ?? Infinity];
    const right = after > before;
    const across = right ? gap.across + gap.wide - way.wide : gap.across;
    const filled: Gap = { across, wide: way.wide, along: gap.along + way.long };
    const rest: Gap = {
      across: right ? gap.across : gap.across + way.wide,
      wide: gap.wide - way.wide,
      along: gap.along,
    };
    const two =
      rest.wide <= GRAIN
        ? [{ ...filled, across: gap.across, wide: gap.wide }]
        : right
          ? [rest, filled]
          : [filled, rest];
    placed.push({
      key: piece.key,
      label: piece.label,
      roll: usedMm.length,
      alongMm: gap.along,
      acrossMm: across,
      longMm: way.long,
      wideMm: way.wide,
      turned: way.turned,
    });
    left[cut] = (left[cut] ?? 0) - 1;
    open -= 1;
    gaps.splice(low, 1, ...two);
    gaps = merged(gaps);
  }
  if (placed.some((p) => p.roll === usedMm.length)) next();
  return { placed, usedMm };
}

/** Gaps beside each other that reach equally far are one. */
function merged(gaps: readonly Gap[]): Gap[] {
  const out: Gap[] = [];
  for (const g of gaps) {
    const last = out.at(-1);
    if (last && Math.abs(last.along - g.along) <= GRAIN) last.wide += g.wide;
    else out.push({ ...g });
  }
  return out;
}
