/**
 * The search for a better plan: the list, the crews and the earliest starts of some tasks are changed and the plan is made
 * anew; what is worse is taken now and then, less and less often. The same seed gives the same plan.
 */
import { seeded } from '../keeping/index.ts';
import { isSameWork } from './between.ts';
import { Generator } from './generate.ts';
import { genesOf, type Genes } from './genes.ts';
import { Polisher } from './polish.ts';
import { STEP_MIN, type Plan, type Planned, type Task } from './model.ts';

export interface Found {
  readonly plan: Plan;
  readonly genes: Genes;
  readonly tried: number;
}

const copy = (g: Genes): Genes => ({
  list: [...g.list],
  crew: g.crew.slice(),
  notBefore: g.notBefore.slice(),
  calm: g.calm,
  runs: g.runs.slice(),
  haste: g.haste,
});

/** How urgent a task is: the first date that its zone has to keep. */
function dueOf(planned: Planned): (task: Task) => number {
  const due = planned.zones.map(() => Infinity);
  for (const d of planned.deadlines) due[d.zone] = Math.min(due[d.zone] ?? Infinity, d.byMin);
  return (task) => due[task.zone] ?? Infinity;
}

/** Minutes of work that hang on a task, on its own bay and its own: what has much behind it comes first. */
function tailsOf(planned: Planned): number[] {
  const tails = planned.tasks.map((t) => Math.min(...t.minutes.filter((m) => m > 0), 600));
  const own = [...tails];
  // Tasks stand after those that they follow.
  for (let i = planned.tasks.length - 1; i >= 0; i -= 1)
    for (const l of planned.tasks[i]?.after ?? [])
      tails[l.task] = Math.max(tails[l.task] ?? 0, (own[l.task] ?? 0) + (tails[i] ?? 0) + l.lagMin);
  return tails;
}

/** How many works of its chain come before a task. */
export function depthsOf({ tasks }: Planned): number[] {
  const depth: number[] = [];
  for (const t of tasks) depth.push(Math.max(0, ...t.after.map((l) => (depth[l.task] ?? -1) + 1)));
  return depth;
}

type Key = (t: Task) => readonly number[];

/** Lists to begin with: by date and what closes, bay by bay in the dry order, layer by layer, longest first. */
function firstLists(planned: Planned): number[][] {
  const due = dueOf(planned);
  const tails = tailsOf(planned);
  const closes = (t: Task): number => Math.min(t.latestMin, 1e7);
  const depth = depthsOf(planned);
  const deep = (t: Task): number => depth[t.index] ?? 0;
  const keys: Key[] = [
    (t) => [deep(t), t.zone, t.order],
    (t) => [due(t), t.zone, deep(t), t.order],
    (t) => [-(tails[t.index] ?? 0) - 60 * deep(t), t.zone, deep(t), t.order],
    (t) => [closes(t), due(t), t.zone, t.order, t.index],
    (t) => [due(t), -(tails[t.index] ?? 0), t.order],
    (t) => [closes(t), t.order, t.zone, t.index],
    (t) => [t.index],
    (t) => [-(tails[t.index] ?? 0), t.order, t.index],
  ];
  return keys.map((key) => {
    const ranked = planned.tasks.map((t) => ({ i: t.index, key: key(t) }));
    ranked.sort((a, b) => {
      const at = a.key.findIndex((v, k) => v !== b.key[k]);
      return at < 0 ? a.i - b.i : (a.key[at] ?? 0) - (b.key[at] ?? 0);
    });
    return ranked.map((r) => r.i);
  });
}

/** From ending each work first to changing as little as may be. */
const CALM = [0, 4, 20, 60];
/** From runs that wait for a whole day to runs that begin as soon as may be. */
const HASTE = [0, 0.05, 0.2, 1];

/** What each list is begun with. */
const WAYS = [{ haste: 0.2 }, { calm: 0 }, { calm: 20 }, { haste: 0.02 }] as const;

