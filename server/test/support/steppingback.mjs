/** The thread of a test: steps back, and tells the priority that it has then. */
import { readlinkSync } from 'node:fs';
import { createRequire } from 'node:module';
import os from 'node:os';
import { parentPort } from 'node:worker_threads';

// As the threads of the server load what they compute.
const { stepBack } = createRequire(import.meta.url)('../../src/compute/stepback.ts');
stepBack();
const task = process.platform === 'linux' ? Number(readlinkSync('/proc/thread-self').split('/').at(-1)) : 0;
parentPort?.postMessage(os.getPriority(task));
