/** A device for the tests: a store of its own, and locks that hold over all that stands for a tab. */
import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils';
import { afterEach, vi } from 'vitest';

// Test files run one after the other in one process: none begins with what another one left on the device.
localStorage.clear();
// Modules that are kept from file to file hold the store that they opened. Where a file changed it, the next one begins
// with new modules and a new store.
const shared = globalThis as { storeChanged?: boolean };
if (shared.storeChanged) {
  shared.storeChanged = false;
  globalThis.indexedDB = new IDBFactory();
  vi.resetModules();
}
// Numbers and times are looked at as a British browser writes them.
Object.defineProperty(navigator, 'language', { value: 'en-GB', configurable: true });
// What a test mounted goes with it, and what that still writes is written, so that a later one meets nothing old.
disableAutoUnmount();
enableAutoUnmount((unmountAll) =>
  afterEach(async () => {
    unmountAll();
    await settle();
  }),
);

/** Timers that a test may move; what the store needs goes on by itself. */
export const TIMERS: Parameters<typeof vi.useFakeTimers>[0] = {
  toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'Date'],
};

/** What outlives its test finds no network. */
globalThis.fetch = () => Promise.reject(new TypeError('There is no network in the tests.'));

const soon = setImmediate;
const held = new Map<string, Promise<unknown>>();
const request = <T>(name: string, ...rest: [...unknown[], () => Promise<T>]): Promise<T> => {
  const work = rest.at(-1) as () => Promise<T>;
  const mine = (held.get(name) ?? Promise.resolve()).then(work, work);
  held.set(
    name,
    mine.catch(() => undefined),
  );
  return mine;
};
if (typeof navigator !== 'undefined')
  Object.defineProperty(navigator, 'locks', { value: { request }, configurable: true });

/** What tabs tell each other. */
class Channel {
  static open = new Set<Channel>();
  onmessage: ((event: { data: unknown }) => void) | undefined;
  constructor(readonly name: string) {
    Channel.open.add(this);
  }
  close(): void {
    Channel.open.delete(this);
  }
  postMessage(data: unknown): void {
    for (const other of Channel.open)
      if (other !== this && other.name === this.name)
        soon(() => Channel.open.has(other) && other.onmessage?.({ data }));
  }
}
Object.defineProperty(globalThis, 'BroadcastChannel', { value: Channel, configurable: true });

/** Tabs that were open hear nothing any more. */
export const closeTabs = (): void => Channel.open.clear();

/** A device that keeps nothing yet; tabs that were open are closed. */
export function freshDevice(): void {
  shared.storeChanged = true;
  globalThis.indexedDB = new IDBFactory();
  localStorage.clear();
  held.clear();
  closeTabs();
}

/** The outbox as a tab has it that was opened just now. */
export async function openTab() {
  vi.resetModules();
  return import('../src/app/outbox.ts');
}

/** Lets everything that is under way on the device come to its end. */
export async function settle(rounds = 40): Promise<void> {
  for (let i = 0; i < rounds; i += 1) await new Promise((go) => soon(go));
}
/** Waits until something is so on the device, however slow the machine is; a test that waits in vain fails by itself. */
export async function until(isSo: () => Promise<boolean>): Promise<void> {
  const MOST_MS = 10_000;
  const from = performance.now();
  while (!(await isSo()) && performance.now() - from < MOST_MS) await settle();
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

/**
 * What earlier tests left on the device goes; the tab stays open.
 * @param told that its outbox hears of it
 */
export async function emptyDevice(told = false): Promise<void> {
  localStorage.clear();
  await settle(told ? 40 : 5);
  // Those of the test, which may have been loaded anew.
  const { device } = await import('../src/app/device/store.ts');
  const { tell } = await import('../src/app/device/tabs.ts');
  const db = await device();
  for (const name of db.objectStoreNames) await db.clear(name);
  if (told) await tell();
  await settle(told ? 40 : 5);
}
