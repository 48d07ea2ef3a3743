/** The line at which a layer stops: where bays that have it lie beside bays that do not. */
import { given, type Figure } from '../figures/index.ts';
import { sumFigure } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { jointsOf } from './bayroute.ts';
import type { Bay } from './schema.ts';

export interface StopLine {
  readonly length: Figure;
  /** Bays that have the layer along the line, and bays beyond it that do not, by their labels. */
  readonly laid: readonly string[];
  readonly open: readonly string[];
}

/**
 * @param bays of one zone
 * @param covered ids of the bays that have the layer
 * @returns undefined where no bay is covered, or all are
 */
export function stopLine(
  bays: readonly Bay[],
  covered: ReadonlySet<string>,
  of: string,
): StopLine | undefined {
  const labels = new Map(bays.map((b) => [b.id, b.label]));
  const crossing = jointsOf(bays, TOLERANCE.sameCornerM).filter((j) => covered.has(j.a) !== covered.has(j.b));
  if (crossing.length === 0) return undefined;
  const sides = crossing.map((j) =>
    covered.has(j.a) ? { laid: j.a, open: j.b, j } : { laid: j.b, open: j.a, j },
  );
  const named = (side: 'laid' | 'open'): string[] => {
    const ids = new Set(sides.map((s) => s[side]));
    return bays.filter((b) => ids.has(b.id)).map((b) => b.label);
  };
  return {
    length: sumFigure(
      `${of}, stop line`,
      'length',
      sides.map(({ laid, open, j }) =>
        given(
          `${labels.get(laid) ?? ''} to ${labels.get(open) ?? ''}`,
          j.lengthM,
          'length',
          'measured',
          'from the plan',
        ),
      ),
      'where bays that have the layer lie beside bays that do not',
    ),
    laid: named('laid'),
    open: named('open'),
  };
}
