/** A form that is checked and then sent: once at a time, and what went wrong is said in a sentence. */
import type { FormInstance } from 'element-plus';
import { useTemplateRef } from 'vue';
import { useAttempt } from '../shared/attempt.ts';

/** The form of the component carries `ref="formRef"`. */
export function useSendForm() {
  const formRef = useTemplateRef<FormInstance>('formRef');
  const { trouble, busy, attempt } = useAttempt();
  async function send(work: () => Promise<void>): Promise<void> {
    trouble.value = '';
    if (busy.value || !(await formRef.value?.validate().catch(() => false))) return;
    await attempt(work);
  }
  return { busy, trouble, send };
}
