/**
 * Another client, in a thread of its own: it asks whether the server is alive, and tells how long it waited at most. So what
 * keeps the thread busy that makes the odd input is not taken for the server's.
 */
import { setTimeout as wait } from 'node:timers/promises';
import { parentPort, workerData } from 'node:worker_threads';

const PING_MS = 20;
let longestWaitMs = 0;
let asking = true;
parentPort?.once('message', () => (asking = false));
while (asking) {
  const from = performance.now();
  await fetch(workerData.address).then(
    (r) => r.text(),
    () => undefined,
  );
  longestWaitMs = Math.max(longestWaitMs, performance.now() - from);
  await wait(PING_MS);
}
parentPort?.postMessage(longestWaitMs);
