/** The film that a notched trowel leaves. */
import { given, type Figure } from '../figures/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import type { Coat } from './layers.ts';
import type { Tool } from './mixing.ts';
import { cited } from './rates.ts';

export type Notched = Extract<Tool, { kind: 'notched trowel' }>;

/** Share of the ridge's cross-section: square notches as wide as the teeth one half, triangular ones half of their own. */
const SHARE = { square: 0.5, triangular: 0.5 } as const;

/**
 * Average wet film under a notched trowel: notch × sin(angle held) × share that is notch. Common practice, no source;
 * a trowel held at 37° leaves ridges 0.6 of the notch.
 */
export function notchFilm(tool: Notched): Figure {
  const notch = cited('notch', tool.notchMm, 'gap');
  const angle = cited('angle held', tool.angleDeg, 'angle');
  const share = given(`share that is notch, ${tool.shape}`, SHARE[tool.shape], 'fraction', 'definition');
  return {
    label: 'Film under the notched trowel',
    value: notch.value * Math.sin(angle.value / DEGREES_PER_RADIAN) * share.value,
    quantity: 'film',
    formula: '{notch} × sind({angle}) × {share}',
    inputs: { notch, angle, share },
    from: 'ridge height is notch times the sine of the angle held; the average is its share of the width (common practice)',
  };
}

export const notchOf = (coat: Coat): Notched | undefined =>
  coat.tools.find((t): t is Notched => t.kind === 'notched trowel');
