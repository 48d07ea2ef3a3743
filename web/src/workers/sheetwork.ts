/** A worker for the cells of a spreadsheet, and its end. */
import { openWork, type OpenWork } from './openwork.ts';
import { sheetTasks, type SheetTasks } from './sheettasks.ts';

export const openSheet = (): OpenWork<SheetTasks> =>
  openWork(
    () => sheetTasks,
    () => new Worker(new URL('./sheet.worker.ts', import.meta.url), { type: 'module' }),
  );
