/** What takes long is made by tasks: on the queue of the database, with progress, taken back, tried again. */
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import request from 'supertest';
import { unzipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { writeJobFile } from '@lentum/core/jobfile';
import { createApp } from '../src/http/app.ts';
import { taskKind } from '../src/tasks/kinds.ts';
import { Tasks } from '../src/tasks/tasks.ts';
import { readPdf, textOf } from '../../scripts/lib/readpdf.ts';
import { api as bare, importDemo, NOW, pool, startJob, V1 } from './support/api.ts';
import { bytesOf } from './support/bytes.ts';

const now = (): Date => NOW;
let tasks = new Tasks(pool, now);
const api = request(createApp({ pool, now, tasks }));
beforeAll(() => tasks.start());
afterAll(() => tasks.stop());

interface Told {
  readonly id: string;
  readonly state: string;
  readonly share: number;
  readonly doing: string;
  readonly says?: string;
  readonly file?: { readonly name: string; readonly bytes: number };
  readonly answer: unknown;
}
const told = async (id: string): Promise<Told> =>
  (await api.get(`${V1}/tasks/${id}`).expect(200)).body as Told;
const over = async (id: string): Promise<Told> => {
  // The threads start with the first of them, and other test files compute meanwhile.
  await expect
    .poll(async () => (await told(id)).state, { timeout: 150_000 })
    .toMatch(/^(done|failed|cancelled)$/);
  return told(id);
};
const fileOf = async (id: string): Promise<Buffer> =>
  (await api.get(`${V1}/tasks/${id}/file`).buffer(true).parse(bytesOf).expect(200)).body as Buffer;
const asked = async (job: string, body: object): Promise<string> =>
  ((await api.post(`${V1}/jobs/${job}/handover/tasks`).send(body).expect(202)).body as { task: string }).task;

/** Goes on until it is taken back, and counts how often it was begun. */
let begun = 0;
let ended = 0;
let calm = false;
taskKind('test slow', async ({ signal, tell, file }) => {
  begun += 1;
  try {
    for (let i = 0; i < 400; i++) {
      signal.throwIfAborted();
      await tell(i / 400, `Step ${i + 1}`);
      if (calm) break;
      await wait(25);
    }
    file('slow.txt', 'text/plain').end(`begun ${begun} times`);
  } finally {
    ended += 1;
  }
});
const slow = (): Promise<string> => {
  [begun, ended, calm] = [0, 0, false];
  return tasks.inFirm(pool).put('test slow', null, {});
};
taskKind('test broken', () => {
  begun += 1;
  throw new Error('a fault of the program');
});

describe('the papers of a handover by a task', () => {
  it('are those that are answered at once', { timeout: 300_000 }, async () => {
    const job = await importDemo();
    const pdf = await asked(job, { make: 'pdf', zone: 'hall', size: 'Letter' });
    const zip = await asked(job, { make: 'zip', zone: 'hall' });
    const done = await over(pdf);
    expect(done).toMatchObject({ state: 'done', share: 1, file: { name: 'handover-booking-hall-roof.pdf' } });
    // An answer that is waited for has a deadline: the threads are left to it.
    expect((await over(zip)).state).toBe('done');
    const made = await fileOf(pdf);
    expect(made.length).toBe(done.file?.bytes);
    const direct = await bare
      .get(`${V1}/jobs/${job}/handover.pdf?zone=hall&size=Letter`)
      .buffer(true)
      .parse(bytesOf)
      .expect(200);
    expect(textOf(await readPdf(made))).toBe(textOf(await readPdf(direct.body as Buffer)));
    const names = Object.keys(unzipSync(await fileOf(zip)));
    expect(names).toEqual(
      expect.arrayContaining(['handover.pdf', 'record.json', 'check.html', 'manifest.json']),
    );
  });
  it('of a roof that is not there fail at once, with the sentence of the API', async () => {
    const job = await startJob();
    const failed = await over(await asked(job, { make: 'pdf', zone: 'attic' }));
    expect(failed).toMatchObject({ state: 'failed' });
    expect(failed.says).toContain('attic');
    await api.get(`${V1}/tasks/${failed.id}/file`).expect(409);
    await api.post(`${V1}/jobs/nowhere/handover/tasks`).send({ make: 'pdf', zone: 'hall' }).expect(404);
    await api.post(`${V1}/jobs/${job}/handover/tasks`).send({ make: 'book', zone: 'hall' }).expect(422);
    await api.get(`${V1}/tasks/${randomUUID()}`).expect(404);
  });
  it('are not made by a server that does no tasks, which says so', async () => {
    const r = await bare
      .post(`${V1}/jobs/${await startJob()}/handover/tasks`)
      .send({ make: 'pdf', zone: 'a' });
    expect(r.status).toBe(503);
  });
});

describe('a task', () => {
  it('tells how far it is, is taken back while it is worked on, and begun again', async () => {
    const id = await slow();
    await expect.poll(async () => (await told(id)).share).toBeGreaterThan(0);
    expect(await told(id)).toMatchObject({
      state: 'working',
      doing: expect.stringMatching(/^Step \d+$/) as string,
    });
    await api.post(`${V1}/tasks/${id}/again`).expect(409);
    expect((await api.post(`${V1}/tasks/${id}/cancel`).expect(200)).body).toMatchObject({
      state: 'cancelled',
    });
    await expect.poll(() => ended).toBe(1);
    calm = true;
    await api.post(`${V1}/tasks/${id}/again`).expect(200);
    expect(await over(id)).toMatchObject({ state: 'done' });
    expect((await fileOf(id)).toString()).toBe('begun 2 times');
    // What is done stays done.
    expect((await api.post(`${V1}/tasks/${id}/cancel`).expect(200)).body).toMatchObject({ state: 'done' });
  });
  it('waits for its turn, and is taken back before it', async () => {
    const first = await slow();
    const second = await tasks.inFirm(pool).put('test slow', null, {});
    await expect.poll(async () => (await told(first)).state).toBe('working');
    expect(await told(second)).toMatchObject({ state: 'waiting', share: 0 });
    await api.post(`${V1}/tasks/${second}/cancel`).expect(200);
    await api.post(`${V1}/tasks/${first}/cancel`).expect(200);
    await expect.poll(() => ended).toBe(1);
    await wait(1500);
    expect(begun).toBe(1);
  });
  it('that fails by a fault is tried once more, then says that it failed', async () => {
    begun = 0;
    const failed = await over(await tasks.inFirm(pool).put('test broken', null, {}));
    expect(failed.says).toBe('It failed twice; the server’s log says why');
    expect(begun).toBe(2);
  });
  it('that servers leave when they end is gone on with by another: an end is not one of its two tries', async () => {
    const id = await slow();
    for (const times of [1, 2, 3]) {
      await expect.poll(() => begun).toBe(times);
      await tasks.stop();
      expect(ended).toBe(times);
      // Put back before the server is gone: whoever looks sees that it waits.
      expect(await told(id)).toMatchObject({ state: 'waiting', share: 0 });
      if (times === 3) calm = true;
      tasks = new Tasks(pool, now);
      await tasks.start();
    }
    const other = request(createApp({ pool, now, tasks }));
    await expect.poll(async () => ((await other.get(`${V1}/tasks/${id}`)).body as Told).state).toBe('done');
    expect((await fileOf(id)).toString()).toBe('begun 4 times');
  });
});

describe('an import by a task', () => {
  const send = (id: string, body: object) => {
    const app = request(createApp({ pool, now, tasks }));
    return app.put(`${V1}/jobs/${id}/file?later=true`).send(body).expect(202);
  };
  const after = async (r: { body: unknown }): Promise<Told> => {
    const app = request(createApp({ pool, now, tasks }));
    const { task } = r.body as { task: string };
    const look = async () => (await app.get(`${V1}/tasks/${task}`)).body as Told;
    await expect.poll(async () => (await look()).state).toMatch(/^(done|failed)$/);
    return look();
  };
  it('stores the whole job', async () => {
    const id = randomUUID();
    const done = await after(await send(id, writeJobFile(velmora(NOW), DEMO_ANCHOR)));
    expect(done.answer).toMatchObject({ id, name: 'Velmora ferry terminal' });
    await bare.get(`${V1}/jobs/${id}`).expect(200);
  });
  it('of a file that is none stores nothing, and says why', async () => {
    const id = randomUUID();
    const failed = await after(await send(id, { format: 'something else' }));
    expect(failed.state).toBe('failed');
    expect(failed.says).toMatch(/file/);
    await bare.get(`${V1}/jobs/${id}`).expect(404);
  });
});

describe('the tables of the queue', () => {
  it('belong to the owner: the role that serves makes none and changes none', async () => {
    for (const sql of [
      'CREATE TABLE pgboss.mine (a int)',
      'ALTER TABLE pgboss.job ADD COLUMN mine int',
      'DROP TABLE pgboss.version',
      `SELECT pgboss.create_queue('mine', '{"policy":"standard"}')`,
    ])
      await expect(pool.query(sql)).rejects.toThrow(/permission denied|must be owner/);
  });
});
