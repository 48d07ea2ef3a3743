/**
 * How sure a plan is: it is played in every way that the newest forecast may go, each as likely as the others. What is said
 * is a share of those ways, no more.
 */
import type { Condition } from '../programme/index.ts';
import type { Outlook, Placed, Plan, Planned } from './model.ts';
import { isRainedOn } from './opened.ts';
import { Player, type Happened } from './replay.ts';
import { lastTasks, scoreOf, sumsOf, zoneReady } from './score.ts';

export interface TaskChance {
  /** Share of the ways in which it is done as planned: begun in the planned hour, and not spoiled. */
  readonly holds: number;
  /** Share in which the hours after it spoil it, and by what in most of them. */
  readonly spoiled: number;
  readonly by: Condition | undefined;
  /** Share in which what lies below has closed before it is begun. */
  readonly late: number;
  /** Of what opens a roof: share in which rain falls on it before it is closed. */
  readonly openRain: number;
}

export interface Spread {
  /** One in ten is earlier than the first, one in ten later than the last; BEYOND the hours known is Infinity. */
  readonly early: number;
  readonly middle: number;
  readonly late: number;
  /** Eight in ten are no later. */
  readonly eight: number;
}

export interface PlanChances {
  readonly ways: number;
  readonly tasks: readonly (TaskChance | undefined)[];
  /** The last work done, minutes. */
  readonly finish: Spread;
  /** For each date to keep, the share of the ways in which it is kept, and when the zone is ready. */
  readonly deadlines: readonly { readonly holds: number; readonly ready: Spread }[];
  /** On average over the ways. */
  readonly personMin: number;
  readonly remedyMin: number;
  readonly remedies: number;
  /** What happened in each way. */
  readonly played: readonly { readonly sky: Outlook; readonly placed: readonly (Happened | undefined)[] }[];
}

/** The value below which a share of a list lies. */
export function quantile(sorted: readonly number[], share: number): number {
  const at = Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1));
  return sorted[at] ?? Infinity;
}

function spread(values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b);
  return {
    early: quantile(sorted, 0.1),
    middle: quantile(sorted, 0.5),
    late: quantile(sorted, 0.9),
    eight: quantile(sorted, 0.8),
  };
}

/** When the last of what was planned is done; Infinity where some of it found no room. */
function finishOf(plan: Plan, happened: readonly (Placed | undefined)[]): number {
  let last = 0;
  for (const p of plan.placed) {
    if (!p) continue;
    const h = happened[p.task];
    if (!h) return Infinity;
    last = Math.max(last, h.end);
  }
  return last;
}

/** @param ways the weather in each way that it may go */
export function chancesOfPlan(planned: Planned, plan: Plan, ways: readonly Outlook[]): PlanChances {
  const player = new Player(planned);
  const played = ways.map((sky) => ({ sky, placed: player.play(plan, sky).placed }));
  const n = Math.max(1, ways.length);
  const lasts = lastTasks(planned);
  const closers = new Map(
    planned.tasks.flatMap((t) => (t.closer && t.opened !== undefined ? [[t.opened, t.index] as const] : [])),
  );
  const rainedOn = (opener: number): number => {
    const closer = closers.get(opener);
    if (closer === undefined) return 0;
    const wet = played.filter(({ sky, placed }) => {
      const at = placed[opener];
      return at && isRainedOn({ ...planned, outlook: sky }, at, placed[closer]);
    });
    return wet.length / n;
  };
  const tasks = plan.placed.map((p): TaskChance | undefined => {
    if (!p) return undefined;
    const all = played.flatMap(({ placed }): Happened[] => {
      const h = placed[p.task];
      return h ? [h] : [];
    });
    const hour = Math.floor(p.start / 60);
    const by = new Map<Condition, number>();
    for (const { spoiled } of all) if (spoiled) by.set(spoiled, (by.get(spoiled) ?? 0) + 1);
    return {
      holds:
        all.filter((h) => Math.floor(h.start / 60) <= hour && !h.spoiled && (!h.late || p.late)).length / n,
      spoiled: all.filter((h) => h.spoiled).length / n,
      by: [...by].sort((a, b) => b[1] - a[1])[0]?.[0],
      late: all.filter((h) => h.late && !p.late).length / n,
      openRain: rainedOn(p.task),
    };
  });
  const inWay = played.map(({ sky, placed }) => ({ planned: { ...planned, outlook: sky }, placed }));
  const deadlines = planned.deadlines.map((d) => {
    const ready = inWay.map((w) => zoneReady(w.planned, w.placed, d.zone, d.what, lasts) ?? Infinity);
    return { holds: ready.filter((r) => r <= d.byMin).length / n, ready: spread(ready) };
  });
  const sums = inWay.map((w) => sumsOf(w.planned, w.placed));
  const mean = (of: (s: (typeof sums)[number]) => number): number => sums.reduce((a, s) => a + of(s), 0) / n;
  const spoiledMin = played.map(({ placed }) =>
    placed.reduce((m, h) => m + (h?.spoiled ? (planned.tasks[h.task]?.remedyMin ?? 0) : 0), 0),
  );
  return {
    ways: ways.length,
    tasks,
    finish: spread(played.map(({ placed }) => finishOf(plan, placed))),
    deadlines,
    played,
    personMin: mean((s) => s.personMin),
    remedyMin: mean((s) => s.remedyMin) + spoiledMin.reduce((a, b) => a + b, 0) / n,
    remedies:
      mean((s) => s.remedies) +
      played.reduce((m, { placed }) => m + placed.filter((h) => h?.spoiled).length, 0) / n,
  };
}

/** What a plan costs on average over ways that the weather may go, in the unit of its score. */
export function expectedScore(planned: Planned, plan: Plan, ways: readonly Outlook[]): number {
  if (ways.length === 0) return plan.score;
  const player = new Player(planned);
  const total = ways.reduce((sum, sky) => {
    const { placed } = player.play(plan, sky);
    const spoiled = placed.reduce(
      (m, h) => m + (h?.spoiled ? (planned.tasks[h.task]?.remedyMin ?? 0) : 0),
      0,
    );
    return sum + scoreOf({ ...planned, outlook: sky }, placed) + SPOILED * spoiled;
  }, 0);
  return total / ways.length;
}
/** What is put right costs material beside its time. */
const SPOILED = 3;
