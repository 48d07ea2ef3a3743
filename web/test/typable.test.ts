/** A field holds what is typed into it, letter by letter, until it is left. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { pointsZone } from '../../core/test/support/zones.ts';
import TextInput from '../src/shared/TextInput.vue';
import FeatureTable from '../src/survey/FeatureTable.vue';
import ShapePanel from '../src/survey/ShapePanel.vue';
import { prepareStore, show } from './support.ts';

beforeEach(prepareStore);

type Shown = ReturnType<typeof show>;
/** Types as a keyboard does; what the page makes of each letter is seen before the next. */
async function typeIn(page: Shown, label: string, text: string): Promise<HTMLInputElement> {
  const field = page.get(`[aria-label="${label}"]`);
  const { element } = field as unknown as { element: HTMLInputElement };
  element.value = '';
  for (const letter of text) {
    element.value += letter;
    await field.trigger('input');
    await nextTick();
  }
  expect(element.value).toBe(text);
  await field.trigger('change');
  await nextTick();
  return element;
}
const last = <T>(w: Shown, event: string): T => w.emitted(event)!.at(-1)![0] as T;

describe('a text field', () => {
  it('gives what was typed once, when it is left', async () => {
    const field = show(TextInput, { props: { modelValue: '', label: 'Note' } });
    await typeIn(field, 'Note', 'wet');
    expect(field.emitted('update:modelValue')).toEqual([['wet']]);
  });
  it('shows what stands where the page takes it in another form, or not at all', async () => {
    const field = show(TextInput, {
      props: {
        ...{ modelValue: 'T', label: 'Code' },
        'onUpdate:modelValue': (v: string) => v !== '' && field.setProps({ modelValue: v.toUpperCase() }),
      },
    });
    expect((await typeIn(field, 'Code', 'q')).value).toBe('Q');
    expect((await typeIn(field, 'Code', '')).value).toBe('Q');
  });
  it('the code of a zone can be typed: letters, in capitals', async () => {
    const zone = pointsZone([
      [0, 0],
      [5, 0],
      [5, 4],
      [0, 4],
    ]);
    const panel = show(ShapePanel, {
      props: { modelValue: zone, hasBays: false, joinable: [], names: new Map(), side: undefined },
    });
    await typeIn(panel, 'Code', 'q7b');
    expect(zone.code).toBe('QB');
  });
  it('the name or note of a fitting can be typed', async () => {
    const feature = { id: 'f', kind: 'outlet' as const, count: 1, at: { alongM: 1, acrossM: 1 }, sizes: {} };
    const table = show(FeatureTable, {
      props: { modelValue: [{ ...feature, note: '' }], placing: undefined, rims: false },
    });
    const label = table.get('.note input').attributes('aria-label')!;
    await typeIn(table, label, 'by the stair');
    expect(last<{ note: string }[]>(table, 'update:modelValue')[0]!.note).toBe('by the stair');
  });
});

it('no field is bound to what does not follow it: such a field would forget each letter', () => {
  const root = path.join(import.meta.dirname, '../src');
  const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.vue'));
  expect(files.length).toBeGreaterThan(80);
  const bound = files.flatMap((file) =>
    [...readFileSync(path.join(root, file), 'utf8').matchAll(/<el-input\s[^>]*?(?:=>[^>]*?)*>/g)].flatMap(
      ([tag]) =>
        tag.includes(':model-value') && !/update:model-value|@input/.test(tag) ? [`${file}: ${tag}`] : [],
    ),
  );
  expect(bound).toEqual([]);
});
