/** Entries are written while the server, its connections or its database are killed: what was acknowledged is there. */
import { setTimeout as wait } from 'node:timers/promises';
import { readFileSync } from 'node:fs';
import pg from 'pg';
import type { Target } from './target.ts';
import { Writers, type Found } from './writers.ts';

const WRITERS = 4;

export interface Killed extends Found {
  readonly times: number;
  readonly slowestMs: number;
}

/** How each kind of kill is done. */
export const KILLS = {
  server: (target: Target): Promise<void> => Promise.resolve(target.kill()),
  connections: async (target: Target): Promise<void> => {
    const admin = new pg.Client({ connectionString: target.database.ownerUrl });
    admin.on('error', () => undefined);
    await admin.connect();
    await admin.query(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
       WHERE datname = current_database() AND pid <> pg_backend_pid()`,
    );
    await admin.end();
  },
  database: async (target: Target): Promise<void> => {
    const admin = new pg.Client({ connectionString: target.database.ownerUrl });
    admin.on('error', () => undefined);
    await admin.connect();
    const { rows } = await admin.query<{ data_directory: string }>('show data_directory');
    const pid = Number(readFileSync(`${rows[0]?.data_directory}/postmaster.pid`, 'utf8').split('\n')[0]);
    process.kill(pid, 'SIGKILL');
    await admin.end().catch(() => undefined);
  },
} as const;

/** Kills so many times at moments of chance, with writers at work all the while. */
export async function killed(
  target: Target,
  what: keyof typeof KILLS,
  times: number,
  chance: () => number,
): Promise<Killed> {
  const writers = await Writers.begin(Array.from({ length: WRITERS }, () => target));
  let slowestMs = 0;
  for (let i = 0; i < times; i += 1) {
    await wait(100 + chance() * 500);
    await KILLS[what](target);
    // It dies a moment later.
    await wait(50);
    slowestMs = Math.max(slowestMs, await target.back());
  }
  await writers.end();
  return { times, slowestMs, ...(await writers.found(target)) };
}
