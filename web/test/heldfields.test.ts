/** Fields of a page that is only read are off; what only shows something is not. */
import './device.ts';
import { mount } from '@vue/test-utils';
import { ElButton, ElCheckbox, ElInput } from 'element-plus';
import { expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import HeldFields from '../src/shared/HeldFields.vue';
import HeldPage from '../src/shared/HeldPage.vue';
import { offWhere } from '../src/shared/heldpage.ts';
import TextInput from '../src/shared/TextInput.vue';

const fields = defineComponent({
  render: () => [
    h(ElInput, { modelValue: 'a', 'aria-label': 'name' }),
    h(ElCheckbox, { modelValue: true }),
    h(ElButton, { id: 'adds' }, () => 'Add'),
    h(ElButton, { id: 'full', ...offWhere(true) }, () => 'Add more'),
    h(ElButton, { id: 'shows', disabled: false }, () => 'Show them'),
    h(TextInput, { modelValue: 'b', label: 'note' }),
  ],
});
const page = (held: boolean, within?: boolean) => {
  const made = mount(HeldPage, {
    props: { held },
    global: { components: { ElInput } },
    slots: { default: () => h(HeldFields, within === undefined ? {} : { held: within }, () => h(fields)) },
  });
  const off = (at: string): boolean => made.find(at).attributes('disabled') !== undefined;
  return {
    off: ['input[aria-label="name"]', 'input[type="checkbox"]', '#adds', '#full', '#shows'].map(off),
    readOnly: made.find('input[aria-label="note"]').attributes('readonly') !== undefined,
  };
};

it('are off on a page that is only read, but for what shows something', () => {
  expect(page(true)).toEqual({ off: [true, true, true, true, false], readOnly: true });
});
it('are on where the page may be changed, but for what is off by itself', () => {
  expect(page(false)).toEqual({ off: [false, false, false, true, false], readOnly: false });
});
it('go by a rule of their own where they have one', () => {
  expect(page(true, false)).toEqual({ off: [false, false, false, true, false], readOnly: false });
  expect(page(false, true)).toEqual({ off: [true, true, true, true, false], readOnly: true });
});
