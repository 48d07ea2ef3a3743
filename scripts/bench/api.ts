/** The API at 50 requests a second with 100,000 entries in the record table, reads and writes mixed. */
import { randomUUID } from 'node:crypto';
import { DEMO_ANCHOR } from '@lentum/demo';
import { createPool } from '../../server/src/db/pool.ts';
import { prepare } from '../../server/src/db/prepare.ts';
import { importJob } from '../../server/src/jobfile/store.ts';
import { startApp } from '../lib/server.mjs';
import { largeJob } from './manyentries.ts';
import { median, p95, type Row } from './table.ts';

const ENTRIES = 100_000;
const PER_SECOND = 50;
const SECONDS = 20;
const AIM_MS = 40;

export async function benchApi(): Promise<Row[]> {
  const database = {
    url: process.env['DATABASE_URL'] ?? '',
    ownerUrl: process.env['DATABASE_OWNER_URL'] ?? '',
  };
  await prepare(database);
  const pool = createPool(database.url);
  const id = randomUUID();
  const stored = performance.now();
  await importJob(pool, id, largeJob(ENTRIES), new Date(DEMO_ANCHOR));
  const storing = performance.now() - stored;
  const owner = createPool(database.ownerUrl);
  await owner.query('ANALYZE');
  await owner.end();
  await pool.end();

  const app = await startApp(database, { env: { LENTUM_DEMO: 'off' }, quiet: true });
  const base = `http://127.0.0.1:${app.port}/api/v1`;
  const kinds: [string, (n: number) => Promise<Response>][] = [
    ['job', () => fetch(`${base}/jobs/${id}`)],
    ['jobs', () => fetch(`${base}/jobs`)],
    ['survey', () => fetch(`${base}/jobs/${id}/survey`)],
    ['record page', (n) => fetch(`${base}/jobs/${id}/record?limit=100&after=${(n * 7919) % ENTRIES}`)],
    [
      'append',
      () => {
        const at = new Date().toISOString();
        const entry = {
          kind: 'conditions',
          id: randomUUID(),
          madeAt: at,
          who: 'Ines',
          zoneId: 'hall',
          at,
          airC: 20,
          humidityPct: 50,
          surfaceC: 20,
        };
        return fetch(`${base}/jobs/${id}/record/${entry.id}`, {
          method: 'PUT',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify(entry),
        });
      },
    ],
  ];
  const times: Record<string, number[]> = {};
  let failed = 0;
  const send = async (n: number): Promise<void> => {
    const [name, run] = kinds[n % kinds.length] ?? [];
    if (!name || !run) return;
    const from = performance.now();
    const r = await run(n);
    await r.arrayBuffer();
    (times[name] ??= []).push(performance.now() - from);
    if (!r.ok) failed += 1;
  };
  for (let n = 0; n < 50; n += 1) await send(n);
  for (const name of Object.keys(times)) times[name] = [];
  const all: Promise<void>[] = [];
  for (let n = 0; n < PER_SECOND * SECONDS; n += 1) {
    all.push(send(n));
    await new Promise((r) => setTimeout(r, 1000 / PER_SECOND));
  }
  await Promise.all(all);
  await app.stop();

  const every = Object.values(times).flat();
  const ms = (v: number): string => `${v.toFixed(1)} ms`;
  return [
    {
      what: `store a job of ${ENTRIES.toLocaleString('en-GB')} entries`,
      measured: `${(storing / 1000).toFixed(1)} s`,
      aim: '',
    },
    {
      what: `API p95 at ${PER_SECOND} requests a second, ${failed} failed`,
      measured: ms(p95(every)),
      aim: '< 40 ms',
      held: p95(every) < AIM_MS && failed === 0,
    },
    ...Object.entries(times).map(([name, v]) => ({
      what: `  ${name}: median, p95`,
      measured: `${ms(median(v))}, ${ms(p95(v))}`,
      aim: '',
    })),
  ];
}
