/**
 * Entries that an earlier version of the application kept in the browser's simple store are brought over, once. What of it
 * cannot be read stands in nobody's way: it is kept as it was, for somebody to look at.
 */
import { THROUGH, type Device, type SetAside, type Waiting } from './store.ts';
import { isItem, keepUnread } from './unread.ts';

function read<T extends Waiting>(key: string): T[] {
  const text = localStorage.getItem(key);
  if (text === null || text === '') return [];
  try {
    const list: unknown = JSON.parse(text);
    if (Array.isArray(list)) {
      const whole = list.filter(isItem) as T[];
      if (whole.length < list.length) keepUnread(text);
      return whole;
    }
  } catch {
    // Said and kept below.
  }
  keepUnread(text);
  return [];
}

const KEYS = { waiting: 'lentum.outbox', aside: 'lentum.refused' } as const;

/** Entries of an earlier version wait here. */
export const waitsFromEarlier = (): boolean => Boolean(localStorage.getItem(KEYS.waiting));

/** Brings them over; nothing is taken away before it is kept in its new place. */
export async function bringOver(db: Device): Promise<void> {
  const waiting = read<Waiting>(KEYS.waiting);
  const aside = read<SetAside>(KEYS.aside);
  if (waiting.length + aside.length > 0) {
    const tx = db.transaction(['waiting', 'aside'], 'readwrite', THROUGH);
    const store = tx.objectStore('waiting');
    for (const one of waiting)
      if ((await store.index('entry').getKey(one.entry.id)) === undefined) await store.add(one);
    for (const one of aside) await tx.objectStore('aside').put(one);
    await tx.done;
  }
  for (const key of Object.values(KEYS)) localStorage.removeItem(key);
}

/** Rows of the lists that are no entries are set apart: what is behind them goes on. */
export async function setApart(db: Device): Promise<void> {
  for (const list of ['waiting', 'aside'] as const) {
    const [keys, rows] = await Promise.all([db.getAllKeys(list), db.getAll(list) as Promise<unknown[]>]);
    for (const [i, row] of rows.entries()) {
      const key = keys[i];
      if (key === undefined || isItem(row)) continue;
      keepUnread(JSON.stringify(row));
      await db.delete(list, key);
    }
  }
}
