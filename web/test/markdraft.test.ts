/** Drawing on a picture: marks are put down, moved by their ends, named and taken away. */
import { describe, expect, it } from 'vitest';
import { ref, shallowRef } from 'vue';
import type { PictureMark } from '@lentum/core/record';
import { useMarkDraft } from '../src/shared/pictures/markdraft.ts';

const SHA = 'a'.repeat(64);
function drawing(...before: PictureMark[]) {
  const marks = shallowRef<readonly PictureMark[]>(before);
  return { marks, draft: useMarkDraft(marks, ref(SHA), ref(0.75)) };
}
const drag = (draft: ReturnType<typeof useMarkDraft>, from: [number, number], ...to: [number, number][]) => {
  draft.down(from);
  for (const spot of to) draft.move(spot);
  draft.up();
};
const key = (name: string) => new KeyboardEvent('keydown', { key: name });

describe('drawing on a picture', () => {
  it('puts down what the tool draws, from where the pointer goes down to where it goes up', () => {
    const { marks, draft } = drawing();
    drag(draft, [0.1, 0.2], [0.3, 0.3], [0.6, 0.5]);
    draft.tool.value = 'length';
    drag(draft, [0.2, 0.7], [0.8, 0.7]);
    expect(marks.value).toEqual([
      { picture: SHA, shape: 'arrow', from: [0.1, 0.2], to: [0.6, 0.5] },
      { picture: SHA, shape: 'length', from: [0.2, 0.7], to: [0.8, 0.7] },
    ]);
  });
  it('draws nothing by a tap, nothing outside the picture, and nothing once the pointer is up', () => {
    const { marks, draft } = drawing();
    drag(draft, [0.5, 0.5], [0.505, 0.5]);
    expect(marks.value).toEqual([]);
    drag(draft, [0.5, 0.5], [1.4, 2]);
    draft.move([0, 0]);
    expect(marks.value.map((m) => m.to)).toEqual([[1, 0.75]]);
  });
  it('moves an end that is there, by pointer or by arrow keys', () => {
    const { marks, draft } = drawing();
    const i = draft.addInMiddle();
    draft.down([0.6, 0.375], { i, end: 'to' });
    draft.move([0.9, 0.1]);
    draft.up();
    expect(draft.key(key('ArrowLeft'), i, 'from')).toBe(true);
    expect(draft.key(key('a'), i, 'from')).toBe(false);
    expect(marks.value[0]).toMatchObject({ from: [0.39, 0.375], to: [0.9, 0.1] });
  });
  it('holds only what is said, and leaves marks of other pictures alone', () => {
    const other: PictureMark = { picture: 'b'.repeat(64), shape: 'arrow', from: [0, 0], to: [1, 0] };
    const { marks, draft } = drawing(other);
    const i = draft.addInMiddle();
    draft.say(i, 'says', 'bare spot');
    draft.say(i, 'knownMm', 300);
    draft.say(i, 'says', '');
    expect(marks.value[i]).toEqual({
      ...{ picture: SHA, shape: 'arrow', from: [0.4, 0.375], to: [0.6, 0.375] },
      knownMm: 300,
    });
    expect(draft.own.value.map((o) => o.i)).toEqual([i]);
    draft.remove(i);
    expect(marks.value).toEqual([other]);
  });
});
