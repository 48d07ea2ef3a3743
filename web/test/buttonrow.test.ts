import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { vButtonRow } from '../src/shared/buttonrow.ts';

const row = (names: readonly string[], pressed = '') =>
  mount(
    {
      directives: { buttonRow: vButtonRow },
      props: {
        names: { type: Array as unknown as () => readonly string[], required: true },
        pressed: { type: String, default: '' },
      },
      template: `<div v-button-row><button v-for="n in names" :key="n" :aria-pressed="n === pressed">{{ n }}</button></div>`,
    },
    { props: { names, pressed }, attachTo: document.body },
  );
const stops = (w: ReturnType<typeof row>): string[] =>
  w
    .findAll('button')
    .filter((b) => b.element.tabIndex === 0)
    .map((b) => b.text());

describe('a row of buttons', () => {
  it('is one stop: the one that is pressed, else the first', () => {
    expect(stops(row(['a', 'b', 'c']))).toEqual(['a']);
    expect(stops(row(['a', 'b', 'c'], 'b'))).toEqual(['b']);
  });
  it('the arrow keys go along it and stop at its ends; the stop stays where one was last', async () => {
    const w = row(['a', 'b', 'c']);
    const [a, , c] = w.findAll('button');
    a!.element.focus();
    await a!.trigger('keydown', { key: 'ArrowRight' });
    expect(document.activeElement?.textContent).toBe('b');
    await w.findAll('button')[1]!.trigger('keydown', { key: 'ArrowDown' });
    await c!.trigger('keydown', { key: 'ArrowRight' });
    expect(document.activeElement?.textContent).toBe('c');
    expect(stops(w)).toEqual(['c']);
    await w.setProps({ names: ['a', 'b', 'c', 'd'] });
    await nextTick();
    expect(stops(w)).toEqual(['c']);
    await c!.trigger('keydown', { key: 'ArrowLeft' });
    expect(stops(w)).toEqual(['b']);
  });
  it('has a stop again when the one it had is gone', async () => {
    const w = row(['a', 'b']);
    w.findAll('button')[1]!.element.focus();
    await w.setProps({ names: ['a'] });
    expect(stops(w)).toEqual(['a']);
  });
});
