/** A plan that is kept, and how another one differs from it. */
import { MS_PER_MINUTE } from '../units/index.ts';
import type { PlanAnswer, TaskShown } from './answer.ts';
import type { KeptPlan } from './schema.ts';

/** The plan as it is kept: what is done when, and by whom. */
export function keptFrom(answer: PlanAnswer, nowMs: number): KeptPlan {
  const at = (ms: number): string => new Date(ms).toISOString();
  return {
    plannedAt: at(nowMs),
    ...(answer.finishMs === undefined ? {} : { finishAt: at(answer.finishMs) }),
    tasks: answer.tasks.map((t) => ({
      ...{ taskId: t.id, crewId: answer.crews[t.crew]?.id ?? '', startAt: at(t.startMs), endAt: at(t.endMs) },
    })),
  };
}

export interface Moved {
  readonly task: TaskShown;
  readonly fromMs: number;
  readonly crewId: string;
}

export interface PlanChanges {
  /** Later or earlier by more than a quarter of an hour, or with another crew. */
  readonly moved: readonly Moved[];
  /** Not in the kept plan: new work, or put right since. */
  readonly fresh: readonly TaskShown[];
  /** In the kept plan and no more to do: done, or without room; tasks that the answer plans are not among them. */
  readonly gone: readonly KeptPlan['tasks'][number][];
  /** The last work is later by so much, ms; undefined where one of them has no end. */
  readonly laterMs: number | undefined;
}

/** Smaller moves are none. */
const SAME_MS = 15 * MS_PER_MINUTE;

export function changesSince(kept: KeptPlan, answer: PlanAnswer): PlanChanges {
  const before = new Map(kept.tasks.map((t) => [t.taskId, t]));
  const moved: Moved[] = [];
  const fresh: TaskShown[] = [];
  const there = new Set<string>();
  for (const task of answer.tasks) {
    there.add(task.id);
    const was = before.get(task.id);
    if (!was) {
      fresh.push(task);
      continue;
    }
    const fromMs = Date.parse(was.startAt);
    const crewId = answer.crews[task.crew]?.id ?? '';
    // What was to begin before now and goes on is no move.
    const begun = fromMs < answer.startMs && task.startMs - answer.startMs <= SAME_MS;
    if ((Math.abs(task.startMs - fromMs) > SAME_MS && !begun) || crewId !== was.crewId)
      moved.push({ task, fromMs, crewId: was.crewId });
  }
  const end = kept.finishAt === undefined ? undefined : Date.parse(kept.finishAt);
  return {
    moved,
    fresh,
    gone: kept.tasks.filter((t) => !there.has(t.taskId)),
    laterMs: end === undefined || answer.finishMs === undefined ? undefined : answer.finishMs - end,
  };
}
