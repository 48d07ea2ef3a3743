/** A worker for the outlines of one file, and its end. */
import { openWork, type OpenWork } from './openwork.ts';
import { outlineTasks, type OutlineTasks } from './outlinetasks.ts';

export type OpenOutlines = OpenWork<OutlineTasks>;
export const openOutlines = (): OpenOutlines =>
  openWork(
    outlineTasks,
    () => new Worker(new URL('./outline.worker.ts', import.meta.url), { type: 'module' }),
  );
