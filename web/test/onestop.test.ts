/** A row of figures is one stop of the Tab key, and the arrows go along it. */
import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { afterEach, describe, expect, it } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import { given } from '@lentum/core/figures';
import { actKeys, useActKeys } from '../src/app/actkeys.ts';
import FigureText from '../src/shared/FigureText.vue';
import { provideOneStop } from '../src/shared/onestop.ts';

const of = (label: string) => given(label, 1, 'length', 'measured');
afterEach(() => document.body.replaceChildren());

describe('figures in a row', () => {
  const names = ref(['a', 'b', 'c']);
  const Row = defineComponent({
    setup() {
      provideOneStop();
      return () => names.value.map((n) => h(FigureText, { key: n, figure: of(n) }));
    },
  });
  const show = () => {
    names.value = ['a', 'b', 'c'];
    const w = mount(Row, { global: { plugins: [createPinia()] }, attachTo: document.body });
    const stops = () => w.findAll('button').map((b) => b.attributes('tabindex') ?? '0');
    const here = () => document.activeElement?.getAttribute('aria-label')?.slice(0, 1);
    const press = async (key: string): Promise<void> => {
      document.activeElement?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
      await nextTick();
    };
    return { w, stops, here, press };
  };
  it('have one stop, which goes along with the arrows and stays where it was left', async () => {
    const { w, stops, here, press } = show();
    await nextTick();
    expect(stops()).toEqual(['0', '-1', '-1']);
    w.findAll('button')[0]!.element.focus();
    await press('ArrowRight');
    expect([here(), ...stops()]).toEqual(['b', '-1', '0', '-1']);
    await press('ArrowDown');
    await press('ArrowDown');
    expect([here(), ...stops()]).toEqual(['c', '-1', '-1', '0']);
    await press('ArrowUp');
    expect(here()).toBe('b');
    await press('x');
    expect(here()).toBe('b');
    w.unmount();
  });
  it('keep a stop when the figure that had it goes, and one that comes is none', async () => {
    const { w, stops } = show();
    names.value = ['b', 'c', 'd'];
    await nextTick();
    await nextTick();
    expect(stops().filter((s) => s === '0')).toHaveLength(1);
    expect(stops()).toHaveLength(3);
    w.unmount();
  });
  it('a figure by itself is a stop', () => {
    const w = mount(FigureText, { props: { figure: of('a') }, global: { plugins: [createPinia()] } });
    expect(w.get('button').attributes('tabindex')).toBeUndefined();
  });
});

it('keys of a page are there while it is shown', () => {
  const Page = {
    setup() {
      useActKeys([{ key: 'r', what: 'read', run: () => undefined }]);
      return () => null;
    },
  };
  const before = actKeys.length;
  const w = mount(Page);
  expect(actKeys.map((a) => a.key)).toContain('r');
  w.unmount();
  expect(actKeys).toHaveLength(before);
});
