import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { ElInput } from 'element-plus';
import { usePreferences } from '../src/app/preferences.ts';
import MeasureInput from '../src/shared/MeasureInput.vue';

beforeEach(() => {
  localStorage.clear();
  setActivePinia(createPinia());
});

const field = (modelValue: number | undefined) =>
  mount(MeasureInput, {
    props: { quantity: 'length', label: 'Side 1, length', above: 0, modelValue },
    global: { components: { ElInput } },
  });

async function type(wrapper: ReturnType<typeof field>, text: string): Promise<void> {
  const input = wrapper.get('input');
  await input.setValue(text);
  await input.trigger('change');
  await nextTick();
}

describe('a measuring field', () => {
  it('takes either system and gives metres', async () => {
    const w = field(5);
    await type(w, `12' 6"`);
    expect(w.emitted('update:modelValue')?.at(-1)).toEqual([3.81]);
  });
  it('keeps what could not be read on screen, says one sentence, and gives nothing', async () => {
    const w = field(5);
    await type(w, 'zwölf');
    expect(w.emitted('update:modelValue')).toBe(undefined);
    expect(w.get('[role=alert]').text()).toBe(
      'Side 1, length: “zwölf” is not a number with a unit; expected more than 0 m, such as 4.20 m or 13 ft 9 in.',
    );
    expect(w.get('input').element.value).toBe('zwölf');
    expect(w.get('input').attributes('aria-invalid')).toBe('true');
  });
  it('leaving it untouched does not replace the figure by its rounded picture', async () => {
    const w = field(1 / 3);
    await type(w, '0.333');
    expect(w.emitted('update:modelValue')).toBe(undefined);
  });
  it('shows the other system when the units are switched', async () => {
    const w = field(3.048);
    usePreferences().units = 'us';
    await nextTick();
    await nextTick();
    expect(w.get('input').element.value).toBe(`10'`);
  });

  it('keeps what is half typed when the ways of writing come anew, and takes it then', async () => {
    const w = field(undefined);
    const typed = w.get('input');
    typed.element.value = '4.2';
    await typed.trigger('input');
    usePreferences().units = 'us';
    await nextTick();
    await nextTick();
    expect(typed.element.value).toBe('4.2');
    typed.element.value = '4.2 m';
    await typed.trigger('input');
    await typed.trigger('change');
    expect(w.emitted('update:modelValue')?.at(-1)).toEqual([4.2]);
  });

  it('shows feet and inches as on a tape, and leaves the figure alone when nothing was typed', async () => {
    usePreferences().units = 'us';
    const w = field(4.2);
    expect(w.get('input').element.value).toBe(`13' 9 3/8"`);
    await w.get('input').trigger('change');
    expect(w.emitted('update:modelValue')).toBeUndefined();
    await w.get('input').setValue('3 m 20');
    await w.get('input').trigger('change');
    expect(w.emitted('update:modelValue')).toEqual([[3.2]]);
  });
});
