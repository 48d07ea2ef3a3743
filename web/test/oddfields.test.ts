/** What was typed and cannot be read is kept in its field: over leaving the page, opening another job and closing the tab. */
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import { keptTexts } from '../src/app/device/drafts.ts';
import { openOddFields, useOddFields } from '../src/app/oddfields.ts';
import SaveState from '../src/frame/SaveState.vue';
import MeasureInput from '../src/shared/MeasureInput.vue';
import { keepOddTexts } from '../src/shared/oddtext.ts';
import { until } from './device.ts';
import { openDemo, type OpenDemo } from './openjob.ts';
import { leaveStandIns, plain } from './support.ts';

let at: OpenDemo;
const figure = ref<number>();
/** A page of a document with one field. */
const Page = defineComponent(() => {
  keepOddTexts();
  return () =>
    h(MeasureInput, {
      quantity: 'length',
      label: 'Side 3, length',
      above: 0,
      modelValue: figure.value,
      'onUpdate:modelValue': (v: number | undefined) => (figure.value = v),
    });
});
beforeEach(async () => {
  figure.value = 5;
  at = await openDemo('/jobs/demo/survey?zone=hall');
  // The frame stays while pages come and go.
  at.show(SaveState);
});
afterEach(leaveStandIns);

type Shown = ReturnType<OpenDemo['show']>;
const typed = (page: Shown): string => page.get('input').element.value;
async function type(page: Shown, text: string): Promise<void> {
  await page.get('input').setValue(text);
  await page.get('input').trigger('change');
  await at.wait(1);
}

describe('a field of a document', () => {
  it('has it again when the page is left and opened again, and the figure before it counts', async () => {
    const first = at.show(Page);
    await type(first, 'twelve');
    first.unmount();
    const again = at.show(Page);
    await nextTick();
    expect(typed(again)).toBe('twelve');
    expect(plain(again.get('[role=alert]').text())).toMatch(/^Side 3, length: “twelve” is not a number/);
    expect(figure.value).toBe(5);
    await type(again, '6');
    expect(figure.value).toBe(6);
    again.unmount();
    expect(typed(at.show(Page))).toBe('6');
    expect(useOddFields().fields.value).toEqual([]);
  });

  it('has it again after the tab was closed, and no other job or zone has it', async () => {
    await type(at.show(Page), 'twelve');
    const place = 'fields/demo/';
    await until(async () => (await keptTexts(place)).size > 0);
    vi.resetModules();
    // Another tab, which was opened just now.
    const fresh = await import('../src/app/oddfields.ts');
    await fresh.openOddFields('another');
    expect(fresh.useOddFields().fields.value).toEqual([]);
    await fresh.openOddFields('demo');
    expect(fresh.useOddFields().fields.value).toMatchObject([
      { label: 'Side 3, length', page: '/jobs/demo/survey?zone=hall', text: 'twelve' },
    ]);
    await at.router.push('/jobs/demo/survey?zone=terrace');
    expect(typed(at.show(Page))).toBe('5');
  });

  it('two tabs keep theirs beside one another, and one that was put right is gone', async () => {
    await type(at.show(Page), 'twelve');
    vi.resetModules();
    const other = await import('../src/app/oddfields.ts');
    await other.openOddFields('demo');
    const field = { label: 'Side 4, length', page: '/jobs/demo/survey?zone=hall', text: 'x', says: 'No.' };
    other.useOddFields().set(field);
    const texts = async (many: number): Promise<string[]> => {
      await until(async () => (await keptTexts('fields/demo/')).size === many);
      return [...(await keptTexts('fields/demo/')).values()].map(
        (t) => (JSON.parse(t) as { text: string }).text,
      );
    };
    expect((await texts(2)).sort()).toEqual(['twelve', 'x']);
    other.useOddFields().drop(field);
    expect(await texts(1)).toEqual(['twelve']);
  });

  it('that stands for another zone the next moment shows that zone’s figure', async () => {
    const page = at.show(Page);
    await type(page, 'twelve');
    figure.value = 7;
    await at.router.push('/jobs/demo/survey?zone=terrace');
    await at.wait(1);
    expect(typed(page)).toBe('7');
    figure.value = 5;
    await at.router.push('/jobs/demo/survey?zone=hall');
    await at.wait(1);
    expect(typed(page)).toBe('twelve');
  });

  it('is counted in the head, with a way to it', async () => {
    const page = at.show(Page);
    await type(page, 'twelve');
    await at.router.push('/jobs/demo/record');
    const head = at.show(SaveState);
    expect(plain(head.text())).toContain('1 field cannot be read: Side 3, length.');
    document.body.append(page.element);
    await head
      .findAll('button')
      .find((b) => b.text() === 'Go to the field')!
      .trigger('click');
    await at.wait(10);
    expect(at.router.currentRoute.value.fullPath).toBe('/jobs/demo/survey?zone=hall');
    expect(document.activeElement?.getAttribute('aria-label')).toBe('Side 3, length');
    page.element.remove();
  });

  it('that is not there any more can be let go', async () => {
    await type(at.show(Page), 'twelve');
    const head = at.show(SaveState);
    const press = (words: RegExp) =>
      head
        .findAll('button')
        .find((b) => words.test(b.text()))!
        .trigger('click');
    await press(/^Go to the field/);
    await at.wait(3000);
    await press(/let it go$/);
    expect(useOddFields().fields.value).toEqual([]);
    await openOddFields('demo');
    expect(useOddFields().fields.value).toEqual([]);
  });

  it('outside a document keeps nothing', async () => {
    const bare = at.show(MeasureInput, { quantity: 'length', label: 'Bench, length', modelValue: 5 });
    await type(bare, 'twelve');
    expect(typed(bare)).toBe('twelve');
    expect(useOddFields().fields.value).toEqual([]);
  });
});
