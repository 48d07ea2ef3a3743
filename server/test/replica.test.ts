/** Reports are read from a copy of the database, and are never older than what was just written. */
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { passingFolder, PgNode } from '../../scripts/lib/pgnode.ts';
import { createPool, type Pool } from '../src/db/pool.ts';
import { prepare } from '../src/db/prepare.ts';
import { Replica } from '../src/db/replica.ts';
import { createApp } from '../src/http/app.ts';
import { NOW, V1 } from './support/api.ts';

const DATABASE = 'lentum';
const password = randomUUID();
const folder = passingFolder('test-replica');
const job = randomUUID();
let first: PgNode;
let follower: PgNode;
let pool: Pool;
let copy: Pool;

/** An application of its own: how one fared with the copy is not remembered by the next. */
function served(): { api: ReturnType<typeof request>; replica: Replica } {
  const replica = new Replica(pool, copy);
  return { api: request(createApp({ pool, replica, now: () => NOW })), replica };
}
/** Addresses that are reports. */
const REPORTS = [
  ...[
    'record-check',
    'record.csv',
    'days?tries=2',
    'standing',
    'upkeep?zone=hall',
    'handover?zone=hall',
    'file',
  ].map((part) => `/jobs/${job}/${part}`),
  '/batches?batch=P-2201',
];

beforeAll(async () => {
  first = await PgNode.make('first', folder, password);
  first.start();
  await first.query(`CREATE DATABASE ${DATABASE}`);
  const url = first.address(DATABASE);
  await prepare({ url, ownerUrl: url });
  follower = await PgNode.copyOf(first, 'follower');
  follower.start();
  pool = createPool(url);
  copy = createPool(follower.address(DATABASE), { least: 0, connectMs: 1000 });
  const { api } = served();
  await api
    .put(`${V1}/jobs/${job}/file`)
    .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
    .expect(201);
  await api.post(`${V1}/jobs/${job}/weather/fetch`).send({}).expect(200);
}, 120_000);
afterAll(async () => {
  await Promise.all([pool.end(), copy.end()]);
  await follower.kill();
  await first.kill();
  rmSync(folder, { recursive: true, force: true });
});

const enter = async (api: ReturnType<typeof request>): Promise<string> => {
  const id = randomUUID();
  const [at, entry] = [
    NOW.toISOString(),
    { form: 2, kind: 'event', version: 1, id, deviceId: 'phone', bays: [] },
  ];
  await api.put(`${V1}/people/ines`).send({ name: 'Ines' });
  await api
    .put(`${V1}/jobs/${job}/record/${id}`)
    .send({
      ...{ ...entry, personId: 'ines', madeAt: at, offsetMs: 0, zoneId: 'hall', attachments: [] },
      body: { at, what: 'rain' },
    })
    .expect(201);
  return id;
};
const entries = async (api: ReturnType<typeof request>): Promise<number> =>
  ((await api.get(`${V1}/jobs/${job}/record-check`).expect(200)).body as { entries: number }).entries;

describe('a report', () => {
  it.each(REPORTS)(
    '%s is read from the copy, and is as the first one has it',
    { timeout: 240_000 },
    async (path) => {
      const { api, replica } = served();
      const bare = request(createApp({ pool, now: () => NOW }));
      const [from, told] = [await api.get(V1 + path), await bare.get(V1 + path)];
      expect([path, from.status, from.status === 200 ? '' : from.text]).toEqual([path, 200, '']);
      expect(from.text).toBe(told.text);
      expect(replica.read.copy).toBeGreaterThan(0);
      expect(replica.read.first).toBe(0);
    },
  );
  it('holds what was written just before, each time', async () => {
    const { api, replica } = served();
    let last = await entries(api);
    for (let n = 0; n < 20; n += 1) {
      await enter(api);
      expect(await entries(api)).toBe(last + 1);
      last += 1;
    }
    expect(replica.read).toEqual({ copy: 21, first: 0 });
  });
  it('is read from the first where the copy stays behind, and from the copy again later', async () => {
    const { api, replica } = served();
    const before = await entries(api);
    await follower.query('SELECT pg_wal_replay_pause()');
    await enter(api);
    expect(await entries(api)).toBe(before + 1);
    expect(replica.read).toEqual({ copy: 1, first: 1 });
    // It is let be for a while: nobody waits for it each time.
    const from = performance.now();
    expect(await entries(api)).toBe(before + 1);
    expect(performance.now() - from).toBeLessThan(400);
    await follower.query('SELECT pg_wal_replay_resume()');
    const later = served();
    expect(await entries(later.api)).toBe(before + 1);
    expect(later.replica.read).toEqual({ copy: 1, first: 0 });
  });
  it('is read from the first where the copy was made a first one itself, and where it is gone', async () => {
    const { api, replica } = served();
    follower.promote();
    const count = await entries(api);
    expect(replica.read).toEqual({ copy: 0, first: 1 });
    await follower.kill();
    const gone = served();
    expect(await entries(gone.api)).toBe(count);
    expect(gone.replica.read).toEqual({ copy: 0, first: 1 });
  });
});
