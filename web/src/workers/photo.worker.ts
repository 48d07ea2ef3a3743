/** Photographs read off the main thread. */
import { expose } from 'comlink';
import { photoTasks } from './phototasks.ts';

expose(photoTasks);
