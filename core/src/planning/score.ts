/** What a plan costs: days late, what is put right, crews, and what does not fit. It is what one plan is measured against another by. */
import { MINUTES_PER_DAY } from '../units/index.ts';
import {
  BEYOND,
  cureHour,
  fastest,
  type Placed,
  type PlanCrew,
  type PlanDeadline,
  type Planned,
  type Task,
  type Weights,
} from './model.ts';

const WEIGHTS: Weights = { unplaced: 20, lateDay: 600, remedy: 3, person: 0.4, finish: 0.2, mean: 0.3 };

export const weightsOf = ({ weights }: Pick<Planned, 'weights'>): Weights => weights ?? WEIGHTS;

/** When the last film of a bay lets feet or wheels on, or the work on it is done; BEYOND where that is not known. */
function openedAt(planned: Planned, task: Task, placed: Placed, what: PlanDeadline['what']): number {
  const cure = planned.outlook.cure(task.index);
  if (what === 'done' || !cure) return placed.end;
  const stage = what === 'feet' ? cure.foot : what === 'wheels' ? cure.wheels : cure.rainSafe;
  return stage[cureHour(placed.end)] ?? BEYOND;
}

/** The last task of each bay: the one that no other of its bay follows. */
export function lastTasks(planned: Pick<Planned, 'tasks'>): Task[] {
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

/** Minutes that a crew is at work: of each day from its first work to its last, breaks left out. */
export function workedMin(crew: PlanCrew, own: readonly Placed[]): number {
  let sum = 0;
  for (const shift of crew.shifts) {
    let first = Infinity;
    let last = 0;
    for (const p of own) {
      if (p.start >= shift.to || p.end <= shift.from) continue;
      first = Math.min(first, Math.max(p.start, shift.from));
      last = Math.max(last, Math.min(p.end, shift.to));
    }
    if (last === 0) continue;
    for (const p of shift.parts) sum += Math.max(0, Math.min(p.to, last) - Math.max(p.from, first));
  }
  return sum;
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
  /** Minutes of persons at work. */
  readonly personMin: number;
  /** When the last work is done. */
  readonly finishMin: number;
  /** The last work on a bay, on average over the bays with work. */
  readonly meanMin: number;
}

export function sumsOf(planned: Planned, placed: readonly (Placed | undefined)[]): Sums {
  let unplacedMin = 0;
  let remedyMin = 0;
  let remedies = 0;
  let finishMin = 0;
  const own: Placed[][] = planned.crews.map(() => []);
  const ends = new Float64Array(planned.bays.length);
  for (const task of planned.tasks) {
    const p = placed[task.index];
    if (!p) {
      const minutes = fastest(task);
      unplacedMin += minutes === Infinity ? 60 : minutes;
      continue;
    }
    own[p.crew]?.push(p);
    finishMin = Math.max(finishMin, p.end);
    ends[task.bay] = Math.max(ends[task.bay] ?? 0, p.end);
    if (p.late) {
      remedies += 1;
      remedyMin += task.remedyMin;
    }
  }
  const personMin = planned.crews.reduce(
    (n, c, i) => (c.inspects ? n : n + c.people * workedMin(c, own[i] ?? [])),
    0,
  );
  const lasts = planned.deadlines.length > 0 ? lastTasks(planned) : [];
  const late = planned.deadlines.map((deadline) => {
    const readyMin = zoneReady(planned, placed, deadline.zone, deadline.what, lasts);
    const over = (readyMin ?? planned.endMin + MINUTES_PER_DAY) - deadline.byMin;
    return { deadline, readyMin, lateDays: Math.max(0, over / MINUTES_PER_DAY) };
  });
  const worked = ends.filter((e) => e > 0);
  const meanMin = worked.reduce((a, b) => a + b, 0) / Math.max(1, worked.length);
  return { unplacedMin, late, remedyMin, remedies, personMin, finishMin, meanMin };
}

export function scoreOf(planned: Planned, placed: readonly (Placed | undefined)[]): number {
  const s = sumsOf(planned, placed);
  const weights = weightsOf(planned);
  const late = s.late.reduce(
    (n, { deadline, lateDays }) => n + lateDays * Math.max(weights.lateDay, deadline.costPerDay),
    0,
  );
  return (
    weights.unplaced * s.unplacedMin +
    late +
    weights.remedy * s.remedyMin +
    weights.person * s.personMin +
    weights.finish * s.finishMin +
    weights.mean * s.meanMin
  );
}
