/**
 * Entries that an earlier version of the application kept in the browser's simple store are brought over, once. What of it
 * cannot be read stands in nobody's way: it is kept as it was, for somebody to look at.
 */
import { ref, type Ref } from 'vue';
import { THROUGH, type Device, type SetAside, type Waiting } from './store.ts';

const PLACE = 'lentum.unread';

const isItem = (value: unknown): boolean => {
  const { jobId, entry } = (value ?? {}) as Partial<Waiting>;
  return typeof jobId === 'string' && typeof entry?.id === 'string';
};

function storedTexts(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(PLACE) ?? '[]');
    return Array.isArray(kept) ? kept.filter((t) => typeof t === 'string') : [];
  } catch {
    return [];
  }
}

/** Texts that could not be read, as they were; the newest last. */
const unread: Ref<readonly string[]> = ref([]);
function keepUnread(text: string): void {
  const kept = storedTexts();
  if (!kept.includes(text)) localStorage.setItem(PLACE, JSON.stringify([...kept, text]));
  unread.value = storedTexts();
}

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

export function useUnread() {
  unread.value = storedTexts();
  return {
    unread,
    /** Somebody has them elsewhere now. */
    letGo: (): void => {
      localStorage.removeItem(PLACE);
      unread.value = [];
    },
  };
}
