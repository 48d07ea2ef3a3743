/**
 * Job files come in without holding anybody up: one thread checks the file, another one stores it meanwhile, and what was
 * stored stands only once the file was found whole.
 */
import { createRequire } from 'node:module';
import { MessageChannel } from 'node:worker_threads';
import { pathToFileURL } from 'node:url';
import type { Response } from 'express';
import { Piscina } from 'piscina';
import type { Problem } from '@lentum/core/problems';
import type { Pool } from '../db/pool.ts';
import { HttpProblem, notJson, unavailableProblem, unprocessable } from '../http/errors.ts';
import type { CheckTold, ImportAsked, StoreTold } from './importthread.ts';

const DEADLINE_MS = 120_000;
/** Files of which the bytes are kept while they wait. */
const MOST_WAITING = 8;
const IDLE_MS = 30_000;

let threads: Piscina<ImportAsked, CheckTold | StoreTold> | undefined;
function open(): Piscina<ImportAsked, CheckTold | StoreTold> {
  const loader = pathToFileURL(createRequire(import.meta.url).resolve('tsx')).href;
  threads ??= new Piscina({
    filename: new URL('./importthread.ts', import.meta.url).href,
    execArgv: ['--import', loader],
    minThreads: 0,
    // In pairs, the checking one first: the storing one waits for it and for nothing else.
    maxThreads: 2,
    maxQueue: 2 * MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: 3072, maxYoungGenerationSizeMb: 256 },
  });
  return threads;
}

export interface Imported {
  readonly fresh: boolean;
  readonly name: string;
  readonly entries: number;
}

/**
 * @param bytes of the file, as it came
 * @throws HttpProblem with every reason why it is none, or why it cannot be stored now
 */
export async function importFile(
  pool: Pool,
  id: string,
  bytes: Buffer,
  now: Date,
  res: Response,
): Promise<Imported> {
  const left = new AbortController();
  const leave = (): void => left.abort();
  res.once('close', leave);
  const late = AbortSignal.timeout(DEADLINE_MS);
  const signal = AbortSignal.any([late, left.signal]);
  const shared = new SharedArrayBuffer(bytes.length);
  new Uint8Array(shared).set(bytes);
  const { port1, port2 } = new MessageChannel();
  try {
    const checking = open().run({ task: 'check', bytes: shared }, { signal }) as Promise<CheckTold>;
    const storing = open().run(
      {
        ...{ task: 'store', bytes: shared, verdict: port2, id, nowMs: now.getTime() },
        databaseUrl: pool.options.connectionString ?? '',
      },
      { signal, transferList: [port2] },
    ) as Promise<StoreTold>;
    // It is heard below; until then nobody waits for it.
    storing.catch(() => undefined);
    let whole = false;
    try {
      const told = await checking;
      if ('notJson' in told) throw notJson();
      if ('problems' in told) throw unprocessable(told.problems as readonly Problem[]);
      whole = true;
    } finally {
      port1.postMessage(whole);
    }
    const stored = await storing;
    if ('unavailable' in stored) throw unavailableProblem(stored.unavailable);
    if ('taken' in stored) throw new HttpProblem(409, stored.taken);
    return stored;
  } catch (error) {
    if (error instanceof HttpProblem) throw error;
    if (late.aborted)
      throw new HttpProblem(503, 'The file takes too long to be read just now; nothing of it was saved');
    if (left.signal.aborted) throw new HttpProblem(499, 'Nobody waits for the answer');
    const { code, message } = error as { readonly code?: unknown; readonly message?: string };
    if (code === 'ERR_WORKER_OUT_OF_MEMORY')
      throw new HttpProblem(413, 'The file takes more memory than there is for it');
    if (message === 'Task queue is at limit')
      throw new HttpProblem(503, 'Other files are being read just now; try it again');
    throw error;
  } finally {
    res.off('close', leave);
    port1.close();
  }
}

export async function endImports(): Promise<void> {
  await threads?.destroy();
  threads = undefined;
}
