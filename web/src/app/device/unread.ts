/** What is kept on the device and cannot be read: it stands in nobody's way, and is kept as it was for somebody to look at. */
import { ref, type Ref } from 'vue';
import type { Waiting } from './store.ts';

const PLACE = 'lentum.unread';

/** An entry with its job, as it waits here. */
export const isItem = (value: unknown): boolean => {
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
/** @throws where nothing more can be kept: then it stays where it was */
export function keepUnread(text: string): void {
  const kept = storedTexts();
  if (!kept.includes(text)) localStorage.setItem(PLACE, JSON.stringify([...kept, text]));
  unread.value = storedTexts();
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
