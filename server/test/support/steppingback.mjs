/** The thread of a test: steps back, and tells the priority that it has then. */
import { readlinkSync } from 'node:fs';
import os from 'node:os';
import { parentPort } from 'node:worker_threads';

// After the loader that reads TypeScript.
const { stepBack } = await import('../../src/compute/stepback.ts');
stepBack();
const task = process.platform === 'linux' ? Number(readlinkSync('/proc/thread-self').split('/').at(-1)) : 0;
parentPort?.postMessage(os.getPriority(task));
