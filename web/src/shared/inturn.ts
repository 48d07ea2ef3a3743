/** What a page shows of one answer, part after part: each in a task of its own, so that a tap is heard between them. */
import { onScopeDispose, shallowRef, watch, type Ref, type ShallowRef } from 'vue';

/**
 * @param source the answer; what comes while parts of an earlier one are under way takes their place
 * @param parts how many follow each other
 * @returns the answer as each part shows it
 */
export function useInTurn<T>(source: Readonly<Ref<T>>, parts: number): readonly Readonly<ShallowRef<T>>[] {
  const shown = Array.from({ length: parts }, () => shallowRef(source.value)) as ShallowRef<T>[];
  let timer: ReturnType<typeof setTimeout> | undefined;
  function next(at: number): void {
    const part = shown[at];
    if (!part) return;
    part.value = source.value;
    timer = setTimeout(() => next(at + 1));
  }
  watch(source, () => {
    clearTimeout(timer);
    timer = setTimeout(() => next(0));
  });
  onScopeDispose(() => clearTimeout(timer));
  return shown;
}