/** The best of some lists to begin with. */
export function firstPlan(planned: Planned): Found {
  const generator = new Generator(planned);
  let best: Found | undefined;
  // A few only: somebody waits for it.
  const [plain = [], due = []] = firstLists(planned);
  const all = [genesOf(planned, plain, WAYS[0]), genesOf(planned, plain), genesOf(planned, due)];
  for (const genes of all) {
    const plan = generator.plan(genes);
    if (!best || plan.score < best.plan.score) best = { plan, genes, tried: 1 };
  }
  return best ?? { plan: { placed: [], score: 0 }, genes: genesOf(planned, []), tried: 0 };
}

const FEW = 24;

/** Changes some genes of a copy. */
function change(planned: Planned, genes: Genes, found: Plan, chance: () => number): Genes {
  const next = copy(genes);
  const n = planned.tasks.length;
  const list = next.list as number[];
  const pick = (): number => Math.floor(chance() * n);
  const move = (from: number, to: number, length: number): void => {
    const cut = list.splice(from, length);
    list.splice(Math.min(to, list.length), 0, ...cut);
  };
  /** Puts some together, in their order: at the front, or anywhere. */
  const gather = (isOwn: (t: Task) => boolean, front = (): boolean => false): void => {
    const isIn = (i: number): boolean => {
      const t = planned.tasks[i];
      return t !== undefined && isOwn(t);
    };
    const own = list.filter(isIn);
    const rest = list.filter((i) => !isIn(i));
    const to = front() ? 0 : Math.floor(chance() * (rest.length + 1));
    list.splice(0, n, ...rest.slice(0, to), ...own, ...rest.slice(to));
  };
  const way = chance();
  const bold = chance();
  if (bold < 0.05) return { ...next, calm: CALM[Math.floor(chance() * CALM.length)] ?? 0 };
  if (bold < 0.08) return { ...next, haste: HASTE[Math.floor(chance() * HASTE.length)] ?? 0 };
  if (bold < 0.12) {
    // The same work in a run, or each for itself.
    const task = planned.tasks[pick()];
    const turned = task && next.runs[task.index] === 1 ? 0 : 1;
    for (const t of planned.tasks) if (task && isSameWork(t, task)) next.runs[t.index] = turned;
    return next;
  }
  if (n <= FEW && chance() < Math.min(0.7, 5 / n)) {
    // With few works any order may be the best: one is drawn.
    const key = list.map(() => chance());
    const order = list.map((_, i) => i).sort((a, b) => (key[a] ?? 0) - (key[b] ?? 0));
    const drawn = order.map((i) => list[i] ?? 0);
    list.splice(0, n, ...drawn);
    next.crew.fill(-1);
    next.notBefore.fill(0);
    next.runs.fill(0);
    return { ...next, calm: chance() < 0.6 ? 0 : (CALM[Math.floor(chance() * CALM.length)] ?? 0) };
  }
  if (way < 0.35) move(pick(), pick(), 1);
  else if (way < 0.5) move(pick(), pick(), 1 + Math.floor(chance() * 8));
  else if (way < 0.65) {
    // All of a bay to the front, or anywhere.
    const task = planned.tasks[pick()];
    gather(
      (t) => t.bay === task?.bay,
      () => chance() < 0.5,
    );
  } else if (way < 0.72) {
    // The same work on all of a roof together.
    const task = planned.tasks[pick()];
    gather((t) => task !== undefined && isSameWork(t, task));
  } else if (way < 0.78) {
    const i = pick();
    next.crew[i] = (next.crew[i] ?? -1) >= 0 ? -1 : Math.floor(chance() * planned.crews.length);
    if ((planned.tasks[i]?.minutes[next.crew[i] ?? 0] ?? 0) <= 0) next.crew[i] = -1;
  } else if (way < 0.85) {
    // Later: by a little, or to the next day or so; or as early as it goes again.
    const i = pick();
    const at = found.placed[i]?.start;
    next.notBefore[i] =
      (next.notBefore[i] ?? 0) > 0 || at === undefined
        ? 0
        : at +
          (chance() < 0.5
            ? 60 * (1 + Math.floor(chance() * 30))
            : STEP_MIN * (1 + Math.floor(chance() * 24)));
  } else {
    // As the plan has come out: by start, with a little disorder.
    const key = planned.tasks.map((_, i) => (found.placed[i]?.start ?? 1e7) + chance() * 600);
    list.sort((a, b) => (key[a] ?? 0) - (key[b] ?? 0));
  }
  return next;
}

