/** A worker for one table out of a file, and its end. */
import { proxy, wrap } from 'comlink';
import { tableTasks, type SeenTable, type TableTasks } from './tabletasks.ts';

type Asked = {
  readonly [K in 'placed' | 'gauge' | 'hours' | 'climate']: (
    ...asked: Parameters<TableTasks[K]>
  ) => Promise<ReturnType<TableTasks[K]>>;
};
export interface OpenTable {
  readonly open: (file: Blob, name: string, progress: (share: number) => void) => Promise<SeenTable>;
  readonly ask: Asked;
  readonly end: () => void;
}

/** The same in place, for where there are no workers. */
function inPlace(): OpenTable {
  const tasks = tableTasks();
  return {
    open: tasks.open,
    ask: {
      placed: (...asked) => Promise.resolve(tasks.placed(...asked)),
      gauge: (...asked) => Promise.resolve(tasks.gauge(...asked)),
      hours: (...asked) => Promise.resolve(tasks.hours(...asked)),
      climate: (...asked) => Promise.resolve(tasks.climate(...asked)),
    },
    end: () => undefined,
  };
}

export function openTable(): OpenTable {
  if (typeof Worker === 'undefined') return inPlace();
  const worker = new Worker(new URL('./table.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<TableTasks>(worker);
  return {
    open: (file, name, progress) => remote.open(file, name, proxy(progress)),
    ask: {
      placed: async (...asked) => await remote.placed(...asked),
      gauge: async (...asked) => await remote.gauge(...asked),
      hours: async (...asked) => await remote.hours(...asked),
      climate: async (...asked) => await remote.climate(...asked),
    },
    end: () => worker.terminate(),
  };
}
