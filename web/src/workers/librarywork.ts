/** A worker for a build-up out of a file, and its end. */
import { openWork, type OpenWork } from './openwork.ts';
import { libraryTasks, type LibraryTasks } from './librarytasks.ts';

export const openLibraryFile = (): OpenWork<LibraryTasks> =>
  openWork(
    () => libraryTasks,
    () => new Worker(new URL('./library.worker.ts', import.meta.url), { type: 'module' }),
  );
