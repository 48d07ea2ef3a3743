/** The judge of a large job, off the main thread. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import { Judge } from './judge.ts';

expose(new Judge());
