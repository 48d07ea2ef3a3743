/** A database that is slow, held by somebody else, killed or gone: the server stays, and says so in a sentence. */
import { createServer } from 'node:net';
import pg from 'pg';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { createPool, unavailable } from '../src/db/pool.ts';
import { createApp } from '../src/http/app.ts';
import { detail, HEAD, NOW, startJob, V1 } from './support/api.ts';

const url = inject('databaseUrl');
const pool = createPool(url, { lockMs: 300, connectMs: 500 });
const own = request(createApp({ pool, now: () => NOW }));
const other = new pg.Client({ connectionString: url, application_name: 'somebody else' });
let id: string;
beforeAll(async () => {
  await other.connect();
  id = await startJob();
});
afterAll(async () => {
  await other.end();
  await pool.end();
});
const head = (version: number, name: string) =>
  own
    .put(`${V1}/jobs/${id}`)
    .set('If-Match', `"${version}"`)
    .send({ ...HEAD, name });
const held = async <T>(work: () => Promise<T>): Promise<T> => {
  await other.query('BEGIN');
  await other.query('SELECT 1 FROM job WHERE id = $1 FOR UPDATE', [id]);
  try {
    return await work();
  } finally {
    await other.query('ROLLBACK');
  }
};
/** Ends the connections of the server under test, as a restart of the database does. */
const killOurs = (): Promise<unknown> =>
  other.query(
    `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
     WHERE usename = current_user AND application_name = 'lentum' AND datname = current_database() AND pid <> pg_backend_pid()`,
  );

describe('a row that somebody else holds', () => {
  it('is waited for, and not for ever: 503 with a sentence, and nothing is changed', async () => {
    await held(async () => {
      const answer = await head(1, 'Another');
      expect(answer.status).toBe(503);
      expect(answer.headers['retry-after']).toBe('2');
      expect(detail(answer)).toContain('Somebody else is at this just now');
      await own.get(`${V1}/health`).expect(200);
      await own.get(`${V1}/ready`).expect(200);
    });
    const { body } = await own.get(`${V1}/jobs/${id}`).expect(200);
    expect(body).toMatchObject({ version: 1, job: { name: HEAD.name } });
    await head(1, 'Another').expect(200);
  });
});

describe('connections that are killed', () => {
  it('idle ones are replaced: the next request is answered', async () => {
    await own.get(`${V1}/jobs/${id}`).expect(200);
    await killOurs();
    await expect.poll(async () => (await own.get(`${V1}/jobs/${id}`)).status).toBe(200);
  });
  it('in the middle of a write: nothing of it is saved, and the server goes on', async () => {
    const before = (await own.get(`${V1}/jobs/${id}`).expect(200)).body as { version: number };
    await held(async () => {
      const writing = head(before.version, 'Half').then((answer) => answer.status);
      await new Promise((done) => setTimeout(done, 120));
      await killOurs();
      expect(await writing).toBe(503);
    });
    const after = (await own.get(`${V1}/jobs/${id}`)).body as { version: number; job: { name: string } };
    expect(after.version).toBe(before.version);
    expect(after.job.name).not.toBe('Half');
    await head(before.version, 'Whole').expect(200);
  });
});

describe('a database that is not there', () => {
  it('a closed port: alive at once, not ready, and every request has its sentence', async () => {
    const gone = createPool('postgresql://nobody@127.0.0.1:1/nothing', { connectMs: 300 });
    const lost = request(createApp({ pool: gone, now: () => NOW }));
    await lost.get(`${V1}/health`).expect(200);
    await lost.get(`${V1}/ready`).expect(503);
    const answer = await lost.get(`${V1}/jobs`);
    expect(answer.status).toBe(503);
    expect(detail(answer)).toContain('out of reach');
    await gone.end();
  });
  it('a port that takes the call and says nothing', async () => {
    const silent = createServer(() => undefined);
    await new Promise<void>((done) => silent.listen(0, '127.0.0.1', done));
    const { port } = silent.address() as { port: number };
    const gone = createPool(`postgresql://nobody@127.0.0.1:${port}/nothing`, { connectMs: 300 });
    const lost = request(createApp({ pool: gone, now: () => NOW }));
    const from = Date.now();
    await lost.get(`${V1}/ready`).expect(503);
    expect((await lost.get(`${V1}/jobs`)).status).toBe(503);
    // Bounded by what it may wait for, not by how long the other end keeps silent.
    expect(Date.now() - from).toBeLessThan(20_000);
    await gone.end();
    silent.close();
  });
  it('other errors are no excuse', () => {
    expect(unavailable(new Error('a slip in the code'))).toBeUndefined();
    expect(unavailable('gone')).toBeUndefined();
  });
});
