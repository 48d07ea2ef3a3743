/** Why works stand elsewhere than in a plan that was kept, each by what bars its kept hour now. */
import { CONDITIONS, failsIn, type Condition } from '../programme/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';
import { CrewTimes } from './crewtime.ts';
import { closesAfter, cureHour, hoursOf, opensAfter, type Plan, type Task } from './model.ts';
import type { JobPlanned } from './jobplanned.ts';
import type { KeptPlan } from './schema.ts';

export const MOVE_KINDS = [
  'by hand',
  'not done',
  'ground or cure',
  'delivery',
  'below',
  'crew away',
  'weather',
  'order',
] as const;
export type MoveKind = (typeof MOVE_KINDS)[number];

export interface MoveWhy {
  readonly kind: MoveKind;
  /** Of the weather: what fails first at its kept hour. */
  readonly condition: Condition | undefined;
}

/** What bars a start with a crew; `order`: nothing does, others come first or it is done sooner. */
export function barOf(
  planned: JobPlanned,
  plan: Plan,
  task: Task,
  was: { readonly start: number; readonly crew: number },
  times: CrewTimes,
): MoveWhy {
  const because = (kind: MoveKind, condition?: Condition): MoveWhy => ({ kind, condition });
  if (was.start < 0) return because('not done');
  if (was.start < task.earliestMin) {
    const own = planned.works[task.index]?.earliestMs;
    const opens = own === undefined ? 0 : (own - planned.startMs) / MS_PER_MINUTE;
    return because(opens > was.start ? 'ground or cure' : 'delivery');
  }
  for (const link of task.after) {
    const before = plan.placed[link.task];
    if (!before) continue;
    const cure = link.cures ? planned.outlook.cure(link.task) : undefined;
    const hour = cureHour(before.end);
    const from = Math.max(before.end + link.lagMin, cure ? opensAfter(link, cure, hour) : 0);
    const until = cure ? closesAfter(link, cure, hour) : -1;
    if (from > was.start || (until >= 0 && until < was.start)) return because('below');
  }
  const time = times.of(was.crew, task);
  const minutes = task.minutes[was.crew] ?? 0;
  if (!time || minutes <= 0 || time.begins(was.start) !== was.start) return because('crew away');
  const end = task.parted ? was.start : was.start + minutes;
  const mask =
    planned.outlook.sky(task.index, task.parted ? 1 : hoursOf(was.start, end))?.mask[
      Math.floor(was.start / 60)
    ] ?? 0;
  const fails = CONDITIONS.find((c) => failsIn(mask, c));
  return fails ? because('weather', fails) : because('order');
}

/** For works of a kept plan that are planned now, by their ids: what bars the hour that they had. */
export function movesWhy(
  planned: JobPlanned,
  plan: Plan,
  kept: Pick<KeptPlan, 'tasks'>,
): Map<string, MoveWhy> {
  const byId = new Map(kept.tasks.map((t) => [t.taskId, t]));
  const times = new CrewTimes(planned);
  const found = new Map<string, MoveWhy>();
  for (const task of planned.tasks) {
    const was = byId.get(task.id);
    if (!was || !plan.placed[task.index]) continue;
    const start = Math.round((Date.parse(was.startAt) - planned.startMs) / MS_PER_MINUTE);
    const crew = planned.crews.findIndex((c) => c.id === was.crewId);
    const isByHand = task.startMin !== undefined || task.crew !== undefined;
    found.set(
      task.id,
      isByHand
        ? { kind: 'by hand', condition: undefined }
        : barOf(planned, plan, task, { start, crew }, times),
    );
  }
  return found;
}
