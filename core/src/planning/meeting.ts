/**
 * Layers that never come in time: in no working hour of the days looked at may a coat be begun while what lies below it is
 * open. It is told of the hours that are known, and of days that stand for those that are not.
 */
import { cureHour, type Planned, type Task } from './model.ts';

export interface NeverMeets {
  readonly zone: number;
  readonly name: string;
  readonly below: string;
  /** Working hours in which each of them may be begun. */
  readonly hours: number;
  readonly belowHours: number;
}

/** 1 in hours in which some crew that can do a work is there. */
function workingHours({ crews, endMin }: Planned, task: Task): Uint8Array {
  const there = new Uint8Array(Math.floor(endMin / 60));
  crews.forEach((crew, c) => {
    if ((task.minutes[c] ?? 0) <= 0) return;
    for (const { parts } of crew.shifts)
      for (const p of parts) there.fill(1, Math.floor(p.from / 60), Math.ceil(p.to / 60));
  });
  return there;
}

const startHours = (planned: Planned, task: Task): number[] => {
  const sky = planned.outlook.sky(task.index, 1);
  return [...workingHours(planned, task).entries()].flatMap(([h, is]) =>
    is === 1 && (!sky || sky.open[h] === 1) ? [h] : [],
  );
};

/** Each pair of layers once for a roof; only where the one below closes at all. */
export function neverMeeting(planned: Planned): NeverMeets[] {
  const found = new Map<string, NeverMeets>();
  const seen = new Set<string>();
  for (const task of planned.tasks)
    for (const link of task.after) {
      const before = planned.tasks[link.task];
      const cure = link.cures ? planned.outlook.cure(link.task) : undefined;
      if (!before || !cure?.until) continue;
      const key = `${task.zone}/${before.layerId ?? ''}/${before.kind}/${task.layerId ?? ''}/${task.kind}`;
      if (seen.has(key)) continue;
      seen.add(key);
      const starts = startHours(planned, task);
      const below = startHours(planned, before);
      const minutes = Math.min(...before.minutes.filter((m) => m > 0));
      // Without an hour for one of them there is nothing to come together: that is told of the work itself.
      const meets =
        starts.length === 0 ||
        below.length === 0 ||
        below.some((h) => {
          const end = cureHour(h * 60 + (Number.isFinite(minutes) ? minutes : 0));
          const opens = cure.from[end] ?? -1;
          const closes = cure.until?.[end] ?? -1;
          // What does not close within the hours looked at is open to their end.
          const last = closes < 0 ? planned.endMin : closes;
          return opens >= 0 && starts.some((s) => s * 60 <= last && (s + 1) * 60 > opens);
        });
      if (!meets)
        found.set(key, {
          ...{ zone: task.zone, name: task.name, below: before.name },
          ...{ hours: starts.length, belowHours: below.length },
        });
    }
  return [...found.values()];
}
