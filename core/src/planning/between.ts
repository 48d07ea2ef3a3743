/** Minutes between two works of one crew: none on the same work, a change of material, a move to another roof. */
import type { Planned, Task } from './model.ts';

export const isSameWork = (a: Task, b: Task): boolean =>
  a.zone === b.zone && a.layerId === b.layerId && a.kind === b.kind;

export function betweenWorks(planned: Pick<Planned, 'moveMin' | 'changeMin'>, a: Task, b: Task): number {
  if (a.zone !== b.zone) return planned.moveMin;
  return isSameWork(a, b) ? 0 : planned.changeMin;
}
