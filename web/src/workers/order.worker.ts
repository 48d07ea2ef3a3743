/** The order of a job counted off the main thread: pieces are nested and ground is judged for it. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import { WorkCounter } from './orderwork.ts';

expose(new WorkCounter());
