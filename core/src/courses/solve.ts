/**
 * Fewest rolls for a set of runs. An answer is there at once and only improves; beside it stands a bound that no way of
 * cutting beats, so that it can be said how good the answer is.
 */
import { answerOf, better, gathered } from './answers.ts';
import { seeded } from '../keeping/index.ts';
import type { Fill, Way } from './fill.ts';
import { cutByPatterns, type ProgrammeSolver } from './columns.ts';
import { leastByGroups } from './groups.ts';
import { packInto } from './pack.ts';
import {
  costOf,
  EPS,
  factsOf,
  lengthOf,
  sum,
  targets,
  type CutAnswer,
  type CutProblem,
  type Facts,
} from './targets.ts';
import { atOnce, fillOf, inTarget, orderOf, sticksFor } from './tries.ts';

export interface Effort {
  /** Ways tried for each number of rolls. */
  readonly tries: number;
  /** States looked at when a packing is to be proven. */
  readonly nodes: number;
}
export const QUICK: Effort = { tries: 6, nodes: 2000 };
export const FULL: Effort = { tries: 240, nodes: 300_000 };

/** Orders in which runs are cut before they count as impossible. */
const MOST_FIRST_TRIES = 12;

const WAYS: readonly Way[] = ['kept', 'used up', 'to the end'];
/** Each order is cut in every way before the next one. */
const wayOf = (attempt: number): Way => WAYS[attempt % WAYS.length] ?? 'kept';
const orderNo = (attempt: number): number => Math.floor(attempt / WAYS.length);

/** Tries without a better answer after which a cheapest one is left as it is. */
const PATIENCE = 60;

export interface Progress {
  readonly answer: CutAnswer;
  /** How much of the search is done, 0 to 1. */
  readonly share: number;
}

/**
 * Cuts runs from rolls, better and better.
 * @returns each better answer as it is found, the last one at the end; undefined where a run cannot be cut at all
 */
