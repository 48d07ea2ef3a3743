/** A worker for one table out of a file, and its end. */
import { openWork, type OpenWork } from './openwork.ts';
import { tableTasks, type TableTasks } from './tabletasks.ts';

export type OpenTable = OpenWork<TableTasks>;
export const openTable = (): OpenTable =>
  openWork(tableTasks, () => new Worker(new URL('./table.worker.ts', import.meta.url), { type: 'module' }));
