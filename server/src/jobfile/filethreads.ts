/** Threads in which job files are read and written: a large one takes seconds, and nobody else waits for it. */
import type { Response } from 'express';
import { Piscina } from 'piscina';
import { ENDED, goneWith, serverEnds } from '../compute/threads.ts';
import { HttpProblem } from '../http/errors.ts';
import { ownThread } from '../operations/ownthread.ts';
import type {
  CheckTold,
  DemoAsked,
  DemoTold,
  ExportAsked,
  ExportTold,
  ImportAsked,
  StoreTold,
} from './importthread.ts';

const DEADLINE_MS = 120_000;
/** Files of which the bytes are kept while they wait. */
const MOST_WAITING = 8;
/** One that checks and one that stores. */
const THREADS = 2;
/** So long one waits for another file. */
const IDLE_MS = 60_000;

type FileThreads = Piscina<
  ImportAsked | ExportAsked | DemoAsked,
  CheckTold | StoreTold | ExportTold | DemoTold
>;
let threads: FileThreads | undefined;
export function fileThreads(): FileThreads {
  threads ??= new Piscina({
    ...ownThread('jobfile/importthread.ts'),
    // Most hours nobody brings a file or takes one: then they do not stand about with their memory.
    minThreads: 0,
    idleTimeout: IDLE_MS,
    // Between two files a thread hears what becomes of its connection to the database.
    atomics: 'disabled',
    // A file that is checked and stored takes two, the checking one first: the other waits for it and for nothing else.
    maxThreads: THREADS,
    maxQueue: THREADS * MOST_WAITING,
    resourceLimits: { maxOldGenerationSizeMb: 3072, maxYoungGenerationSizeMb: 256 },
  });
  return threads;
}

export async function endFileThreads(): Promise<void> {
  await threads?.destroy();
  threads = undefined;
}

/** Runs work that ends with its client and at its deadline. */
export async function bounded<T>(res: Response, work: (signal: AbortSignal) => Promise<T>): Promise<T> {
  const gone = goneWith(res);
  try {
    return await until(gone.signal, work);
  } finally {
    gone.done();
  }
}

/** Runs work that ends at a signal and at its deadline, and says why it ended before its time. */
export async function until<T>(left: AbortSignal, work: (signal: AbortSignal) => Promise<T>): Promise<T> {
  const late = AbortSignal.timeout(DEADLINE_MS);
  try {
    return await work(AbortSignal.any([late, left]));
  } catch (error) {
    if (error instanceof HttpProblem) throw error;
    if (late.aborted) throw new HttpProblem(503, 'The file takes too long just now; nothing of it was saved');
    if (left.aborted) throw new HttpProblem(499, 'Nobody waits for the answer');
    const { code, message } = error as { readonly code?: unknown; readonly message?: string };
    if (code === 'ERR_WORKER_OUT_OF_MEMORY')
      throw new HttpProblem(413, 'The file takes more memory than there is for it');
    if (message === 'Task queue is at limit')
      throw new HttpProblem(503, 'Other files are being read and written just now; try it again');
    if (message === ENDED) throw serverEnds();
    throw error;
  }
}
