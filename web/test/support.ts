/** Components mounted as the application mounts them, with an empty store and no server. */
import { mount, RouterLinkStub } from '@vue/test-utils';
import {
  ElButton,
  ElCheckbox,
  ElCheckboxGroup,
  ElDropdown,
  ElDropdownItem,
  ElDropdownMenu,
  ElInput,
  ElPopconfirm,
  ElSelect,
} from 'element-plus';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import type { Component } from 'vue';
import type { Entry } from '@lentum/core/record';
import { at, BAY_ID, polyurethane, statusOf as statusUnder } from '../../core/test/support/bay.ts';

export { coats, NOW, polyurethane, reading, step } from '../../core/test/support/bay.ts';

export function prepareStore(): void {
  localStorage.clear();
  setActivePinia(createPinia());
}

export const show = (component: Component, options: { props?: Record<string, unknown> } = {}) =>
  mount(component, {
    ...options,
    global: {
      components: {
        ElButton,
        ElCheckbox,
        ElCheckboxGroup,
        ElDropdown,
        ElDropdownItem,
        ElDropdownMenu,
        ElInput,
        ElPopconfirm,
        ElSelect,
        RouterLink: RouterLinkStub,
      },
      stubs: { ElTooltip: { inheritAttrs: false, template: '<slot />' }, PickList: true },
    },
  } as never);

export const statusOf = (...entries: Partial<Entry>[]) => statusUnder('H1', ...entries);

export const coat = (finished: number, lastWetMm: number[]): Partial<Entry> =>
  ({
    kind: 'coat',
    bayId: BAY_ID,
    buildUpId: polyurethane.id,
    revision: 1,
    layerId: 'first',
    startedAt: at(finished - 1),
    finishedAt: at(finished),
    containers: [{ containerId: 'pail-25', opened: 1, batch: 'F-1' }],
    leftOver: { basis: 'mass', value: 6 },
    gauge: 'deep',
    lastWetMm,
    note: '',
  }) as Partial<Entry>;

/** Text as it is read: any run of blanks is one. */
export const plain = (text: string): string => text.replace(/[\s\u00a0\u202f]+/g, ' ').trim();

/** Types into a measuring field and leaves it. */
export async function type(w: ReturnType<typeof show>, label: string, text: string): Promise<void> {
  const input = w.get(`input[aria-label="${label}"]`);
  await input.setValue(text);
  await input.trigger('change');
}

/** Clocks go on, and the server is the real one again. */
export function leaveStandIns(): void {
  vi.useRealTimers();
  vi.unstubAllGlobals();
}
