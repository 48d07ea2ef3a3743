/** What is tapped or typed is signed and sent; what is typed while it is on its way stays. */
import { ElMessage } from 'element-plus';
import { onScopeDispose, ref } from 'vue';
import { sentenceOf } from '../app/api.ts';
import { useJob } from '../app/job.ts';
import { usePreferences } from '../app/preferences.ts';
import { askWho } from './who.ts';

const say = (message: string): unknown =>
  ElMessage({ message, type: 'error', duration: 8000, showClose: true });

/** Taps: each is signed and sent by itself, and what is not accepted is said. */
export function useTapping(): (work: () => Promise<unknown>) => Promise<void> {
  const preferences = usePreferences();
  return async (work) => {
    if (!(await askWho(preferences))) return;
    try {
      await work();
    } catch (error) {
      say(sentenceOf(error));
    }
  };
}

/**
 * A form: one sending at a time. It is done with when what was sent has arrived and it still says the same.
 * Where the form has gone before the answer came, an entry that is not accepted is set aside.
 * @param typed what the form says
 * @param done closes or empties the form
 */
export function useSending(typed: () => unknown = () => '', done: () => void = () => undefined) {
  const job = useJob();
  const preferences = usePreferences();
  const saving = ref(false);
  const trouble = ref<string[]>([]);
  let gone = false;
  onScopeDispose(() => (gone = true));

  async function send(work: () => Promise<unknown>): Promise<void> {
    if (saving.value || !(await askWho(preferences))) return;
    const sent = JSON.stringify(typed());
    saving.value = true;
    trouble.value = [];
    try {
      await work();
      if (JSON.stringify(typed()) === sent) done();
    } catch (error) {
      trouble.value = [sentenceOf(error)];
      if (gone && !(await job.outbox.setAside(error).catch(() => false))) say(sentenceOf(error));
    } finally {
      saving.value = false;
    }
  }
  return { saving, trouble, send };
}
