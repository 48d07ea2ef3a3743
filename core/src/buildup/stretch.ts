/** What a film bridges: elongation is by how much it stretches, over the length that lets go of the ground. */
import type { Figure } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import { detailRulesOf } from './detailrules.ts';
import type { Coat } from './layers.ts';
import { cited } from './rates.ts';
import type { BuildUp } from './schema.ts';

/**
 * By how much a crack may open below a strip that is not bonded. A film that stretches by 150 % goes to two and a half times its
 * length; a part of that is trusted, and only over the width that lets go.
 *
 * @returns undefined where the coat says nothing of its stretch, or nothing lets go
 */
export function bridgedCrack(coat: Coat, buildUp: BuildUp, practice: Practice): Figure | undefined {
  const debond = detailRulesOf(buildUp).debondMm;
  if (!coat.elongationPct || !debond) return undefined;
  const width = cited('not bonded over a moving crack', debond, 'lap');
  const stretch = cited(`${coat.name}, stretches before it breaks by`, coat.elongationPct, 'percent');
  const share = practice.stretchShare;
  return {
    label: 'Bridges',
    value: (width.value * stretch.value * share.value) / 100,
    quantity: 'gap',
    formula: '{width} × {stretch} × {share} / 100',
    inputs: { width, stretch, share },
    from: 'stretch times the length that is not bonded (common practice, no source)',
  };
}
