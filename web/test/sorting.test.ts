import { mount } from '@vue/test-utils';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import SortHead from '../src/shared/SortHead.vue';
import { inOrder, type Sorting } from '../src/shared/sorting.ts';

const of = { n: (r: { n: number; s: string }) => r.n, s: (r: { n: number; s: string }) => r.s };

describe('rows in order', () => {
  it('stand as asked, none lost, those alike as they were', () => {
    const some = fc.array(fc.record({ n: fc.integer({ min: 0, max: 4 }), s: fc.string({ maxLength: 3 }) }));
    fc.assert(
      fc.property(some, fc.boolean(), (rows, falling) => {
        const sorted = inOrder(rows, { by: 'n', falling }, of);
        expect(new Set(sorted)).toEqual(new Set(rows));
        for (const [i, row] of sorted.entries()) {
          const next = sorted[i + 1];
          if (!next) continue;
          if (row.n === next.n) expect(rows.indexOf(row)).toBeLessThan(rows.indexOf(next));
          else expect(row.n > next.n).toBe(falling);
        }
      }),
    );
  });
  it('words are put in order whatever their capitals; nothing asked is nothing moved', () => {
    const rows = ['b', 'A', 'c'].map((s) => ({ n: 0, s }));
    expect(inOrder(rows, { by: 's', falling: false }, of).map((r) => r.s)).toEqual(['A', 'b', 'c']);
    expect(inOrder(rows, undefined, of)).toBe(rows);
  });
});

it('a head turns from rising to falling to none, and says which', async () => {
  const w = mount(SortHead, {
    props: {
      column: 'n',
      name: 'Laid',
      modelValue: undefined as Sorting<string> | undefined,
      'onUpdate:modelValue': (modelValue: unknown): void => void w.setProps({ modelValue } as never),
    },
  });
  const said: (string | undefined)[] = [];
  for (let i = 0; i < 3; i += 1) {
    await w.get('button').trigger('click');
    said.push(w.get('th').attributes('aria-sort'));
  }
  expect(said).toEqual(['ascending', 'descending', undefined]);
  expect(w.get('button').text()).toContain('Laid: put in order');
});
