/** A form that is checked and then sent: once at a time, and what went wrong is said in a sentence. */
import type { FormInstance } from 'element-plus';
import { ref, useTemplateRef } from 'vue';
import { sentenceOf } from '../app/api.ts';

/** The form of the component carries `ref="formRef"`. */
export function useSendForm() {
  const formRef = useTemplateRef<FormInstance>('formRef');
  const busy = ref(false);
  const trouble = ref('');
  async function send(work: () => Promise<void>): Promise<void> {
    trouble.value = '';
    if (busy.value || !(await formRef.value?.validate().catch(() => false))) return;
    busy.value = true;
    try {
      await work();
    } catch (error) {
      trouble.value = sentenceOf(error);
    } finally {
      busy.value = false;
    }
  }
  return { busy, trouble, send };
}
