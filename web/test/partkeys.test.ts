import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { actKeys } from '../src/app/actkeys.ts';
import { isField } from '../src/frame/keys.ts';
import { usePartKeys } from '../src/shared/partkeys.ts';

describe('the parts of a page', () => {
  it('turn by their keys, round the end, while the page is shown', () => {
    let chosen = 'a';
    const page = mount({
      setup: () =>
        usePartKeys(
          () => [
            ['a', 'A'],
            ['b', 'B'],
            ['c', 'C'],
          ],
          () => chosen,
          (key) => (chosen = key),
        ),
      render: () => null,
    });
    const press = (key: string): string => {
      actKeys.findLast((a) => a.key === key)?.run();
      return chosen;
    };
    expect([press('p'), press('p'), press('p'), press('P')]).toEqual(['b', 'c', 'a', 'c']);
    page.unmount();
    expect(press('p')).toBe('c');
  });
});

it('what is typed into keeps its keys; a choice that is ticked does not', () => {
  const made = (tag: string, type = ''): HTMLElement => {
    const element = document.createElement(tag);
    if (type !== '') element.setAttribute('type', type);
    return element;
  };
  expect([made('input'), made('input', 'date'), made('textarea'), made('select')].every(isField)).toBe(true);
  expect([made('input', 'radio'), made('input', 'checkbox'), made('button')].some(isField)).toBe(false);
});
