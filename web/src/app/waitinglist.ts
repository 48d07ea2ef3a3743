/**
 * Lists of entries as the device stores them. What cannot be read stands in nobody's way: what of it is whole goes on, and
 * the text is kept as it was, for somebody to look at.
 */
import { useStorage } from '@vueuse/core';
import { ref, type Ref } from 'vue';

interface Item {
  readonly jobId: string;
  readonly entry: { readonly id: string };
}
const isItem = (value: unknown): boolean => {
  const { jobId, entry } = (value ?? {}) as Partial<Item>;
  return typeof jobId === 'string' && typeof entry?.id === 'string';
};

const PLACE = 'lentum.unread';

/** Texts that could not be read, as they were; the newest last. */
const unread: Ref<readonly string[]> = ref([]);
function keepUnread(text: string): void {
  const kept = storedTexts();
  if (!kept.includes(text)) localStorage.setItem(PLACE, JSON.stringify([...kept, text]));
  unread.value = storedTexts();
}
function storedTexts(): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(PLACE) ?? '[]');
    return Array.isArray(kept) ? kept.filter((t) => typeof t === 'string') : [];
  } catch {
    return [];
  }
}

function read<T extends Item>(text: string): T[] {
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

/** A list of entries on this device; other tabs see it too. */
export const storedList = <T extends Item>(key: string): Ref<T[]> =>
  useStorage<T[]>(key, [], undefined, {
    serializer: { read: (text) => read<T>(text), write: JSON.stringify },
  });

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
