/** What somebody else changes is told to whoever has the job open, from every server, and after the database was away. */
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { afterAll, afterEach, beforeAll, describe, expect, inject, it } from 'vitest';
import { createApp } from '../src/http/app.ts';
import { LISTENER, LiveFeed } from '../src/live/feed.ts';
import { MOST_STREAMS } from '../src/live/routes.ts';
import { velmora } from '@lentum/demo';
import { insertEntries } from '../src/record/store.ts';
import { api, HEAD, NOW, owner, pool, startJob, V1 } from './support/api.ts';

let feed: LiveFeed;
let server: Server;
let base: string;
beforeAll(async () => {
  feed = new LiveFeed(inject('databaseUrl'));
  server = createApp({ pool, now: () => NOW, live: feed }).listen(0, '127.0.0.1');
  await new Promise((r) => server.once('listening', r));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}${V1}`;
});
afterAll(async () => {
  await feed.end();
  server.closeAllConnections();
  await new Promise((r) => server.close(r));
});

/** Those of a test that failed are left too: they would count against the next. */
const followed = new Set<() => Promise<void>>();
afterEach(async () => {
  for (const leave of followed) await leave();
  followed.clear();
});

/** A stream, and what came over it so far. */
async function follow(jobId: string) {
  const stop = new AbortController();
  const answer = await fetch(`${base}/jobs/${jobId}/live`, { signal: stop.signal });
  const told: string[] = [];
  const reading = (async () => {
    const text = new TextDecoder();
    try {
      for await (const chunk of answer.body as unknown as AsyncIterable<Uint8Array>)
        told.push(
          ...text
            .decode(chunk, { stream: true })
            .split('\n')
            .filter((l) => /^(data|event)/.test(l)),
        );
    } catch {
      // The reader left.
    }
  })();
  const leave = async (): Promise<void> => {
    stop.abort();
    await reading;
  };
  followed.add(leave);
  return { answer, told, ended: reading, leave };
}
const rename = (id: string, version: number) =>
  api
    .put(`${V1}/jobs/${id}`)
    .set('If-Match', `"${version}"`)
    .send({ ...HEAD, name: 'Another' })
    .expect(200);

describe('where changes are heard', () => {
  it('is the first of several addresses that answers', async () => {
    const away = new LiveFeed(['postgresql://nobody@127.0.0.1:1/none', inject('databaseUrl')]);
    const job = await startJob();
    const heard: unknown[] = [];
    away.hear(job, (change) => heard.push(change));
    await expect.poll(() => heard, { timeout: 10_000 }).toEqual([undefined]);
    await rename(job, 1);
    await expect.poll(() => heard).toContainEqual(expect.objectContaining({ jobId: job, what: 'job' }));
    await away.end();
  });
});

describe('a job that is open', () => {
  it('hears of each change of it, made over another server, and of no other job’s', async () => {
    const [mine, other] = [await startJob(), await startJob()];
    const stream = await follow(mine);
    expect(stream.answer.headers.get('content-type')).toBe('text/event-stream');
    expect(stream.answer.headers.get('content-encoding')).toBe(null);
    // It listens before it is asked to tell.
    await expect.poll(() => stream.told).toContain('event: look');
    await rename(other, 1);
    await rename(mine, 1);
    await expect
      .poll(() => stream.told.at(-1))
      .toBe(`data: ${JSON.stringify({ jobId: mine, what: 'job', version: 2 })}`);
    expect(stream.told.join()).not.toContain(other);
    await stream.leave();
  });

  it('is told to look once the server listens, and so is each that comes later', async () => {
    const id = await startJob();
    const looks = ({ told }: { told: string[] }) => told.filter((l) => l === 'event: look').length;
    const first = await follow(id);
    await expect.poll(() => looks(first)).toBe(1);
    // On another server it may have changed since it was read.
    const second = await follow(id);
    await expect.poll(() => looks(second)).toBe(1);
    expect(looks(first)).toBe(1);
    await first.leave();
    await second.leave();
  });

  it('hears once of many entries that come together', async () => {
    const id = await startJob();
    const stream = await follow(id);
    await expect.poll(() => stream.answer.status).toBe(200);
    const { record } = velmora(NOW);
    await insertEntries(pool, id, record);
    // What was told when the job was begun may come late.
    const data = (): string[] => stream.told.filter((l) => l.includes('"what":"record"'));
    await expect
      .poll(data)
      .toEqual([`data: ${JSON.stringify({ jobId: id, what: 'record', version: record.length })}`]);
    await stream.leave();
  });

  it('is told to look for itself after the database was away', async () => {
    const id = await startJob();
    const stream = await follow(id);
    await rename(id, 1);
    await expect.poll(() => stream.told.join()).toContain('"version":2');
    const looks = stream.told.filter((l) => l === 'event: look').length;
    await owner.query(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
       WHERE datname = current_database() AND application_name = $1`,
      [LISTENER],
    );
    await expect.poll(() => stream.told.filter((l) => l === 'event: look').length).toBe(looks + 1);
    await rename(id, 2);
    await expect.poll(() => stream.told.join()).toContain('"version":3');
    await stream.leave();
  });

  it('that is none has no stream', async () => {
    const { answer, leave } = await follow('nowhere');
    expect(answer.status).toBe(404);
    await leave();
  });
});

describe('streams', () => {
  it('of one address are bounded, and one that was left makes room', async () => {
    const id = await startJob();
    const all = await Promise.all(Array.from({ length: MOST_STREAMS }, () => follow(id)));
    const late = await follow(id);
    expect(late.answer.status).toBe(429);
    await late.leave();
    await all.pop()?.leave();
    await expect
      .poll(async () => {
        const next = await follow(id);
        all.push(next);
        return next.answer.status;
      })
      .toBe(200);
  });
  it('end with the server', async () => {
    const id = await startJob();
    const stream = await follow(id);
    await feed.end();
    await stream.ended;
  });
});
