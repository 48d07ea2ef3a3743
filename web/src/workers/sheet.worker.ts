/** Spreadsheets read off the main thread. Giving one up is ending the worker. */
import { expose } from 'comlink';
import { sheetTasks } from './sheettasks.ts';

expose(sheetTasks);
