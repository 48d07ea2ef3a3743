/** A job planned from beginning to end in one go, for those who wait for the answer. */
import { answerOf, type PlanAnswer } from './answer.ts';
import { chancesOfPlan } from './chances.ts';
import type { Plan } from './model.ts';
import { waysOf } from './forecastways.ts';
import type { PlanTerms } from './jobplanned.ts';
import { plannedOf } from './plan.ts';
import { firstPlan, improve } from './search.ts';
import { sumsOf } from './score.ts';
import type { Part } from '../figures/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';

const SEED = 7;

/** How far a plan is, 0 to 1, and when the last work ends in the best so far. */
export interface PlanProgress {
  readonly share: number;
  readonly finish: string | undefined;
}

/** @param tries how many plans are made; the same number gives the same plan */
export function wholePlan(
  terms: PlanTerms,
  tries: number,
  tell: (progress: PlanProgress) => void = () => undefined,
): PlanAnswer | { readonly cannot: readonly Part[] } {
  const planned = plannedOf(terms);
  if ('cannot' in planned) return planned;
  let found = firstPlan(planned);
  let told = found.plan.score;
  const at = (plan: Plan): PlanProgress['finish'] => {
    const { finishMin } = sumsOf(planned, plan.placed);
    return finishMin > 0 ? new Date(planned.startMs + finishMin * MS_PER_MINUTE).toISOString() : undefined;
  };
  tell({ share: 0, finish: at(found.plan) });
  for (const step of improve(planned, { tries, seed: SEED, from: found })) {
    found = step.best;
    // Only what is better is told.
    if (found.plan.score < told) {
      told = found.plan.score;
      tell({ share: 0.8 * step.share, finish: at(found.plan) });
    }
  }
  tell({ share: 0.8, finish: at(found.plan) });
  const ways = [...waysOf(terms, planned)];
  return answerOf(
    planned,
    found.plan,
    ways.length > 0 ? chancesOfPlan(planned, found.plan, ways) : undefined,
  );
}