interface Progress {
  readonly share: number;
  readonly best: Found;
}

/**
 * Better and better plans. It may be left at any time: what it gave last is whole.
 * @param tries how many plans are made
 * @param from what is begun with; absent: the best of the first lists
 */
export function* improve(
  planned: Planned,
  { tries, seed, from }: { readonly tries: number; readonly seed: number; readonly from?: Found },
): Steps {
  const generator = new Generator(planned);
  const chance = seeded(seed);
  let best = from ?? firstPlan(planned);
  let tried = 0;
  const take = (plan: Plan, genes: Genes): void => {
    if (plan.score < best.plan.score) best = { plan, genes, tried };
  };
  /** In runs, and each for itself: one way may be a dead end where the other is none. */
  const lanes: Found[] = [best, best];
  // Every list to begin with, from hasty to calm.
  const seeds = firstLists(planned).flatMap((list) =>
    [...WAYS, { calm: 4 }, { calm: 60 }].map((way) => genesOf(planned, list, way)),
  );
  for (const genes of seeds) {
    if (tried >= tries) break;
    tried += 1;
    const plan = generator.plan(genes);
    take(plan, genes);
    const lane = genes.runs.includes(1) ? 0 : 1;
    if (plan.score < (lanes[lane]?.plan.score ?? Infinity)) lanes[lane] = { plan, genes, tried };
    yield { share: tried / tries, best };
  }
  const warm = Math.max(1, 0.02 * best.plan.score);
  let polished = best.plan.score;
  while (tried < tries) {
    tried += 1;
    const share = tried / tries;
    // Now and then the lane that is behind.
    const [a, b] = lanes.map((l) => l.plan.score);
    const ahead = (a ?? 0) <= (b ?? 0) ? 0 : 1;
    const lane = tried % 2 === 0 ? 1 - ahead : ahead;
    const now = lanes[lane] ?? best;
    const genes = change(planned, now.genes, now.plan, chance);
    const plan = generator.plan(genes);
    const heat = warm * (1 - share) * (1 - share);
    const worse = plan.score - now.plan.score;
    if (worse <= 0 || (heat > 0 && chance() < Math.exp(-worse / heat))) {
      lanes[lane] = { plan, genes, tried };
      // A good one is made better in small.
      if (plan.score < polished) {
        const fine = polish(planned, plan, chance);
        polished = Math.min(polished, plan.score);
        take(fine, genes);
      }
    }
    take(plan, genes);
    if (tried % 200 === 0) lanes[ahead] = { ...best, plan: generator.plan(best.genes) };
    yield { share, best };
  }
  return best;
}

/** Passes over all tasks in changing order, as long as some are moved. */
const MOST_PASSES = 4;

function polish(planned: Planned, plan: Plan, chance: () => number): Plan {
  const polisher = new Polisher(planned, plan);
  for (let pass = 0; pass < MOST_PASSES; pass += 1) {
    const order = planned.tasks.map((t) => ({ i: t.index, key: chance() })).sort((a, b) => a.key - b.key);
    const moved = order.filter(({ i }) => polisher.moveBlock(i) || polisher.move(i)).length;
    if (moved === 0) break;
  }
  const fine = polisher.plan;
  return fine.score < plan.score ? fine : plan;
}
type Steps = globalThis.Generator<Progress, Found>;

/** The plan that the same genes make of a job with other works fixed by hand: an answer at once. */
export function again(planned: Planned, { genes }: Pick<Found, 'genes'>): Found {
  return { plan: new Generator(planned).plan(genes), genes, tried: 1 };
}
