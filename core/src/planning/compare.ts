/** Two plans made with the same effort, of a job as it is and with something changed. */
import { Generator } from './generate.ts';
import type { Plan, Planned } from './model.ts';
import { genesOf } from './genes.ts';
import { firstPlan, improve, type Found } from './search.ts';

const TRIES = 120;
const SEED = 7;

function searched(planned: Planned): Found {
  const steps = improve(planned, { tries: TRIES, seed: SEED, from: firstPlan(planned) });
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The order of a plan in another job: works by their names, those that are not there at the end. */
function listFrom(from: Planned, found: Found, to: Planned): number[] {
  const rank = new Map<string, number>();
  found.genes.list.forEach((i, n) => {
    const id = from.tasks[i]?.id;
    if (id !== undefined) rank.set(id, n);
  });
  return to.tasks
    .map((t) => t.index)
    .sort(
      (a, b) =>
        (rank.get(to.tasks[a]?.id ?? '') ?? Infinity) - (rank.get(to.tasks[b]?.id ?? '') ?? Infinity) ||
        a - b,
    );
}

/** The better of a plan and the one that the other job's order makes of this one: chance in the search decides nothing. */
function better(own: Found, planned: Planned, other: Found, of: Planned): Plan {
  const crossed = new Generator(planned).plan(
    genesOf(planned, listFrom(of, other, planned), { calm: other.genes.calm, haste: other.genes.haste }),
  );
  return crossed.score < own.plan.score ? crossed : own.plan;
}

/** @returns the plan as it is, and with the change */
export function comparedPlans(as: Planned, changed: Planned): [Plan, Plan] {
  const [a, b] = [searched(as), searched(changed)];
  return [better(a, as, b, changed), better(b, changed, a, as)];
}
