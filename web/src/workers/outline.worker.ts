/** Outlines out of files, off the main thread. Giving one up is ending the worker. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import { outlineTasks } from './outlinetasks.ts';

expose(outlineTasks());
