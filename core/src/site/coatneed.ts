/** What a coat takes over several bays, and how many containers that opens. */
import {
  amountFor,
  inBasis,
  laidRate,
  mixedFrom,
  sumOf,
  type Coat,
  type Container,
} from '../buildup/index.ts';
import type { Figure } from '../figures/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { Bay } from './schema.ts';
import { workArea, type BayPlace } from './workarea.ts';

/** At its rate over what it covers of each bay: kg or L, by the basis of the rate. */
export function coatNeed(coat: Coat, bays: readonly Bay[], place: BayPlace): Figure {
  const each = bays.map((bay) => ({
    ...amountFor(coat, workArea(bay, coat, place)),
    label: `Bay ${bay.label}`,
  }));
  return sumOf(
    `${coat.name}, net, over ${bays.length === 1 ? 'the bay' : `${bays.length} bays`}`,
    laidRate(coat).basis,
    each,
    'coverage rate times area, bay by bay',
  );
}

/** Whole containers of one size that hold an amount of the coat; at least one. */
export function containersFor(coat: Coat, container: Container, need: Figure): number {
  const basis = need.quantity === 'mass' ? 'mass' : 'volume';
  const each = inBasis(coat, mixedFrom(coat, container).value, container.basis, basis);
  return Math.max(1, Math.ceil((need.value / each) * (1 - TOLERANCE.relative)));
}