export function* cutRuns(
  asked: CutProblem,
  effort: Effort,
  seed = 1,
  exact?: ProgrammeSolver,
): Generator<Progress, CutAnswer | undefined> {
  let problem = asked;
  const facts = factsOf(problem);
  const tries = triesFor(facts, effort);
  const chance = seeded(seed);
  let { leastCost } = facts;
  let best: CutAnswer | undefined;
  const take = (fill: Fill | undefined): boolean => {
    if (!fill) return false;
    const answer = answerOf(problem, facts, gathered(fill), leastCost);
    if (!better(answer, best)) return false;
    best = answer;
    return true;
  };
  const firstTries = Math.min(4, tries);
  // Joints of neighbours may stand in each other's way: other orders of the runs are tried until one goes.
  const first = (): void => {
    for (let i = 0; i < firstTries || (!best && i < MOST_FIRST_TRIES); i += 1)
      take(atOnce(problem, orderOf(problem.runners, orderNo(i), chance), chance, wayOf(i)));
  };
  first();
  if (!best && problem.laps.moreJoints !== undefined) {
    // Where joints are in each other's way a run may need more pieces than one would like.
    problem = { ...problem, laps: { ...problem.laps, moreJoints: undefined } };
    first();
  }
  if (!best) return undefined;
  yield { answer: best, share: 0.05 };

  if (exact && byPatterns(problem, facts, best)) {
    const [sale] = problem.sale;
    const found = cutByPatterns(problem.runners.map(lengthOf), sale?.lengthM ?? 1, exact);
    if (found) {
      const cost = costOf(problem, [found.leastRolls]);
      leastCost = Math.max(leastCost, cost);
      take(fillOf(problem, sticksFor(problem, [found.rolls]), found.bin));
      const rolls = Math.max(facts.leastRolls, found.leastRolls);
      best = { ...best, leastCost, leastRolls: rolls, proven: best.cost <= leastCost + EPS };
      yield { answer: best, share: 0.5 };
      if (best.proven) return best;
    }
  }
  if (exact && byGroups(problem, best)) {
    const rolls = leastByGroups(
      {
        lengthsM: problem.runners.map(lengthOf),
        rollM: problem.sale[0]?.lengthM ?? 1,
        endLapM: problem.laps.endLapM,
        mostRolls: (best.bought[0] ?? 0) - 1,
      },
      exact,
    );
    if (rolls > best.leastRolls) {
      leastCost = Math.max(leastCost, costOf(problem, [rolls]));
      best = { ...best, leastCost, leastRolls: rolls, proven: best.cost <= leastCost + EPS };
      yield { answer: best, share: 0.2 };
    }
  }
  const ahead = targets(problem, facts.neededM, best.cost).filter(
    (t) => costOf(problem, t) >= leastCost - EPS,
  );
  for (const [n, counts] of ahead.entries()) {
    const cost = costOf(problem, counts);
    if (cost > best.cost + EPS) break;
    const share = (at: number): number => Math.min(0.99, 0.05 + (0.9 * (n + at)) / ahead.length);
    if (
      facts.settled(sum(counts.map((c, i) => c * (problem.sale[i]?.lengthM ?? 0)))) &&
      cost < best.cost - EPS
    ) {
      const sticks = sticksFor(problem, counts);
      const packing = packInto(
        problem.runners.map(lengthOf),
        sticks.map((s) => s.lengthM),
        effort.nodes,
      );
      if (packing.kind === 'packed') take(fillOf(problem, sticks, packing.bin));
      if (packing.kind === 'none') {
        // Nothing cheaper was possible before, and this is not either.
        if (problem.sale.length === 1) {
          leastCost = cost + (costOf(problem, [1]) - costOf(problem, [0]));
          best = {
            ...best,
            leastCost,
            leastRolls: (counts[0] ?? 0) + 1,
            proven: best.cost <= leastCost + EPS,
          };
        }
        continue;
      }
    }
    let since = 0;
    for (let i = 0; i < tries; i += 1) {
      // Cheapest already: fewer cuts are looked for as long as it gets better.
      since += 1;
      const done = best.pieces.length === facts.leastPieces ? PATIENCE / 4 : PATIENCE;
      if (best.cost <= cost + EPS && since > done) break;
      if (take(inTarget(problem, counts, orderOf(problem.runners, orderNo(i), chance), chance, wayOf(i)))) {
        since = 0;
        yield { answer: best, share: share(i / tries) };
      } else if (i % 20 === 19) yield { answer: best, share: share(i / tries) };
    }
    if (best.cost <= cost + EPS) break;
  }
  return best;
}

/** Fewer ways are tried of thousands of pieces: each takes longer. */
const triesFor = (facts: Facts, { tries }: Effort): number =>
  Math.max(2, Math.round(tries * Math.min(1, MANY / facts.leastPieces) ** 1.5));
const MANY = 100;

/** Whether patterns may decide: lengths are settled, rolls are of one length, and it is not proven yet. */
const byPatterns = (problem: CutProblem, facts: Facts, best: CutAnswer): boolean =>
  !best.proven &&
  problem.sale.length === 1 &&
  problem.stock.length === 0 &&
  facts.settled((best.bought[0] ?? 0) * (problem.sale[0]?.lengthM ?? 0) - (problem.sale[0]?.lengthM ?? 0));

/** Whether groups of rolls and runs may tell more than lengths do: every roll is bought, and of one length. */
const byGroups = (problem: CutProblem, best: CutAnswer): boolean =>
  !best.proven && problem.sale.length === 1 && problem.stock.length === 0 && problem.weight === undefined;

/** The last answer of a search. */
export function cutOut(
  problem: CutProblem,
  effort: Effort,
  seed = 1,
  exact?: ProgrammeSolver,
): CutAnswer | undefined {
  const steps = cutRuns(problem, effort, seed, exact);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
