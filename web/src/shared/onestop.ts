/**
 * A row of figures is one stop of the Tab key; the arrow keys go from one figure to the next. Each opens to its working,
 * and a page may hold a hundred of them.
 */
import { inject, provide, shallowRef, type InjectionKey, type ShallowRef } from 'vue';

interface OneStop {
  /** The one that the Tab key comes to. */
  readonly at: ShallowRef<symbol | undefined>;
  readonly all: Map<symbol, () => HTMLElement | null>;
}
const KEY: InjectionKey<OneStop> = Symbol('one stop');

/** What is shown inside counts as one row. */
export function provideOneStop(): void {
  provide(KEY, { at: shallowRef(), all: new Map() });
}

const BEFORE: readonly string[] = ['ArrowLeft', 'ArrowUp'];
const AFTER: readonly string[] = ['ArrowRight', 'ArrowDown'];

/** @returns what a figure binds; nothing where it stands by itself */
export function useOneStop(element: () => HTMLElement | null) {
  const stop = inject(KEY, undefined);
  const me = Symbol('figure');
  if (!stop) return undefined;
  stop.all.set(me, element);
  stop.at.value ??= me;
  function move(event: KeyboardEvent): void {
    const by = BEFORE.includes(event.key) ? -1 : AFTER.includes(event.key) ? 1 : 0;
    if (by === 0 || !stop) return;
    const there = [...stop.all]
      .flatMap(([key, of]) => {
        const el = of();
        return el ? [{ key, el }] : [];
      })
      .sort((a, b) => (a.el.compareDocumentPosition(b.el) & Node.DOCUMENT_POSITION_FOLLOWING ? -1 : 1));
    const next = there[there.findIndex((x) => x.key === me) + by];
    if (!next) return;
    event.preventDefault();
    stop.at.value = next.key;
    next.el.focus();
  }
  return {
    isStop: (): boolean => stop.at.value === me,
    take: (): void => void (stop.at.value = me),
    move,
    leave: (): void => {
      stop.all.delete(me);
      if (stop.at.value === me) stop.at.value = [...stop.all.keys()][0];
    },
  };
}
