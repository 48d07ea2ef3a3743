/** The tabs of a browser: one does a thing at a time, and each hears when another has changed what is kept. */

let channel: BroadcastChannel | undefined;
const listeners = new Set<() => Promise<void>>();

function open(): BroadcastChannel | undefined {
  if (channel || typeof BroadcastChannel === 'undefined') return channel;
  channel = new BroadcastChannel('lentum');
  channel.onmessage = () => listeners.forEach((hear) => void hear().catch(() => undefined));
  return channel;
}

/** Tells every listener, here and in the other tabs, that something was changed; those here have then heard it. */
export async function tell(): Promise<void> {
  open()?.postMessage('changed');
  await Promise.all([...listeners].map((hear) => hear()));
}
export function onChange(hear: () => Promise<void>): void {
  open();
  listeners.add(hear);
}

let turn: Promise<unknown> = Promise.resolve();

/** Runs one after another over all tabs; where the browser has no locks, over this page. */
export function inTurn<T>(name: string, work: () => Promise<T>): Promise<T> {
  if (typeof navigator !== 'undefined' && 'locks' in navigator)
    return navigator.locks.request(`lentum.${name}`, work) as Promise<T>;
  const mine = turn.then(work, work);
  turn = mine.catch(() => undefined);
  return mine;
}
