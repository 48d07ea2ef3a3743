/** What is asked of the server from a page: what goes wrong is said in a sentence, until it is tried again. */
import { ref } from 'vue';
import { sentenceOf } from '../app/api.ts';

export function useAttempt() {
  const trouble = ref('');
  const busy = ref(false);
  async function attempt(work: () => Promise<unknown>): Promise<void> {
    trouble.value = '';
    busy.value = true;
    try {
      await work();
    } catch (error) {
      trouble.value = sentenceOf(error);
    } finally {
      busy.value = false;
    }
  }
  return { trouble, busy, attempt };
}
