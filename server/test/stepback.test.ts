/** Threads that compute step back; the one that answers does not. */
import { once } from 'node:events';
import { createRequire } from 'node:module';
import os from 'node:os';
import { pathToFileURL } from 'node:url';
import { Worker } from 'node:worker_threads';
import { expect, it } from 'vitest';

const loader = pathToFileURL(createRequire(import.meta.url).resolve('tsx')).href;

it('a thread has a lower priority, and the process keeps its own', async () => {
  const before = os.getPriority(process.pid);
  const thread = new Worker(new URL('./support/steppingback.mjs', import.meta.url), {
    execArgv: ['--import', loader],
  });
  const [told] = (await once(thread, 'message')) as [number];
  await thread.terminate();
  expect(os.getPriority(process.pid)).toBe(before);
  // Elsewhere threads have no priority of their own.
  expect(told).toBe(process.platform === 'linux' ? Math.max(before, 10) : before);
});
