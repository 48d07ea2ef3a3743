/** What keeps the server alive: it is started again, and given up when that does not help. */
import { EventEmitter } from 'node:events';
import { describe, expect, it } from 'vitest';
import { FINAL_EXIT, keepAlive, MOST_STARTS } from '../lib/keepalive.mjs';

function working(fails: (start: number) => boolean = () => false) {
  const told: string[] = [];
  let started = 0;
  let clock = 0;
  let child = new EventEmitter();
  let stopped = 0;
  const start = () => {
    started += 1;
    if (fails(started)) return Promise.reject(new Error('it does not listen'));
    child = new EventEmitter();
    return Promise.resolve({ child, stop: () => Promise.resolve(void (stopped += 1)) });
  };
  const hooks = {
    again: (_code: number, times: number) => void told.push(`again ${times}`),
    givenUp: () => void told.push('given up'),
    now: () => clock,
  };
  return {
    told,
    begin: () => keepAlive(start, hooks),
    die: async (afterMs: number, code = 1): Promise<void> => {
      clock += afterMs;
      child.emit('exit', code);
      await new Promise((go) => setImmediate(go));
    },
    counts: () => ({ started, stopped }),
  };
}

describe('a server that dies', () => {
  it('is started again, however often, where it lives for a while in between', async () => {
    const server = working();
    await server.begin();
    for (let i = 0; i < 20; i += 1) await server.die(30_000);
    expect(server.counts().started).toBe(21);
    expect(server.told).not.toContain('given up');
  });
  it('again and again within a minute is given up', async () => {
    const server = working();
    await server.begin();
    for (let i = 0; i < MOST_STARTS; i += 1) await server.die(100);
    expect(server.told.at(-1)).toBe('given up');
    expect(server.counts().started).toBe(MOST_STARTS);
    await server.die(100);
    expect(server.counts().started).toBe(MOST_STARTS);
  });
  it('and says that starting it again would not help is not started again', async () => {
    const server = working();
    await server.begin();
    await server.die(30_000, FINAL_EXIT);
    expect(server.told).toEqual(['given up']);
    expect(server.counts().started).toBe(1);
  });
  it('and does not come up at once is tried again, and given up too', async () => {
    const once = working((n) => n === 2);
    await once.begin();
    await once.die(100);
    expect(once.counts().started).toBe(3);
    expect(once.told).toEqual(['again 1', 'again 2']);
    const never = working((n) => n > 1);
    await never.begin();
    await never.die(100);
    expect(never.told.at(-1)).toBe('given up');
  });
  it('because it is stopped stays stopped', async () => {
    const server = working();
    const app = await server.begin();
    await app.stop();
    await server.die(100);
    expect(server.counts()).toEqual({ started: 1, stopped: 1 });
    expect(server.told).toEqual([]);
  });
  it('the first time is no use to start again', async () => {
    await expect(working(() => true).begin()).rejects.toThrow('it does not listen');
  });
});
