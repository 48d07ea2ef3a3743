/**
 * What no plan can beat. The work of a bay takes its own way through cure and weather, whoever does it; and the work that
 * is left after any minute needs the hours of the crews that are there. Both are taken at their most favourable: crews at
 * their fastest, no way between works, bays that hinder nobody.
 */
import { BEYOND, cureHour, hoursOf, quarter, type Planned, type Task } from './model.ts';
import { workedBy, type Shift } from './shifts.ts';

const fastest = (task: Task): number => Math.min(...task.minutes.filter((m) => m > 0));

/** The shifts in which somebody who can do a task is there. */
function shiftsFor(planned: Planned, task: Task): Shift[][] {
  return planned.crews.filter((_, i) => (task.minutes[i] ?? 0) > 0).map((c) => [...c.shifts]);
}

/** The earliest end of a task that may begin at a minute: with any crew, whatever else there is to do. */
function earliestEnd(planned: Planned, task: Task, from: number): number | undefined {
  let best: number | undefined;
  planned.crews.forEach((crew, c) => {
    const minutes = task.minutes[c] ?? 0;
    if (minutes <= 0) return;
    if (task.parted) {
      let left = minutes;
      for (const p of crew.shifts.flatMap((s) => s.parts)) {
        const at = Math.max(p.from, from);
        if (at >= p.to) continue;
        if (left <= p.to - at) {
          best = Math.min(best ?? Infinity, at + left);
          return;
        }
        left -= p.to - at;
      }
      return;
    }
    for (const shift of crew.shifts) {
      const open = Math.max(quarter(Math.max(shift.from + task.headMin, from)), 0);
      const last = shift.to - task.tailMin - minutes;
      for (let start = open; start <= last; start += 15) {
        const sky = planned.outlook.sky(task.index, hoursOf(start, start + minutes));
        const hour = Math.floor(start / 60);
        if (sky && sky.open[hour] !== 1) {
          start = (sky.next[hour + 1] ?? 1e6) * 60 - 15;
          continue;
        }
        best = Math.min(best ?? Infinity, start + minutes);
        return;
      }
    }
  });
  return best;
}

export interface Bound {
  /** No plan has its last work done before, minutes; undefined: some work has no room at all. */
  readonly finishMin: number | undefined;
  /** No plan takes fewer minutes of crews that work. */
  readonly crewMin: number;
  /** What holds it: the way of a bay, or the hours of the crews. */
  readonly by: 'cure and weather' | 'hours of the crews';
}

/** @param tasks those that are to be done: all of them, or those that found room */
export function boundOf(planned: Planned, tasks: readonly Task[] = planned.tasks): Bound {
  const wanted = new Set(tasks.map((t) => t.index));
  const heads = new Map<number, number>();
  let path: number | undefined = 0;
  for (const task of planned.tasks) {
    if (!wanted.has(task.index)) continue;
    let from = Math.max(0, task.earliestMin, task.startMin ?? 0);
    for (const link of task.after) {
      const end = heads.get(link.task);
      if (end === undefined) continue;
      from = Math.max(from, end + link.lagMin);
      const cure = link.cures ? planned.outlook.cure(link.task) : undefined;
      const opens = cure ? (cure.from[cureHour(end)] ?? BEYOND) : 0;
      if (opens > 0) from = Math.max(from, opens);
    }
    const end = earliestEnd(planned, task, from);
    if (end === undefined) {
      path = undefined;
      break;
    }
    heads.set(task.index, end);
    if (path !== undefined) path = Math.max(path, end);
  }
  const crewMin = tasks.reduce(
    (n, t) => n + (shiftsFor(planned, t).length > 0 && !isInspection(planned, t) ? fastest(t) : 0),
    0,
  );
  if (path === undefined) return { finishMin: undefined, crewMin, by: 'cure and weather' };
  const crews = planned.crews.filter((c) => !c.inspects);
  let capacity = 0;
  // The work that cannot begin before a minute needs the hours after it.
  const begins = tasks
    .filter((t) => !isInspection(planned, t))
    .map((t) => ({ from: (heads.get(t.index) ?? 0) - fastest(t), minutes: fastest(t) }))
    .sort((a, b) => b.from - a.from);
  let left = 0;
  for (const { from, minutes } of begins) {
    left += minutes;
    capacity = Math.max(
      capacity,
      whenWorked(
        crews.map((c) => c.shifts),
        from,
        left,
      ),
    );
  }
  return capacity > path
    ? { finishMin: capacity, crewMin, by: 'hours of the crews' }
    : { finishMin: path, crewMin, by: 'cure and weather' };
}

const isInspection = (planned: Planned, task: Task): boolean =>
  planned.crews.every((c, i) => c.inspects || (task.minutes[i] ?? 0) <= 0);

/** The minute by which crews together have worked so much since another; Infinity where their hours end before. */
function whenWorked(shifts: readonly (readonly Shift[])[], from: number, minutes: number): number {
  const since = shifts.reduce((n, s) => n + workedBy(s, from), 0);
  const edges = [...new Set(shifts.flatMap((s) => s.flatMap((x) => x.parts.flatMap((p) => [p.from, p.to]))))]
    .filter((m) => m > from)
    .sort((a, b) => a - b);
  let at = from;
  let done = 0;
  for (const edge of edges) {
    const then = shifts.reduce((n, s) => n + workedBy(s, edge), 0) - since;
    if (then >= minutes) {
      const rate = (then - done) / (edge - at);
      return at + (minutes - done) / rate;
    }
    at = edge;
    done = then;
  }
  return Infinity;
}
