/**
 * Job files come in and go out without holding anybody up. Of one that comes in one thread checks the file and another one
 * stores it meanwhile; what was stored stands only once the file was found whole.
 */
import { MessageChannel } from 'node:worker_threads';
import type { Response } from 'express';
import type { Pool } from '../db/pool.ts';
import { HttpProblem, notFound, notJson, unavailableProblem, unprocessable } from '../http/errors.ts';
import { bounded, fileThreads, until } from './filethreads.ts';
import type { CheckTold, Database, DemoTold, ExportTold, StoreTold } from './importthread.ts';

export interface Imported {
  readonly fresh: boolean;
  readonly name: string;
  readonly entries: number;
  /** What whoever brings it should know of its record. */
  readonly says?: string | undefined;
}

const databaseOf = ({ options, tenant }: Pool): Database => ({ url: options.connectionString ?? '', tenant });

/**
 * @param bytes of the file, as it came
 * @param gone nobody waits for it any more
 * @throws HttpProblem with every reason why it is none, or why it cannot be stored now
 */
export const importFile = (
  pool: Pool,
  id: string,
  bytes: Buffer,
  now: Date,
  gone: AbortSignal,
): Promise<Imported> =>
  until(gone, async (signal) => {
    const shared = new SharedArrayBuffer(bytes.length);
    new Uint8Array(shared).set(bytes);
    const { port1, port2 } = new MessageChannel();
    try {
      const checking = fileThreads().run({ task: 'check', bytes: shared }, { signal }) as Promise<CheckTold>;
      const storing = fileThreads().run(
        {
          ...{ task: 'store', bytes: shared, verdict: port2, id, nowMs: now.getTime() },
          database: databaseOf(pool),
        },
        { signal, transferList: [port2] },
      ) as Promise<StoreTold>;
      // It is heard below; until then nobody waits for it.
      storing.catch(() => undefined);
      let whole = false;
      try {
        const told = await checking;
        if ('notJson' in told) throw notJson();
        if ('problems' in told) throw unprocessable(told.problems);
        whole = true;
      } finally {
        port1.postMessage(whole);
      }
      const stored = await storing;
      if ('unavailable' in stored) throw unavailableProblem(stored.unavailable);
      if ('taken' in stored) throw new HttpProblem(409, stored.taken);
      return stored;
    } finally {
      port1.close();
    }
  });

/** @returns the name of the job, and its file as it goes out */
export const exportFile = (
  pool: Pool,
  id: string,
  now: Date,
  res: Response,
): Promise<{ readonly name: string; readonly bytes: Uint8Array }> =>
  bounded(res, async (signal) => {
    const told = (await fileThreads().run(
      { task: 'export', id, nowMs: now.getTime(), database: databaseOf(pool) },
      { signal },
    )) as ExportTold;
    if ('missing' in told) throw notFound('Job', id);
    if ('unavailable' in told) throw unavailableProblem(told.unavailable);
    return told;
  });

/** Stores a fresh demo under an id; earlier demos are put away. */
export const importDemo = (pool: Pool, id: string, now: Date, res: Response): Promise<void> =>
  bounded(res, async (signal) => {
    const told = (await fileThreads().run(
      { task: 'demo', id, nowMs: now.getTime(), database: databaseOf(pool) },
      { signal },
    )) as DemoTold;
    if ('unavailable' in told) throw unavailableProblem(told.unavailable);
    if ('taken' in told) throw new HttpProblem(409, told.taken);
  });
