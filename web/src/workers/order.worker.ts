/** The order of a job counted off the main thread: pieces are nested and ground is judged for it. */
import { expose } from 'comlink';
import { takeoff } from '@lentum/core/order';

const work = { takeoff };
export type OrderWork = typeof work;
expose(work);
