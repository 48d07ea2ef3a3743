/** What a plan costs: days late, what is put right, crews, and what does not fit. It is what one plan is measured against another by. */
import {
  BEYOND,
  cureHour,
  type Placed,
  type PlanCrew,
  type PlanDeadline,
  type Planned,
  type Task,
} from './model.ts';

const MIN_PER_DAY = 1440;
/** What counts how much, in minutes of a crew. */
const WEIGHTS = {
  /** A task that does not fit in the hours that are known, by the minute. */
  unplaced: 20,
  /** A day late where nobody said what it costs; else what it costs, by the unit. */
  lateDay: 600,
  /** What is put right, by the minute, over the time that it takes. */
  remedy: 3,
  crew: 1,
  /** The last work done, by the minute. */
  finish: 0.2,
} as const;

/** When the last film of a bay lets feet or wheels on, or the work on it is done; BEYOND where that is not known. */
function openedAt(planned: Planned, task: Task, placed: Placed, what: PlanDeadline['what']): number {
  const cure = planned.outlook.cure(task.index);
  if (what === 'done' || !cure) return placed.end;
  const stage = what === 'feet' ? cure.foot : what === 'wheels' ? cure.wheels : cure.rainSafe;
  return stage[cureHour(placed.end)] ?? BEYOND;
}

/** The last task of each bay: the one that no other of its bay follows. */
export function lastTasks(planned: Planned): Task[] {
  const followed = new Set(
    planned.tasks.flatMap((t) =>
      t.after.filter((l) => planned.tasks[l.task]?.bay === t.bay).map((l) => l.task),
    ),
  );
  return planned.tasks.filter((t) => !followed.has(t.index));
}

/** When a zone is open, or done; undefined where it is not within the hours that are known. */
export function zoneReady(
  planned: Planned,
  placed: readonly (Placed | undefined)[],
  zone: number,
  what: PlanDeadline['what'],
  lasts: readonly Task[] = lastTasks(planned),
): number | undefined {
  let ready = 0;
  for (const task of lasts) {
    if (task.zone !== zone) continue;
    const p = placed[task.index];
    if (!p) return undefined;
    const at = openedAt(planned, task, p, what);
    if (at < 0) return undefined;
    ready = Math.max(ready, at);
  }
  return ready;
}

/** Minutes for which a crew is paid: of each day from its beginning to the end of its last work. */
export function paidMin(crew: PlanCrew, own: readonly Placed[]): number {
  return crew.shifts.reduce((sum, shift) => {
    const last = own.reduce(
      (to, p) => (p.start < shift.to && p.end > shift.from ? Math.max(to, p.end) : to),
      0,
    );
    if (last === 0) return sum;
    const to = Math.min(last, shift.to);
    return sum + shift.parts.reduce((n, p) => n + Math.max(0, Math.min(p.to, to) - p.from), 0);
  }, 0);
}

export interface Sums {
  readonly unplacedMin: number;
  readonly late: readonly {
    readonly deadline: PlanDeadline;
    readonly readyMin: number | undefined;
    readonly lateDays: number;
  }[];
  readonly remedyMin: number;
  readonly remedies: number;
  readonly crewMin: number;
  /** When the last work is done. */
  readonly finishMin: number;
}

const least = (task: Task): number => Math.min(...task.minutes.filter((m) => m > 0));

export function sumsOf(planned: Planned, placed: readonly (Placed | undefined)[]): Sums {
  let unplacedMin = 0;
  let remedyMin = 0;
  let remedies = 0;
  let finishMin = 0;
  const own: Placed[][] = planned.crews.map(() => []);
  for (const task of planned.tasks) {
    const p = placed[task.index];
    if (!p) {
      const minutes = least(task);
      unplacedMin += minutes === Infinity ? 60 : minutes;
      continue;
    }
    own[p.crew]?.push(p);
    finishMin = Math.max(finishMin, p.end);
    if (p.late) {
      remedies += 1;
      remedyMin += task.remedyMin;
    }
  }
  const crewMin = planned.crews.reduce((n, c, i) => (c.inspects ? n : n + paidMin(c, own[i] ?? [])), 0);
  const lasts = planned.deadlines.length > 0 ? lastTasks(planned) : [];
  const late = planned.deadlines.map((deadline) => {
    const readyMin = zoneReady(planned, placed, deadline.zone, deadline.what, lasts);
    const over = (readyMin ?? planned.endMin + MIN_PER_DAY) - deadline.byMin;
    return { deadline, readyMin, lateDays: Math.max(0, over / MIN_PER_DAY) };
  });
  return { unplacedMin, late, remedyMin, remedies, crewMin, finishMin };
}

export function scoreOf(planned: Planned, placed: readonly (Placed | undefined)[]): number {
  const s = sumsOf(planned, placed);
  const late = s.late.reduce(
    (n, { deadline, lateDays }) => n + lateDays * Math.max(WEIGHTS.lateDay, deadline.costPerDay),
    0,
  );
  return (
    WEIGHTS.unplaced * s.unplacedMin +
    late +
    WEIGHTS.remedy * s.remedyMin +
    WEIGHTS.crew * s.crewMin +
    WEIGHTS.finish * s.finishMin
  );
}
