/** The order of a job counted off the main thread: pieces are nested and ground is judged for it. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import { countWork } from './orderwork.ts';

const work = { countWork };
export type OrderWork = typeof work;
expose(work);
