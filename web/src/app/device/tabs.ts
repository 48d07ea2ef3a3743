/** The tabs of a browser: one does a thing at a time, and each hears what another has changed. */

/** What was changed on the device. */
export type Changed = 'waiting' | 'aside' | 'drafts';

let channel: BroadcastChannel | undefined;
const listeners = new Set<(what: Changed) => void>();

function open(): BroadcastChannel | undefined {
  if (channel || typeof BroadcastChannel === 'undefined') return channel;
  channel = new BroadcastChannel('lentum');
  channel.onmessage = (event: MessageEvent<Changed>) => listeners.forEach((hear) => hear(event.data));
  return channel;
}

/** Tells every listener, here and in the other tabs. */
export function tell(what: Changed): void {
  open()?.postMessage(what);
  listeners.forEach((hear) => hear(what));
}
export function onChange(hear: (what: Changed) => void): () => void {
  open();
  listeners.add(hear);
  return () => listeners.delete(hear);
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
