/** A thread that computes lets the one that answers go first, where the machine is short of cores. */
import { readlinkSync } from 'node:fs';
import os from 'node:os';

/** Of −20 to 19; what answers has 0. */
const NICE = 10;

/** To be called in the thread. Elsewhere than on Linux threads have no priority of their own, and nothing is changed. */
export function stepBack(): void {
  if (process.platform !== 'linux') return;
  try {
    const task = /\/task\/(\d+)$/.exec(readlinkSync('/proc/thread-self'))?.[1];
    if (task !== undefined) os.setPriority(Number(task), NICE);
  } catch {
    // It computes at the same priority as the others: slower for them, and no less right.
  }
}
