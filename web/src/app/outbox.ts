/** Entries on their way: kept on this device until the server has stored them, in the order in which they were made. */
import { useStorage } from '@vueuse/core';
import { computed, ref, type Ref } from 'vue';
import type { Entry, StoredEntry } from '@lentum/core/record';
import { ApiProblem, call, Offline, sentenceOf } from './api.ts';

const RETRY_MS = 4000;

export function useOutbox(jobId: Ref<string>, stored: (entry: StoredEntry) => void) {
  const waiting = useStorage<{ jobId: string; entry: Entry }[]>('lentum.outbox', []);
  const refusal = ref('');
  let running = false;

  /** Sends what waits; an entry that the server refuses is taken out and the reason is said. */
  async function flush(): Promise<void> {
    if (running) return;
    running = true;
    try {
      while (waiting.value[0]) {
        const { jobId: id, entry } = waiting.value[0];
        try {
          const { body } = await call<StoredEntry>('PUT', `/jobs/${id}/record/${entry.id}`, { body: entry });
          waiting.value = waiting.value.slice(1);
          if (id === jobId.value) stored(body);
        } catch (error) {
          if (error instanceof Offline || (error instanceof ApiProblem && error.status >= 500)) {
            setTimeout(() => void flush(), RETRY_MS);
            return;
          }
          waiting.value = waiting.value.slice(1);
          refusal.value = sentenceOf(error);
          throw error;
        }
      }
    } finally {
      running = false;
    }
  }

  /** Keeps an entry and sends it. Resolves when it is stored, or kept for later; rejects when it is refused. */
  async function send(entry: Entry): Promise<void> {
    refusal.value = '';
    waiting.value = [...waiting.value, { jobId: jobId.value, entry }];
    await flush();
  }

  return {
    send,
    flush,
    refusal,
    waiting: computed(() => waiting.value.filter((w) => w.jobId === jobId.value)),
  };
}
