/** A worker for photographs, and its end. */
import { openWork, type OpenWork } from './openwork.ts';
import { photoTasks, type PhotoTasks } from './phototasks.ts';

export type OpenPhotos = OpenWork<PhotoTasks>;
export const openPhotos = (): OpenPhotos =>
  openWork(
    () => photoTasks,
    () => new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }),
  );
