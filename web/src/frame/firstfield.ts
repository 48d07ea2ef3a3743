/** What opens over the page is typed into at once: its first field has the focus, where a keyboard is at hand. */
import { useEventListener } from '@vueuse/core';
import { useHasKeyboard } from '../shared/narrow.ts';

/** Fields that are typed into; lists and dates open by themselves when they are wanted. */
const FIELDS = 'input.el-input__inner:not([type="radio"], [readonly], :disabled), textarea:not(:disabled)';
const OTHERS = '.el-select, .el-date-editor';

export function useFirstField(): void {
  const hasKeyboard = useHasKeyboard();
  useEventListener(document, 'focusin', ({ target }) => {
    if (!hasKeyboard.value || !(target instanceof HTMLElement) || target.getAttribute('role') !== 'dialog')
      return;
    const first = target.querySelector<HTMLElement>(FIELDS);
    if (first && !first.closest(OTHERS)) first.focus();
  });
}
