/** The days of a job planned off the main thread: a plan at once, then better ones, then how sure the best is. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import type { OrderDoc } from '@lentum/core/order';
import {
  again,
  answerOf,
  changesSince,
  comparedPlans,
  chancesOfPlan,
  expectedScore,
  firstPlan,
  improve,
  keptWorks,
  movesWhy,
  plannedOf,
  slipsOf,
  waysOf,
  withPins,
  type Found,
  type JobPlanned,
  type KeptPlan,
  type Outlook,
  type Pin,
  type Plan,
  type PlanAnswer,
  type PlanChanges,
  type PlanTerms,
  type ProgrammeDoc,
  type Slip,
} from '@lentum/core/planning';
import type { Part } from '@lentum/core/figures';
import { jobState, type JobInputs } from '@lentum/core/state';

export interface Asked {
  readonly inputs: JobInputs;
  readonly doc: ProgrammeDoc;
  readonly order: Pick<OrderDoc, 'deliveries'>;
  readonly timeZone: string;
  /** The plan that the crews go by: what is planned is told beside it. */
  readonly kept: KeptPlan | undefined;
}

export type Step =
  | { readonly cannot: readonly Part[] }
  | {
      /** Absent: the plan that was told last is still the best. */
      readonly answer?: PlanAnswer;
      readonly share: number;
      readonly stage: 'first' | 'better' | 'judging' | 'done';
      readonly since?: Since;
    };

/** What has changed since a plan was kept, and what of it was not done. */
export interface Since {
  readonly changes: PlanChanges;
  readonly slips: readonly Slip[];
}

/** Plans are told no more often. */
const EVERY_MS = 400;
/** The search may take so long; a change of the weather or of a crew asks again. */
const SEARCH_MS = 3000;
const MOST_TRIES = 4000;
const SEED = 7;
/** How many of the ways decide between plans on the way. */
const JUDGES = 8;

/** What a change brings, beside a plan made with the same effort without it. */
export interface Compared {
  readonly without: PlanAnswer;
  readonly with: PlanAnswer;
}
/** The plan that was told last: what a comparison is made beside. */
let last: { planned: JobPlanned; found: Found; ways: readonly Outlook[] } | undefined;

const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

function searched(planned: JobPlanned, first: Found) {
  return improve(planned, { tries: MOST_TRIES, seed: SEED, from: first });
}

const work = {
  /** Tells of each better plan; the last one is told with its chances. */
  async plan(asked: Asked, tell: (step: Step) => void): Promise<void> {
    const state = jobState(asked.inputs);
    const terms: PlanTerms = {
      ...{ state, doc: asked.doc, order: asked.order, timeZone: asked.timeZone },
      nowMs: asked.inputs.nowMs,
    };
    const planned = plannedOf(terms);
    if ('cannot' in planned) {
      tell({ cannot: planned.cannot });
      return;
    }
    const first = firstPlan(planned);
    tell({ answer: answerOf(planned, first.plan), share: 0, stage: 'first' });
    await breathe();
    let best = first;
    let toldBest = first;
    const begun = performance.now();
    let told = begun;
    const steps = searched(planned, first);
    const good = [first];
    for (let step = steps.next(); !step.done; step = steps.next()) {
      const now = performance.now();
      if (step.value.best.plan.score < best.plan.score) {
        best = step.value.best;
        good.push(best);
      }
      const share = Math.min(1, (now - begun) / SEARCH_MS);
      if (share >= 1) break;
      if (now - told < EVERY_MS) continue;
      told = now;
      const isNew = best !== toldBest;
      toldBest = best;
      tell({
        ...(isNew ? { answer: answerOf(planned, best.plan) } : {}),
        share: 0.6 * share,
        stage: 'better',
      });
      await breathe();
    }
    // The last few are judged by what the weather may make of them: the best on paper may be the frailest.
    const ways: Outlook[] = [];
    for (const way of waysOf(terms, planned)) {
      ways.push(way);
      await breathe();
    }
    const few = ways.slice(0, JUDGES);
    let sound = best;
    let least = Infinity;
    for (const found of good.slice(-4)) {
      const cost = expectedScore(planned, found.plan, few);
      if (cost < least) {
        least = cost;
        sound = found;
      }
      tell({ share: 0.8, stage: 'judging' });
      await breathe();
    }
    last = { planned, found: sound, ways };
    const chances = ways.length > 0 ? chancesOfPlan(planned, sound.plan, ways) : undefined;
    const answer = answerOf(planned, sound.plan, chances);
    const { kept } = asked;
    const since = kept && {
      changes: changesSince(kept, answer, movesWhy(planned, sound.plan, kept)),
      slips: slipsOf(keptWorks(kept, asked.inputs), { state, order: asked.order, nowMs: terms.nowMs }),
    };
    tell({ answer, share: 1, stage: 'done', ...(since ? { since } : {}) });
  },

  /** The same plan with other works fixed by hand, at once; a better one is asked for after it. */
  repin(pins: readonly Pin[]): PlanAnswer | undefined {
    if (!last) return undefined;
    const planned = withPins(last.planned, pins);
    const found = again(planned, last.found);
    last = { ...last, planned, found };
    return answerOf(planned, found.plan);
  },

  /** The plan of another document beside that of the one asked for last, both made anew with the same effort. */
  compare(asked: Asked): Compared | undefined {
    if (!last) return undefined;
    const terms: PlanTerms = {
      ...{ state: jobState(asked.inputs), doc: asked.doc, order: asked.order, timeZone: asked.timeZone },
      nowMs: asked.inputs.nowMs,
    };
    const other = plannedOf(terms);
    if ('cannot' in other) return undefined;
    const [without, changed] = comparedPlans(last.planned, other);
    const played = (planned: JobPlanned, plan: Plan, ways: readonly Outlook[]): PlanAnswer =>
      answerOf(planned, plan, ways.length > 0 ? chancesOfPlan(planned, plan, ways) : undefined);
    return {
      without: played(last.planned, without, last.ways),
      with: played(other, changed, last.ways.length > 0 ? [...waysOf(terms, other)] : []),
    };
  },
};

export type ProgrammeWork = typeof work;
expose(work);
