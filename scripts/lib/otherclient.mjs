/** Another client that asks while the server is busy, in a thread of its own. */
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';

/**
 * @param {string} address asked over and over
 * @returns {() => Promise<number>} ends it and tells the longest that it waited, ms
 */
export function otherClient(address) {
  const thread = new Worker(new URL('./pinger.mjs', import.meta.url), { workerData: { address } });
  return async () => {
    thread.postMessage('enough');
    const [longestMs] = await once(thread, 'message');
    return longestMs;
  };
}
