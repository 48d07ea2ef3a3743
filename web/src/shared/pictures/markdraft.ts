/** Marks of one picture while they are drawn: put down, moved by their ends, named, taken away. */
import { computed, ref, type Ref } from 'vue';
import { markLength, type PictureMark } from '@lentum/core/record';

export type MarkTool = PictureMark['shape'];
export type End = 'from' | 'to';
type Spot = [number, number];

/** Ends that lie nearer are one tap, which draws nothing. */
const LEAST = 0.02;
/** A step of the arrow keys, in widths of the picture. */
const STEP = 0.01;
const STEPS: Readonly<Record<string, Spot>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/**
 * @param all marks of the entry, of this picture and of others
 * @param ratio height of the picture by its width
 */
export function useMarkDraft(all: Ref<readonly PictureMark[]>, picture: Ref<string>, ratio: Ref<number>) {
  const tool = ref<MarkTool>('arrow');
  /** What a pointer holds: a mark by its place in the list, and which end. */
  const held = ref<{ readonly i: number; readonly end: End }>();
  const own = computed(() =>
    all.value.map((m, i) => ({ m, i })).filter(({ m }) => m.picture === picture.value),
  );

  const inside = ([x, y]: Spot): Spot => [
    Math.round(Math.max(0, Math.min(1, x)) * 1e4) / 1e4,
    Math.round(Math.max(0, Math.min(ratio.value, y)) * 1e4) / 1e4,
  ];
  function change(i: number, part: Partial<PictureMark>): void {
    all.value = all.value.map((m, k) => (k === i ? { ...m, ...part } : m));
  }
  const put = (i: number, end: End, spot: Spot): void => change(i, { [end]: inside(spot) });
  function add(from: Spot, to: Spot): number {
    all.value = [
      ...all.value,
      { picture: picture.value, shape: tool.value, from: inside(from), to: inside(to) },
    ];
    return all.value.length - 1;
  }
  const remove = (i: number): void => {
    all.value = all.value.filter((_, k) => k !== i);
  };
  /** Without what was emptied: a mark holds only what it says. */
  function say(i: number, key: 'says' | 'knownMm', value: string | number | undefined): void {
    const mark = all.value[i];
    if (!mark) return;
    const { [key]: _, ...rest } = mark;
    const empty = value === undefined || value === '';
    all.value = all.value.map((m, k) => (k === i ? { ...rest, ...(empty ? {} : { [key]: value }) } : m));
  }

  return {
    tool,
    own,
    remove,
    say,
    /** A pointer goes down on an end that is there, or beside them all: a new mark begins. */
    down(spot: Spot, on?: { readonly i: number; readonly end: End }): void {
      held.value = on ?? { i: add(spot, spot), end: 'to' };
    },
    move(spot: Spot): void {
      if (held.value) put(held.value.i, held.value.end, spot);
    },
    up(): void {
      const mark = held.value && all.value[held.value.i];
      if (held.value && mark && markLength(mark) < LEAST) remove(held.value.i);
      held.value = undefined;
    },
    /** By keys: one in the middle, whose ends are moved by the arrow keys. */
    addInMiddle: (): number => add([0.4, ratio.value / 2], [0.6, ratio.value / 2]),
    /** @returns whether the key moved it */
    key(e: KeyboardEvent, i: number, end: End): boolean {
      const [step, mark] = [STEPS[e.key], all.value[i]];
      if (!step || !mark) return false;
      put(i, end, [mark[end][0] + step[0], mark[end][1] + step[1]]);
      return true;
    },
  };
}
