/** The judge of a large job, off the main thread. */
import { expose } from 'comlink';
import { Judge } from './judge.ts';

expose(new Judge());
