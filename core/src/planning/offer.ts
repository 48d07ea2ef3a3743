/** What a plan costs, with the material of the order: the terms of its price put together. */
import { given, type Figure } from '../figures/index.ts';
import type { PlanAnswer } from './answer.ts';
import { priceOf, type Price } from './price.ts';
import type { ProgrammeDoc } from './schema.ts';

/** What is bought together, as the order says it. */
export interface Bought {
  readonly name: string;
  readonly price: Figure;
  readonly unpriced: readonly string[];
}

export function offerOf(
  answer: Pick<PlanAnswer, 'counts' | 'wayCounts' | 'deadlines' | 'crews'>,
  doc: Pick<ProgrammeDoc, 'costs'>,
  groups: readonly Bought[],
): Price {
  return priceOf(answer.counts, answer.wayCounts, {
    ...{ doc, deadlines: answer.deadlines },
    crews: answer.crews
      .filter((c) => !c.inspects)
      .map(({ name, people, ratePerH }) => ({
        ...{ name, people },
        ratePerH: ratePerH && given(`${name}, rate an hour`, ratePerH.value, 'price', ratePerH.source),
      })),
    material: groups.map((g) => ({
      ...g.price,
      label: groups.length === 1 ? 'Material of the order' : `Material, ${g.name}`,
    })),
    unpriced: [...new Set(groups.flatMap((g) => g.unpriced))],
  });
}
