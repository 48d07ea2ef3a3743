/** A job planned from beginning to end in one go, for those who wait for the answer. */
import { answerOf, type PlanAnswer } from './answer.ts';
import { chancesOfPlan } from './chances.ts';
import { plannedOf, waysOf, type PlanTerms } from './plan.ts';
import { firstPlan, improve } from './search.ts';
import type { Part } from '../figures/index.ts';

const SEED = 7;

/** @param tries how many plans are made; the same number gives the same plan */
export function wholePlan(
  terms: PlanTerms,
  tries: number,
): PlanAnswer | { readonly cannot: readonly Part[] } {
  const planned = plannedOf(terms);
  if ('cannot' in planned) return planned;
  let found = firstPlan(planned);
  for (const step of improve(planned, { tries, seed: SEED, from: found })) found = step.best;
  const ways = [...waysOf(terms, planned)];
  return answerOf(
    planned,
    found.plan,
    ways.length > 0 ? chancesOfPlan(planned, found.plan, ways) : undefined,
  );
}
