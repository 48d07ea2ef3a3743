/** Entries are written while the server, its connections or its database are killed: what was acknowledged is there. */
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { readFileSync } from 'node:fs';
import pg from 'pg';
import type { StoredEntry } from '@lentum/core/record';
import type { Target } from './target.ts';

const WRITERS = 4;

/** An entry of the job as a whole, which needs no zone. */
function delivery(deviceId: string): { id: string } & Record<string, unknown> {
  const at = new Date().toISOString();
  return {
    ...{ form: 2, id: randomUUID(), kind: 'stock', version: 1, personId: deviceId, deviceId, madeAt: at },
    ...{
      bays: [],
      attachments: [],
      body: { at, step: 'came', item: 'x', name: 'Primer', count: 1, batch: 'A' },
    },
  };
}

export interface Killed {
  readonly times: number;
  readonly acknowledged: number;
  readonly lost: number;
  /** Jobs of which the chain is broken. */
  readonly broken: number;
  readonly twice: number;
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
  const acknowledged = new Map<string, string[]>();
  let writing = true;
  const jobs = await Promise.all(Array.from({ length: WRITERS }, () => target.job()));
  const person = randomUUID();
  for (let status: number | undefined; status === undefined || status >= 500;)
    status = await target.ask('PUT', `/people/${person}`, { name: 'Ines' });
  const writers = jobs.map(async (job) => {
    acknowledged.set(job, []);
    while (writing) {
      const entry = delivery(person);
      // As a device does it: the same entry again until it is acknowledged.
      for (let status: number | undefined; writing; await wait(20)) {
        status = await target.ask('PUT', `/jobs/${job}/record/${entry.id}`, entry);
        if (status === 200 || status === 201) {
          acknowledged.get(job)?.push(entry.id);
          break;
        }
        if (status !== undefined && status < 500)
          throw new Error(`an entry was answered with ${status}: ${target.lastDetail}`);
      }
    }
  });
  let slowestMs = 0;
  for (let i = 0; i < times; i += 1) {
    await wait(100 + chance() * 500);
    await KILLS[what](target);
    // It dies a moment later.
    await wait(50);
    slowestMs = Math.max(slowestMs, await target.back());
  }
  writing = false;
  await Promise.all(writers);
  let [lost, broken, twice] = [0, 0, 0];
  for (const [job, ids] of acknowledged) {
    const there: string[] = [];
    for (let after = 0, more = true; more;) {
      const page = await target.read<{ entries: StoredEntry[]; next?: number }>(
        `/jobs/${job}/record?after=${after}&limit=2000`,
      );
      there.push(...page.entries.map((s) => s.entry.id));
      more = page.next !== undefined;
      after = page.next ?? after;
    }
    const known = new Set(there);
    lost += ids.filter((id) => !known.has(id)).length;
    twice += there.length - known.size;
    if (!(await target.read<{ whole: boolean }>(`/jobs/${job}/record-check`)).whole) broken += 1;
  }
  const all = [...acknowledged.values()].reduce((n, ids) => n + ids.length, 0);
  return { times, acknowledged: all, lost, broken, twice, slowestMs };
}
