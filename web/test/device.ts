/** A device for the tests: a store of its own, and locks that hold over all that stands for a tab. */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { vi } from 'vitest';
import { device } from '../src/app/device/store.ts';
import { tell } from '../src/app/device/tabs.ts';

/** Timers that a test may move; what the store needs goes on by itself. */
export const TIMERS: Parameters<typeof vi.useFakeTimers>[0] = {
  toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date'],
};

const held = new Map<string, Promise<unknown>>();
const request = <T>(name: string, work: () => Promise<T>): Promise<T> => {
  const mine = (held.get(name) ?? Promise.resolve()).then(work, work);
  held.set(
    name,
    mine.catch(() => undefined),
  );
  return mine;
};
if (typeof navigator !== 'undefined')
  Object.defineProperty(navigator, 'locks', { value: { request }, configurable: true });

/** A device that keeps nothing yet. */
export function freshDevice(): void {
  globalThis.indexedDB = new IDBFactory();
  localStorage.clear();
  held.clear();
}

/** The outbox as a tab has it that was opened just now. */
export async function openTab() {
  vi.resetModules();
  return import('../src/app/outbox.ts');
}

const soon = setImmediate;
/** Lets everything that is under way on the device come to its end. */
export async function settle(rounds = 40): Promise<void> {
  for (let i = 0; i < rounds; i += 1) await new Promise((go) => soon(go));
}
/** Lets time pass, and the device keep up with it. */
export async function pass(ms: number): Promise<void> {
  const step = 500;
  await settle();
  for (let left = ms; left > 0; left -= step) {
    await vi.advanceTimersByTimeAsync(Math.min(step, left));
    await settle();
  }
}

/** What earlier tests left on the device goes; the tab stays open. */
export async function emptyDevice(): Promise<void> {
  localStorage.clear();
  await settle();
  const db = await device();
  for (const name of db.objectStoreNames) await db.clear(name);
  tell('waiting');
  await settle();
}
