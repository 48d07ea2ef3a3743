/** What takes long to compute keeps nobody else waiting, ends at its deadline, and ends when nobody waits for it. */
import { EventEmitter } from 'node:events';
import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { setTimeout } from 'node:timers/promises';
import type { Response } from 'express';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { answerFromThread, endThreads } from '../src/compute/threads.ts';
import { createApp } from '../src/http/app.ts';
import { api, pool } from './support/api.ts';

/** Sixty tapes in a zigzag, none of which agree: slow, and within bounds. Each is another one: a thread keeps its answers. */
let made = 0;
const CORNERS = 60;
const zigzag = () => {
  made += 1;
  return {
    kind: 'taped',
    corners: Array.from({ length: CORNERS }, (_, i) => ({ turn: i % 2 ? 'left' : 'right', square: false })),
    sidesM: Array.from({ length: CORNERS }, (_, i) => 3 + (i % 7) + made / 1000),
    diagonals: Array.from({ length: CORNERS - 3 }, (_, i) => ({ from: i, to: i + 2, lengthM: 5 })),
    adjustmentAccepted: false,
  };
};
const QUICK = { airC: 20, humidityPct: 60, surfaceC: 18 };

const server = http.createServer(createApp({ pool }));
beforeAll(() => new Promise<void>((go) => server.listen(0, '127.0.0.1', go)));
afterAll(async () => {
  server.closeAllConnections();
  server.close();
  await endThreads();
});

/** Asks, and can be given up. */
function ask(path: string, body: unknown): { status: Promise<number>; leave: () => void } {
  const { port } = server.address() as AddressInfo;
  const request = http.request({ port, path: `/api/v1${path}`, method: 'POST' });
  request.setHeader('Content-Type', 'application/json');
  const status = new Promise<number>((go, fail) => {
    request.on('response', (r) => r.resume().on('end', () => go(r.statusCode ?? 0)));
    request.on('error', fail);
  });
  request.end(JSON.stringify(body));
  return { status, leave: () => request.destroy() };
}

describe('a computation that takes long', () => {
  it('keeps nobody waiting: others are answered before it', async () => {
    const slow = ask('/compute/taped', zigzag());
    let done = false;
    slow.status.then(
      () => (done = true),
      () => undefined,
    );
    await setTimeout(200);
    for (const path of ['/health', '/jobs']) expect((await api.get(`/api/v1${path}`)).status).toBe(200);
    expect(await ask('/compute/dew-point', QUICK).status).toBe(200);
    expect(done).toBe(false);
    slow.leave();
  }, 60_000);

  it('says that the server ends, where it does meanwhile', async () => {
    const slow = ask('/compute/taped', zigzag());
    await setTimeout(300);
    await endThreads();
    expect(await slow.status).toBe(503);
  }, 60_000);

  it('ends at its deadline with a sentence', async () => {
    const res = new EventEmitter() as Response;
    await expect(answerFromThread(res, 'taped', zigzag(), 400)).rejects.toMatchObject({
      status: 422,
      problems: [{ actual: 'it takes more than 0.4 s of computing', expected: 'less to compute at a time' }],
    });
  }, 60_000);

  it('is given up when nobody waits for it, and its thread is free for others', async () => {
    const many = Array.from({ length: 6 }, () => ask('/compute/taped', zigzag()));
    await setTimeout(300);
    for (const one of many) {
      one.status.catch(() => undefined);
      one.leave();
    }
    const asked = performance.now();
    expect(await ask('/compute/dew-point', QUICK).status).toBe(200);
    // Six of them one after the other would take far longer than one takes at the most.
    expect(performance.now() - asked).toBeLessThan(20_000);
  }, 60_000);

  it('is refused where it is out of bounds, before anything is computed', async () => {
    const bay = {
      id: 'b',
      zoneId: 'z',
      label: 'B',
      parts: [
        {
          outer: [
            [0, 0],
            [1e9, 0],
            [5, 4],
            [0, 2],
          ],
          holes: [],
        },
      ],
    };
    const r = await api
      .post('/api/v1/compute/bay-route')
      .send({ bays: [bay], accessM: [0, 0], zoneName: 'Z' });
    expect(r.status).toBe(422);
    expect((r.body as { detail: string }).detail).toContain('1000000000');
  });
});
