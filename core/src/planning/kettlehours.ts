/**
 * What a kettle holds is thrown away after so many hours at heat. A crew lights its kettle once a day: all that it lays from
 * it on a day lies within those hours, less the hours in which it melts.
 */
import type { Placed, Planned, Task } from './model.ts';

/** The start itself where a kettle holds until the work is done; else when to try again. */
export function kettleHolds(
  { tasks, crews }: Pick<Planned, 'tasks' | 'crews'>,
  task: Task,
  crew: number,
  works: Iterable<Placed>,
  { start, end }: { readonly start: number; readonly end: number },
): number {
  if (task.heldMin === undefined) return start;
  const shift = crews[crew]?.shifts.find((s) => s.from <= start && start < s.to);
  if (!shift) return start;
  let first = Infinity;
  let last = 0;
  let most = task.heldMin;
  for (const p of works) {
    const held = tasks[p.task]?.heldMin;
    if (held === undefined || p.start < shift.from || p.start >= shift.to) continue;
    first = Math.min(first, p.start);
    last = Math.max(last, p.end);
    most = Math.min(most, held);
  }
  if (Math.max(last, end) - Math.min(first, start) <= most) return start;
  // Lit later it may hold until the last of them; else it is another day's work.
  const later = last - most;
  return later > start && later <= first ? later : shift.to;
}
