/** What was fixed by hand: on which crew, and from when. */
import { MS_PER_MINUTE } from '../units/index.ts';
import type { JobPlanned } from './jobplanned.ts';
import type { Task } from './model.ts';
import type { Crew, Pin } from './schema.ts';

/** The same with other works fixed by hand. */
export function withPins(planned: JobPlanned, pins: readonly Pin[]): JobPlanned {
  const byTask = new Map(pins.map((p) => [p.taskId, p]));
  const tasks = planned.tasks.map((task) => ({
    ...task,
    ...pinOf(byTask.get(task.id), planned.crewsOf, planned.startMs),
  }));
  return { ...planned, tasks };
}

export function pinOf(
  pin: Pin | undefined,
  crews: readonly Pick<Crew, 'id'>[],
  startMs: number,
): Pick<Task, 'crew' | 'startMin'> {
  const crew = crews.findIndex((c) => c.id === pin?.crewId);
  return {
    crew: crew < 0 ? undefined : crew,
    startMin:
      pin?.startAt === undefined ? undefined : Math.ceil((Date.parse(pin.startAt) - startMs) / MS_PER_MINUTE),
  };
}
