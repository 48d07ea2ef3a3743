/** What a missed overcoat window costs: what to do, and the material that it takes. */
import { amountFor, isCoat, whenMissed, type BuildUp, type Coat } from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { bayAreaFigure, type Bay } from '../site/index.ts';

export interface Remedy {
  readonly says: string;
  /** The coat that is laid again: the one that was missed where it is a primer, else the build-up's primer. */
  readonly coat: Coat | undefined;
  readonly amount: Figure | undefined;
}

export function remedyFor(buildUp: BuildUp, missed: Coat, bay: Bay): Remedy {
  const primer =
    missed.role === 'primer' ? missed : buildUp.layers.filter(isCoat).find((c) => c.role === 'primer');
  return {
    says: whenMissed(missed, 'overcoatUntil').says,
    coat: primer,
    amount: primer && amountFor(primer, bayAreaFigure(bay)),
  };
}
