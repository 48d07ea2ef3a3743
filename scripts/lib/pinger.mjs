/** The thread of another client: what keeps the others here busy is not taken for the server's. */
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
